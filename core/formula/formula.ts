import * as z from 'zod';
import { LIFTS } from './lift.ts';
import { Act, MOST_ACTS } from './procedure/act.ts';

/** More lines than any bowl has; a longer paste is cut with a word to the cook, and none of its text is lost. */
export const MOST_LINES = 200;

/** Bowls that a line may be put into by hand. */
export const WEIGHED_INTO = ['melt', 'dry', 'wet', 'foam', 'top'] as const;

export const FormulaLine = z.object({
  id: z.string().min(1).max(64),
  /** As written; never changed by editing the amount. */
  text: z.string().max(2000),
  /** Grams that the cook put in place of the written amount. */
  edited_g: z.number().min(0).max(1e6).nullable(),
  /** The cook's answer where the words were not understood. */
  chosenIngredientId: z.string().max(64).nullable(),
  /** Where the cook wants it weighed, and as which thing there; left out: where it usually goes. */
  place: z.object({ bowl: z.enum(WEIGHED_INTO), at: z.int().min(0).max(1000) }).optional(),
  /** Stands in for another line: lines of one swap share its id, and each holds what was there before, so that it can be undone alone. */
  swap: z
    .object({
      id: z.string().min(1).max(64),
      was: z.object({
        id: z.string().min(1).max(64),
        text: z.string().max(2000),
        edited_g: z.number().min(0).max(1e6).nullable(),
        chosenIngredientId: z.string().max(64).nullable(),
      }),
    })
    .optional(),
});
export type FormulaLine = z.infer<typeof FormulaLine>;

/** Ingredients with amounts and steps. Revisions are immutable: an edit makes the next one. */
export const Formula = z.object({
  id: z.string().min(1).max(64),
  rev: z.int().min(1),
  parentRev: z.int().min(1).nullable(),
  name: z.string().min(1).max(120),
  family: z.string().max(40),
  /** Null: as the lines say. */
  lift: z.enum(LIFTS).nullable(),
  lines: z.array(FormulaLine).max(MOST_LINES),
  steps: z.array(z.string().max(2000)).max(100),
  /** What the steps ask for, as the cook has put it right; left out: as it is read from them. */
  acts: z.array(Act).max(MOST_ACTS).optional(),
  yieldHint: z.string().max(200).nullable(),
  provenance: z.string().max(400),
  /** Properties of a foreign file that have no place here. */
  foreignProps: z.record(z.string(), z.json()).optional(),
});
export type Formula = z.infer<typeof Formula>;

/** The lines of a text that say anything; any kind of line end. */
export const writtenLines = (text: string): string[] => text.split(/\r\n|[\n\r\u2028\u2029]/).filter((line) => line.trim() !== '');

/** A formula from pasted text: one line each, empty ones left out. `newId` gives the ids. */
export const linesFromText = (text: string, newId: () => string): { lines: FormulaLine[]; cut: number } => {
  const all = writtenLines(text);
  const lines = all
    .slice(0, MOST_LINES)
    .map((line) => ({ id: newId(), text: line.trim().slice(0, 2000), edited_g: null, chosenIngredientId: null }));
  return { lines, cut: all.length - lines.length };
};
