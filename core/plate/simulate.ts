import { saturationPressure_Pa, surfaceBrowningRate_perSecond, waterActivity } from '../matter/index.ts';
import type { BatterProperties } from './batter.ts';
import { expansion } from './batter.ts';
import type { PlateMachine } from './iron.ts';
import type { Column, Medium, MediumScales } from './medium.ts';
import { column, halves, meanThickness_m, medium, UNSCALED } from './medium.ts';
import type { Face, Workspace } from './step.ts';
import { faceConductance, step, workspace } from './step.ts';
import type { PlatesState } from './plates.ts';
import { advancePlates, flameAt, OPEN_LID_FACTOR } from './plates.ts';
import type { Halves } from './turned.ts';
import { AT_ONCE_S, freeFace, halvesOf, mixed, staysShare, turnedColumn } from './turned.ts';

export type SimulationInput = {
  readonly machine: PlateMachine;
  readonly batter: BatterProperties;
  /** Batter poured, kg, all moulds together. */
  readonly portion_kg: number;
  /** Plates as they are when the lid closes. */
  readonly plates: PlatesState;
  /** Temperature the control aims at, °C. */
  readonly setting_C: number;
  readonly room_C: number;
  readonly duration_s: number;
  /** Poured so long before the lid closes, s: the lower face is on the plate, the upper in the air. */
  readonly delay_s?: number;
  /** Plates that go their own way, as in this trace: what is cooked is a spot of a load, and takes no heat that counts. */
  readonly follow?: Pick<Trace, 'lowerPlate_C' | 'upperPlate_C' | 'seconds'>;
  /** When a pan that is turned is turned over, s from the closed lid; left out or null: at once. */
  readonly turn_s?: number | null;
  readonly scales?: MediumScales;
  /** Cells per column; even. */
  readonly cells?: number;
  /** Time steps are divided by this, for refinement checks. */
  readonly refine?: number;
  /** Stops before `duration_s` once this says so (asked each noted second). */
  readonly enough?: (trace: Trace, second: number) => boolean;
  /** Keeps temperature and water of every cell each second, for the drawing. */
  readonly profiles?: boolean;
};

/** One value a second, from the closed lid (index 0) on. */
export type Trace = {
  readonly seconds: number;
  /** Coldest cell of the rib column, °C. */
  readonly core_C: Float64Array;
  /** Mean of the faces, by area, °C. */
  readonly face_C: Float64Array;
  readonly lowerPlate_C: Float64Array;
  readonly upperPlate_C: Float64Array;
  /** Steam leaving the iron, g/s. */
  readonly steam_gPerS: Float64Array;
  /** Water lost, fraction of the poured mass. */
  readonly loss: Float64Array;
  /** Water in the wettest cell of the rib, fraction of its mass. */
  readonly coreWater: Float64Array;
  /** L* of the lower and the upper face, by heated area. */
  readonly lowerLightness: Float64Array;
  readonly upperLightness: Float64Array;
  /** L* of each column and face: [web lower, web upper, rib lower, rib upper] (one column: two rows). */
  readonly columnLightness: readonly Float64Array[];
  readonly columns: readonly ColumnTrace[];
};

/** A column's cells each second (row-major, second × cell); empty unless profiles were asked for. */
export type ColumnTrace = {
  readonly n: number;
  readonly mirrored: boolean;
  readonly share: number;
  readonly thickness_m: number;
  readonly size_m: Float64Array;
  readonly T: Float32Array;
  readonly X: Float32Array;
};

export const DEFAULT_CELLS = 20;

type Lane = {
  readonly medium: Medium;
  readonly column: Column;
  readonly work: Workspace;
  /** L* of the lower and upper face. */
  readonly lightness: [number, number];
  /** A pan that is turned: its column in two. */
  readonly halves: Halves | null;
};

/** Time steps since the lid closed: fine while the faces dry, coarse in the long middle. */
const stepAt_s = (elapsed_s: number): number => (elapsed_s < 8 ? 0.2 : elapsed_s < 40 ? 0.5 : elapsed_s < 120 ? 1 : 2);

const lanes = (input: SimulationInput): Lane[] => {
  const { machine, batter } = input;
  const areal = input.portion_kg / machine.heatedArea_m2;
  const gap_m = meanThickness_m(machine);
  // Batter that doesn't swell to the whole gap lines the faces and leaves a hollow (a ball pan poured low).
  const swelled_m = ((areal / batter.density_gPerML) * expansion(batter, gap_m)) / 1000;
  const filled = Math.min(1, swelled_m / gap_m);
  const m = medium(batter, areal, gap_m * filled, input.scales ?? UNSCALED);
  const n = input.cells ?? DEFAULT_CELLS;
  const { plates } = input;
  if (machine.turns) {
    const poured_mm = areal / batter.density_gPerML;
    const stays = staysShare(m, gap_m * filled, plates.lower_C, input.turn_s ?? AT_ONCE_S, poured_mm);
    return machine.columns.map((part): Lane => {
      const whole = turnedColumn(m, part.thickness_m * filled, stays, part.share, n);
      return {
        medium: m,
        column: whole,
        work: workspace(n),
        lightness: [batter.rawLightness, batter.rawLightness],
        halves: halvesOf(whole),
      };
    });
  }
  const mirrored =
    machine.flame === null &&
    plates.lower_C === plates.upper_C &&
    plates.lowerSensor_C === plates.upperSensor_C &&
    !((input.delay_s ?? 0) > 0);
  return machine.columns.map((part) => ({
    medium: m,
    column: column(m, part.thickness_m * filled, part.share, n, mirrored),

    work: workspace(mirrored ? n / 2 : n),
    lightness: [batter.rawLightness, batter.rawLightness],
    halves: null,
  }));
};

/** Temperature of the batter's skin against the plate: between plate and first cell, by their conductances. */
const skin_C = (lane: Lane, plate_C: number, face: Face, cell: number): number => {
  const { medium: m, column: c, work } = lane;
  const inside = (2 * work.conductivity[cell]!) / c.size_m[cell]!;
  const whole = faceConductance(m, c, work, face, cell);
  return c.T[cell]! + (whole / inside) * (plate_C - c.T[cell]!);
};

const brownFace = (lane: Lane, plate_C: number, face: Face, cell: number, dt_s: number, factor: number): number => {
  const T = skin_C(lane, plate_C, face, cell);
  if (T < 95) return 1;
  const rate = surfaceBrowningRate_perSecond(T, waterActivity(lane.medium.batter.sorption, T, lane.column.X[cell]!));
  return Math.exp(-factor * rate * dt_s);
};

const brown = (lane: Lane, lower: PlateFace, upper: PlateFace, dt_s: number, scale: number): void => {
  const { lightness, column: c } = lane;
  const factor = lane.medium.batter.browningFactor * scale;
  lightness[0] *= brownFace(lane, lower.temperature_C, lower, 0, dt_s, factor);
  if (c.mirrored) lightness[1] = lightness[0];
  else lightness[1] *= brownFace(lane, upper.temperature_C, upper, c.n - 1, dt_s, factor);
};

type PlateFace = Extract<Face, { kind: 'plate' }>;
const MIRROR: Face = { kind: 'mirror' };

/** What a step takes out of each plate, W/m², and the steam that leaves, kg/(m² s); over the whole thickness. */
type Into = { readonly lower: number; readonly upper: number; readonly steam: number };

const between = (lane: Lane, lower: PlateFace, upper: PlateFace, dt_s: number, browning: number): Into => {
  const { column: c, work } = lane;
  step(lane.medium, c, work, lower, c.mirrored ? MIRROR : upper, dt_s);
  brown(lane, lower, upper, dt_s, browning);
  return {
    lower: work.heatLower,
    upper: c.mirrored ? work.heatLower : work.heatUpper,
    steam: halves(c) * (work.steamFreed - work.steamCaught),
  };
};

/** All of it lies on the lower plate until the pan is turned; then each half has its own plate, and steam between them. */
const inPan = (lane: Lane, pan: Halves, isTurned: boolean, lower: PlateFace, upper: PlateFace, dt_s: number, browning: number): Into => {
  const { medium: m, column: c, work, lightness } = lane;
  const factor = m.batter.browningFactor * browning;
  if (!isTurned) {
    step(m, c, work, lower, freeFace(upper.temperature_C), dt_s);
    lightness[0] *= brownFace(lane, lower.temperature_C, lower, 0, dt_s, factor);
    return { lower: work.heatLower, upper: work.heatUpper, steam: work.steamFreed - work.steamCaught };
  }
  const { first, second, firstWork, secondWork } = pan;
  const inside = freeFace(m.batter.boiling_C);
  step(m, first, firstWork, lower, inside, dt_s);
  step(m, second, secondWork, inside, upper, dt_s);
  lightness[0] *= brownFace({ ...lane, column: first, work: firstWork }, lower.temperature_C, lower, 0, dt_s, factor);
  lightness[1] *= brownFace({ ...lane, column: second, work: secondWork }, upper.temperature_C, upper, second.n - 1, dt_s, factor);
  return {
    lower: firstWork.heatLower,
    upper: secondWork.heatUpper,
    steam: firstWork.steamFreed - firstWork.steamCaught + secondWork.steamFreed - secondWork.steamCaught,
  };
};

/** Air over the open batter. */
const OPEN_AIR_H_W_PER_M2K = 10;
const OPEN_STEP_S = 0.5;

/** The seconds between the pour and the lid: changes the columns in place, gives the plates as the lid closes. */
const lyingOpen = (input: SimulationInput, all: readonly Lane[]): PlatesState => {
  const delay_s = input.delay_s ?? 0;
  let plates = input.plates;
  const air: Face = {
    kind: 'air',
    temperature_C: input.room_C,
    h_WPerM2K: OPEN_AIR_H_W_PER_M2K,
    vapour_Pa: 0.5 * saturationPressure_Pa(input.room_C),
    // What leaves a wet cold surface in seconds is nothing.
    vapourConductance: 0,
  };
  for (let t = 0; t < delay_s; t += OPEN_STEP_S) {
    const lower: PlateFace = { kind: 'plate', temperature_C: plates.lower_C };
    let heat = 0;
    for (const lane of all) {
      step(lane.medium, lane.column, lane.work, lower, air, OPEN_STEP_S);
      heat += lane.column.share * lane.work.heatLower;
      lane.lightness[0] *= brownFace(
        lane,
        lower.temperature_C,
        lower,
        0,
        OPEN_STEP_S,
        lane.medium.batter.browningFactor * (input.scales?.browning ?? 1),
      );
    }
    plates = advancePlates(
      input.machine,
      plates,
      input.setting_C,
      input.room_C,
      heat * input.machine.heatedArea_m2,
      0,
      OPEN_STEP_S,
      OPEN_LID_FACTOR,
    );
  }
  return plates;
};

/** Cooks one load. Deterministic: the same input gives bit-equal output. */
export const simulate = (input: SimulationInput): { readonly trace: Trace; readonly end: LoadState } => {
  const seconds = Math.max(1, Math.ceil(input.duration_s));
  const all = lanes(input);
  const plates0 = lyingOpen(input, all);
  let plates = plates0;
  const recorder = record(input, all, seconds);
  recorder.note(0, plates, 0);
  const refine = input.refine ?? 1;
  const browning = input.scales?.browning ?? 1;
  const turn_s = input.turn_s ?? AT_ONCE_S;
  let isTurned = false;
  let second = 0;
  while (second < seconds) {
    const long = stepAt_s(second);
    // Whole seconds between two notes: 1, or 2 where the step itself is 2 s.
    const stride = Math.min(long > 1 ? 2 : 1, seconds - second);
    const count = Math.max(1, Math.round((refine * stride) / long));
    const dt_s = stride / count;
    let steam = 0;
    if (!isTurned && second >= turn_s) {
      isTurned = true;
      for (const { halves: pan } of all) if (pan !== null) mixed(pan.second);
    }
    for (let k = 0; k < count; k++) {
      const lower: PlateFace = { kind: 'plate', temperature_C: plates.lower_C };
      const upper: PlateFace = { kind: 'plate', temperature_C: plates.upper_C };
      let heatLower = 0;
      let heatUpper = 0;
      for (const lane of all) {
        const into =
          lane.halves === null
            ? between(lane, lower, upper, dt_s, browning)
            : inPan(lane, lane.halves, isTurned, lower, upper, dt_s, browning);
        const { share } = lane.column;
        heatLower += share * into.lower;
        heatUpper += share * into.upper;
        steam += share * into.steam * dt_s;
      }
      const area = input.machine.heatedArea_m2;
      plates = advancePlates(
        input.machine,
        plates,
        input.setting_C,
        input.room_C,
        heatLower * area,
        heatUpper * area,
        dt_s,
        1,
        flameAt(input.machine, second),
      );
    }
    second += stride;
    if (input.follow !== undefined) plates = followed(plates, input.follow, second);
    recorder.note(second, plates, (steam * input.machine.heatedArea_m2 * 1000) / stride);
    if (stride === 2) recorder.fill(second - 1);
    if (input.enough?.(recorder.trace, second) === true) break;
  }
  return {
    trace: second < seconds ? shortened(recorder.trace, second) : recorder.trace,
    end: { columns: all.map((lane) => lane.column), medium: all[0]!.medium, plates, offBalance: Math.max(...all.map(offBalance)) },
  };
};

const followed = (plates: PlatesState, trace: NonNullable<SimulationInput['follow']>, second: number): PlatesState => {
  const at = Math.min(trace.seconds, second);
  return { ...plates, lower_C: trace.lowerPlate_C[at]!, upper_C: trace.upperPlate_C[at]! };
};

/** The load as it is when the run stops: what a rack or the next load starts from. */
export type LoadState = {
  readonly columns: readonly Column[];
  readonly medium: Medium;
  readonly plates: PlatesState;
  /** The worst that water or heat were off in one step of any column, as a share of what it holds; over `BALANCES_WITHIN` it is no answer. */
  readonly offBalance: number;
};

/** Rounding stays far below it. */
export const BALANCES_WITHIN = 1e-9;

const offBalance = ({ work, halves: pan }: Lane): number =>
  Math.max(work.offBalance, pan?.firstWork.offBalance ?? 0, pan?.secondWork.offBalance ?? 0);

const record = (input: SimulationInput, all: readonly Lane[], seconds: number) => {
  const series = () => new Float64Array(seconds + 1);
  const cells = input.profiles === true ? (lane: Lane) => new Float32Array((seconds + 1) * lane.column.n) : () => new Float32Array(0);
  const trace: Trace = {
    seconds,
    core_C: series(),
    face_C: series(),
    lowerPlate_C: series(),
    upperPlate_C: series(),
    steam_gPerS: series(),
    loss: series(),
    coreWater: series(),
    lowerLightness: series(),
    upperLightness: series(),
    columnLightness: all.flatMap(() => [series(), series()]),
    columns: all.map((lane) => ({
      n: lane.column.n,
      mirrored: lane.column.mirrored,
      share: lane.column.share,
      thickness_m: lane.column.thickness_m,
      size_m: lane.column.size_m,
      T: cells(lane),
      X: cells(lane),
    })),
  };
  const rows = [...Object.values(trace).filter((value) => value instanceof Float64Array), ...trace.columnLightness];
  const startWater = waterHeld(all);
  const areal = input.portion_kg / input.machine.heatedArea_m2;
  const note = (second: number, plates: PlatesState, steam_gPerS: number): void => {
    let face = 0;
    let lower = 0;
    let upper = 0;
    all.forEach((lane, index) => {
      const { column: c, lightness } = lane;
      face += (c.share * (c.T[0]! + c.T[c.mirrored ? 0 : c.n - 1]!)) / 2;
      lower += c.share * lightness[0];
      upper += c.share * lightness[1];
      trace.columnLightness[2 * index]![second] = lightness[0];
      trace.columnLightness[2 * index + 1]![second] = lightness[1];
      if (input.profiles === true) {
        trace.columns[index]!.T.set(c.T, second * c.n);
        trace.columns[index]!.X.set(c.X, second * c.n);
      }
    });
    const rib = all[all.length - 1]!.column;
    let coldest = Infinity;
    let wettest = 0;
    for (let i = 0; i < rib.n; i++) {
      if (rib.T[i]! < coldest) coldest = rib.T[i]!;
      if (rib.X[i]! > wettest) wettest = rib.X[i]!;
    }
    trace.core_C[second] = coldest;
    trace.coreWater[second] = wettest / (1 + wettest);
    trace.face_C[second] = face;
    trace.lowerPlate_C[second] = plates.lower_C;
    trace.upperPlate_C[second] = plates.upper_C;
    trace.steam_gPerS[second] = steam_gPerS;
    trace.loss[second] = (startWater - waterHeld(all)) / areal;
    trace.lowerLightness[second] = lower;
    trace.upperLightness[second] = upper;
  };
  /** A second between two noted ones: their mean. */
  const fill = (second: number): void => {
    for (const row of rows) row[second] = (row[second - 1]! + row[second + 1]!) / 2;
    if (input.profiles !== true) return;
    for (const { n, T, X } of trace.columns)
      for (const cells of [T, X]) for (let i = second * n; i < (second + 1) * n; i++) cells[i] = (cells[i - n]! + cells[i + n]!) / 2;
  };
  return { trace, note, fill };
};

/** A trace that stopped early, without its empty end. */
const shortened = (trace: Trace, seconds: number): Trace => {
  const cut = (row: Float64Array) => row.subarray(0, seconds + 1);
  return {
    seconds,
    core_C: cut(trace.core_C),
    face_C: cut(trace.face_C),
    lowerPlate_C: cut(trace.lowerPlate_C),
    upperPlate_C: cut(trace.upperPlate_C),
    steam_gPerS: cut(trace.steam_gPerS),
    loss: cut(trace.loss),
    coreWater: cut(trace.coreWater),
    lowerLightness: cut(trace.lowerLightness),
    upperLightness: cut(trace.upperLightness),
    columnLightness: trace.columnLightness.map(cut),
    columns: trace.columns.map((c) => ({ ...c, T: c.T.subarray(0, (seconds + 1) * c.n), X: c.X.subarray(0, (seconds + 1) * c.n) })),
  };
};

/** kg of water per m² of heated face, over all columns. */
const waterHeld = (all: readonly Lane[]): number => {
  let total = 0;
  for (const { column: c } of all) for (let i = 0; i < c.n; i++) total += halves(c) * c.share * c.X[i]! * c.dry_kgPerM2[i]!;
  return total;
};
