import type { Result } from '../../basis/index.ts';
import { failure, success } from '../../basis/index.ts';
import type { Composition, Ingredient } from '../../matter/index.ts';
import { ingredientById, sugars } from '../../matter/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf } from '../read/line.ts';

/** Thickness by the spoon, and the looseness (liquid over starch, protein and fibre) in the middle of each word. */
export const THICKNESS = { dollop: 0.9, ribbon: 1.55, pourable: 2.35, runny: 3.3 } as const;
export type Thickness = keyof typeof THICKNESS;

export type Addition = { readonly ingredientId: string; readonly grams: number };

const liquid = (c: Composition): number => c.water + c.alcohol + 0.6 * c.fat + 0.3 * sugars(c);
const stiff = (c: Composition): number => c.starch + c.protein + c.fibre;

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
  const liquid_g = totalMass_g * liquid(composition);
  const stiff_g = liquid_g / seenLooseness;
  const goal = THICKNESS[wanted];
  const isThicker = goal < seenLooseness;
  const added = isThicker ? mainOf(reading, ['flour'], 'wheat-flour') : mainOf(reading, ['liquid'], 'milk');
  if (added?.composition == null) return failure('bowl-empty');
  const grams = (goal * stiff_g - liquid_g) / (liquid(added.composition) - goal * stiff(added.composition));
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
