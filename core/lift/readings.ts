import type { Ferment, FermentPath } from './ferment.ts';
import { ferment } from './ferment.ts';
import type { Finding } from '../basis/index.ts';

/** What was read on the way: a probe in the batter, °C, or its height over the first height. */
export type Reading = { readonly at_s: number; readonly what: 'temperature_C' | 'rise'; readonly value: number };

/** How well each is read, and how far the unknowns usually are off, in logarithms. */
const READ_SD = { temperature_C: 0.6, rise: 0.05 } as const;
const PRIOR_SD = { tau: 0.3, rate: 0.4 } as const;
/** A reading that far from everything is a slip or a probe that fell out. */
const ODD_SD = 6;
/** What a probe in a batter can show at all. */
const SENSIBLE = { temperature_C: [-2, 60], rise: [0.8, 5] } as const;

export type Corrected = {
  readonly ferment: Ferment;
  readonly path: FermentPath;
  readonly used: number;
  /** `reading-senseless` {value}, `reading-odd` {value, expected}. */
  readonly findings: readonly Finding[];
};

const valueAt = (path: FermentPath, reading: Reading): number => {
  const row = reading.what === 'temperature_C' ? path.T_C : path.rise;
  return row[Math.min(path.minutes, Math.max(0, Math.round(reading.at_s / 60)))] ?? 0;
};

const misfit = (path: FermentPath, readings: readonly Reading[], logTau: number, logRate: number): number =>
  readings.reduce(
    (sum, reading) => sum + Math.min(ODD_SD ** 2, ((reading.value - valueAt(path, reading)) / READ_SD[reading.what]) ** 2),
    0,
  ) +
  (logTau / PRIOR_SD.tau) ** 2 +
  (logRate / PRIOR_SD.rate) ** 2;

const GRID = [-2, -1, 0, 1, 2] as const;

/**
 * The path bent to what was read: the vessel's time constant and the yeast's vigour are moved as far as the readings ask and the usual spread
 * allows (a small search, twice refined). Senseless and odd readings are named and left out.
 */
export const corrected = (f: Ferment, all: readonly Reading[]): Corrected => {
  const findings: Finding[] = [];
  const readings = all.filter((reading) => {
    const [low, high] = SENSIBLE[reading.what];
    const isSensible = Number.isFinite(reading.value) && reading.value >= low && reading.value <= high;
    if (!isSensible)
      findings.push({
        code: 'reading-senseless',
        level: 'warning',
        fields: { value: Number.isFinite(reading.value) ? reading.value : 'not a number' },
      });
    return isSensible;
  });
  const at = (logTau: number, logRate: number): Ferment => ({
    ...f,
    tauFactor: f.tauFactor * Math.exp(logTau),
    rateFactor: f.rateFactor * Math.exp(logRate),
  });
  const until = Math.max(60, ...readings.map((reading) => reading.at_s));
  let best = { logTau: 0, logRate: 0, misfit: Infinity };
  const hasTemperature = readings.some((reading) => reading.what === 'temperature_C');
  const hasRise = readings.some((reading) => reading.what === 'rise');
  let step = 0.4;
  for (let round = 0; round < 3 && readings.length > 0; round++, step /= 3) {
    const centre = best.misfit === Infinity ? { logTau: 0, logRate: 0 } : { ...best };
    for (const i of hasTemperature ? GRID : ([0] as const))
      for (const j of hasRise ? GRID : ([0] as const)) {
        const logTau = centre.logTau + i * step;
        const logRate = centre.logRate + j * step;
        const found = misfit(ferment({ ...at(logTau, logRate), duration_s: until }), readings, logTau, logRate);
        if (found < best.misfit) best = { logTau, logRate, misfit: found };
      }
  }
  const bent = at(best.logTau, best.logRate);
  const path = ferment(bent);
  for (const reading of readings) {
    const expected = valueAt(path, reading);
    if (Math.abs(reading.value - expected) > ODD_SD * READ_SD[reading.what])
      findings.push({
        code: 'reading-odd',
        level: 'warning',
        fields: { value: reading.value, expected: Number(expected.toFixed(reading.what === 'rise' ? 2 : 1)) },
      });
  }
  return { ferment: bent, path, used: readings.length, findings };
};
