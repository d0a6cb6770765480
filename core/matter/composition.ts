import { sum } from '../basis/index.ts';

/** Proximate parts of a food, as mass fractions (0–1). Sugars are split because they brown differently. */
export const PARTS = [
  'water',
  'protein',
  'fat',
  'starch',
  'sucrose',
  'reducing',
  'lactose',
  'fibre',
  'ash',
  'salt',
  'alcohol',
  'acid',
] as const;

export type Part = (typeof PARTS)[number];
export type Composition = Readonly<Record<Part, number>>;

/** One thing in the bowl: its mass in grams and its make-up. */
export type Component = { readonly grams: number; readonly composition: Composition };

/** How far the parts of a row may be from 100 g. */
const CLOSURE_G = 0.5;

/** Composition from parts in g per 100 g; what is not named is 0, `starch` closes the sum to 100 unless given. */
export const per100g = (parts: Partial<Record<Part, number>>): Composition => {
  const named = sum(Object.values(parts));
  // A row that doesn't close is a mistake in the table, not something to scale away.
  if (parts.starch !== undefined && Math.abs(named - 100) > CLOSURE_G) throw new RangeError(`parts sum to ${named.toFixed(2)} g per 100 g`);
  const starch = parts.starch ?? Math.max(0, 100 - named);
  const total = parts.starch === undefined ? Math.max(100, named) : named;
  const entries = PARTS.map((part) => [part, (part === 'starch' ? starch : (parts[part] ?? 0)) / total]);
  return Object.fromEntries(entries) as Composition;
};

/** Mass-weighted mixture. Fractions sum to 1; null when nothing has mass. */
export const mix = (components: readonly Component[]): Composition | null => {
  const total = sum(components.map((component) => component.grams));
  if (!(total > 0)) return null;
  const entries = PARTS.map((part) => [part, sum(components.map(({ grams, composition }) => grams * composition[part])) / total]);
  return Object.fromEntries(entries) as Composition;
};

/** All sugars, as a mass fraction. */
export const sugars = (c: Composition): number => c.sucrose + c.reducing + c.lactose;

/** Volumes that thin a batter, mL/g: dissolved sugar (apparent volume of sucrose in water; ICUMSA tables, from memory) and liquid fat (0.92 g/mL). */
const THINS_ML_PER_G = { sugar: 0.62, fat: 1.09 } as const;
/** More sugar than this doesn't dissolve in cold batter, g per g of water (sucrose at 20 °C; handbooks, from memory). */
const DISSOLVES_G_PER_G = 2;

/** What flows in a batter, mL per g of it: water, and sugar and fat at the volume that they add to it. */
export const flowing_mLPerG = (c: Composition): number =>
  c.water + c.alcohol + THINS_ML_PER_G.fat * c.fat + THINS_ML_PER_G.sugar * Math.min(sugars(c), DISSOLVES_G_PER_G * c.water);

/** What doesn't flow: starch, protein and fibre, g per g. */
export const stiffening = (c: Composition): number => c.starch + c.protein + c.fibre;
