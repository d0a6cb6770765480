import { expect, test } from '@jest/globals';
import { ringPlace, ringSlots } from './ClockRing.tsx';

/** In the drawing's own units: places are per cent of 640 × 620. */
const at = (turn: number, slot: number): readonly [number, number] => {
  const { left, top } = ringPlace(turn, slot);
  return [left * 6.4, top * 6.2];
};

test.each([
  ['an easy morning', 12, 2],
  ['four irons, all of them often', 22, 4],
  ['one iron', 9, 1],
])('%s: no piece lies on another or on the plate', (_name, spokes, each) => {
  const turns = Array.from({ length: spokes }, (_, i) => 0.75 + (i * 0.49) / spokes);
  const slots = ringSlots(
    turns.map((turn, i) => ({ turn, count: 1 + (i % each) })),
    1.25,
  );
  const places = slots.flatMap((of, i) => of.map((slot) => at(turns[i] ?? 0, slot)));
  expect(places).toHaveLength(turns.reduce((sum, _, i) => sum + 1 + (i % each), 0));
  const apart = places.flatMap(([x, y], i) => places.slice(0, i).map(([u, v]) => Math.hypot(x - u, y - v)));
  expect(Math.min(...apart, Infinity)).toBeGreaterThanOrEqual(36);
  const plate = [640 / 2 + 172, 620 / 2] as const;
  for (const [x, y] of places) expect(Math.hypot(x - plate[0], y - plate[1])).toBeGreaterThanOrEqual(58);
});

test('the first piece of a spoke alone stands next to the ring', () => {
  expect(ringSlots([{ turn: 0, count: 2 }], 0.5)).toEqual([[0, 1]]);
});
