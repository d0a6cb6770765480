import { sum } from '../basis/index.ts';
import type { Ingredient } from '../matter/index.ts';

/** mol of CO₂ per gram; soda 84.006 g/mol gives one mol per equivalent (IUPAC weights 2021). */
const CO2_G_PER_MOL = 44.009;
/** Share of the gas of soda and acid that is gone before the plate when it is poured at once (*common practice*). */
const LOST_IN_BOWL = 0.12;

export type Weighed = { readonly ingredient: Ingredient; readonly grams: number };

export type Leavening = {
  /** CO₂ that bowl and plate set free, mmol. */
  readonly gas_mmol: number;
  /** What of it is gone before the plate when the bowl is poured at once, mmol. */
  readonly lost_mmol: number;
  /** The same per 100 g of flour and meal; null without any. */
  readonly gas_mmolPer100gFlour: number | null;
  /** Base (+) or acid (−) left over, meq: soapy or sour. */
  readonly leftover_meq: number;
  readonly soda_meq: number;
  readonly acid_meq: number;
};

/**
 * Soda meets acid one to one and gives a mol of CO₂ per mol; what finds no acid gives half on heating
 * (2 NaHCO₃ → Na₂CO₃ + H₂O + CO₂) and stays alkaline. Powders are balanced within themselves.
 */
export const leavening = (items: readonly Weighed[], flour_g: number): Leavening => {
  const soda_meq = sum(
    items.map(({ ingredient: i, grams }) => (i.role === 'leavening' && i.acid_meqPer100g < 0 ? (-i.acid_meqPer100g * grams) / 100 : 0)),
  );
  const acid_meq = sum(items.map(({ ingredient: i, grams }) => (i.acid_meqPer100g > 0 ? (i.acid_meqPer100g * grams) / 100 : 0)));
  const powder = items.map(({ ingredient: i, grams }) => ({ mmol: (i.co2_gPer100g * grams * 10) / CO2_G_PER_MOL, lost: i.lostInBowl }));
  const powder_mmol = sum(powder.map(({ mmol }) => mmol));
  const met = Math.min(soda_meq, acid_meq);
  const soda_mmol = met + (soda_meq - met) / 2;
  const gas_mmol = powder_mmol + soda_mmol;
  return {
    gas_mmol,
    lost_mmol: LOST_IN_BOWL * soda_mmol + sum(powder.map(({ mmol, lost }) => lost * mmol)),
    gas_mmolPer100gFlour: flour_g > 0 ? (100 * gas_mmol) / flour_g : null,
    // Sourness of milk or fruit alone is not a fault of the soda, so acid counts only against soda.
    leftover_meq: soda_meq > 0 ? soda_meq - acid_meq : 0,
    soda_meq,
    acid_meq,
  };
};

/** mol of CO₂ per kg of batter that is left when it is poured. */
export const gasAtThePlate_molPerKg = (l: Leavening, total_g: number): number => (total_g > 0 ? (l.gas_mmol - l.lost_mmol) / total_g : 0);

/** The usual band of gas, mmol per 100 g flour: 1.8–11 g of 13 % powder (*common practice*; wide on purpose). */
export const USUAL_GAS_MMOL = { low: 5.3, high: 32.5 } as const;
