import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { ParsedFormula } from '../formula/index.ts';
import { gasAtThePlate_molPerKg, ingredientOf, LIFT_FACTS, unsettledLines } from '../formula/index.ts';
import type { BatterProperties } from '../plate/index.ts';
import { batterProperties } from '../plate/index.ts';

/** Less of these and it isn't a batter: only the flour's own moisture (some 12 %), or nothing that sets. */
const LEAST = { water: 0.16, polymer: 0.03 } as const;

/** A flour, a meal or a mix with a weight, or starch from something else: egg and milk alone are no batter. */
const hasFlour = ({ lines, composition }: ParsedFormula): boolean =>
  (composition?.starch ?? 0) >= LEAST.polymer ||
  lines.some((line) => (line.grams ?? 0) > 0 && ['flour', 'starch'].includes(ingredientOf(line)?.role ?? ''));

/**
 * The batter that a reading's bowl holds. Errors: `bowl-empty`, `bowl-without-water`, `bowl-without-starch` (no flour, starch or mix, or nothing that sets),
 * `bowl-half-read` {line, count} (lines that must be settled first).
 */
export const batterOf = (
  reading: ParsedFormula,
  conditions: { readonly batter_C: number; readonly altitude_m: number; readonly airFraction?: number | null },
): Result<BatterProperties> => {
  const { composition, leavening, totalMass_g } = reading;
  if (composition === null || !(totalMass_g > 0)) return failure('bowl-empty');
  const [unsettled, ...others] = unsettledLines(reading);
  if (unsettled !== undefined) return failure('bowl-half-read', { line: unsettled.text.slice(0, 80), count: 1 + others.length });
  if (composition.water + composition.alcohol < LEAST.water) return failure('bowl-without-water');
  if (!hasFlour(reading) || composition.starch + composition.protein + composition.fibre < LEAST.polymer)
    return failure('bowl-without-starch');
  const lift = LIFT_FACTS[reading.lift];
  return success(
    batterProperties({
      composition,
      airFraction: conditions.airFraction ?? lift.airFraction,
      gas_molPerKg: gasAtThePlate_molPerKg(leavening, totalMass_g) + lift.yeastGas_molPerKg,
      // Milliequivalents per gram are equivalents per kilogram.
      alkali_eqPerKg: leavening.leftover_meq / totalMass_g,
      tint: reading.tint,
      temperature_C: conditions.batter_C,
      altitude_m: conditions.altitude_m,
    }),
  );
};
