import { clamp } from '../basis/index.ts';
import { waterActivity } from '../matter/index.ts';
import {
  cookedVolume_mL,
  CRISP_WATER_ACTIVITY,
  meanThickness_m,
  kitchenAir,
  palerStep,
  seenSteam,
  standing,
  steamMean,
} from '../plate/index.ts';
import type { Advice } from './advice.ts';

/** One column of the cut: what the drawing reads, second by second, cell by cell (row-major, lower face first). */
export type PictureColumn = {
  readonly cells: number;
  /** Only the lower half; the upper is its mirror image. */
  readonly mirrored: boolean;
  readonly share: number;
  readonly thickness_mm: number;
  /** Room between the two halves of what lines a pan, mm; and the share of the batter that is the lower half. */
  readonly hollow_mm: number;
  readonly lowerShare: number;
  readonly size_mm: Float64Array;
  readonly T_C: Float32Array;
  /** Share of its raw water that a cell still holds. */
  readonly wetness: Float32Array;
  readonly waterActivity: Float32Array;
  /** L* of the lower and the upper face. */
  readonly lowerLightness: Float64Array;
  readonly upperLightness: Float64Array;
  /** Layer under a face with a_w below the crisp limit, mm. */
  readonly crust_mm: Float64Array;
};

/** Everything the Iron station draws; plain arrays that a worker can hand over. Index: seconds from the closed lid. */
export type Picture = {
  readonly seconds: number;
  readonly core_C: Float64Array;
  readonly face_C: Float64Array;
  readonly plate_C: Float64Array;
  /** As it is seen. */
  readonly steam_gPerS: Float64Array;
  readonly loss: Float64Array;
  /** Continuous step of the paler face. */
  readonly tawny: Float64Array;
  readonly density_gPerML: Float64Array;
  /** Height it would keep if it were opened then, share. */
  readonly standing: Float64Array;
  readonly columns: readonly PictureColumn[];
  readonly set_C: number;
  /** From then on the faces let go of the plates; null: not within the picture. */
  readonly letsGo_s: number | null;
  readonly rawLightness: number;
};

/** The batter has swollen to its cooked size when its mean temperature is here, °C. */
const SWOLLEN_C = 80;

export const pictureOf = (a: Advice): Picture => {
  const { trace } = a.cooked;
  const seconds = shownSeconds(a);
  // Only what is shown is handed over: a worker copies it on every move of a slider.
  const shown = (row: Float64Array): Float64Array => row.slice(0, seconds + 1);
  return {
    seconds,
    core_C: shown(trace.core_C),
    face_C: shown(trace.face_C),
    plate_C: shown(trace.lowerPlate_C).map((lower, i) => (lower + (trace.upperPlate_C[i] ?? lower)) / 2),
    steam_gPerS: steamMean(shown(seenSteam(trace, a.machine, kitchenAir(a.request.room_C), a.batter.pressure_Pa))),
    loss: shown(trace.loss),
    tawny: shown(palerStep(trace, a.batter.rawLightness)),
    density_gPerML: density(a, shown(trace.loss)),
    standing: shown(standing(trace, a.batter, meanThickness_m(a.machine))),
    columns: trace.columns.map((_, index) => pictureColumn(a, index, seconds)),
    set_C: a.batter.setTemperature_C,
    letsGo_s: a.cooked.moments.letsGo_s,
    rawLightness: a.batter.rawLightness,
  };
};

/** What comes long after the last good moment is of no use at the iron. */
const shownSeconds = (a: Advice): number => {
  const { window, trace } = a.cooked;
  return Math.min(trace.seconds, Math.ceil(Math.max(1.45 * window.to_s, 1.1 * a.band_s.p90, window.best_s + 15)));
};

/** Mass left over the volume it has swollen to by then. */
const density = (a: Advice, loss: Float64Array): Float64Array => {
  const { trace } = a.cooked;
  const { batter, portion } = a;
  const { iron } = a.request;
  const cooked_mL = cookedVolume_mL(iron, batter, portion.portion_mL);
  return loss.map((lost, i) => {
    const mean_C = ((trace.core_C[i] ?? 0) + (trace.face_C[i] ?? 0)) / 2;
    const swollen = clamp((mean_C - batter.temperature_C) / Math.max(1, SWOLLEN_C - batter.temperature_C), 0, 1);
    return (portion.portion_g * (1 - lost)) / (portion.portion_mL + swollen * (cooked_mL - portion.portion_mL));
  });
};

const pictureColumn = (a: Advice, index: number, seconds: number): PictureColumn => {
  const { trace } = a.cooked;
  const column = trace.columns[index];
  if (column === undefined) throw new RangeError('no such column');
  const { n, size_m } = column;
  const [T, X] = [column.T, column.X].map((cells) => cells.slice(0, (seconds + 1) * n)) as [Float32Array, Float32Array];
  const activity = new Float32Array(T.length);
  const wetness = new Float32Array(T.length);
  const crust_mm = new Float64Array(seconds + 1);
  const lightness = (row: number): Float64Array => (trace.columnLightness[row] ?? new Float64Array(0)).slice(0, seconds + 1);
  for (let s = 0; s <= seconds; s++) {
    let dry_m = 0;
    for (let i = 0; i < n; i++) {
      const at = s * n + i;
      const water = X[at] ?? 0;
      const aw = waterActivity(a.batter.sorption, T[at] ?? 0, water);
      activity[at] = aw;
      wetness[at] = Math.min(1, water / a.batter.water);
      if (aw < CRISP_WATER_ACTIVITY) dry_m += size_m[i] ?? 0;
    }
    crust_mm[s] = (dry_m * 1000) / (column.mirrored ? 1 : 2);
  }
  return {
    cells: n,
    mirrored: column.mirrored,
    share: column.share,
    thickness_mm: column.thickness_m * 1000,
    hollow_mm: a.machine.turns ? Math.max(0, ((a.machine.columns[index]?.thickness_m ?? 0) - column.thickness_m) * 1000) : 0,
    lowerShare: a.turned?.stays ?? 0.5,
    size_mm: size_m.map((size) => size * 1000),
    T_C: T,
    wetness,
    waterActivity: activity,
    lowerLightness: lightness(2 * index),
    upperLightness: lightness(2 * index + 1),
    crust_mm,
  };
};
