import type { SorptionMatter } from '../matter/index.ts';
import { saturationPressure_Pa, waterActivity } from '../matter/index.ts';

/** What wafers are kept in. */
export const CONTAINERS = ['paper-bag', 'tin', 'zip-bag', 'clip-jar'] as const;
export type Container = (typeof CONTAINERS)[number];

/**
 * Vapour that gets in, g a day and pascal, for a container of some three litres. The bag: 0.1 m² of polyethylene, 50 µm, from 18 g/m² and day at 25 µm, 38 °C and 90 %
 * (Robertson, Food Packaging; from memory, medium), four tenths of that at 22 °C. A tin's friction lid, a jar's rubber ring and paper are estimated.
 */
export const PERMEANCE_gPerDayPa: Readonly<Record<Container, number>> = {
  'paper-bag': 5e-3,
  tin: 2.5e-4,
  'zip-bag': 6e-5,
  'clip-jar': 5e-6,
};

export type Damp = {
  readonly sorption: SorptionMatter;
  /** Without its water, g. */
  readonly dry_g: number;
  readonly permeance_gPerDayPa: number;
  readonly room: { readonly temperature_C: number; readonly humidity: number };
};

/** Water of a piece at this activity, kg per kg dry (bisection: the isotherm only rises). */
export const waterAt = (sorption: SorptionMatter, temperature_C: number, activity: number): number => {
  let [low, high] = [0, 3];
  for (let i = 0; i < 60; i++) {
    const middle = (low + high) / 2;
    if (waterActivity(sorption, temperature_C, middle) < activity) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
};

const STEPS = 400;

/**
 * Days until the pieces have taken up so much that their water activity is `until`: dX/dt = P·p_sat·(humidity − a_w(X))/m, summed over X (Simpson). Zero where they are there already; null:
 * the air is drier than that, so never.
 */
export const daysUntil = ({ sorption, dry_g, permeance_gPerDayPa, room }: Damp, from: number, until: number): number | null => {
  if (until <= from) return 0;
  if (room.humidity <= until) return null;
  const { temperature_C, humidity } = room;
  const [a, b] = [waterAt(sorption, temperature_C, from), waterAt(sorption, temperature_C, until)];
  const perDay = (permeance_gPerDayPa * saturationPressure_Pa(temperature_C)) / dry_g;
  const width = (b - a) / STEPS;
  const slowness = (i: number): number => 1 / (humidity - waterActivity(sorption, temperature_C, a + i * width));
  let sum = slowness(0) + slowness(STEPS);
  for (let i = 1; i < STEPS; i++) sum += (i % 2 === 1 ? 4 : 2) * slowness(i);
  return (sum * width) / 3 / perDay;
};

/** As dry as a wafer is when it has cooled on its rack and is packed. */
export const PACKED_ACTIVITY = 0.15;
