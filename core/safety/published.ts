import { fahrenheitToCelsius } from '../basis/index.ts';

/** A limit that somebody published. `edition`: of the text; `read`: the day it was last looked up, or *from memory* where nobody has since it was written down here. */
export type Published = { readonly source: string; readonly edition: string; readonly read: string };

const FROM_MEMORY = 'from memory';
const FOOD_CODE = { edition: '2022', read: FROM_MEMORY } as const;
const FSIS = { edition: 'web pages as of 2024', read: FROM_MEMORY } as const;
const ENGLAND = { edition: '2013', read: FROM_MEMORY } as const;

const foodCode = (section: string, says: string) => ({
  source: `FDA Food Code 2022, ${section}${says === '' ? '' : `: ${says}`}`,
  ...FOOD_CODE,
});
const fsis = (page: string, says: string) => ({ source: `USDA FSIS, ${page}: ${says}`, ...FSIS });
const england = (says: string) => ({ source: `Food Safety and Hygiene (England) Regulations 2013, Sched. 4: ${says}`, ...ENGLAND });

/** Every published limit that this application knows, once: temperatures in °C, spells in h, storage in days. */
export const PUBLISHED = {
  /** Cold holding at or below. */
  coldUs: { most_C: 5, ...foodCode('3-501.16(A)(2)', '41 °F (5 °C) or less') },
  coldHome: { most_C: fahrenheitToCelsius(40), ...fsis('home rule', 'refrigerator at 40 °F (4 °C) or below') },
  coldEngland: { most_C: 8, ...england('8 °C or below') },
  /** Longest time out of cold holding before it must be used or thrown away. */
  outOfColdUs: { most_h: 4, ...foodCode('3-501.19(B)', '4 h, then discard (written procedure needed)') },
  outOfColdHome: { most_h: 2, ...fsis('home rule', 'discard after 2 h at room temperature') },
  outOfColdHomeHot: { most_h: 1, above_C: fahrenheitToCelsius(90), ...fsis('home rule', 'discard after 1 h above 90 °F (32 °C)') },
  outOfColdEngland: { most_h: 4, ...england('one period of up to 4 h above 8 °C') },
  /** Longest cold storage of what is ready to eat; the day of preparation is day 1. */
  storageUs: { most_days: 7, ...foodCode('3-501.17', '7 days at 41 °F (5 °C), day of preparation is day 1') },
  storageHome: { most_days: 4, ...fsis('leftovers', '3 to 4 days in the refrigerator') },
  /** What was in a can or a bottle, in a lidded box once it is open. */
  opened: { most_days: 3, ...fsis('opened low-acid cans', '3 to 4 days in the refrigerator, in another container') },
  /** Food made from ingredients at ambient temperature is cold within so long. */
  coolingFromRoom: { to_C: 5, most_h: 4, ...foodCode('3-501.14(B)', 'from ambient ingredients to 41 °F (5 °C) within 4 h') },
  /** Cooked food: from 57 to 21 °C, then to 5 °C within all of it. */
  coolingCooked: { from_C: 57, first_C: 21, first_h: 2, then_C: 5, all_h: 6, ...foodCode('3-501.14', '') },
  /** What was cooked and cooled is heated through to this. */
  heatedThrough: { least_C: 74, ...foodCode('3-403.11', '') },
  /** What is held hot stays at or above. */
  hotHoldingUs: { least_C: 57, ...foodCode('3-501.16(A)(1)', '') },
  hotHoldingEngland: { least_C: 63, ...england('63 °C or above') },
  /** Share of a circuit that a load of three hours and more may use: 125 % rule. */
  circuitShare: { most: 0.8, source: 'NFPA 70 210.20(A)', edition: '2023', read: FROM_MEMORY },
} as const satisfies Readonly<Record<string, Published & Readonly<Record<string, number | string>>>>;
