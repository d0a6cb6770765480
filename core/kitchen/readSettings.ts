import type { ReadSettings } from '../formula/index.ts';
import type { Kit } from '../kit/index.ts';
import type { OwnIngredient } from '../matter/index.ts';
import { ingredientFromLabel } from '../matter/index.ts';

/** How lines are read in this kitchen: its cups, eggs and air, and its own ingredients (a label that can't be right is left out). */
export const readSettingsOf = (kit: Kit, own: readonly OwnIngredient[]): ReadSettings => ({
  cupStandard: kit.cupStandard,
  flourPerUsCup_g: kit.flourPerUsCup_g,
  eggMarket: kit.eggMarket,
  climate: kit.climate,
  own: own.flatMap((row) => {
    const read = ingredientFromLabel(row);
    return read.ok ? [read.value.ingredient] : [];
  }),
});
