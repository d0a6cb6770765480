import type { Random } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { PriorWidths, Teaspoon } from '../plate/index.ts';
import { batterOf } from '../cook/index.ts';
import { priorOf, recoveredPlates, risesTo, simulate, UNSCALED } from '../plate/index.ts';
import { tawnyStepOf } from '../matter/index.ts';
import { presetIron, readBatter } from './batters.ts';
import type { Action, Emulator, Landed, Look, Measured, Outcome, IronWithBatter, IronParameters } from '../fit/index.ts';
import type { Edges } from '../log/index.ts';
import type { Cue, Signal } from '../line/index.ts';
import {
  afterLoad,
  afterSpoonful,
  spoonfulBetween,
  drawIronParameters,
  EDGE_LIMITS,
  emulated,
  FILL_LIMITS,
  fillWord,
  NOMINAL,
  firstBelief,
  lands,
  settingsOf,
  swelledTo,
} from '../fit/index.ts';
import { cueTiming, revisedOpenTime } from '../line/index.ts';
import { advise, believedIron, DEFAULT_CONDITIONS, spoonfulTime_s, stepBand, suggest } from '../advise/index.ts';

/** How a truth may differ from the estimator's own model. */
export type World = {
  readonly name: string;
  /** Relative spread of crust conductivity; K of setting temperature; per load: portion, s of opening, K of plates. */
  readonly crust: number;
  readonly setShift_K: number;
  readonly portionScatter: number;
  readonly openScatter_s: number;
  readonly plateScatter_K: number;
  /** Share of words that are wrong. */
  readonly slips: number;
  /** Where something of the iron was measured before its first load; left out: nothing. */
  readonly prior?: PriorWidths;
  /** Besides the words: plates probed, pieces weighed, faces photographed. */
  readonly instruments?: boolean;
  /** The cook says how full a full load was. */
  readonly graded?: boolean;
  /** A teaspoon closed in the hot iron before the first load, and its faces held against the bands. */
  readonly teaspoon?: boolean;
  /** Poured on a scale, so that the ladle's scatter is gone. */
  readonly byScale?: boolean;
};
export const SAME: World = {
  name: 'same model',
  crust: 0,
  setShift_K: 0,
  portionScatter: 0,
  openScatter_s: 0,
  plateScatter_K: 0,
  slips: 0,
};
export const OTHER: World = {
  name: 'different model',
  crust: 0.2,
  setShift_K: 2,
  portionScatter: 0.03,
  openScatter_s: 5,
  plateScatter_K: 3,
  slips: 0,
};
export const GRADED: World = { ...OTHER, name: 'different model, fill graded', graded: true };
export const BY_SCALE: World = {
  ...GRADED,
  name: 'different model, fill graded, poured by the scale',
  portionScatter: 0.008,
  byScale: true,
};
export const MEASURED: World = { ...OTHER, name: 'the same with thermometer, scale and picture', instruments: true };
const filled = priorOf({ measured: { cavity: 'water', plates: false } });
const filledAndProbed = priorOf({ measured: { cavity: 'water', plates: true } });
export const FILLED: World = { ...SAME, name: 'same model, filled with water first', prior: filled };
export const PROBED: World = { ...SAME, name: 'same model, filled, and plates probed', prior: filledAndProbed };
export const OTHER_PROBED: World = { ...OTHER, name: 'different model, filled and probed', prior: filledAndProbed };
const usualPour = priorOf({ measured: { cavity: 'usual-pour', plates: false } });
export const TRIED: World = { ...SAME, name: 'same model, usual pour and a teaspoon first', prior: usualPour, teaspoon: true };
export const OTHER_TRIED: World = { ...OTHER, name: 'different model, usual pour and a teaspoon first', prior: usualPour, teaspoon: true };
export const SLIPS: World = { ...SAME, name: 'one word in five wrong', slips: 0.2 };

export const TARGET = 4;
/** The touch "opened" comes so long before or after the lid, s. */
const OPEN_READ_S = 1.5;
const READ_SD = 0.4;
/** L* of a picture, K of a probe, share of a scale. */
const PICTURE_SD = 1;
const PROBE_SD_K = 3;
const SCALE_SD = 0.01;

type Truth = { readonly u: IronParameters; readonly crust: number; readonly setShift_K: number };

export const pairingOf = (ironId: string, batter: Parameters<typeof readBatter>[0]): IronWithBatter => {
  const bowl = batterOf(readBatter(batter), { batter_C: 18, altitude_m: 0 });
  if (!bowl.ok) throw new Error(bowl.failure.code);
  return { iron: presetIron(ironId), batter: bowl.value, room_C: 22 };
};

/** A third of them has no setting. */
export const ARENA: readonly (readonly [string, Parameters<typeof readBatter>[0]])[] = [
  ['deep-round', 'quick'],
  ['thin-round', 'folded'],
  ['mini', 'quick'],
];

const truthOf = (world: World, random: Random): Truth => ({
  u: drawIronParameters(random, world.prior),
  crust: 1 + world.crust * random.normal(),
  setShift_K: world.setShift_K * random.normal(),
});

/** What a load is like at every second: both faces, with the core between them. */
const cook = (pairing: IronWithBatter, full_g: number, truth: Truth, world: World, action: Action, random: Random) => {
  const portion_g = action.portion_g * (1 + world.portionScatter * random.normal());
  const open_s = Math.max(5, action.open_s + world.openScatter_s * random.normal());
  const plate_C = action.setting_C + truth.u.offset_K + world.plateScatter_K * random.normal();
  const share = portion_g / (full_g * truth.u.cavity);
  const amount = Math.min(share, FILL_LIMITS.over) * truth.u.cavity;
  const machine = swelledTo(pairing.iron, amount);
  const run = (T: number) =>
    simulate({
      machine,
      batter: pairing.batter,
      portion_kg: (full_g * amount) / 1000,
      plates: recoveredPlates(machine, T, pairing.room_C),
      setting_C: T,
      room_C: pairing.room_C,
      duration_s: Math.ceil(open_s) + 1,
      scales: { ...UNSCALED, contact: truth.u.contact, browning: truth.u.browning, crust: Math.max(0.4, truth.crust) },
    }).trace;
  const [low, high] = [run(plate_C - truth.u.side_K / 2), run(plate_C + truth.u.side_K / 2)];
  const raw = pairing.batter.rawLightness;
  const at = (trace: ReturnType<typeof run>, s: number): number =>
    tawnyStepOf(trace.lowerLightness[Math.min(trace.seconds, Math.round(s))] ?? raw, raw);
  const needs = pairing.batter.setTemperature_C + truth.setShift_K;
  const set = [low, high].map((trace) => risesTo(trace.core_C, needs) ?? Infinity);
  return {
    open_s,
    set_s: ((set[0] ?? 0) + (set[1] ?? 0)) / 2,
    steps: (s: number) => ({ lower: at(low, s), upper: at(high, s) }),
    seen: { lower: at(low, open_s), upper: at(high, open_s), share, isSet: open_s >= ((set[0] ?? 0) + (set[1] ?? 0)) / 2 } satisfies Landed,
    portion_g,
    measured: {
      lowerLightness: lightnessAt(low, open_s) + PICTURE_SD * random.normal(),
      upperLightness: lightnessAt(high, open_s) + PICTURE_SD * random.normal(),
      plate_C: plate_C + PROBE_SD_K * random.normal(),
      mass_g: full_g * amount * (1 - (low.loss[Math.min(low.seconds, Math.round(open_s))] ?? 0)) * (1 + SCALE_SD * random.normal()),
    } satisfies Measured,
  };
};

const lightnessAt = (trace: { readonly lowerLightness: Float64Array; readonly seconds: number }, s: number): number =>
  trace.lowerLightness[Math.min(trace.seconds, Math.round(s))] ?? 0;

const read = (step: number, random: Random): number => Math.min(8, Math.max(1, Math.round(step + READ_SD * random.normal())));

/** Edges are read off with this scatter, share of the room. */
const EDGE_READ_SD = 0.03;
const edgesOf = (share: number): Edges => (share < EDGE_LIMITS.sharp[0] ? 'rounded' : share < EDGE_LIMITS.sharp[1] ? 'sharp' : 'bead');

/** What the cook says, rounded to whole steps, with a rough amount; now and then wrong. */
const words = ({ lower, upper, share, isSet }: Landed, portion_g: number, world: World, random: Random): Outcome => {
  const slip = (): boolean => random.next() < world.slips;
  const fill = fillWord(share);
  const said = slip() ? (fill === 'missing' ? 'leaked' : 'missing') : fill;
  const wrongStep = (): number => 1 + random.below(8);
  return {
    fill: said,
    ...(world.graded === true && said === 'full' ? { edges: edgesOf(share * (1 + EDGE_READ_SD * random.normal())) } : {}),
    missing_share: said === 'missing' ? Math.max(0.05, Math.round((Math.max(0.02, 1 - share) + 0.04 * random.normal()) * 20) / 20) : null,
    leaked_g:
      said === 'leaked' ? Math.max(2, Math.max(2, (1 - FILL_LIMITS.over / share) * portion_g) * Math.exp(0.3 * random.normal())) : null,
    lower: slip() ? wrongStep() : read(lower, random),
    upper: slip() ? wrongStep() : read(upper, random),
    core: isSet !== slip() ? 'set' : 'wet',
  };
};

/** A teaspoon may be tried first: emulated, and as it comes out of the iron that is hidden. */
export type Spoonful = {
  readonly emulator: Emulator;
  readonly tried: (setting_C: number, open_s: number) => Teaspoon;
};

/** How high it lies differs by so much: how it was dropped, how it spread. */
const SPOONFUL_HEIGHT_SD = 0.2;

const spoonfulOf = (emulator: Emulator, truth: Truth, world: World, random: Random): Spoonful => ({
  emulator,
  tried: (setting_C, planned_s) => {
    const { iron, batter, room_C } = emulator.pairing;
    const height = Math.exp(SPOONFUL_HEIGHT_SD * random.normal());
    const open_s = Math.max(5, planned_s + world.openScatter_s * random.normal());
    const plate_C = setting_C + truth.u.offset_K + world.plateScatter_K * random.normal();
    const machine = spoonfulBetween(swelledTo(iron, height));
    const face = (side: number, slip: boolean): number => {
      const T = plate_C + (side * truth.u.side_K) / 2;
      const { trace } = simulate({
        machine,
        batter,
        portion_kg: (emulator.full_g * height) / 1000,
        plates: recoveredPlates(machine, T, room_C),
        setting_C: T,
        room_C,
        duration_s: Math.ceil(open_s) + 1,
        scales: { ...UNSCALED, contact: truth.u.contact, browning: truth.u.browning, crust: Math.max(0.4, truth.crust) },
      });
      return slip ? 1 + random.below(8) : read(tawnyStepOf(lightnessAt(trace, open_s), batter.rawLightness), random);
    };
    return {
      formulaId: null,
      setting_C,
      open_s: open_s + OPEN_READ_S * random.normal(),
      lower: face(-1, random.next() < world.slips),
      upper: face(1, random.next() < world.slips),
    };
  },
});

/** A way to choose the next load from what was seen so far. */
export type Player = {
  first(e: Emulator, random: Random, truth: IronParameters, prior?: PriorWidths, spoonful?: Spoonful): Action;
  next(action: Action, outcome: Outcome): Action;
};

/** Ours: guesses, weighed by what was said. */
const estimator = (): Player & { conflicts: number; chance: number; band: { readonly p10: number; readonly p90: number } | null } => {
  let belief = firstBelief(seededRandom(1), 10);
  let emulator: Emulator | null = null;
  let chooser: Random = seededRandom(1);
  const player = {
    conflicts: 0,
    chance: 0,
    band: null as { readonly p10: number; readonly p90: number } | null,
    first: (e: Emulator, random: Random, _truth: IronParameters, prior?: PriorWidths, spoonful?: Spoonful): Action => {
      emulator = e;
      chooser = random;
      belief = firstBelief(random, 1500, prior);
      if (spoonful !== undefined) {
        const { setting_C } = suggest(e, belief, TARGET);
        const tried = spoonful.tried(setting_C, spoonfulTime_s(spoonful.emulator, belief, setting_C, TARGET));
        belief = afterSpoonful(spoonful.emulator, belief, tried, random);
      }
      const s = suggest(e, belief, TARGET);
      player.chance = s.chance;
      player.band = stepBand(e, belief, s);
      return s;
    },
    next: (action: Action, outcome: Outcome): Action => {
      if (emulator === null) return action;
      const updated = afterLoad(emulator, belief, action, outcome, chooser);
      belief = updated.belief;
      player.conflicts += updated.findings.length;
      const s = suggest(emulator, belief, TARGET);
      player.chance = s.chance;
      player.band = stepBand(emulator, belief, s);
      return s;
    },
    get belief() {
      return belief;
    },
  };
  return player;
};

/** Ours as the stations ask: `advise()` with what is believed. `readingOf`: the formula of the batter that a pairing holds. */
const adviser = (): Player => {
  let belief = firstBelief(seededRandom(1), 10);
  let emulator: Emulator | null = null;
  let chooser: Random = seededRandom(1);
  let used = 0;
  const ask = (): Action => {
    if (emulator === null) throw new Error('no emulator');
    const { iron, room_C } = emulator.pairing;
    const batterName = ARENA.find(([id]) => id === iron.id)?.[1] ?? 'quick';
    const request = {
      ...DEFAULT_CONDITIONS,
      batter_C: 18,
      reading: readBatter(batterName),
      iron,
      room_C,
      target: { tawny: TARGET, crisp: null },
    };
    const believed = used === 0 ? null : believedIron(emulator, belief, used, { tawny: TARGET });
    const advice = advise({ ...request, believed });
    if (!advice.ok) throw new Error(advice.failure.code);
    const { portion, setting, cooked } = advice.value;
    return { portion_g: portion.portion_g, setting_C: setting.temperature_C, open_s: cooked.window.best_s };
  };
  return {
    first: (e, random, _truth, prior) => {
      emulator = e;
      chooser = random;
      used = 0;
      belief = firstBelief(random, 1500, prior);
      return ask();
    },
    next: (action, outcome) => {
      if (emulator === null) return action;
      belief = afterLoad(emulator, belief, action, outcome, chooser).belief;
      used++;
      return ask();
    },
  };
};

/** A cook's rule: one step up or down per fault, from the usual start. */
const rule = (): Player => ({
  first: (e) => suggest(e, { particles: [NOMINAL], weights: [1] }, TARGET),
  next: (action, o) => {
    const mean = ((o.lower ?? TARGET) + (o.upper ?? TARGET)) / 2;
    const portion = o.fill === 'missing' ? 1 + Math.max(0.08, o.missing_share ?? 0.12) : o.fill === 'leaked' ? 0.9 : 1;
    const time = o.core === 'wet' ? Math.max(1.15, 0.88 ** (mean - TARGET)) : 0.88 ** (mean - TARGET);
    return { ...action, portion_g: action.portion_g * portion, open_s: action.open_s * time };
  },
});

/** Plain bisection on portion and time. */
const bisection = (): Player => {
  let portions: [number, number] = [0, 0];
  let times: [number, number] = [0, 0];
  return {
    first: (e) => {
      const start = suggest(e, { particles: [NOMINAL], weights: [1] }, TARGET);
      portions = [0.6 * e.full_g, 1.5 * e.full_g];
      times = [start.open_s * 0.35, start.open_s * 2.2];
      return start;
    },
    next: (action, o) => {
      if (o.fill === 'missing') portions[0] = action.portion_g;
      if (o.fill === 'leaked') portions[1] = action.portion_g;
      const mean = ((o.lower ?? TARGET) + (o.upper ?? TARGET)) / 2;
      if (mean < TARGET || o.core === 'wet') times[0] = action.open_s;
      else if (mean > TARGET) times[1] = action.open_s;
      const isRight = Math.abs(mean - TARGET) <= 0.5 && o.core === 'set';
      return {
        ...action,
        portion_g: o.fill === 'full' ? action.portion_g : Math.sqrt(portions[0] * portions[1]),
        open_s: isRight ? action.open_s : Math.sqrt(times[0] * times[1]),
      };
    },
  };
};

/** Nobody can know more: the iron itself, but not what a load scatters by, nor how the world differs from the model. */
const knowing = (): Player => {
  let known: Action = { portion_g: 0, setting_C: 0, open_s: 0 };
  return {
    first: (e, _random, truth) => (known = suggest(e, { particles: [truth], weights: [1] }, TARGET)),
    next: () => known,
  };
};

export const PLAYERS = { estimator, adviser, "a cook's rule": rule, bisection, 'who knows the iron': knowing } as const;
export type PlayerName = keyof typeof PLAYERS;

export type Score = {
  readonly n: number;
  readonly hit: number[];
  readonly close: number[];
  conflicts: number;
  readonly promised: number[];
  /** Loads that came out within the band that was given for them (eight in ten should). */
  covered: number;
  bands: number;
};

/** Plays so many unknown irons, three loads each; fixed seeds. `emulators`: built once per pairing. */
export const play = (player: PlayerName, world: World, irons: number, loads = 3, seed = 77, emulators = arenaEmulators()): Score => {
  const score: Score = {
    n: irons,
    hit: Array<number>(loads).fill(0),
    close: Array<number>(loads).fill(0),
    conflicts: 0,
    promised: Array<number>(loads).fill(0),
    covered: 0,
    bands: 0,
  };
  const spoonfuls = world.teaspoon === true ? ARENA.map(([iron, batter]) => emulated(pairingOf(iron, batter), 'spoonful')) : [];
  for (let i = 0; i < irons; i++) {
    const e = emulators[i % emulators.length];
    if (e === undefined) break;
    const random = seededRandom(seed * 100_003 + i);
    const truth = truthOf(world, random);
    const one = PLAYERS[player]();
    const ofSpoons = world.teaspoon === true ? spoonfuls[i % spoonfuls.length] : undefined;
    const spoonful = ofSpoons === undefined ? undefined : spoonfulOf(ofSpoons, truth, world, seededRandom(seed * 31 + i));
    let action = one.first(e, seededRandom(seed + i), truth.u, world.prior, spoonful);
    for (let n = 0; n < loads; n++) {
      const { seen, portion_g, measured, open_s } = cook(e.pairing, e.full_g, truth, world, action, random);
      if (lands(seen, TARGET)) score.hit[n] = (score.hit[n] ?? 0) + 1;
      if (lands(seen, TARGET, 0.6)) score.close[n] = (score.close[n] ?? 0) + 1;
      const band = 'band' in one ? (one as { band: { p10: number; p90: number } | null }).band : null;
      if (band !== null) {
        const mean = (seen.lower + seen.upper) / 2;
        score.bands++;
        // Steps end at 1 and 8: what lies beyond is said to be there.
        if (mean >= band.p10 && mean <= band.p90) score.covered++;
      }
      if ('chance' in one) score.promised[n] = (score.promised[n] ?? 0) + (one as { chance: number }).chance;
      const said = words(seen, portion_g, world, random);
      // The clock at the line says when it was really opened.
      const done = { ...action, open_s: open_s + OPEN_READ_S * random.normal(), ...(world.byScale === true ? { portionSd: 0.01 } : {}) };
      action = clampAction(e, one.next(done, world.instruments === true ? { ...said, measured } : said));
    }
    if ('conflicts' in one) score.conflicts += (one as { conflicts: number }).conflicts > 0 ? 1 : 0;
  }
  return score;
};

/** Words for what a look shows of the paler face. */
const seenAs = (step: number): Look['seen'] => (step < 2.2 ? 'pale' : step < 3.2 ? 'half' : step < 4.2 ? 'nearly' : 'dark');
const LOOK_SD = 0.5;

/** When the first smell comes in this iron and load: a share of the time to the wished colour, as scattered as `cue.ts` takes it to be. */
const smellsAt = (paler: (s: number) => number, most_s: number, random: Random): number => {
  const share = 0.65 * Math.exp(0.3 * random.normal()) * Math.exp(0.12 * random.normal());
  let colour_s = 5;
  while (colour_s < most_s && paler(colour_s) < TARGET) colour_s += 3;
  return share * colour_s;
};

/** What is noticed of the first load while it is in the iron. */
export type Noticed = { readonly looks: number; readonly smell: boolean };
const ONE_LOOK: Noticed = { looks: 1, smell: false };
export const SIGNALS: Noticed = { looks: 3, smell: true };

/**
 * The first load, saved by what is noticed of it on the way. A look comes at the earliest safe moment the estimator names, or at 0.62 of the
 * planned time, whichever is later; the next at 0.85 of the new one. A look before the core has set tears the piece: that load is lost.
 */
export const playRescued = (world: World, irons: number, seed = 78, emulators = arenaEmulators(), noticed: Noticed = ONE_LOOK): Score => {
  const score: Score = { n: irons, hit: [0], close: [0], conflicts: 0, promised: [0], covered: 0, bands: 0 };
  const usual = (signal: Exclude<Signal, 'steaming'>) => cueTiming(signal, [], TARGET);
  const timings = { smells: usual('smells'), beeped: usual('beeped'), 'steam-down': usual('steam-down') };
  for (let i = 0; i < irons; i++) {
    const e = emulators[i % emulators.length];
    if (e === undefined) break;
    const random = seededRandom(seed * 100_003 + i);
    const truth = truthOf(world, random);
    const belief = firstBelief(seededRandom(seed + i), 1500, world.prior);
    const planned = suggest(e, belief, TARGET);
    const most_s = 0.98 * e.seconds;
    const long = cook(e.pairing, e.full_g, truth, world, { ...planned, open_s: most_s }, seededRandom(seed * 7 + i));
    const paler = (s: number): number => Math.min(long.steps(s).lower, long.steps(s).upper);
    let smell_s = noticed.smell ? smellsAt(paler, most_s, random) : Infinity;
    const cues: Cue[] = [];
    let now = revisedOpenTime(e, belief, planned, cues, timings, TARGET, random);
    let looks = 0;
    let last_s = 0;
    let isTorn = false;
    for (;;) {
      const next = looks === 0 ? Math.max(now.earliestLook_s, 0.62 * now.open_s) : 0.85 * now.open_s;
      const look_s = looks < noticed.looks ? Math.max(next, last_s + 5) : Infinity;
      const at_s = Math.min(look_s, smell_s);
      if (at_s >= now.open_s || at_s > most_s) break;
      if (at_s === smell_s) {
        cues.push({ signal: 'smells', at_s });
        smell_s = Infinity;
      } else {
        looks++;
        isTorn ||= at_s < long.set_s;
        cues.push({ seen: seenAs(paler(at_s) + LOOK_SD * random.normal()), at_s });
      }
      last_s = at_s;
      now = revisedOpenTime(e, belief, planned, cues, timings, TARGET, random);
    }
    const { seen } = cook(e.pairing, e.full_g, truth, world, { ...planned, open_s: now.open_s }, seededRandom(seed * 7 + i));
    if (!isTorn && lands(seen, TARGET)) score.hit[0] = (score.hit[0] ?? 0) + 1;
    if (!isTorn && lands(seen, TARGET, 0.6)) score.close[0] = (score.close[0] ?? 0) + 1;
  }
  return score;
};

/** A known iron (three loads seen) meets a new batter. */
export const playKnown = (world: World, irons: number, seed = 79): Score => {
  const score: Score = { n: irons, hit: [0], close: [0], conflicts: 0, promised: [0], covered: 0, bands: 0 };
  const known = emulated(pairingOf('deep-round', 'quick'));
  const fresh = emulated(pairingOf('deep-round', 'folded'));
  for (let i = 0; i < irons; i++) {
    const random = seededRandom(seed * 100_003 + i);
    const truth = truthOf(world, random);
    const chooser = seededRandom(seed + i);
    let belief = firstBelief(chooser, 1500);
    for (let n = 0; n < 4; n++) {
      const action = suggest(known, belief, TARGET);
      const { seen, portion_g } = cook(known.pairing, known.full_g, truth, world, action, random);
      belief = afterLoad(known, belief, action, words(seen, portion_g, world, random), chooser).belief;
    }
    const { seen } = cook(fresh.pairing, fresh.full_g, truth, world, suggest(fresh, belief, TARGET), random);
    if (lands(seen, TARGET)) score.hit[0] = (score.hit[0] ?? 0) + 1;
    if (lands(seen, TARGET, 0.6)) score.close[0] = (score.close[0] ?? 0) + 1;
  }
  return score;
};

export const arenaEmulators = (): Emulator[] => ARENA.map(([iron, batter]) => emulated(pairingOf(iron, batter)));

const clampAction = (e: Emulator, action: Action): Action => {
  const [low, high] = settingsOf(e.pairing.iron);
  return {
    portion_g: Math.min(2 * e.full_g, Math.max(0.4 * e.full_g, action.portion_g)),
    setting_C: Math.min(high, Math.max(low, action.setting_C)),
    open_s: Math.min(0.98 * e.seconds, Math.max(8, action.open_s)),
  };
};

/** Wilson's 95 % interval of a share. */
export const wilson = (hits: number, n: number): readonly [number, number] => {
  const z = 1.959964;
  const p = hits / n;
  const centre = (p + (z * z) / (2 * n)) / (1 + (z * z) / n);
  const half = (z / (1 + (z * z) / n)) * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n));
  return [centre - half, centre + half];
};
