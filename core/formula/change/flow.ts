import { THICKNESS } from './thicknessCorrection.ts';
import type { Thickness } from './thicknessCorrection.ts';

/**
 * Spread test: a level tablespoon (15 mL) let fall on a cold flat plate, width after 30 s, cm, in the middle of each word
 * (*common practice*; between them a straight line over the logarithm of looseness).
 */
const SPREAD_CM: Readonly<Record<Thickness, number>> = { dollop: 4.5, ribbon: 6.5, pourable: 9, runny: 12 };

const ANCHORS = (Object.keys(THICKNESS) as Thickness[]).map((word) => ({ x: Math.log(THICKNESS[word]), cm: SPREAD_CM[word] }));
/** What fits a tablespoon on a plate. */
export const SPREAD_RANGE_CM = { min: 3.5, max: 16 } as const;

/** Width of the spread test for a looseness (liquid over starch, protein and fibre), cm. */
export const spread_cm = (looseness: number): number => {
  const x = Math.log(Math.max(0.2, looseness));
  const above = ANCHORS.findIndex((anchor) => anchor.x >= x);
  const i = above < 0 ? ANCHORS.length - 1 : Math.max(1, above);
  const [a, b] = [ANCHORS[i - 1], ANCHORS[i]];
  if (a === undefined || b === undefined) return 0;
  const cm = a.cm + ((x - a.x) / (b.x - a.x)) * (b.cm - a.cm);
  return Math.min(SPREAD_RANGE_CM.max, Math.max(SPREAD_RANGE_CM.min, cm));
};

/** The looseness that a spread of this width speaks of. */
export const loosenessOfSpread = (cm: number): number => {
  const above = ANCHORS.findIndex((anchor) => anchor.cm >= cm);
  const i = above < 0 ? ANCHORS.length - 1 : Math.max(1, above);
  const [a, b] = [ANCHORS[i - 1], ANCHORS[i]];
  return a === undefined || b === undefined ? 1 : Math.exp(a.x + ((cm - a.cm) / (b.cm - a.cm)) * (b.x - a.x));
};

/** The word a spoon would say for a looseness: the nearest one, on a scale of ratios. */
export const thicknessWord = (looseness: number): Thickness =>
  (Object.keys(THICKNESS) as Thickness[]).reduce((best, word) =>
    Math.abs(Math.log(looseness / THICKNESS[word])) < Math.abs(Math.log(looseness / THICKNESS[best])) ? word : best,
  );
