/**
 * Where pieces wait for the table, by the schools of cooks (*common practice*): on a rack, on plates, in a pile; in an oven that only keeps warm (80 °C), at
 * the usual 93 °C, at 120 °C, or so hot that it goes on browning (180 °C); or on a rack, and four minutes at 180 °C just before the table.
 */
export const HOLDING = ['rack', 'dish', 'stack', 'oven-80', 'oven', 'oven-120', 'oven-180', 'recrisped'] as const;
export type Holding = (typeof HOLDING)[number];

/** How hot the oven is in which they wait, or in which they are made crisp again, °C; null: none is used. */
export const OVEN_C = {
  rack: null,
  dish: null,
  stack: null,
  'oven-80': 80,
  oven: 93,
  'oven-120': 120,
  'oven-180': 180,
  recrisped: 180,
} as const satisfies Readonly<Record<Holding, number | null>>;

/** How long they are made crisp again just before the table, min. */
export const RECRISP_MIN = 4;
