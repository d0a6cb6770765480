import { sum } from '../../basis/index.ts';
import type { Ingredient } from '../../matter/index.ts';
import { ingredientById, sugars } from '../../matter/index.ts';
import type { TradeRule } from './tradeRules.ts';
import { ruleFor } from './tradeRules.ts';

/** CO₂, g/mol. */
const CO2_G_PER_MOL = 44.009;

/**
 * What should stay as it was when one thing stands in for another, per gram of ingredient, and how much a gram (or milliequivalent,
 * or mmol) of it counts. Salt, acid and gas are small in mass and large in effect. *Common practice* in weight.
 */
const KEPT: readonly { readonly name: KeptName; readonly weight: number; readonly of: (i: Ingredient) => number }[] = [
  { name: 'water_g', weight: 1, of: (i) => i.composition?.water ?? 0 },
  { name: 'fat_g', weight: 1, of: (i) => i.composition?.fat ?? 0 },
  { name: 'sugar_g', weight: 1, of: (i) => (i.composition === null ? 0 : sugars(i.composition)) },
  { name: 'starch_g', weight: 1, of: (i) => (i.composition?.starch ?? 0) + (i.composition?.fibre ?? 0) },
  { name: 'protein_g', weight: 0.7, of: (i) => i.composition?.protein ?? 0 },
  { name: 'salt_g', weight: 8, of: (i) => i.composition?.salt ?? 0 },
  { name: 'acid_meq', weight: 0.25, of: (i) => i.acid_meqPer100g / 100 },
  { name: 'gas_mmol', weight: 0.5, of: (i) => (10 * i.co2_gPer100g) / CO2_G_PER_MOL },
];

export type KeptName = 'water_g' | 'fat_g' | 'sugar_g' | 'starch_g' | 'protein_g' | 'salt_g' | 'acid_meq' | 'gas_mmol';

/** One way to do without: masses of what stands in, and what could not be kept (new minus old; only what matters). */
export type Swap = Taken & {
  /** How cooks do the same by spoon and cup, where there is a rule, and what that leaves otherwise. */
  readonly rule: (Taken & { readonly code: TradeRule['code'] }) | null;
};

/** What is taken, and what that leaves otherwise. */
type Taken = {
  readonly parts: readonly { readonly ingredientId: string; readonly grams: number }[];
  readonly change: Readonly<Record<KeptName, number>>;
  /** Weighted distance from the original, relative to its mass; 0 is as before. */
  readonly distance: number;
};

/** The cook's own come first. */
const findIn = (own: readonly Ingredient[]) => (id: string) => own.find((one) => one.id === id) ?? ingredientById(id);

/** Acids of soda and powder: what reacts counts as gas, not as sour or soapy leftover. */
const isLeavener = (i: Ingredient): boolean => i.role === 'leavening';

/**
 * Ways to do without `grams` of an ingredient, the nearest first. Masses are solved so that water, fat, sugar, starch, protein, salt,
 * acid and gas stay as near as those things allow. Empty when nothing usual stands in for it. `own`: the cook's own ingredients.
 */
export const swapsFor = (ingredientId: string, grams: number, own: readonly Ingredient[] = []): Swap[] => {
  const find = findIn(own);
  const original = find(ingredientId);
  if (original === undefined || !(grams > 0)) return [];
  const ownSets = own.filter(({ can }) => can.standsInFor?.includes(ingredientId) === true).map(({ id }) => [id]);
  // What the cook's own stands in for stands in for it.
  const sets = [...ownSets, ...(original.can.standIns ?? []), ...(original.can.standsInFor ?? []).map((id) => [id])];
  return sets
    .flatMap((ids) => {
      const parts = ids.flatMap((id) => find(id) ?? []);
      return parts.length === ids.length ? [solve(original, grams, parts)] : [];
    })
    .sort((a, b) => a.distance - b.distance);
};

/**
 * Several swaps at once: all masses together are solved so that the bowl as a whole stays as it was, so that water one of them lacks can
 * come from another. Leavenings, yeasts and flavours are solved each by itself. Parts in the order given.
 */
export const swapTogether = (
  swaps: readonly { readonly ingredientId: string; readonly grams: number; readonly parts: readonly string[] }[],
  own: readonly Ingredient[] = [],
): {
  readonly parts: readonly { readonly swap: number; readonly ingredientId: string; readonly grams: number }[];
  readonly change: Swap['change'];
} => {
  const find = findIn(own);
  const known = swaps.flatMap(({ ingredientId, grams, parts }, swap) => {
    const original = find(ingredientId);
    const into = parts.flatMap((id) => find(id) ?? []);
    return original === undefined || !(grams > 0) ? [] : [{ swap, original, grams, parts: into }];
  });
  const alone = known.filter(({ original }) => isLeavener(original) || original.role === 'yeast' || original.can.flavour !== undefined);
  const shared = known.filter((one) => !alone.includes(one));
  const fixed = alone.flatMap(({ swap, original, grams, parts }) => solve(original, grams, parts).parts.map((part) => ({ swap, ...part })));
  const columns = shared.flatMap(({ swap, parts }) => parts.map((part) => ({ swap, part })));
  const target = KEPT.map((_, i) => sum(shared.map(({ original, grams }) => (features(original)[i] ?? 0) * grams)));
  const masses = nonNegativeLeastSquares(
    target,
    columns.map(({ part }) => features(part)),
  );
  const solved = columns
    .map(({ swap, part }, i) => ({ swap, ingredientId: part.id, grams: masses[i] ?? 0 }))
    .filter(({ grams }) => grams >= LEAST_G);
  const parts = [...solved, ...fixed].sort((a, b) => a.swap - b.swap);
  const change = Object.fromEntries(
    KEPT.map(({ name, of }) => [
      name,
      sum(
        parts.map(({ ingredientId, grams }) => {
          const i = find(ingredientId);
          return i === undefined ? 0 : of(i) * grams;
        }),
      ) - sum(known.map(({ original, grams }) => of(original) * grams)),
    ]),
  ) as Record<KeptName, number>;
  return { parts, change };
};

const solve = (original: Ingredient, grams: number, parts: readonly Ingredient[]): Swap => {
  const masses =
    yeastByStrength(original, grams, parts) ??
    flavourByStrength(original, grams, parts) ??
    leavenByGas(original, grams, parts) ??
    nonNegativeLeastSquares(
      features(original).map((value) => value * grams),
      parts.map(features),
    );
  const rule = ruleFor(original, grams, parts);
  return {
    ...takenBy(original, grams, parts, masses),
    rule: rule === null ? null : { code: rule.code, ...takenBy(original, grams, parts, rule.masses) },
  };
};

/** What these masses of the parts leave otherwise than the original was. */
const takenBy = (original: Ingredient, grams: number, parts: readonly Ingredient[], masses: readonly number[]): Taken => {
  const kept = parts.map((part, i) => ({ part, mass: masses[i] ?? 0 })).filter(({ mass }) => mass >= LEAST_G);
  const change = Object.fromEntries(
    KEPT.map(({ name, of }) => [name, sum(kept.map(({ part, mass }) => of(part) * mass)) - of(original) * grams]),
  ) as Record<KeptName, number>;
  if (isLeavener(original)) {
    // Soda and its acid have used each other up.
    change.gas_mmol = gasOf(kept) - (10 * original.co2_gPer100g * grams) / CO2_G_PER_MOL;
  }
  const distance = Math.sqrt(sum(KEPT.map(({ name, weight }) => (weight * change[name]) ** 2))) / grams;
  return { parts: kept.map(({ part, mass }) => ({ ingredientId: part.id, grams: mass })), change, distance };
};

/** Less than this nobody weighs. */
const LEAST_G = 0.05;

const features = (i: Ingredient): number[] => KEPT.map(({ of, weight }) => of(i) * weight);

const yeastByStrength = (original: Ingredient, grams: number, parts: readonly Ingredient[]): number[] | null => {
  const from = original.can.perFreshYeast;
  const to = parts[0]?.can.perFreshYeast;
  if (from === undefined || to === undefined) return null;
  const mass = (grams * to) / from;
  // What fresh yeast brings in water is made up, when there is water to make it up with.
  return [mass, Math.max(0, grams - mass)];
};

const flavourByStrength = (original: Ingredient, grams: number, parts: readonly Ingredient[]): number[] | null => {
  const from = original.can.flavour;
  const to = parts[0]?.can.flavour;
  if (from === undefined || to?.kind !== from.kind) return null;
  const mass = (grams * from.strength) / to.strength;
  return [mass, ...parts.slice(1).map(() => Math.max(0, grams - mass))];
};

/** Powder from soda and an acid: soda for the gas, acid to meet it, starch for the rest of the mass. */
const leavenByGas = (original: Ingredient, grams: number, parts: readonly Ingredient[]): number[] | null => {
  const [soda, acid, filler] = parts;
  if (isLeavener(original) && parts.length === 1 && soda !== undefined && isLeavener(soda))
    return [(grams * gasPerGram(original)) / gasPerGram(soda)];
  if (!isLeavener(original) || soda === undefined || acid === undefined || soda.acid_meqPer100g >= 0) return null;
  const gas_mmol = (10 * original.co2_gPer100g * grams) / CO2_G_PER_MOL;
  const soda_g = (100 * gas_mmol) / -soda.acid_meqPer100g;
  const acid_g = (100 * gas_mmol) / acid.acid_meqPer100g;
  return [soda_g, acid_g, filler === undefined ? 0 : Math.max(0, grams - soda_g - acid_g)];
};

/** CO₂ at the plate of a gram, mmol: soda as if it found its acid. */
const gasPerGram = (i: Ingredient): number =>
  (1 - i.lostInBowl) * ((10 * i.co2_gPer100g) / CO2_G_PER_MOL + Math.max(0, -i.acid_meqPer100g) / 100);

/** CO₂ from what stands in: mmol, soda and acid meeting one to one. */
const gasOf = (kept: readonly { readonly part: Ingredient; readonly mass: number }[]): number => {
  const base = sum(kept.map(({ part, mass }) => (Math.max(0, -part.acid_meqPer100g) * mass) / 100));
  const acid = sum(kept.map(({ part, mass }) => (Math.max(0, part.acid_meqPer100g) * mass) / 100));
  const own = sum(kept.map(({ part, mass }) => (10 * part.co2_gPer100g * mass) / CO2_G_PER_MOL));
  return own + Math.min(base, acid) + Math.max(0, base - acid) / 2;
};

/**
 * min |Σ x_j·column_j − target|, x ≥ 0, by trying every set of columns (there are at most a handful) and solving its normal
 * equations; the best set whose solution is nowhere negative is the answer.
 */
const nonNegativeLeastSquares = (target: readonly number[], columns: readonly (readonly number[])[]): number[] => {
  let best = columns.map(() => 0);
  let least = Infinity;
  for (let set = 1; set < 1 << columns.length; set++) {
    const active = columns.flatMap((_, j) => (set & (1 << j) ? [j] : []));
    const x = normalEquations(
      target,
      active.map((j) => columns[j] ?? []),
    );
    if (x === null || x.some((value) => value < 0)) continue;
    const residual = sum(target.map((value, row) => (value - sum(active.map((j, k) => (x[k] ?? 0) * (columns[j]?.[row] ?? 0)))) ** 2));
    if (residual < least - 1e-12) {
      least = residual;
      best = columns.map((_, j) => x[active.indexOf(j)] ?? 0);
    }
  }
  return best;
};

const dot = (a: readonly number[], b: readonly number[]): number => sum(a.map((value, i) => value * (b[i] ?? 0)));

/** Gaussian elimination on AᵀA·x = Aᵀb; null when the columns say the same thing. */
const normalEquations = (target: readonly number[], columns: readonly (readonly number[])[]): number[] | null => {
  // Two of the same thing have no answer of their own.
  const rows = columns.map((column) => [...columns.map((other) => dot(column, other)), dot(column, target)]);
  const n = rows.length;
  for (let i = 0; i < n; i++) {
    const pivot = rows[i]?.[i] ?? 0;
    if (Math.abs(pivot) < 1e-12) return null;
    for (let j = 0; j < n; j++) {
      const row = rows[j];
      if (j === i || row === undefined) continue;
      const factor = (row[i] ?? 0) / pivot;
      for (let k = i; k <= n; k++) row[k] = (row[k] ?? 0) - factor * (rows[i]?.[k] ?? 0);
    }
  }
  return rows.map((row, i) => (row[n] ?? 0) / (row[i] ?? 1));
};
