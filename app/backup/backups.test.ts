import { DAY_MS } from '../../core/basis/index.ts';
import { expect, test } from '@jest/globals';
import { backupIn, isBackupDue } from './backups.ts';

const NOW = Date.UTC(2026, 10, 30);

test('what was remembered is read; nonsense is nothing', () => {
  expect(backupIn('{"exportedAt":5,"remindAt":7}')).toEqual({ exportedAt: 5, remindAt: 7 });
  for (const text of [null, '', '[', '"x"', '{"exportedAt":"soon"}', '{"remindAt":null}'])
    expect(backupIn(text)).toEqual({ exportedAt: null, remindAt: 0 });
});

test('many loads or a month are worth a file; nothing new, or asked not to, is not', () => {
  const due = (exportedDays: number | null, since: number, remindIn = 0): boolean =>
    isBackupDue(
      { exportedAt: exportedDays === null ? null : NOW - exportedDays * DAY_MS, remindAt: NOW + remindIn * DAY_MS },
      since,
      NOW - 3 * DAY_MS,
      NOW,
    );
  expect([due(1, 59), due(1, 60), due(29, 5), due(30, 5), due(400, 0), due(30, 500, 1)]).toEqual([false, true, false, true, false, false]);
  // Never exported: from the first load on.
  expect([due(null, 20), due(null, 60), isBackupDue({ exportedAt: null, remindAt: 0 }, 5, NOW - 40 * DAY_MS, NOW)]).toEqual([
    false,
    true,
    true,
  ]);
});
