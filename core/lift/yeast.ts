/** Yeast's forms by strength: fresh 1, active dry 0.4, instant 0.33 by mass (common rule of baking texts, from memory). */
export const YEAST_PER_FRESH = { 'fresh-yeast': 1, 'dry-yeast': 0.4, 'instant-yeast': 0.33 } as const;
export type YeastForm = keyof typeof YEAST_PER_FRESH;

/** As much of another form. */
export const yeastAs = (grams: number, from: YeastForm, to: YeastForm): number => (grams * YEAST_PER_FRESH[to]) / YEAST_PER_FRESH[from];

/** Cardinal temperatures of gas, °C: wider than those of growth (*calibrated to common practice*: 12–24 h cold, an hour or two warm). */
export const GAS_CARDINALS = { min_C: -2, best_C: 36, max_C: 46 } as const;

/** Cardinal temperature model with inflection: Rosso, Lobry & Flandrois, J. Theor. Biol. 162:447 (1993). 1 at the best, 0 at and beyond both ends. */
export const cardinalRate = (
  t_C: number,
  { min_C, best_C, max_C }: { readonly min_C: number; readonly best_C: number; readonly max_C: number },
): number => {
  if (t_C <= min_C || t_C >= max_C) return 0;
  const up = (t_C - max_C) * (t_C - min_C) ** 2;
  const down = (best_C - min_C) * ((best_C - min_C) * (t_C - best_C) - (best_C - max_C) * (best_C + min_C - 2 * t_C));
  return up / down;
};

/** Most gas of a gram of dry yeast, mL CO₂ an hour, at 28–30 °C (cereal texts, from memory): taken at 29. */
const GAS_ML_PER_G_H = 170;
const REFERENCE_C = 29;
/** At the best temperature, mL a second and gram. */
export const BEST_RATE_ML_PER_G_S = GAS_ML_PER_G_H / 3600 / cardinalRate(REFERENCE_C, GAS_CARDINALS);

/** Hexose that a gram of dry yeast turns over in an hour at the same rate, g. A gram gives 0.489 g of CO₂ (C₆H₁₂O₆ → 2 C₂H₅OH + 2 CO₂). */
export const CO2_ML_PER_G_HEXOSE = 0.489 * 1000 * (24.465 / 44.009);

/** Sugar and salt draw water from the yeast: factors on its rate, by g per g of water (*calibrated*: a tenth of salt stops it, a third of sugar halves it). */
export const osmoticFactor = (sugarPerWater: number, saltPerWater: number): number =>
  Math.exp(-2 * Math.max(0, sugarPerWater - 0.05)) * Math.max(0, 1 - 9 * Math.max(0, saltPerWater));

/** Flour's own sugars and what its enzymes free, g per g of flour that yeast can have in a day (cereal texts: 2–4 %; from memory). */
export const FLOUR_SUGAR_SHARE = 0.03;

/** Yeast wakes with this time constant, s: lag of 20 to 30 minutes (*common practice*). */
export const LAG_S = 1500;

/** Above this yeast is hurt, above the second killed, °C (US extension: death at 130–140 °F; from memory, high). */
export const YEAST_HURT_C = 48;
export const YEAST_KILLED_C = 54.4;
