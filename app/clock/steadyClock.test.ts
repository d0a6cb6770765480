import { describe, expect, test } from '@jest/globals';
import { pacedFrom, SteadyClock } from './steadyClock.ts';

const sources = () => {
  const state = { wall: 1_000_000, monotonic: 50 };
  const clock = new SteadyClock({ wall: () => state.wall, monotonic: () => state.monotonic });
  const pass = (ms: number, wallMs = ms): void => {
    state.monotonic += ms;
    state.wall += wallMs;
  };
  return { clock, pass };
};

describe('a clock that can’t be set back', () => {
  test('goes on with the wall clock while that goes on evenly', () => {
    const { clock, pass } = sources();
    pass(60_000);
    expect(clock.now()).toBe(1_060_000);
    expect(clock.takeJump()).toBe(0);
  });

  test.each([3_600_000, -3_600_000, 2_500, -2_001])('a jump of %d ms is noticed once, and taken over', (jump) => {
    const { clock, pass } = sources();
    pass(10_000, 10_000 + jump);
    // Until it is looked at, time goes on as if nothing had happened.
    expect(clock.now()).toBe(1_010_000);
    expect(clock.takeJump()).toBe(jump);
    expect(clock.now()).toBe(1_010_000 + jump);
    expect(clock.takeJump()).toBe(0);
  });

  test('a drift under two seconds is let be', () => {
    const { clock, pass } = sources();
    pass(10_000, 11_900);
    expect(clock.takeJump()).toBe(0);
    expect(clock.now()).toBe(1_010_000);
  });
});

test.each([
  [30, 90_000],
  [1, 3000],
  [0, 0],
])('at a pace of %d three seconds are %d ms, and none of it is a jump', (pace, passed) => {
  const state = { monotonic: 700 };
  const clock = new SteadyClock(pacedFrom(5_000_000, pace, () => state.monotonic));
  state.monotonic += 3000;
  expect(clock.now()).toBe(5_000_000 + passed);
  expect(clock.takeJump()).toBe(0);
});
