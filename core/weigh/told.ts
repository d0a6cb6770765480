import type { Act, Made, Stage } from '../formula/index.ts';
import { makingOf } from '../formula/index.ts';

/** A recipe's own words for one stage; `seconds`: how long they say, the longer of a span; null: they don't. */
export type Told = { readonly words: string; readonly seconds: number | null };

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
