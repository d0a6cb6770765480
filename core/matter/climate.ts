import { starchMoisture_percent } from './sorption.ts';
import type { Composition } from './composition.ts';
import { PARTS } from './composition.ts';

/** What the air of a store room is like. */
export const CLIMATES = ['dry', 'usual', 'damp'] as const;
export type Climate = (typeof CLIMATES)[number];

/** Relative humidity indoors by climate (*common practice*: mountain air in winter, a temperate kitchen, the wet season). */
export const HUMIDITY: Readonly<Record<Climate, number>> = { dry: 0.3, usual: 0.55, damp: 0.75 };
const STORE_C = 20;

/** kg of water per kg of dry flour in this air, by the isotherm of hard wheat (modified Chung–Pfost). */
const drynessOf = (climate: Climate): number => starchMoisture_percent(STORE_C, HUMIDITY[climate]) / 100;

/** Points by which a flour's own moisture is off the table's, g per 100 g; 0 in the usual air. */
export const moistureShift_percent = (climate: Climate): number => {
  const [here, usual] = [drynessOf(climate), drynessOf('usual')];
  return 100 * (here / (1 + here) - usual / (1 + usual));
};

/** A flour or starch as it lies in this air: drier or damper, its other parts in proportion. */
export const inClimate = (composition: Composition, climate: Climate): Composition => {
  const shift = moistureShift_percent(climate) / 100;
  const water = Math.max(0, composition.water + shift);
  const rest = (1 - water) / Math.max(1e-9, 1 - composition.water);
  return Object.fromEntries(PARTS.map((part) => [part, part === 'water' ? water : composition[part] * rest])) as Composition;
};
