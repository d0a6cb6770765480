import { mean } from '../basis/index.ts';
import type { Entry } from './entry.ts';
import { colourMiss } from './entry.ts';

/** Closer than this to what was expected is as expected, steps of colour. */
export const AS_EXPECTED_STEPS = 0.5;
/** On the mean further off than this isn't "a bit" any more, steps. */
const FAR_STEPS = 1.5;

export type LastLoads = {
  readonly ironId: string;
  /** The newest first. */
  readonly entries: readonly Entry[];
  /** Of how many the colour was noted. */
  readonly rated: number;
  readonly verdict: 'dark' | 'pale' | 'expected' | 'mixed' | 'not-rated';
  /** In how many of the rated ones it was as the verdict says. */
  readonly count: number;
  /** The mean is far off, not just a bit. */
  readonly isFar: boolean;
};

const verdictOf = (misses: readonly number[]): Pick<LastLoads, 'verdict' | 'count' | 'isFar'> => {
  const dark = misses.filter((miss) => miss > AS_EXPECTED_STEPS).length;
  const pale = misses.filter((miss) => miss < -AS_EXPECTED_STEPS).length;
  const expected = misses.length - dark - pale;
  const isFar = misses.length > 0 && Math.abs(mean(misses)) > FAR_STEPS;
  if (misses.length === 0) return { verdict: 'not-rated', count: 0, isFar };
  if (2 * dark > misses.length) return { verdict: 'dark', count: dark, isFar };
  if (2 * pale > misses.length) return { verdict: 'pale', count: pale, isFar };
  if (2 * expected > misses.length) return { verdict: 'expected', count: expected, isFar: false };
  return { verdict: 'mixed', count: dark + pale, isFar: false };
};

/**
 * What the last loads of each iron came to, by what most of them did.
 * @param entries loads of any irons, the newest first; those still in the iron are left out
 * @param most so many of each iron are looked at, 1 or more
 * @returns one for each iron that has an opened load, in the order of their newest loads
 */
export const lastLoads = (entries: readonly Entry[], most: number): readonly LastLoads[] => {
  const byIron = new Map<string, Entry[]>();
  for (const entry of entries) {
    if (entry.progress.phase !== 'opened') continue;
    const mine = byIron.get(entry.load.ironId) ?? [];
    if (mine.length < most) byIron.set(entry.load.ironId, [...mine, entry]);
  }
  return [...byIron].map(([ironId, mine]) => {
    const misses = mine.map(colourMiss).filter((miss) => miss !== null);
    return { ironId, entries: mine, rated: misses.length, ...verdictOf(misses) };
  });
};
