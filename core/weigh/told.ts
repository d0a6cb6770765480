import { claimsOf } from '../formula/index.ts';

/** Where in the making of a batter a recipe's own words belong. */
export type Stage = 'melt' | 'dry' | 'wet' | 'foam' | 'together' | 'sieve' | 'fold' | 'rest';

/** A recipe's own words for one stage; `seconds`: how long they say, the longer of a span; null: they don't. */
export type Told = { readonly words: string; readonly seconds: number | null };

/** The making ends where the iron begins. */
const COOKS =
  /\b(?:iron|waffle ?maker|plates?|lid|ladle|scoop (?:the|some|about)|pour (?:the )?(?:batter|about|\d|½|¼|¾|some|a)|bake|cook|serve|toast|oven|grease the|dust with|crisp|enjoy|eat)\b/i;

/** The first that fits decides. Words of the trade (*common practice*). */
const STAGES: readonly (readonly [Stage, RegExp])[] = [
  ['fold', /\bfold\b/i],
  ['melt', /\b(?:melt|brown the butter|warm (?:the )?(?:milk|butter)|scald)\b/i],
  [
    'foam',
    /\b(?:whites|peaks?|meringue|froth\w*|ribbon|until (?:pale|fluffy|foamy|tripled|doubled)|over (?:hot|simmering|barely simmering))\b/i,
  ],
  ['sieve', /\b(?:sieve|strain|pass through|(?:sift|push) (?:it|the batter|everything)|muslin)\b/i],
  ['rest', /\b(?:chill|refrigerate|fridge|rest|stand|overnight|rise|prove|proof|leave|cover|let it sit|hydrate)\b/i],
  // What is dry by itself, what is wet by itself; else it all comes together.
  ['dry', /^(?!.*\b(?:milk|eggs?|wet|butter|batter|into|liquid|oil)\b).*\b(?:flour|dry|powder|salt|cornflour|starch)\b/i],
  ['wet', /^(?!.*\b(?:flour|dry|batter|into)\b).*\b(?:eggs?|yolks?|milk|buttermilk|yogurt|wet|oil)\b/i],
  ['together', /\b(?:flour|dry|wet|combine|everything|together|all (?:the )?ingredients|combined|smooth|mixed|batter)\b/i],
];
const WORKS =
  /\b(?:whisk|mix|stir|fold|beat|whip|combine|melt|sift|sieve|strain|rest|chill|refrigerate|cover|let|leave|separate|warm|cool|blend|cream|knead|stand|froth|scald|brown|rub|dissolve|add|pass|push|proof|prove|rise)\b/i;

const sentencesOf = (text: string): string[] => text.split(/(?<=[\p{L}\d)]{2}[.!?;])\s+/u).map((sentence) => sentence.trim());

/** What the recipe's steps say of each stage, in their own order; cooking and serving are left out. */
export const toldBySteps = (steps: readonly string[]): ReadonlyMap<Stage, Told> => {
  const found = new Map<Stage, Told>();
  for (const sentence of steps.flatMap(sentencesOf)) {
    if (COOKS.test(sentence) || !WORKS.test(sentence)) continue;
    const stage = STAGES.find(([, words]) => words.test(sentence))?.[0];
    if (stage === undefined) continue;
    const times = claimsOf([sentence], null).filter(({ kind }) => kind === 'work_s' || kind === 'rest_s' || kind === 'chill_s');
    const seconds = times.length === 0 ? null : times.reduce((total, { high }) => total + high, 0);
    const before = found.get(stage);
    found.set(stage, {
      words: before === undefined ? sentence : `${before.words} ${sentence}`,
      seconds: before?.seconds == null ? seconds : before.seconds + (seconds ?? 0),
    });
  }
  return found;
};

/** Too short or too common to name a thing by. */
const NOT_A_NAME = /^(?:of|the|and|or|g|ml|cup|cups|tbsp|tsp|large|small|fine|whole|plain|white|brown|unsalted|salted|powder)$/;
const wordsOf = (text: string): string[] => (text.toLowerCase().match(/\p{L}{3,}/gu) ?? []).map((word) => word.replace(/(?:es|s)$/, ''));

/**
 * The recipe's own sentence on a thing that goes in: the first before the cooking that names it, by the last word of its name that says what it is.
 *
 * @param names What the thing is called, here and in the recipe.
 * @returns Null: none does.
 */
export const sentenceOn = (steps: readonly string[], names: readonly string[]): string | null => {
  const wanted = names.map((name) => wordsOf(name.split(/[,(]/)[0] ?? '').findLast((word) => !NOT_A_NAME.test(word)));
  const sentences = steps.flatMap(sentencesOf).filter((sentence) => !COOKS.test(sentence));
  return sentences.find((sentence) => wordsOf(sentence).some((word) => wanted.includes(word))) ?? null;
};
