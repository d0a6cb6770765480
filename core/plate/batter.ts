import { KELVIN_OFFSET, clamp } from '../basis/index.ts';
import type { Composition, Isotherm, SorptionMatter } from '../matter/index.ts';
import {
  atmosphericPressure_Pa,
  batterBrowningFactor,
  boilingPoint_C,
  flowing_mLPerG,
  GAS_CONSTANT,
  isotherm,
  PALE_RAW_LIGHTNESS,
  saturationPressure_Pa,
  sorptionMatter,
  stiffening,
  sugars,
  thermalProperties,
} from '../matter/index.ts';

/** What the bowl holds, as far as the plate is concerned. */
export type BatterInput = {
  readonly composition: Composition;
  /** Volume share of air whipped or fermented in when it is poured (0–0.8). */
  readonly airFraction: number;
  /** CO₂ that heat and acid set free, mol per kg of batter. */
  readonly gas_molPerKg: number;
  /** Base left after acid and soda have met, equivalents per kg (negative: acid left). */
  readonly alkali_eqPerKg: number;
  /** Optical darkness: Σ mass share × tint of the ingredients; 0 is pale. */
  readonly tint: number;
  readonly temperature_C: number;
  readonly altitude_m: number;
};

/** What the plate model needs of a batter; SI, fixed for one load. */
export type BatterProperties = {
  readonly composition: Composition;
  readonly temperature_C: number;
  readonly pressure_Pa: number;
  /** Of pure water in this kitchen. */
  readonly boiling_C: number;
  /** Poured, with its air, g/mL. */
  readonly density_gPerML: number;
  /** Cooked volume over poured volume by air and CO₂, when nothing hinders it. */
  readonly swelling: number;
  /** kg of dry mass per kg of batter. */
  readonly drySolids: number;
  /** kg of water per kg of dry mass, raw. */
  readonly water: number;
  readonly sorption: SorptionMatter;
  readonly isotherm: Isotherm;
  readonly dryHeatCapacity_JPerKgK: number;
  /** Gas-free conductivity near boiling. */
  readonly conductivity_WPerMK: number;
  readonly gasFreeDensity_kgPerM3: number;
  readonly browningFactor: number;
  readonly rawLightness: number;
  /** Starch has set above this; sugar delays it. */
  readonly setTemperature_C: number;
  /** What flows (mL, with dissolved sugar and liquid fat) over starch + protein + fibre (g): about 1 dollop, 2½ pourable, over 3½ runny. */
  readonly looseness: number;
};

/** *Calibrated to common practice* (cups per iron): what swells a batter between pour and set. */
const SWELLING = {
  /** Temperature at which the walls of the bubbles set. */
  setting_C: 80,
  /** Share of the gas that isn't lost through ruptures. */
  retained: 0.42,
  /** The most gas that stays, per volume of batter. */
  most: 0.62,
  /** Steam's own share, as a volume, at a mean gap of `steamGap_m`; the thinner, the more of it boils before it sets. */
  steam: 0.3,
  steamGap_m: 8.5e-3,
} as const;

/** Raw lightness falls from pale to this as the batter darkens. */
const DARKEST_LIGHTNESS = 24;
const DRIED_REFERENCE_C = 80;
const WATER_J_PER_KG_K = 4200;

/** Cooked over poured volume in a gap of this mean thickness, steam included; about 1.3–2.6. */
export const expansion = (batter: BatterProperties, thickness_m: number): number =>
  batter.swelling + SWELLING.steam * (SWELLING.steamGap_m / Math.max(1e-3, thickness_m));

/** Air and CO₂ grow with heat, steam pressure and thin air. */
const swellingOf = (input: BatterInput, density_kgPerM3: number, pressure_Pa: number): number => {
  const start_K = input.temperature_C + KELVIN_OFFSET;
  const air_molPerM3 = (input.airFraction * pressure_Pa) / (GAS_CONSTANT * start_K);
  const gas_molPerM3 = air_molPerM3 + input.gas_molPerKg * density_kgPerM3;
  const dryPressure = pressure_Pa - 0.97 * saturationPressure_Pa(SWELLING.setting_C);
  const room = Math.max(0.12 * pressure_Pa, dryPressure);
  const gasVolume = (gas_molPerM3 * GAS_CONSTANT * (SWELLING.setting_C + KELVIN_OFFSET)) / room;
  const kept = SWELLING.most * (1 - Math.exp((-SWELLING.retained * gasVolume) / SWELLING.most));
  return 1 - input.airFraction + kept;
};

/** Temperature at which a starch crumb has set, °C: sugar in the water delays it (direction from baking texts, size *calibrated*). */
const setTemperature_C = (c: Composition): number => {
  const sugarShare = sugars(c) / Math.max(1e-6, sugars(c) + c.water);
  const sweet = 66 + 52 * sugarShare;
  // Rounded maximum of 88 °C and the sweet batter's own.
  return 88 + Math.log1p(Math.exp(clamp((sweet - 88) / 2, -40, 40))) * 2;
};

export const batterProperties = (input: BatterInput): BatterProperties => {
  const c = input.composition;
  const pressure_Pa = atmosphericPressure_Pa(input.altitude_m);
  const boiling_C = boilingPoint_C(pressure_Pa);
  const sorption = sorptionMatter(c);
  const cool = thermalProperties(c, input.temperature_C);
  const hot = thermalProperties(c, DRIED_REFERENCE_C);
  const water = c.water + c.alcohol;
  const drySolids = Math.max(1e-4, 1 - water);
  const density = cool.density_kgPerM3 * (1 - input.airFraction);
  return {
    composition: c,
    temperature_C: input.temperature_C,
    pressure_Pa,
    boiling_C,
    density_gPerML: density / 1000,
    swelling: swellingOf(input, density, pressure_Pa),
    drySolids,
    water: water / drySolids,
    sorption,
    isotherm: isotherm(sorption, boiling_C),
    dryHeatCapacity_JPerKgK: Math.max(900, (hot.heatCapacity_JPerKgK - WATER_J_PER_KG_K * water) / drySolids),
    conductivity_WPerMK: (hot.conductivityParallel_WPerMK + hot.conductivitySeries_WPerMK) / 2,
    gasFreeDensity_kgPerM3: hot.density_kgPerM3,
    browningFactor: batterBrowningFactor(c, input.alkali_eqPerKg),
    rawLightness: DARKEST_LIGHTNESS + (PALE_RAW_LIGHTNESS - DARKEST_LIGHTNESS) * Math.exp(-Math.max(0, input.tint)),
    setTemperature_C: setTemperature_C(c),
    looseness: flowing_mLPerG(c) / Math.max(1e-4, stiffening(c)),
  };
};
