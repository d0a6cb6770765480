import type { Act, ActKind } from '../procedure/act.ts';
import { readProcedure, sentencesIn } from '../procedure/readProcedure.ts';
import type { NumberAt } from './scaledWords.ts';
import { numbersIn, withNumbers } from './scaledWords.ts';

/** What is measured or counted of a batter; a number before it grows with the bowl. */
const MEASURED =
  /^\s*(?:(?:-|–|to|or)\s*[\d¼½¾⅓⅔⅛/ .,]+)?\s*(?:\([^)]*\)\s*)?(?:(?:large|medium|small|whole|level|heaped|scant|generous|packed|egg)\s+)*(?:cups?|tbsps?|tablespoons?|tsps?|teaspoons?|g|kg|grams?|ml|litres?|liters?|l|oz|ounces?|lbs?|pounds?|sticks?|eggs?|yolks?|whites?|cans?|packets?|pints?|quarts?)\b/i;
/** Said of one load, whatever the bowl: how much goes into an iron, how long, how hot. */
const OF_ONE_LOAD: ReadonlySet<ActKind> = new Set([
  'preheat',
  'grease',
  'pour',
  'scatter',
  'close',
  'turn',
  'cook',
  'shape',
  'hold',
  'freeze',
  'reheat',
]);

const isAmount =
  (text: string) =>
  ({ to }: NumberAt): boolean =>
    MEASURED.test(text.slice(to));

/** A part of a step times a factor: amounts and counts of eggs follow, minutes, degrees, strokes and what is said of one load don't. */
export const scaledSentence = (text: string, factor: number, kinds: readonly ActKind[]): string =>
  Math.abs(factor - 1) < 1e-9 || kinds.some((kind) => OF_ONE_LOAD.has(kind))
    ? text
    : withNumbers(text, numbersIn(text).filter(isAmount(text)), factor);

/** An act's own words in a bowl so many times as large. */
export const scaledAct = <A extends Act>(act: A, factor: number): A => ({ ...act, words: scaledSentence(act.words, factor, [act.kind]) });

/** The steps of a recipe times a factor, sentence by sentence. */
export const scaledSteps = (steps: readonly string[], factor: number): string[] =>
  steps.map((step) =>
    sentencesIn(step)
      .map((sentence) =>
        scaledSentence(
          sentence,
          factor,
          readProcedure([sentence]).map(({ kind }) => kind),
        ),
      )
      .join(' '),
  );

/** "Makes 8 squares" doubled makes 16; for how many it is meant follows too. */
export const scaledYield = (yieldHint: string | null, factor: number): string | null =>
  yieldHint === null || Math.abs(factor - 1) < 1e-9 ? yieldHint : withNumbers(yieldHint, numbersIn(yieldHint), factor);
