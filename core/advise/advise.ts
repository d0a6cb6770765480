import type { Finding, Result } from '../basis/index.ts';
import { clamp, failure, NORMAL_P90, success } from '../basis/index.ts';
import { GUIDING_RAW_LIGHTNESS } from '../matter/index.ts';
import type { BatterProperties, Iron, PlateMachine, PlatesState, Portion, SettingRange } from '../plate/index.ts';
import { dialMark, expansion, meanThickness_m, plateMachine, portion, preheatedPlates, recoveredPlates, restPlates, settingRange, UNSCALED } from '../plate/index.ts';
import { batterOf } from './bowl.ts';
import type { Cooked, Setup } from './cook.ts';
import { cook } from './cook.ts';
import type { AdviceRequest } from './request.ts';
import { LIMITS } from './request.ts';
import { findSetting } from './setting.ts';

/** Bumped whenever a prediction may differ: stored predictions say which model made them. */
export const MODEL_VERSION = 'plate-1';

export type Advice = {
  readonly request: AdviceRequest;
  readonly batter: BatterProperties;
  readonly portion: Portion;
  /** Batter enough for this many whole loads, g left over. */
  readonly loads: number;
  readonly pieces: number;
  readonly leftover_g: number;
  readonly setting: { readonly temperature_C: number; readonly dial: number | null; readonly chosen: 'found' | 'given' | 'fixed' };
  readonly plates: PlatesState;
  readonly cooked: Cooked;
  /** Uncertainty of the best moment, s, and what it rests on. */
  readonly band_s: { readonly p10: number; readonly p90: number };
  readonly band_C: { readonly p10: number; readonly p90: number } | null;
  readonly band_g: { readonly p10: number; readonly p90: number };
  readonly pieceMass_g: number;
  readonly pieceDensity_gPerML: number;
  readonly waterLoss: number;
  readonly findings: readonly Finding[];
};

/** How little is known of an iron nobody has cooked on (prior widths, relative or K). */
export const PRIOR = { cavity: 0.15, plates_K: 15, contact: 0.2, browning: 0.3 } as const;
/** Whole batch over portion, less what stays on bowl and ladle. */
const POURABLE_SHARE = 0.98;
/** Between two loads (*common practice*): lid open to unload and pour, then closed to recover. */
export const TURNAROUND = { open_s: 25, closed_s: 35 } as const;
/** Plates no longer change from load to load after this many. */
const SETTLED_AFTER_LOADS = 4;

/**
 * Portion, setting and time for one load. The only entry for worker, command line and tests.
 * Errors: those of `batterOf`; `out-of-range` {what, value, min, max}; `never-sets` {set_C, boiling_C};
 * `never-dries` (a wafer that stays moist within five minutes).
 */
export const advise = (request: AdviceRequest): Result<Advice> => {
  const bad = outOfRange(request);
  if (bad !== null) return bad;
  const bowl = batterOf(request.reading, request);
  if (!bowl.ok) return bowl;
  const batter = bowl.value;
  const { iron } = request;
  const machine = plateMachine(iron);
  const full = portion(iron, batter);
  const choice = chooseSetting(request, machine, batter, full);
  const setupFor = (plates: PlatesState, setting_C: number): Setup => ({ iron, machine, batter, portion_g: full.portion_g, plates, setting_C, room_C: request.room_C });
  const plates = platesAtPour(request, machine, choice.temperature_C, (start) => cook(setupFor(start, choice.temperature_C), request.target, false));
  const setup = setupFor(plates, choice.temperature_C);
  const cooked = cook(setup, request.target, true);
  if (cooked === null)
    return failure(iron.dryThrough ? 'never-dries' : 'never-sets', { set_C: Math.round(batter.setTemperature_C), boiling_C: Math.round(batter.boiling_C * 10) / 10 });
  const loads = Math.floor((POURABLE_SHARE * request.reading.totalMass_g) / full.portion_g);
  const second = Math.min(cooked.trace.seconds, Math.round(cooked.window.best_s));
  const waterLoss = cooked.trace.loss[second] ?? 0;
  const pieceMass_g = (full.portion_g * (1 - waterLoss)) / iron.geometry.piecesPerLoad;
  const band = timeBand(setup, request, cooked);
  const base = {
    request,
    batter,
    portion: full,
    loads,
    pieces: loads * iron.geometry.piecesPerLoad,
    leftover_g: request.reading.totalMass_g - loads * full.portion_g,
    setting: choice,
    plates,
    cooked,
    band_s: band,
    band_C: settingRange(iron) === null ? null : { p10: choice.temperature_C - NORMAL_P90 * PRIOR.plates_K, p90: choice.temperature_C + NORMAL_P90 * PRIOR.plates_K },
    band_g: { p10: full.portion_g * (1 - NORMAL_P90 * PRIOR.cavity), p90: full.portion_g * (1 + NORMAL_P90 * PRIOR.cavity) },
    pieceMass_g,
    pieceDensity_gPerML: pieceMass_g / pieceVolume_mL(iron, batter, full, machine),
    waterLoss,
  };
  return success({ ...base, findings: [...request.reading.findings, ...plateFindings(base)] });
};

const outOfRange = (request: AdviceRequest): Result<never> | null => {
  const asked: Record<keyof typeof LIMITS, number | null> = {
    altitude_m: request.altitude_m,
    batter_C: request.batter_C,
    setting_C: request.setting_C,
    tawny: request.target.tawny,
    crisp: request.target.crisp,
    load: request.load,
    preheat_s: request.preheat_s,
  };
  for (const [what, { min, max }] of Object.entries(LIMITS)) {
    const value = asked[what as keyof typeof LIMITS];
    if (value !== null && !(value >= min && value <= max)) return failure('out-of-range', { what, value: Number.isFinite(value) ? value : 'not a number', min, max });
  }
  return null;
};

/** Cooked volume of a piece: the cavity, or what the batter swells to. */
const pieceVolume_mL = (iron: Iron, batter: BatterProperties, full: Portion, machine: PlateMachine): number =>
  Math.min(iron.geometry.cavity_mL, full.portion_mL * expansion(batter, meanThickness_m(machine))) / iron.geometry.piecesPerLoad;

const chooseSetting = (request: AdviceRequest, machine: PlateMachine, batter: BatterProperties, full: Portion): Advice['setting'] => {
  const { iron, room_C, target } = request;
  const range: SettingRange | null = settingRange(iron);
  if (range === null) return { temperature_C: iron.control.type === 'fixed' ? iron.control.cutOut_C : 0, dial: null, chosen: 'fixed' };
  if (request.setting_C !== null) return { temperature_C: request.setting_C, dial: dialMark(iron, request.setting_C), chosen: 'given' };
  const found = findSetting(range, target, (setting_C) =>
    cook({ iron, machine, batter, portion_g: full.portion_g, plates: recoveredPlates(machine, setting_C, room_C), setting_C, room_C }, target, false),
  );
  return { temperature_C: found, dial: dialMark(iron, found), chosen: 'found' };
};

/** Plates at the pour: after the preheat, and after the loads before this one. */
const platesAtPour = (request: AdviceRequest, machine: PlateMachine, setting_C: number, cookFrom: (plates: PlatesState) => Cooked | null): PlatesState => {
  const { room_C } = request;
  let plates =
    request.preheat_s === null ? recoveredPlates(machine, setting_C, room_C) : preheatedPlates(machine, setting_C, room_C, request.preheat_s);
  for (let before = 1; before < Math.min(request.load, SETTLED_AFTER_LOADS); before++) {
    const cooked = cookFrom(plates);
    if (cooked === null) break;
    const { trace, window } = cooked;
    const second = Math.min(trace.seconds, Math.round(window.best_s));
    const lower_C = trace.lowerPlate_C[second] ?? setting_C;
    const upper_C = trace.upperPlate_C[second] ?? setting_C;
    const opened = restPlates(machine, { lower_C, upper_C, lowerSensor_C: lower_C, upperSensor_C: upper_C }, setting_C, room_C, TURNAROUND.open_s, 'open');
    plates = restPlates(machine, opened, setting_C, room_C, TURNAROUND.closed_s, 'closed');
  }
  return plates;
};

/** How far the best moment moves when each unknown is off by its width: their squares add up in log time. */
const timeBand = (setup: Setup, request: AdviceRequest, cooked: Cooked): Advice['band_s'] => {
  const bestOf = (change: Partial<Setup>): number => {
    const other = cook({ ...setup, ...change }, request.target, false);
    return Math.log((other ?? cooked).window.best_s);
  };
  const hotter = (by: number): PlatesState => ({
    lower_C: setup.plates.lower_C + by,
    upper_C: setup.plates.upper_C + by,
    lowerSensor_C: setup.plates.lowerSensor_C + by,
    upperSensor_C: setup.plates.upperSensor_C + by,
  });
  const spreads = [
    bestOf({ plates: hotter(PRIOR.plates_K), setting_C: setup.setting_C + PRIOR.plates_K }) - bestOf({ plates: hotter(-PRIOR.plates_K), setting_C: setup.setting_C - PRIOR.plates_K }),
    bestOf({ scales: { ...UNSCALED, contact: 1 + PRIOR.contact } }) - bestOf({ scales: { ...UNSCALED, contact: 1 - PRIOR.contact } }),
    bestOf({ scales: { ...UNSCALED, browning: 1 + PRIOR.browning } }) - bestOf({ scales: { ...UNSCALED, browning: 1 - PRIOR.browning } }),
    bestOf({ portion_g: setup.portion_g * (1 + PRIOR.cavity) }) - bestOf({ portion_g: setup.portion_g * (1 - PRIOR.cavity) }),
  ].map((difference) => difference / 2);
  const sd = clamp(Math.hypot(...spreads), 0.02, 1.2);
  const best = cooked.window.best_s;
  return { p10: best * Math.exp(-NORMAL_P90 * sd), p90: best * Math.exp(NORMAL_P90 * sd) };
};

const rounded = (value: number, digits = 1): number => Number(value.toFixed(digits));

/** What the cook should know about this batter on this iron. */
const plateFindings = (a: Omit<Advice, 'findings'>): Finding[] => {
  const found: Finding[] = [];
  const add = (code: string, fields: Finding['fields'] = {}, level: Finding['level'] = 'warning'): void => void found.push({ code, level, fields });
  const { iron, target, setting_C, reading } = a.request;
  const { looseness } = a.batter;
  if (looseness < iron.looseness.min) add('batter-too-thick', { looseness: rounded(looseness), least: iron.looseness.min });
  if (looseness > iron.looseness.max) add('batter-too-thin', { looseness: rounded(looseness), most: iron.looseness.max });
  if (a.batter.rawLightness < GUIDING_RAW_LIGHTNESS) add('colour-cannot-guide', { lightness: Math.round(a.batter.rawLightness) });
  const { window, tawny, crisp, moments } = a.cooked;
  if (Math.abs(tawny - target.tawny) > 0.5) add(tawny > target.tawny ? 'colour-before-set' : 'tawny-out-of-reach', { wanted: target.tawny, reached: rounded(tawny) });
  else if (Math.abs(crisp - target.crisp) > 0.5 && a.setting.chosen !== 'given') add('crisp-out-of-reach', { wanted: target.crisp, reached: rounded(crisp) }, iron.dryThrough ? 'note' : 'warning');
  if (moments.tooDry_s !== null && moments.tooDry_s < window.best_s) add('too-dry-before-colour', { after_s: Math.round(moments.tooDry_s) });
  if (a.batter.setTemperature_C > a.batter.boiling_C - 1) add('sets-late', { set_C: Math.round(a.batter.setTemperature_C), boiling_C: rounded(a.batter.boiling_C) });
  if (setting_C !== null && a.setting.chosen === 'fixed') add('setting-ignored', { setting_C });
  const range = settingRange(iron);
  if (setting_C !== null && range !== null && (setting_C < range.min_C || setting_C > range.max_C)) add('setting-beyond-dial', { setting_C, min_C: range.min_C, max_C: range.max_C });
  if (a.loads === 0) add('less-than-a-load', { portion_g: Math.round(a.portion.portion_g), bowl_g: Math.round(reading.totalMass_g) });
  const wish = a.setting.temperature_C;
  if (a.request.preheat_s !== null && a.plates.lower_C < wish - 10) add('preheat-short', { plates_C: Math.round(a.plates.lower_C), setting_C: Math.round(wish) });
  return found;
};
