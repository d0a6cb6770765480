import type { Act, ActKind } from '../formula/index.ts';

/** Where in the making of a batter a recipe's own words belong; `later`: after it has rested. */
export type Stage = 'crack' | 'melt' | 'dry' | 'wet' | 'foam' | 'together' | 'sieve' | 'fold' | 'rest' | 'later';

/** A recipe's own words for one stage; `seconds`: how long they say, the longer of a span; null: they don't. */
export type Told = { readonly words: string; readonly seconds: number | null };

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
const isRest = ({ kind, time_s }: Act): boolean => RESTS.has(kind) && (time_s === undefined || time_s[1] >= REST_FROM_S);
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

/** Where words go whose own stage this batter hasn't. */
const ELSEWHERE: Readonly<Partial<Record<Stage, Stage>>> = {
  crack: 'together',
  melt: 'together',
  dry: 'together',
  wet: 'together',
  foam: 'together',
  fold: 'together',
};

/** What the recipe says of each stage that this batter has, in its own order, every word once. `has`: the stages of the batter. */
export const toldByActs = (making: readonly Made[], has: ReadonlySet<Stage>): ReadonlyMap<Stage, Told> => {
  const found = new Map<Stage, Told>();
  for (const { act, stage } of making) {
    const at = has.has(stage) ? stage : (ELSEWHERE[stage] ?? stage);
    const before = found.get(at);
    const seconds = act.time_s?.[1] ?? null;
    found.set(at, {
      words: before === undefined ? act.words : `${before.words}${/[.!?]$/.test(before.words) ? '' : '.'} ${act.words}`,
      seconds: before?.seconds == null ? seconds : before.seconds + (seconds ?? 0),
    });
  }
  return found;
};

/** Too short or too common to name a thing by. */
const NOT_A_NAME = /^(?:of|the|and|or|g|ml|cup|cups|tbsp|tsp|large|small|fine|whole|plain|white|brown|unsalted|salted|powder)$/;
const wordsOf = (text: string): string[] => (text.toLowerCase().match(/\p{L}{3,}/gu) ?? []).map((word) => word.replace(/(?:es|s)$/, ''));

/** The word by which a recipe's steps would name a thing: the last of its name that says what it is. */
const nameIn = (name: string): string | undefined => wordsOf(name.split(/[,(]/)[0] ?? '').findLast((word) => !NOT_A_NAME.test(word));

const EXCEPT = /\b(?:except|but)\b.*$/i;
/** Whether a recipe's words name a thing that is called so; what is excepted isn't named. */
export const names = (words: string, called: readonly string[]): boolean => {
  const wanted = called.map(nameIn).filter((word) => word !== undefined);
  return wordsOf(words.replace(EXCEPT, '')).some((word) => wanted.includes(word));
};

/**
 * The recipe's own words on a thing that goes in: the first of its acts before the cooking that names it.
 *
 * @param called What the thing is called, here and in the recipe.
 * @returns Null: none does.
 */
export const sentenceOn = (acts: readonly Act[], called: readonly string[]): string | null =>
  makingOf(acts).find(({ act }) => names(act.words, called))?.act.words ?? null;
