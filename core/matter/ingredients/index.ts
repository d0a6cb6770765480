import { FLOURS, LEAVENINGS, SALTS, STARCHES, SUGARS } from './dry.ts';
import { FLAVOURS, MIX_INS } from './flavour.ts';
import type { Ingredient } from './row.ts';
import { DAIRY, EGGS, FATS, LIQUIDS } from './wet.ts';

/** Everything the kitchen knows, in the order of the bowl. */
export const INGREDIENTS: readonly Ingredient[] = [
  ...FLOURS,
  ...STARCHES,
  ...SUGARS,
  ...LEAVENINGS,
  ...SALTS,
  ...FATS,
  ...DAIRY,
  ...LIQUIDS,
  ...EGGS,
  ...FLAVOURS,
  ...MIX_INS,
];

const byId = new Map(INGREDIENTS.map((ingredient) => [ingredient.id, ingredient]));

export const ingredientById = (id: string): Ingredient | undefined => byId.get(id);
