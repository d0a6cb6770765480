import type { Ingredient } from '../../matter/index.ts';
import type { ReadSettings } from '../read/line.ts';
import { readLine } from '../read/line.ts';

const VULGAR: readonly (readonly [string, number])[] = [
  ['⅛', 1 / 8],
  ['¼', 1 / 4],
  ['⅓', 1 / 3],
  ['⅜', 3 / 8],
  ['½', 1 / 2],
  ['⅝', 5 / 8],
  ['⅔', 2 / 3],
  ['¾', 3 / 4],
  ['⅞', 7 / 8],
];
const SIGNS = VULGAR.map(([sign]) => sign).join('');
const WORDS: readonly string[] = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
];
/** A written number; "a" and "half" only where a line begins with them. Not one that says how strong, how hot or how long a thing is. */
const NUMBER = new RegExp(
  String.raw`(?<![\p{L}\d.,/])(?:\d+\s+\d+\/\d+|\d+\s*[${SIGNS}]|\d+\/\d+|[${SIGNS}]|\d+(?:[.,]\d+)?|\b(?:${WORDS.slice(1).join('|')})\b|^an?\b|^half(?: an?)?\b)(?!\s*(?:%|°|percent|cm\b|inch|mm\b))(?![\d/])`,
  'giu',
);

const valueOf = (text: string): number => {
  const plain = text.trim().toLowerCase();
  if (plain.startsWith('half')) return 0.5;
  if (plain === 'a' || plain === 'an') return 1;
  const word = WORDS.indexOf(plain);
  if (word > 0) return word;
  const [, whole = '0', over, under] = /^(?:(\d+)\s+)?(\d+)\/(\d+)$/.exec(plain) ?? [];
  if (over !== undefined) return Number(whole) + Number(over) / Number(under);
  const sign = VULGAR.find(([mark]) => plain.endsWith(mark));
  if (sign !== undefined) return Number(plain.slice(0, -1).trim() || '0') + sign[1];
  return Number(plain.replace(',', '.'));
};

/** A fraction that a cook has a measure for stands for a number within this of it, share. */
const NEAR = 0.015;

/** "2¾", "4", "0.07": as a cook writes it. */
const written = (value: number): string => {
  const whole = Math.floor(value + 1e-9);
  const near = [...VULGAR, ['', 0] as const, ['', 1] as const]
    .map(([sign, share]) => ({ sign, value: whole + share, isNext: share === 1 }))
    .sort((a, b) => Math.abs(a.value - value) - Math.abs(b.value - value))[0];
  if (near !== undefined && value < 20 && near.value > 0 && Math.abs(near.value / value - 1) <= NEAR)
    return near.isNext ? String(whole + 1) : `${whole > 0 || near.sign === '' ? whole : ''}${near.sign}`;
  return String(Number(value >= 100 ? value.toFixed(0) : value >= 10 ? value.toFixed(1) : value.toPrecision(2)));
};

/** What is counted changes with its number. */
const COUNTED =
  '(?:cup|tablespoon|teaspoon|stick|can|tin|packet|package|jar|pound|ounce|egg white|egg yolk|egg|yolk|white|quart|pint|bag|knob|dash|pinch)';
const PLURAL_ES = /(?:pinch|dash)$/i;
const agreeing = (text: string, value: number): string =>
  text.replace(
    new RegExp(String.raw`^(\s*(?:\([^)]*\)\s*)?(?:(?:large|medium|small|whole|fresh|heaped|level|scant)\s+)*)(${COUNTED})(e?s)?\b`, 'i'),
    (_, before: string, one: string) => {
      const isMany = value > 1;
      return `${before}${one}${isMany ? (PLURAL_ES.test(one) ? 'es' : 's') : ''}`;
    },
  );

/** A number in a text: where it stands, and what it is. */
export type NumberAt = { readonly from: number; readonly to: number; readonly value: number; readonly inBrackets: boolean };

/** Every number of a text that may say how much; not one that says how strong, how hot or how large. */
export const numbersIn = (text: string): NumberAt[] =>
  [...text.matchAll(NUMBER)].map((match) => {
    const from = match.index;
    const before = text.slice(0, from);
    return {
      from,
      to: from + match[0].length,
      value: valueOf(match[0]),
      inBrackets: before.lastIndexOf('(') > before.lastIndexOf(')'),
    };
  });

/** A text with these numbers times a factor. From behind, so that the places before stay where they are. */
export const withNumbers = (text: string, places: readonly NumberAt[], factor: number): string =>
  places.reduceRight((said, { from, to, value }) => {
    const scaled = value * factor;
    const rest = agreeing(said.slice(to), scaled);
    return `${said.slice(0, from)}${written(scaled)}${rest}`;
  }, text);

/** A scaled line that reads as this much more or less, share, has kept its meaning. */
const SAME = 0.03;

/**
 * A line's own words times a factor: "2 cups flour" doubled is "4 cups flour". Only words that read as what is meant are given; where none do,
 * the line stays as it was written. `factor` > 0; `chosen`: what the line was taken for by hand.
 */
export const scaledWords = (text: string, factor: number, settings?: ReadSettings, chosen?: Ingredient): string => {
  if (Math.abs(factor - 1) < 1e-9) return text;
  const of = (words: string): number | null => readLine(words, settings, chosen).grams;
  const grams = of(text);
  const all = numbersIn(text);
  if (grams === null || grams <= 0 || all.length === 0) return text;
  const outside = all.filter(({ inBrackets }) => !inBrackets);
  for (const places of [all.slice(0, 1), outside, all]) {
    const words = withNumbers(text, places, factor);
    const read = of(words);
    if (read !== null && Math.abs(read / (grams * factor) - 1) <= SAME) return words;
  }
  return text;
};
