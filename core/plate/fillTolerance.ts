/** Swollen batter may fall short of the cavity, or the lid give, by these shares (*common practice*: −6 / +10 %). */
export const FILL_TOLERANCE = { short: 0.06, over: 0.1 } as const;

/** What less than a load fills: so many moulds, and what goes into them, g; null: not even one. `least_g`: of a whole load that still fills. */
export const mouldsFilled = (
  batter_g: number,
  portion_g: number,
  least_g: number,
  moulds: number,
): { readonly moulds: number; readonly grams: number } | null => {
  const filled = Math.min(moulds - 1, Math.floor(batter_g / (least_g / moulds)));
  return filled < 1 ? null : { moulds: filled, grams: Math.min(batter_g, (filled * portion_g) / moulds) };
};
