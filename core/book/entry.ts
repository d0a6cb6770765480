import { meanOrNull } from '../basis/index.ts';
import type { Lot, Prediction, Load, LoadEvent, LoadProgress, Observation } from '../log/index.ts';
import { cookedFor_s, loadProgress, worstFill } from '../log/index.ts';
import type { Iron } from '../plate/index.ts';

/** A load as the book shows it: what was promised beside what came out. */
export type Entry = {
  readonly load: Load;
  readonly lot: Lot | null;
  readonly iron: Iron | null;
  readonly prediction: Prediction | null;
  readonly log: readonly LoadEvent[];
  readonly progress: LoadProgress;
  /** Closed to opened, s; null while it cooks or when a touch is missing. */
  readonly cooked_s: number | null;
  readonly tawny: { readonly upper: number | null; readonly lower: number | null };
  readonly fill: string | null;
  readonly crisp: number | null;
  readonly mass_g: number | null;
  readonly notes: readonly string[];
};

const numbers = (observations: readonly Observation[], kind: 'crisp' | 'mass_g'): number[] =>
  observations.flatMap((o) => (o.kind === kind ? [o.value] : []));
const sideOf = (observations: readonly Observation[], side: 'upper' | 'lower'): number | null =>
  meanOrNull(observations.flatMap((o) => (o.kind === 'tawny' && o.side === side ? [o.value] : [])));

export const entryOf = (
  load: Load,
  log: readonly LoadEvent[],
  lot: Lot | null,
  iron: Iron | null,
  prediction: Prediction | null,
): Entry => {
  const progress = loadProgress(log);
  const { observations } = progress;
  return {
    load,
    lot,
    iron,
    prediction,
    log,
    progress,
    cooked_s: cookedFor_s(progress),
    tawny: { upper: sideOf(observations, 'upper'), lower: sideOf(observations, 'lower') },
    fill: worstFill(observations),
    crisp: meanOrNull(numbers(observations, 'crisp')),
    mass_g: meanOrNull(numbers(observations, 'mass_g')),
    notes: observations.flatMap((o) => (o.kind === 'note' ? [o.value] : [])),
  };
};

/** How far off the promise: mean of the faces against the predicted step; null where either is missing. */
export const colourMiss = (entry: Entry): number | null => {
  const seen = meanOrNull([entry.tawny.upper, entry.tawny.lower].filter((value) => value !== null));
  return seen === null || entry.prediction === null ? null : seen - entry.prediction.tawnyStep;
};
