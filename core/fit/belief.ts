import type { Finding, Random } from '../basis/index.ts';
import type { PriorWidths, Teaspoon } from '../plate/index.ts';
import { PRIOR } from '../plate/index.ts';
import type { Edges } from '../log/index.ts';
import { tawnyStepOf } from '../matter/index.ts';
import type { IronParameters } from './ironParameters.ts';
import { drawIronParameters, FILL_LIMITS } from './ironParameters.ts';
import type { Emulator } from './emulator.ts';
import type { GridPosition } from './emulator.ts';
import { brownedAt, coreSetAt, crispAt, lossAt, gridPositionOf, stepAt, stepBrowned } from './emulator.ts';

/** What was done: how much, at which control temperature, opened when. */
export type Action = {
  readonly portion_g: number;
  readonly setting_C: number;
  readonly open_s: number;
  /** How far the real portion may lie from this one, share; left out: as ladles are poured. */
  readonly portionSd?: number;
};

/** What a cook says of a load; nulls where nothing was said. */
export type Outcome = {
  readonly fill: 'missing' | 'full' | 'leaked' | null;
  /** Roughly how much was missing, share of the cavity; or leaked, g. */
  readonly missing_share: number | null;
  readonly leaked_g: number | null;
  /** Of a full load; left out: nothing said. */
  readonly edges?: Edges | null;
  readonly lower: number | null;
  readonly upper: number | null;
  readonly core: 'set' | 'wet' | null;
  /** How crisp, 1–5, two minutes later; left out: nothing said. */
  readonly crisp?: number | null;
  /** What an instrument said; it counts instead of the word for the same thing. */
  readonly measured?: Measured;
};
/** L* of the faces from a picture, the plate at the pour, and the pieces of the load on a scale. */
export type Measured = {
  readonly lowerLightness: number | null;
  readonly upperLightness: number | null;
  readonly plate_C: number | null;
  readonly mass_g: number | null;
};
/** A look on the way: how brown the paler side is after so long. */
export type Look = { readonly at_s: number; readonly seen: 'pale' | 'half' | 'nearly' | 'dark' };

/** Weighted guesses at the iron. Plain data: it can be stored and handed to a worker. */
export type Belief = { readonly particles: readonly IronParameters[]; readonly weights: readonly number[] };

const PARTICLES = 2000;

/** A step is read with this scatter, a fill by eye with this, the emulator itself is off by this. */
const READ_SD = 0.4;
const MODEL_SD = 0.15;
const FILL_SD = 0.04;
/** Of that, what is the eye's: the rest is how ladles are poured (3 %). */
const FILL_BY_EYE_SD = 0.0265;
/** A full load fills so much of the room by its edges (*estimated*). */
export const EDGE_LIMITS: Readonly<Record<Edges, readonly [from: number, to: number]>> = {
  rounded: [FILL_LIMITS.short, 0.99],
  sharp: [0.99, 1.05],
  bead: [1.05, FILL_LIMITS.over],
};
const MISSING_SD = 0.05;
const LEAK_SD = 0.35;
/** Instruments: a step from a picture, a plate under a probe (where it is put matters), pieces on a scale. */
const PICTURE_SD = 0.15;
const PROBE_SD_K = 4;
const MASS_SD = 0.03;
/** Widths over which a slip is spread. */
const PROBE_RANGE_K = 120;
/** Crispness is felt with this scatter, and reckoned with about as much; 1–5. */
const CRISP_SD = 0.8;
/** Somebody presses the wrong touch now and then: no single word may rule anything out. */
const SLIP = 0.06;

/** Five nodes of Gauss and Hermite for a standard normal: exact for polynomials up to the ninth degree. */
const NORMAL_NODES: readonly (readonly [z: number, weight: number])[] = [
  [-2.856970013872806, 0.011257411327720689],
  [-1.355626179974266, 0.22207592200561266],
  [0, 0.5333333333333333],
  [1.355626179974266, 0.22207592200561266],
  [2.856970013872806, 0.011257411327720689],
];

/** Before any load. `prior`: narrower where something of the iron was measured. */
export const firstBelief = (random: Random, count = PARTICLES, prior: PriorWidths = PRIOR): Belief => ({
  particles: Array.from({ length: count }, () => drawIronParameters(random, prior)),
  weights: Array.from({ length: count }, () => 1 / count),
});

/** Standard normal distribution function (Zelen & Severo, Abramowitz & Stegun 26.2.17; within 7.5e−8). */
const phi = (x: number): number => {
  const t = 1 / (1 + 0.2316419 * Math.abs(x));
  const d = 0.3989422804014327 * Math.exp((-x * x) / 2);
  const p = d * t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  return x > 0 ? 1 - p : p;
};

const normalBetween = (from: number, to: number, mean: number, sd: number): number => phi((to - mean) / sd) - phi((from - mean) / sd);
const density = (x: number, mean: number, sd: number): number => Math.exp(-((x - mean) ** 2) / (2 * sd * sd)) / sd;

/** Batter that stays in: what is over the lid's give runs out. */
const staying = (e: Emulator, u: IronParameters, portion_g: number): { readonly share: number; readonly amount: number } => {
  const share = portion_g / (e.full_g * u.cavity);
  return { share, amount: (Math.min(share, FILL_LIMITS.over) * u.cavity * e.full_g) / e.full_g };
};

const READ = Math.hypot(READ_SD, MODEL_SD);
const stepLikelihood = (read: number, step: number): number =>
  (1 - SLIP) * normalBetween(read >= 8 ? 7.5 : read - 0.5, read >= 8 ? 99 : read <= 1 ? 1.5 : read + 0.5, step, READ) +
  (read <= 1 ? (1 - SLIP) * phi((0.5 - step) / READ) : 0) +
  SLIP / 8;

const fillLikelihood = (o: Outcome, share: number, { portion_g, portionSd }: Action): number => {
  if (o.fill === null) return 1;
  const sd = portionSd === undefined ? FILL_SD : Math.hypot(FILL_BY_EYE_SD, portionSd);
  const short = phi((FILL_LIMITS.short - share) / sd);
  const over = phi((share - FILL_LIMITS.over) / sd);
  const word = o.fill === 'missing' ? short : o.fill === 'leaked' ? over : Math.max(0, 1 - short - over);
  let said = (1 - SLIP) * word + SLIP / 3;
  if (o.fill === 'full' && o.edges != null) {
    const [from, to] = EDGE_LIMITS[o.edges];
    // The same ladle and the same eye: of how full, not whether.
    said = (1 - SLIP) * Math.max(0, normalBetween(from, to, share, sd)) + SLIP / 9;
  }
  if (o.fill === 'missing' && o.missing_share !== null) said *= (1 - SLIP) * density(o.missing_share, 1 - share, MISSING_SD) + SLIP;
  if (o.fill === 'leaked' && o.leaked_g !== null) {
    const leaks = (1 - FILL_LIMITS.over / share) * portion_g;
    said *= (1 - SLIP) * density(o.leaked_g, leaks, Math.max(3, LEAK_SD * Math.max(leaks, 5))) * 5 + SLIP;
  }
  return said;
};

const pictureLikelihood = (e: Emulator, lightness: number, step: number): number =>
  (1 - SLIP) * density(tawnyStepOf(lightness, e.pairing.batter.rawLightness), step, Math.hypot(PICTURE_SD, MODEL_SD)) + SLIP / 8;

/** What was said of the faces. A load that browns quicker than the last does so on both: they share its scatter. */
const coloursLikelihood = (e: Emulator, place: GridPosition, u: IronParameters, open_s: number, o: Outcome): number => {
  const faces = (['lower', 'upper'] as const).flatMap((side) => {
    const read = o[side];
    const lightness = o.measured?.[`${side}Lightness`] ?? null;
    return read === null && lightness === null ? [] : [{ browned: brownedAt(e, place, side, open_s), read, lightness }];
  });
  if (faces.length === 0) return 1;
  let total = 0;
  for (const [z, weight] of NORMAL_NODES) {
    const browning = u.browning * Math.exp(u.scatter * z);
    let product = weight;
    for (const { browned, read, lightness } of faces) {
      const step = stepBrowned(e, browned, browning);
      product *= lightness === null ? stepLikelihood(read ?? step, step) : pictureLikelihood(e, lightness, step);
    }
    total += product;
  }
  return total;
};

/** How high a spoonful lies against a load's own height: how far it spreads differs (lognormal, estimated); nodes of its share and their weights. */
const SPOONFUL_HEIGHTS: readonly (readonly [height: number, weight: number])[] = [
  [0.78, 1 / 6],
  [1, 2 / 3],
  [1.28, 1 / 6],
];

/** The guesses after a spoonful, closed in the hot iron and held against the bands. `e`: emulated spoonfuls (see `emulate`). */
export const afterSpoonful = (e: Emulator, belief: Belief, said: Omit<Teaspoon, 'formulaId'>, random: Random): Belief => {
  const seen: Outcome = { fill: null, missing_share: null, leaked_g: null, core: null, lower: said.lower, upper: said.upper };
  const of = (u: IronParameters): number =>
    SPOONFUL_HEIGHTS.reduce(
      (sum, [height, weight]) =>
        sum +
        weight * coloursLikelihood(e, gridPositionOf(e, said.setting_C + u.offset_K, u.side_K, u.contact, height), u, said.open_s, seen),
      0,
    );
  return reweighed(e, belief, of, 1, random).belief;
};

/** What the faces of a spoonful would come to, as high as a load. */
export const spoonfulSteps = (e: Emulator, u: IronParameters, { setting_C, open_s }: Pick<Action, 'setting_C' | 'open_s'>) => {
  const place = gridPositionOf(e, setting_C + u.offset_K, u.side_K, u.contact, 1);
  const step = (side: 'lower' | 'upper'): number => stepAt(e, place, side, u.browning, open_s);
  return { lower: step('lower'), upper: step('upper') };
};

/** How likely what was said is, if the iron were so. */
export const likelihood = (e: Emulator, u: IronParameters, action: Action, o: Outcome): number => {
  const { share, amount } = staying(e, u, action.portion_g);
  const place = gridPositionOf(e, action.setting_C + u.offset_K, u.side_K, u.contact, amount);
  let total = fillLikelihood(o, share, action);
  const m = o.measured;
  total *= coloursLikelihood(e, place, u, action.open_s, o);
  if (m !== undefined && m.plate_C !== null)
    total *= (1 - SLIP) * density(m.plate_C, action.setting_C + u.offset_K, PROBE_SD_K) + SLIP / PROBE_RANGE_K;
  if (m !== undefined && m.mass_g !== null) {
    const out_g = amount * e.full_g * (1 - lossAt(e, place, action.open_s));
    total *= (1 - SLIP) * density(Math.log(m.mass_g), Math.log(out_g), MASS_SD) + SLIP;
  }
  if (o.crisp != null) {
    const crisp = crispAt(e, place, action.open_s);
    total *= (1 - SLIP) * normalBetween(o.crisp <= 1 ? -9 : o.crisp - 0.5, o.crisp >= 5 ? 99 : o.crisp + 0.5, crisp, CRISP_SD) + SLIP / 5;
  }
  if (o.core !== null) {
    const set = phi((action.open_s - coreSetAt(e, place)) / 12);
    total *= (1 - SLIP) * (o.core === 'set' ? set : 1 - set) + SLIP / 2;
  }
  return total;
};

const LOOKS: Readonly<Record<Look['seen'], readonly [number, number]>> = {
  pale: [-9, 2.2],
  half: [2.2, 3.2],
  nearly: [3.2, 4.2],
  dark: [4.2, 99],
};

/** How far an odd load may be off, tawny steps. */
const ODD_LOAD_STEPS = 2;

const lookLikelihood = (e: Emulator, u: IronParameters, action: Omit<Action, 'open_s'>, look: Look): number => {
  const { amount } = staying(e, u, action.portion_g);
  const place = gridPositionOf(e, action.setting_C + u.offset_K, u.side_K, u.contact, amount);
  const paler = Math.min(stepAt(e, place, 'lower', u.browning, look.at_s), stepAt(e, place, 'upper', u.browning, look.at_s));
  const [from, to] = LOOKS[look.seen];
  // One load may be far from what its iron usually does: a look that hardly fits still speaks for the guesses that are nearer to it.
  return (1 - SLIP) * normalBetween(from, to, paler, 0.6) + SLIP * normalBetween(from, to, paler, ODD_LOAD_STEPS);
};

/** Guesses weighed anew by something noticed in one load; they are of that load alone. */
export const reweighedBy = (e: Emulator, belief: Belief, of: (u: IronParameters) => number, random: Random): Belief =>
  reweighed(e, belief, of, 1, random).belief;

export type Updated = {
  readonly belief: Belief;
  /** `observation-conflict` {odds}: what was said hardly fits what was believed. */
  readonly findings: readonly Finding[];
};

/** Evidence under this share of what an ordinary load gives is a contradiction, or a slip. */
const CONFLICT = 0.02;

const reweighed = (e: Emulator, belief: Belief, of: (u: IronParameters) => number, usual: number, random: Random): Updated => {
  const weights = belief.particles.map((u, i) => (belief.weights[i] ?? 0) * of(u));
  const evidence = weights.reduce((a, b) => a + b, 0);
  if (!(evidence > 0)) return { belief, findings: [{ code: 'observation-conflict', level: 'warning', fields: { odds: 0 } }] };
  const odds = evidence / usual;
  const findings: Finding[] =
    odds < CONFLICT ? [{ code: 'observation-conflict', level: 'warning', fields: { odds: Number(odds.toPrecision(2)) } }] : [];
  return { belief: refreshed({ particles: belief.particles, weights: weights.map((w) => w / evidence) }, random), findings };
};

/** The guesses after a load. */
export const afterLoad = (e: Emulator, belief: Belief, action: Action, outcome: Outcome, random: Random): Updated =>
  reweighed(e, belief, (u) => likelihood(e, u, action, outcome), usualEvidence(outcome), random);

/** What an ordinary load's words come to, to tell a contradiction from bad luck. */
const usualEvidence = (o: Outcome): number =>
  (o.fill === null ? 1 : 0.4) *
  (o.lower === null ? 1 : 0.25) *
  (o.upper === null ? 1 : 0.3) *
  (o.core === null ? 1 : 0.7) *
  (o.crisp == null ? 1 : 0.35) *
  (o.missing_share !== null ? 4 : 1) *
  (o.leaked_g !== null ? 0.2 : 1) *
  (o.measured?.plate_C == null ? 1 : 0.04) *
  (o.measured?.mass_g == null ? 1 : 4);

/** The guesses after a look on the way, for this load alone. */
export const afterLook = (e: Emulator, belief: Belief, action: Omit<Action, 'open_s'>, look: Look, random: Random): Belief =>
  reweighed(e, belief, (u) => lookLikelihood(e, u, action, look), 1, random).belief;

/** Loads of one iron differ in pace by so much (logarithm), and now and then by four times as much: more batter than was said, a lid left open. */
const PACE_SD = 0.1;
const ODD_PACE = { share: 0.1, times: 4 } as const;
const PACES = Array.from({ length: 49 }, (_, i) => (i - 24) / 40);

/** How much quicker than its iron this load goes, by what was seen of it (1: as usual). The eyes count, even where no guess of the iron explains them. */
export const paceAfter = (e: Emulator, belief: Belief, action: Omit<Action, 'open_s'>, looks: readonly Look[]): number => {
  let [sum, whole] = [0, 0];
  for (const pace of PACES) {
    const usual = Math.exp(-((pace / PACE_SD) ** 2) / 2) / PACE_SD;
    const odd = Math.exp(-((pace / (ODD_PACE.times * PACE_SD)) ** 2) / 2) / (ODD_PACE.times * PACE_SD);
    let weight = (1 - ODD_PACE.share) * usual + ODD_PACE.share * odd;
    for (const look of looks) {
      const then = { ...look, at_s: look.at_s * Math.exp(pace) };
      weight *= belief.particles.reduce((chance, u, i) => chance + (belief.weights[i] ?? 0) * lookLikelihood(e, u, action, then), 0);
    }
    sum += weight * pace;
    whole += weight;
  }
  return whole > 0 ? Math.exp(sum / whole) : 1;
};

/** How many guesses still count. */
export const effectiveCount = (belief: Belief): number => 1 / belief.weights.reduce((sum, w) => sum + w * w, 0);

const KEYS = ['cavity', 'offset_K', 'contact', 'browning', 'side_K', 'scatter'] as const;
const LOGS: ReadonlySet<string> = new Set(['cavity', 'contact', 'browning', 'scatter']);
/** Liu & West (2001): shrink towards the mean, then jitter, so that spread is kept. */
const SHRINK = 0.97;

/** Draws the guesses anew once too few of them count. */
const refreshed = (belief: Belief, random: Random): Belief => {
  const { particles, weights } = belief;
  if (effectiveCount(belief) > particles.length / 3) return belief;
  const value = (u: IronParameters, key: (typeof KEYS)[number]): number => (LOGS.has(key) ? Math.log(Math.max(1e-9, u[key])) : u[key]);
  const moments = KEYS.map((key) => {
    const mean = particles.reduce((sum, u, i) => sum + (weights[i] ?? 0) * value(u, key), 0);
    const variance = particles.reduce((sum, u, i) => sum + (weights[i] ?? 0) * (value(u, key) - mean) ** 2, 0);
    return { mean, sd: Math.sqrt(variance) };
  });
  const jitter = Math.sqrt(1 - SHRINK * SHRINK);
  const n = particles.length;
  const start = random.next() / n;
  const drawn: IronParameters[] = [];
  let cumulative = 0;
  let i = -1;
  for (let k = 0; k < n; k++) {
    const goal = start + k / n;
    while (cumulative < goal && i < n - 1) cumulative += weights[++i] ?? 0;
    const from = particles[Math.max(0, i)];
    if (from === undefined) continue;
    const moved = KEYS.map((key, j) => {
      const { mean, sd } = moments[j] ?? { mean: 0, sd: 0 };
      const x = mean + SHRINK * (value(from, key) - mean) + jitter * sd * random.normal();
      return [key, LOGS.has(key) ? Math.exp(x) : x] as const;
    });
    drawn.push(Object.fromEntries(moved) as unknown as IronParameters);
  }
  return { particles: drawn, weights: drawn.map(() => 1 / drawn.length) };
};

/** Mean and sd of what is believed, for showing; logarithms for the shares. */
export const summary = (belief: Belief): Readonly<Record<(typeof KEYS)[number], { readonly mean: number; readonly sd: number }>> =>
  Object.fromEntries(
    KEYS.map((key) => {
      const mean = belief.particles.reduce((sum, u, i) => sum + (belief.weights[i] ?? 0) * u[key], 0);
      const variance = belief.particles.reduce((sum, u, i) => sum + (belief.weights[i] ?? 0) * (u[key] - mean) ** 2, 0);
      return [key, { mean, sd: Math.sqrt(variance) }];
    }),
  ) as Record<(typeof KEYS)[number], { mean: number; sd: number }>;

/** A load under one guess: what the suggestion is judged by. */
export const predictLoad = (e: Emulator, u: IronParameters, action: Action) => {
  const { share, amount } = staying(e, u, action.portion_g);
  const place = gridPositionOf(e, action.setting_C + u.offset_K, u.side_K, u.contact, amount);
  return {
    share,
    lower: stepAt(e, place, 'lower', u.browning, action.open_s),
    upper: stepAt(e, place, 'upper', u.browning, action.open_s),
    isSet: action.open_s >= coreSetAt(e, place),
    crisp: crispAt(e, place, action.open_s),
  };
};
