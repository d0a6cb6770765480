import type { Act, ActKind } from './act.ts';

/** Where in the making of a batter a recipe's own words belong; `later`: after it has rested. */
export type Stage = 'crack' | 'melt' | 'dry' | 'wet' | 'foam' | 'together' | 'sieve' | 'fold' | 'rest' | 'later';

const STAGE_OF: Readonly<Partial<Record<ActKind, Stage>>> = {
  melt: 'melt',
  warm: 'melt',
  cool: 'melt',
  'whisk-dry': 'dry',
  sift: 'dry',
  'whisk-wet': 'wet',
  separate: 'crack',
  whip: 'foam',
  combine: 'together',
  stir: 'together',
  fold: 'fold',
  sieve: 'sieve',
  rest: 'rest',
  chill: 'rest',
  ferment: 'rest',
  jugs: 'rest',
  deflate: 'later',
};

/** The making ends where the iron begins. */
const AT_THE_IRON: ReadonlySet<ActKind> = new Set(['pour', 'close', 'cook', 'scatter']);
const RESTS: ReadonlySet<ActKind> = new Set(['rest', 'chill', 'ferment']);
/** Shorter, s, the batter isn't left alone: yeast that wakes, a flax egg that swells. */
const REST_FROM_S = 600;
/** The batter is left alone for long enough to be planned. */
export const isRest = ({ kind, time_s }: Act): boolean =>
  kind === 'chill' || (RESTS.has(kind) && (time_s === undefined || time_s[1] >= REST_FROM_S));
/** Flour that is sifted over a foam comes together with it there. */
const INTO = /\bsi(?:ft|eve)\w* (?:the [\p{L}\s]+ )?(?:in|into|over)\b/iu;

/** An act of the making with its stage. */
export type Made = { readonly act: Act; readonly stage: Stage };

/** What is done up to the iron, in the recipe's own order; what comes after the rest is `later`. */
export const makingOf = (acts: readonly Act[]): readonly Made[] => {
  const end = acts.findIndex(({ kind }) => AT_THE_IRON.has(kind));
  const making = end < 0 ? acts : acts.slice(0, end);
  const rest = making.findLastIndex(isRest);
  return making.flatMap((act, i): Made[] => {
    const stage = STAGE_OF[act.kind];
    if (stage === undefined) return [];
    if (stage !== 'rest' && rest >= 0 && i > rest) return [{ act, stage: 'later' }];
    return [{ act, stage: act.kind === 'sift' && INTO.test(act.words) ? 'together' : stage }];
  });
};
