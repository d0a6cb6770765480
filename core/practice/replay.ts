import { seededRandom } from '../basis/index.ts';
import type { Action, IronWithBatter } from '../fit/index.ts';
import { afterLoad, emulate, firstBelief, lands } from '../fit/index.ts';
import { suggest } from '../advise/index.ts';
import type { Hidden } from './hidden.ts';
import type { PracticeResult } from './load.ts';
import { inWords, openedAt, practiceLoad } from './load.ts';

export type ReplayedLoad = { readonly action: Action; readonly result: PracticeResult; readonly lands: boolean };

const MOST_LOADS = 5;

/** What the estimator would have done on this iron, told the same words. Gives way between runs. */
export function* replay(pairing: IronWithBatter, hidden: Hidden, tawny: number, seed: number): Generator<void, readonly ReplayedLoad[]> {
  const e = yield* emulate(pairing);
  const chooser = seededRandom(seed);
  const scatter = seededRandom(seed + 1);
  let belief = firstBelief(chooser);
  const loads: ReplayedLoad[] = [];
  for (let n = 1; n <= MOST_LOADS; n++) {
    const { portion_g, setting_C, open_s } = suggest(e, belief, tawny);
    yield;
    const result = openedAt(practiceLoad(pairing, hidden, { portion_g, setting_C }, n, scatter), open_s);
    yield;
    const landed = lands(result, tawny);
    loads.push({ action: { portion_g, setting_C, open_s }, result, lands: landed });
    if (landed) break;
    belief = afterLoad(e, belief, { portion_g, setting_C, open_s: result.open_s }, inWords(result), chooser).belief;
  }
  return loads;
}
