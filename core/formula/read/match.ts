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

/** The longest known name among the words, the last of equals ("milk chocolate" is chocolate). */
export const matchIngredient = (phrase: readonly string[], own: readonly Ingredient[] = []): Match | null => {
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
