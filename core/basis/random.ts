/** A seeded source of numbers: the same seed gives the same sequence on every machine. */
export type Random = {
  /** Uniform in [0, 1). */
  next(): number;
  /** Normal with mean 0 and standard deviation 1. */
  normal(): number;
  /** Whole number from 0 to `count` − 1. */
  below(count: number): number;
  pick<T>(items: readonly [T, ...T[]]): T;
};

/** "mulberry32" (public domain, T. Ettinger): 32 bits of state, enough for scatter and demo history. */
export const seededRandom = (seed: number): Random => {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const below = (count: number): number => Math.floor(next() * count);
  return {
    next,
    below,
    // Box–Muller; 1 − u keeps the logarithm finite.
    normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
    pick: (items) => items[below(items.length)] ?? items[0],
  };
};
