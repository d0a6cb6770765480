import { MODEL_VERSION, inputsHash, roundedTo } from '../basis/index.ts';
import type { Advice } from './advice.ts';

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
    crisp: roundedTo(a.cooked.crisp, 2),
    waterLoss_fraction: roundedTo(a.waterLoss, 4),
    pieceMass_g: roundedTo(a.pieceMass_g, 2),
  };
};
