import { describe, expect, test } from '@jest/globals';
import { place, spanOf, ticks } from './timeWindow.ts';

const MIN = 60_000;
const SERVE = Date.UTC(2026, 5, 1, 7, 15);

describe('the span of a line of time', () => {
  const span = spanOf(SERVE - 40 * MIN, SERVE);

  test('shows the whole run with some air', () => {
    expect(span.from).toBeLessThan(SERVE - 40 * MIN);
    expect(span.to).toBeGreaterThan(SERVE);
    expect(place(span, span.from)).toBe(0);
    expect(place(span, span.to)).toBe(100);
  });

  test('labels are round, inside and few', () => {
    for (const minutes of [12, 40, 95, 300, 1200]) {
      const s = { from: SERVE, to: SERVE + minutes * MIN };
      const list = ticks(s);
      expect(list.length).toBeGreaterThan(1);
      expect(list.length).toBeLessThanOrEqual(9);
      for (const at of list) expect([at >= s.from && at < s.to, at % (5 * MIN)]).toEqual([true, 0]);
    }
  });
});
