/** Altitudes for which the standard atmosphere and a kitchen make sense, m. */
export const ALTITUDE_RANGE_M = { min: -430, max: 5500 } as const;

/** Standard sea-level pressure, Pa. */
export const SEA_LEVEL_PRESSURE_PA = 101325;

/**
 * Pressure of the US Standard Atmosphere 1976 (ICAO Doc 7488), Pa, at a geopotential altitude in m.
 * Valid −430…11,000 m; the weather adds about ±3 %, or ±0.9 K of boiling point.
 */
export const atmosphericPressure_Pa = (altitude_m: number): number =>
  SEA_LEVEL_PRESSURE_PA * ((288.15 - 0.0065 * altitude_m) / 288.15) ** 5.255876;
