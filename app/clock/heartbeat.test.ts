import { HOUR_MS } from '../../core/basis/index.ts';
import { describe, expect, test } from '@jest/globals';
import { jumpSince } from './heartbeat.ts';

const last = { wall: 1_800_000_000_000, monotonic: 1_799_999_000_000 };
const after = (wall_ms: number, monotonic_ms: number): number =>
  jumpSince(last, { wall: last.wall + wall_ms, monotonic: last.monotonic + monotonic_ms });

describe('what happened while the page was away', () => {
  test('time went by: nothing', () => {
    for (const ms of [0, 500, HOUR_MS, 24 * HOUR_MS]) expect(after(ms, ms + 900)).toBe(0);
  });

  test('the clock was set, back or forward, while both went on: by how much', () => {
    expect(after(600_000 - HOUR_MS, 600_000)).toBe(-HOUR_MS);
    expect(after(600_000 + HOUR_MS, 600_000)).toBe(HOUR_MS);
  });

  test('the browser began anew: set back is seen as far as it can be, set forward is time that went by', () => {
    expect(after(-HOUR_MS, -5 * HOUR_MS)).toBe(-HOUR_MS);
    expect(after(HOUR_MS, -5 * HOUR_MS)).toBe(0);
  });
});
