import type { Result } from '../../basis/index.ts';
import { failure, success } from '../../basis/index.ts';
import type { Ingredient } from '../../matter/index.ts';
import { flowing_mLPerG, ingredientById, stiffening } from '../../matter/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf } from '../read/line.ts';

/** Thickness by the spoon, and the looseness (what flows over starch, protein and fibre, mL/g) in the middle of each word. */
export const THICKNESS = { dollop: 1, ribbon: 1.75, pourable: 2.6, runny: 3.7 } as const;
export type Thickness = keyof typeof THICKNESS;

export type Addition = { readonly ingredientId: string; readonly grams: number };

/**
 * Families differ in looseness more than a bowl has to be changed: how thick one and the same bowl is goes with a high power of what flows in it. From
 * word to word it takes a splash, 11–18 % of the liquid (*common practice*: two to four spoons).
 */
const WITHIN_A_BOWL = 0.3;

/** The ingredient of a role that there is most of; what comes out of the same bag or jug changes the taste least. */
const mainOf = (reading: ParsedFormula, roles: readonly Ingredient['role'][], fallback: string): Ingredient | undefined => {
  const grams = new Map<string, number>();
  for (const line of reading.lines) {
    const ingredient = ingredientOf(line);
    if (ingredient !== undefined && roles.includes(ingredient.role))
      grams.set(ingredient.id, (grams.get(ingredient.id) ?? 0) + (line.grams ?? 0));
  }
  const [most] = [...grams].sort((a, b) => b[1] - a[1]);
  return ingredientById(most?.[0] ?? fallback);
};

/**
 * What to stir in so that a batter that looks like `seen` becomes `wanted`: flour or liquid, and with flour the salt and powder
 * that belong to it. `seen`: a word, or the looseness that a spread test speaks of. What was seen counts, not what was predicted: flours drink differently.
 * Errors: `bowl-empty`; `correction-none` (already so).
 */
export const thicknessCorrection = (reading: ParsedFormula, seen: Thickness | number, wanted: Thickness): Result<readonly Addition[]> => {
  const { composition, totalMass_g } = reading;
  if (composition === null || totalMass_g <= 0) return failure('bowl-empty');
  const seenLooseness = typeof seen === 'number' ? seen : THICKNESS[seen];
  if (!(seenLooseness > 0)) return failure('correction-none');
  if (Math.abs(Math.log(seenLooseness / THICKNESS[wanted])) < 0.02) return failure('correction-none');
  // The bowl behaves as if its stiff matter were this much: it follows from what the spoon says.
  const flows_mL = totalMass_g * flowing_mLPerG(composition);
  const stiff_g = flows_mL / seenLooseness;
  const goal = seenLooseness * (THICKNESS[wanted] / seenLooseness) ** WITHIN_A_BOWL;
  const isThicker = goal < seenLooseness;
  const added = isThicker ? mainOf(reading, ['flour'], 'wheat-flour') : mainOf(reading, ['liquid'], 'milk');
  if (added?.composition == null) return failure('bowl-empty');
  const grams = (goal * stiff_g - flows_mL) / (flowing_mLPerG(added.composition) - goal * stiffening(added.composition));
  if (!(grams > 0)) return failure('correction-none');
  return success([{ ingredientId: added.id, grams }, ...(isThicker ? companions(reading, grams) : [])]);
};

/** Salt and powder for the flour that is added, in the formula's own proportion. */
const companions = (reading: ParsedFormula, flour_g: number): Addition[] =>
  ['salt', 'baking-powder'].flatMap((ingredientId) => {
    const percent = reading.bakersPercent?.[ingredientId] ?? 0;
    const grams = (percent * flour_g) / 100;
    return grams >= 0.1 ? [{ ingredientId, grams }] : [];
  });
