import type { Entry } from './entry.ts';
import { colourMiss } from './entry.ts';

/** What can be asked for by a touch. */
export const FAULTS = ['leaked', 'missing', 'pale', 'dark', 'not crisp', 'with a note'] as const;
export type Fault = (typeof FAULTS)[number];

/** So many steps off the promise is pale or dark. */
const OFF_STEPS = 0.75;
/** Under that nobody calls it crisp, 1–5. */
const CRISP = 3;

const HAS: Readonly<Record<Fault, (entry: Entry) => boolean>> = {
  leaked: ({ fill }) => fill === 'leaked',
  missing: ({ fill }) => fill === 'missing',
  pale: (entry) => (colourMiss(entry) ?? 0) < -OFF_STEPS,
  dark: (entry) => (colourMiss(entry) ?? 0) > OFF_STEPS,
  'not crisp': ({ crisp }) => crisp !== null && crisp < CRISP,
  'with a note': ({ notes }) => notes.length > 0,
};

/** Words as they are compared: without accents and capitals. */
export const plainWords = (text: string): string[] =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== '');

const wordsOf = ({ lot, notes }: Pick<Entry, 'lot' | 'notes'>): string[] => plainWords([lot?.name ?? '', ...notes].join(' '));

/** What is asked of a load itself: all of these words, each in a word of its batter's name, its iron's or its notes; and a fault, null: whatever. */
export type FindAsked = { readonly words: string; readonly fault: Fault | null };

export const isFound = ({ words, fault }: FindAsked, entry: Entry): boolean => {
  if (fault !== null && !HAS[fault](entry)) return false;
  const said = [...wordsOf(entry), ...plainWords(entry.iron?.name ?? '')];
  return plainWords(words).every((word) => said.some((one) => one.includes(word)));
};

const WORD = 'word/';
const faultTerm = (fault: Fault): string => `fault/${fault}`;
const ironTerm = (ironId: string): string => `iron/${ironId}`;
/** Terms of words begin and end here, in the order of text. */
export const WORD_TERMS = [WORD, 'word0'] as const;

/** What a load stands under in the book's index: its faults, its iron, and its words each once. */
export const termsOf = (entry: Entry): string[] => [
  ...FAULTS.filter((fault) => HAS[fault](entry)).map(faultTerm),
  ironTerm(entry.load.ironId),
  ...[...new Set(wordsOf(entry))].map((word) => `${WORD}${word}`),
];

/**
 * Under what to look: a load that is found stands under one of each of these lists, and one that stands so is found. `vocabulary`: every term of words
 * that there is. A list that is empty: nothing is found.
 */
export const termsAsked = (
  { words, fault, ironId }: FindAsked & { readonly ironId: string | null },
  irons: readonly { readonly id: string; readonly name: string }[],
  vocabulary: readonly string[],
): (readonly string[])[] => [
  ...(fault === null ? [] : [[faultTerm(fault)]]),
  ...(ironId === null ? [] : [[ironTerm(ironId)]]),
  ...plainWords(words).map((word) => [
    ...vocabulary.filter((term) => term.slice(WORD.length).includes(word)),
    ...irons.filter(({ name }) => plainWords(name).some((one) => one.includes(word))).map(({ id }) => ironTerm(id)),
  ]),
];
