import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { ParsedFormula } from '../formula/index.ts';
import { gasAtThePlate_molPerKg, LIFT_FACTS } from '../formula/index.ts';
import type { BatterProperties } from '../plate/index.ts';
import { batterProperties } from '../plate/index.ts';

/** Less of these and it isn't a batter: only the flour's own moisture (some 12 %), or nothing that sets. */
const LEAST = { water: 0.16, polymer: 0.03 } as const;

/**
 * The batter that a reading's bowl holds. Errors: `bowl-empty`, `bowl-without-water`, `bowl-without-starch`
 * (neither flour, starch nor egg enough to set).
 */
export const batterOf = (
  reading: ParsedFormula,
  conditions: { readonly batter_C: number; readonly altitude_m: number; readonly airFraction?: number | null },
): Result<BatterProperties> => {
  const { composition, leavening, totalMass_g } = reading;
  if (composition === null || !(totalMass_g > 0)) return failure('bowl-empty');
  if (composition.water + composition.alcohol < LEAST.water) return failure('bowl-without-water');
  if (composition.starch + composition.protein + composition.fibre < LEAST.polymer) return failure('bowl-without-starch');
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
