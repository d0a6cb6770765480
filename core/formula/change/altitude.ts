import { sum } from '../../basis/index.ts';
import { atmosphericPressure_Pa, SEA_LEVEL_PRESSURE_PA } from '../../matter/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf } from '../read/line.ts';

/**
 * The published table: per teaspoon of powder less, per cup of sugar less, per cup of liquid more, as shares. Colorado State University
 * Extension, high-altitude food preparation (from memory, medium: heads of columns differ between editions).
 */
export const ALTITUDE_TABLE = [
  { feet: 3000, powderLess: [1 / 8, 1 / 8], sugarLess: [0, 1 / 16], liquidMore: [1 / 16, 2 / 16] },
  { feet: 5000, powderLess: [1 / 8, 1 / 4], sugarLess: [0, 2 / 16], liquidMore: [2 / 16, 4 / 16] },
  { feet: 7000, powderLess: [1 / 4, 1 / 4], sugarLess: [1 / 16, 3 / 16], liquidMore: [3 / 16, 4 / 16] },
] as const;

const METRES_PER_FOOT = 0.3048;
/** Below this nobody corrects. */
const LEAST_ALTITUDE_M = 600;

export type AltitudeCorrection = {
  readonly line: number;
  readonly from_g: number;
  readonly to_g: number;
  readonly because: 'gas-expands' | 'sugar-concentrates' | 'water-leaves';
};

/** Share of gas to leave out so that it fills the same volume: 1 − p/p₀ (Boyle). */
export const gasLess = (altitude_m: number): number => Math.max(0, 1 - atmosphericPressure_Pa(altitude_m) / SEA_LEVEL_PRESSURE_PA);

/** Middle of the table's range at an altitude, between its rows by a straight line, from nothing at sea level. */
const tabled = (altitude_m: number, column: 'powderLess' | 'sugarLess' | 'liquidMore'): number => {
  const feet = altitude_m / METRES_PER_FOOT;
  const points = [
    { feet: 0, value: 0 },
    ...ALTITUDE_TABLE.map((row) => ({ feet: row.feet, value: (row[column][0] + row[column][1]) / 2 })),
  ];
  const after = points.findIndex((point) => point.feet >= feet);
  if (after <= 0) return after === 0 ? 0 : (points.at(-1)?.value ?? 0);
  const [a, b] = [points[after - 1], points[after]];
  if (a === undefined || b === undefined) return 0;
  return a.value + ((feet - a.feet) / (b.feet - a.feet)) * (b.value - a.value);
};

/** A waffle is thin and dries quickly: of a cake's extra liquid it wants about half, of its sugar less, too (*common practice*). */
const WAFFLE_SHARE = 0.5;

/**
 * What a formula written for the low country wants here, line by line: leavening by the gas law, sugar and liquid by half of what the
 * table says for cakes. Empty near sea level.
 */
export const altitudeCorrections = (reading: ParsedFormula, altitude_m: number): AltitudeCorrection[] => {
  if (altitude_m < LEAST_ALTITUDE_M) return [];
  const sugarShare =
    sum(reading.lines.map((line) => (ingredientOf(line)?.role === 'sugar' ? (line.grams ?? 0) : 0))) / Math.max(1e-9, reading.flour_g);
  return reading.lines.flatMap((line, index): AltitudeCorrection[] => {
    const role = ingredientOf(line)?.role;
    if (line.grams === null || line.grams <= 0) return [];
    const to = (factor: number, because: AltitudeCorrection['because']): AltitudeCorrection[] => [
      { line: index, from_g: line.grams ?? 0, to_g: (line.grams ?? 0) * factor, because },
    ];
    if (role === 'leavening') return to(1 - gasLess(altitude_m), 'gas-expands');
    // Little sugar weakens nothing.
    if (role === 'sugar' && sugarShare > 0.25) return to(1 - WAFFLE_SHARE * tabled(altitude_m, 'sugarLess'), 'sugar-concentrates');
    if (role === 'liquid') return to(1 + WAFFLE_SHARE * tabled(altitude_m, 'liquidMore'), 'water-leaves');
    return [];
  });
};
