import type { Finding } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { Action, Belief, Outcome } from './belief.ts';
import { afterLoad, firstBelief, summary } from './belief.ts';
import type { Emulator, Pairing } from './emulator.ts';
import { emulate } from './emulator.ts';
import type { Suggestion } from './suggest.ts';
import { suggest } from './suggest.ts';

/** A load of this iron that is over, with the batter that was in it. */
export type History = { readonly loadId: string; readonly batterKey: string; readonly action: Action; readonly outcome: Outcome };

export type DialIn = {
  readonly suggestion: Suggestion;
  readonly believed: ReturnType<typeof summary>;
  /** Before anything was seen. */
  readonly prior: ReturnType<typeof summary>;
  readonly used: number;
  /** By load: what didn't fit. */
  readonly findings: readonly (Finding & { readonly loadId: string })[];
};

const SEED = 20_261;

/**
 * What this iron's loads say of it, and the next one. Loads are taken in their order; an emulator is run for every batter that occurs.
 * Gives way between runs. `pairings`: by batter key; a load whose batter isn't there is left out.
 */
export function* dialIn(
  wanted: { readonly batterKey: string; readonly tawny: number },
  pairings: ReadonlyMap<string, Pairing>,
  history: readonly History[],
): Generator<void, DialIn | null> {
  const emulators = new Map<string, Emulator>();
  const emulatorOf = function* (key: string): Generator<void, Emulator | null> {
    const known = emulators.get(key);
    if (known !== undefined) return known;
    const pairing = pairings.get(key);
    if (pairing === undefined) return null;
    const made = yield* emulate(pairing);
    emulators.set(key, made);
    return made;
  };
  const random = seededRandom(SEED);
  let belief: Belief = firstBelief(random);
  const prior = summary(belief);
  const findings: (Finding & { loadId: string })[] = [];
  let used = 0;
  for (const load of history) {
    const e = yield* emulatorOf(load.batterKey);
    if (e === null) continue;
    const updated = afterLoad(e, belief, load.action, load.outcome, random);
    belief = updated.belief;
    findings.push(...updated.findings.map((finding) => ({ ...finding, loadId: load.loadId })));
    used++;
    yield;
  }
  const e = yield* emulatorOf(wanted.batterKey);
  return e === null ? null : { suggestion: suggest(e, belief, wanted.tawny), believed: summary(belief), prior, used, findings };
}
