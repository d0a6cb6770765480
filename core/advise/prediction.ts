import { MODEL_VERSION, inputsHash, roundedTo } from '../basis/index.ts';
import { palerStep } from '../plate/index.ts';
import type { Advice } from './advice.ts';

/** So many points until the best moment, and on for this share of it: a load that is late goes on darkening. */
const POINTS = 12;
const GOES_ON = 1.35;

const browningOf = ({ cooked: { trace, window }, batter }: Advice): { readonly every_s: number; readonly steps: number[] } => {
  const paler = palerStep(trace, batter.rawLightness);
  const every_s = Math.max(1, window.best_s / POINTS);
  const steps: number[] = [];
  for (let t = 0; t <= GOES_ON * window.best_s; t += every_s) steps.push(roundedTo(paler[Math.min(trace.seconds, Math.round(t))] ?? 1, 2));
  return { every_s: roundedTo(every_s, 2), steps };
};

/** The promise made for a load, as it is kept beside it (see `Prediction` in the book). */
export const predictionOf = (a: Advice, ids: { readonly id: string; readonly formulaId: string; readonly formulaRev: number }) => {
  const { reading, iron, ...conditions } = a.request;
  const { window } = a.cooked;
  return {
    ...ids,
    ironId: iron.id,
    ironRev: iron.rev,
    inputsHash: inputsHash({ iron, conditions, composition: reading.composition, totalMass_g: reading.totalMass_g }),
    modelVersion: MODEL_VERSION,
    target: { ...a.request.target },
    setting: { temperature_C: roundedTo(a.setting.temperature_C, 1), dial: a.setting.dial === null ? null : roundedTo(a.setting.dial, 2) },
    portion_g: roundedTo(a.portion.portion_g, 2),
    cookTime_s: { from: Math.round(window.from_s), best: Math.round(window.best_s), to: Math.round(window.to_s) },
    cookTimeBand_s: { p10: Math.round(a.band_s.p10), p90: Math.round(a.band_s.p90) },
    tawnyStep: roundedTo(a.cooked.tawny, 2),
    browning: browningOf(a),
    crisp: roundedTo(a.cooked.crisp, 2),
    waterLoss_fraction: roundedTo(a.waterLoss, 4),
    pieceMass_g: roundedTo(a.pieceMass_g, 2),
  };
};
