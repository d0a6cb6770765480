import { describe, expect, test } from '@jest/globals';
import type { LoadEvent } from '../../../core/log/index.ts';
import { loadProgress } from '../../../core/log/index.ts';
import { withJumps } from './jumps.ts';

const closed: LoadEvent = { seq: 0, at: 1000, kind: 'closed', data: {} };
const jump = { at: 3_605_000, jump_ms: 3_600_000 };

describe('a jump on its way into the log', () => {
  test('counts before it is written, and once only when it is', () => {
    expect(loadProgress(withJumps([closed], [jump])).closedAt).toBe(3_601_000);
    const written: LoadEvent = { seq: 1, at: jump.at, kind: 'corrected', data: { jump_ms: jump.jump_ms } };
    expect(loadProgress(withJumps([closed, written], [jump])).closedAt).toBe(3_601_000);
  });

  test('leaves other logs as they are', () => {
    const log = [closed];
    expect(withJumps(log, [])).toBe(log);
    expect(withJumps([], [jump])).toEqual([]);
  });
});
