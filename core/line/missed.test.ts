import { expect, test } from '@jest/globals';
import { conduct, missedTouch } from './index.ts';
import type { LineIron } from './index.ts';

const NOW = Date.UTC(2026, 10, 29, 23, 58);
const ago = (s: number): number => NOW - 1000 * s;

test('a lid that was due long ago is asked about, with the moment that it was due; one that is only late isn’t', () => {
  const cooking = (s: number) => ({ phase: 'cooking' as const, pouredAt: ago(s + 10), closedAt: ago(s) });
  expect(missedTouch(cooking(300), 240, NOW)).toBeNull();
  expect(missedTouch(cooking(539), 240, NOW)).toBeNull();
  expect(missedTouch(cooking(1440), 240, NOW)).toEqual({ act: 'open', dueAt: ago(1200) });
  // A wafer of thirty seconds isn't given up after a minute.
  expect(missedTouch(cooking(200), 30, NOW)).toBeNull();
  expect(missedTouch(cooking(1440), null, NOW)).toBeNull();
});

test('a pour that was never closed is asked about, too; nothing that is over is', () => {
  expect(missedTouch({ phase: 'poured', pouredAt: ago(60), closedAt: null }, 240, NOW)).toBeNull();
  expect(missedTouch({ phase: 'poured', pouredAt: ago(900), closedAt: null }, 240, NOW)).toEqual({ act: 'close', dueAt: ago(890) });
  expect(missedTouch({ phase: 'opened', pouredAt: ago(9000), closedAt: ago(8990) }, 240, NOW)).toBeNull();
  expect(missedTouch({ phase: 'ready', pouredAt: null, closedAt: null }, 240, NOW)).toBeNull();
});

test('two hands, each with acts of its own: a pour waits for no lid of the other’s, but not so that two lids are due at once', () => {
  const iron = (ironId: string, changes: Partial<LineIron>): LineIron => ({
    ironId,
    state: 'hot',
    at: NOW,
    turnAt: null,
    cook_s: 200,
    open_s: 25,
    ...changes,
  });
  const due = iron('b', { state: 'cooking', at: NOW + 3000 });
  const pours = new Set(['pour', 'close'] as const);
  const takes = new Set(['open', 'turn', 'switch-on'] as const);
  // With one pair of hands the pour would wait for the lid.
  expect(conduct([iron('a', {}), due], NOW).next).toMatchObject({ act: 'open', ironId: 'b' });
  expect(conduct([iron('a', {}), due], NOW, { does: pours })).toMatchObject({ next: { act: 'pour', ironId: 'a', at: NOW }, then: null });
  expect(conduct([iron('a', {}), due], NOW, { does: takes })).toMatchObject({
    next: { act: 'open', ironId: 'b', at: NOW + 3000 },
    then: null,
  });
  // Its own lid would be due at 210 s, with another's.
  const other = iron('b', { state: 'cooking', at: NOW + 205_000 });
  expect(conduct([iron('a', {}), other], NOW, { does: pours }).next).toEqual({ act: 'pour', ironId: 'a', at: NOW + 10_000 });
});
