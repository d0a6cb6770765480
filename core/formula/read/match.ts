import type { Ingredient } from '../../matter/index.ts';
import { ingredientById, INGREDIENTS } from '../../matter/index.ts';
import { DESCRIPTORS } from './words.ts';

/** "Berries" and "berry", "eggs" and "egg" are the same word. */
const singular = (word: string): string => {
  const lower = word.toLowerCase().replace(/’/g, "'");
  if (lower.length <= 3 || lower.endsWith('ss')) return lower;
  if (lower.endsWith('ies')) return `${lower.slice(0, -3)}y`;
  if (lower.endsWith('oes')) return lower.slice(0, -2);
  return lower.endsWith('s') && !lower.endsWith("'s") ? lower.slice(0, -1) : lower;
};

/** "all-purpose" and "all purpose" are the same words. */
const wordsOf = (text: string): string[] =>
  text
    .split(/[\s-]+/)
    .filter((word) => word !== '')
    .map(singular);

type Name = { readonly ingredient: Ingredient; readonly length: number };

type Names = { readonly byWords: ReadonlyMap<string, Name>; readonly longest: number };

const namesOf = (ingredients: readonly Ingredient[]): Names => {
  const byWords = new Map<string, Name>();
  for (const ingredient of ingredients)
    for (const alias of ingredient.aliases) {
      const words = wordsOf(alias.replace(/,/g, ''));
      const key = words.join(' ');
      if (!byWords.has(key)) byWords.set(key, { ingredient, length: words.length });
    }
  return { byWords, longest: Math.max(0, ...[...byWords.values()].map((name) => name.length)) };
};

const TABLE = namesOf(INGREDIENTS);
/** Names of a cook's own ingredients, worked out once for each list of them. */
const ownNames = new WeakMap<readonly Ingredient[], Names>();
const namesOfOwn = (own: readonly Ingredient[]): Names => {
  const known = ownNames.get(own) ?? namesOf(own);
  ownNames.set(own, known);
  return known;
};

/** Words that mean different things in different markets, and what they may be; the first is taken meanwhile. */
const BY_MARKET: ReadonlyMap<string, readonly string[]> = new Map([
  ['corn flour', ['corn-starch', 'maize-meal']],
  ['cornflour', ['corn-starch', 'maize-meal']],
  ['curd', ['yogurt', 'ricotta']],
  ['potato flour', ['potato-starch', 'potato-flour']],
  ['soft cheese', ['cream-cheese', 'ricotta']],
  ['treacle', ['molasses', 'golden-syrup']],
  ['sweet milk', ['milk', 'condensed-milk']],
  ['fruit salt', ['baking-soda', 'single-acting-powder']],
  ['malt', ['malt-syrup', 'malted-milk-powder']],
]);

export type Match = {
  readonly ingredient: Ingredient;
  /** Words that were not understood and might change what it is. */
  readonly ignored: readonly string[];
  /** Other ingredients the words may mean elsewhere. */
  readonly alternatives: readonly string[];
  /** Index of the first word of the name, to tell "sifted flour" from "flour, sifted". */
  readonly start: number;
};

/** Every word of a name, to mend a slip by. */
const VOCABULARY: readonly string[] = [...new Set([...TABLE.byWords.keys()].flatMap((key) => key.split(' ')))].filter(
  (word) => word.length >= 5,
);
/** Shorter words have too many neighbours. */
const LEAST_MENDED = 5;

/** One letter wrong, missing, too many, or two changed round. */
const isOneSlipAway = (a: string, b: string): boolean => {
  if (a === b || Math.abs(a.length - b.length) > 1) return false;
  let i = 0;
  while (i < a.length && i < b.length && a[i] === b[i]) i++;
  const [restA, restB] = [a.slice(i), b.slice(i)];
  if (restA.length !== restB.length) return restA.length > restB.length ? restA.endsWith(restB) : restB.endsWith(restA);
  // One wrong, or two changed round.
  const turned = `${restA.charAt(1)}${restA.charAt(0)}${restA.slice(2)}`;
  return restA.endsWith(restB.slice(1)) || turned === restB;
};

/** Words of a recipe that are no slip of an ingredient's name. */
const NO_SLIPS: ReadonlySet<string> = new Set(['batter', 'waffle', 'dough', 'plate', 'makes', 'other', 'round', 'white', 'whisk', 'flour']);

/** A word that isn't known, as the only known one that is a slip away. */
const mended = (word: string): string => {
  if (word.length < LEAST_MENDED || NO_SLIPS.has(word) || KNOWN.has(word) || VOCABULARY.includes(word)) return word;
  const near = VOCABULARY.filter((known) => known.startsWith(word.charAt(0)) && isOneSlipAway(word, known));
  return near.length === 1 ? (near[0] ?? word) : word;
};

/**
 * The ingredient that a phrase names. "Butter or oil" is butter, and the other is offered. Where no word is known, words that are one slip away
 * from known ones are taken for them, and shown as not understood.
 */
export const matchIngredient = (phrase: readonly string[], own: readonly Ingredient[] = []): Match | null => {
  const either = phrase.findIndex((word) => word.toLowerCase() === 'or');
  if (either > 0) {
    const [first, second] = [phrase.slice(0, either), phrase.slice(either + 1)].map((part) => matchName(part, own));
    if (first != null && second != null && first.ingredient.id !== second.ingredient.id)
      return { ...first, alternatives: [...first.alternatives, second.ingredient.id] };
  }
  const found = matchName(phrase, own);
  if (found !== null) return found;
  const words = phrase.flatMap((part) => wordsOf(part));
  const tried = words.map(mended);
  const guess = tried.every((word, i) => word === words[i]) ? null : matchName(tried, own);
  return guess === null ? null : { ...guess, ignored: [...guess.ignored, ...words.filter((word, i) => tried[i] !== word)] };
};

/** The longest known name among the words, the last of equals ("milk chocolate" is chocolate). */
const matchName = (phrase: readonly string[], own: readonly Ingredient[]): Match | null => {
  const words = phrase.flatMap((part) => wordsOf(part));
  const mine = own.length === 0 ? null : namesOfOwn(own);
  for (let length = Math.min(Math.max(TABLE.longest, mine?.longest ?? 0), words.length); length >= 1; length--) {
    for (let start = words.length - length; start >= 0; start--) {
      const key = words.slice(start, start + length).join(' ');
      const ofMine = mine?.byWords.get(key)?.ingredient;
      const market = ofMine === undefined ? BY_MARKET.get(key) : undefined;
      const byMarket = market?.[0] === undefined ? undefined : ingredientById(market[0]);
      const found = ofMine ?? byMarket ?? TABLE.byWords.get(key)?.ingredient;
      if (found === undefined) continue;
      const rest = [...words.slice(0, start), ...words.slice(start + length)];
      const ignored = rest.filter((word) => word.length > 1 && !KNOWN.has(word) && !/^\d/.test(word));
      return { ingredient: found, ignored, alternatives: market?.slice(1) ?? [], start };
    }
  }
  return null;
};

const KNOWN: ReadonlySet<string> = new Set([...DESCRIPTORS].map(singular));
