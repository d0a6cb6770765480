import type { Evidence } from './evidence.ts';
import type { Symptom } from './symptoms.ts';

/** What would tell it from others, for little. */
export const TESTS = [
  'probe-plates',
  'weigh-pour',
  'weigh-cup',
  'time-the-lid',
  'turn-the-iron',
  'read-the-bowl',
  'powder-in-hot-water',
  'read-the-ledger',
  'wipe-and-look',
  'rack-one',
  'count-the-loads',
] as const;
export type Test = (typeof TESTS)[number];

export type CauseData = {
  readonly group: 'heat' | 'time' | 'pour' | 'batter' | 'plates' | 'after' | 'morning';
  /** How often it is behind a mishap, before anything is known; they needn't add up. */
  readonly prior: number;
  /** How often it shows like this, 0–1. */
  readonly shows: Partial<Readonly<Record<Symptom, number>>>;
  /** What the numbers say for (+) or against (−) it, in the logarithm of the odds; 0: nothing. */
  readonly weighs?: (e: Evidence) => number;
  readonly test: Test;
  /** Where it is from; "common practice" where every cook's book says so. */
  readonly source: string;
};

/** For it where the value lies over `at`, against it where it lies under; `width`: how gently it turns, `weight`: how much it says at the most. */
const over = (value: number | null, at: number, width: number, weight: number): number =>
  value === null ? 0 : weight * Math.tanh((value - at) / width);
const under = (value: number | null, at: number, width: number, weight: number): number =>
  over(value === null ? null : -value, -at, width, weight);
const ln = (share: number | null): number | null => (share === null || share <= 0 ? null : Math.log(share));
const isSo = (value: boolean | null, yes: number, no: number): number => (value === null ? 0 : value ? yes : no);
const age = (e: Evidence): number | null =>
  e.bowlAge_min === null || e.bowlGoodFor_min === null ? null : e.bowlAge_min / e.bowlGoodFor_min;

const PRACTICE = 'common practice';
const MODEL = 'the plate model (docs/models/plate.md)';

/** What may be behind it. Numbers are estimates from practice, the same for every iron. */
export const CAUSES = {
  'plates-cool': {
    group: 'heat',
    prior: 1.2,
    shows: { pale: 0.85, 'soft-at-once': 0.55, 'soggy-soon': 0.5, 'raw-inside': 0.25, stuck: 0.2, torn: 0.12, dry: 0.1 },
    weighs: (e) => under(e.platesOff_K, -6, 6, 2) + under(e.settingOff_K, -5, 5, 1.6),
    test: 'probe-plates',
    source: MODEL,
  },
  'plates-hot': {
    group: 'heat',
    prior: 1.2,
    shows: { 'too-dark': 0.85, 'dark-and-raw': 0.5, 'raw-inside': 0.2, 'soggy-soon': 0.2 },
    weighs: (e) => over(e.platesOff_K, 6, 6, 2) + over(e.settingOff_K, 5, 5, 1.6),
    test: 'probe-plates',
    source: MODEL,
  },
  'preheat-short': {
    group: 'heat',
    prior: 0.9,
    shows: { pale: 0.7, stuck: 0.45, 'soft-at-once': 0.4, torn: 0.2, 'unlike-the-first': 0.5, 'raw-inside': 0.2 },
    weighs: (e) => under(e.preheatShare, 0.8, 0.15, 2.2) + (e.loadN === null ? 0 : e.loadN === 1 ? 0.7 : -1.4),
    test: 'probe-plates',
    source: PRACTICE,
  },
  'no-recovery': {
    group: 'heat',
    prior: 1,
    shows: { pale: 0.75, 'soft-at-once': 0.4, 'unlike-the-first': 0.75, 'soggy-soon': 0.3, 'raw-inside': 0.2 },
    weighs: (e) => under(e.recoveredShare, 0.6, 0.25, 2) + (e.loadN === null ? 0 : e.loadN > 1 ? 0.5 : -3),
    test: 'probe-plates',
    source: MODEL,
  },
  'mains-weak': {
    group: 'heat',
    prior: 0.25,
    shows: { pale: 0.7, 'soft-at-once': 0.4, 'unlike-the-first': 0.4, 'somebody-waited': 0.35 },
    weighs: (e) => under(e.platesOff_K, -8, 6, 0.8),
    test: 'probe-plates',
    source: MODEL,
  },
  'one-plate-hotter': {
    group: 'heat',
    prior: 0.6,
    shows: { 'sides-differ': 0.95, pale: 0.15, 'too-dark': 0.15 },
    test: 'turn-the-iron',
    source: MODEL,
  },
  'plate-uneven': {
    group: 'heat',
    prior: 0.5,
    shows: { 'face-uneven': 0.95, pale: 0.1, 'too-dark': 0.12, stuck: 0.1 },
    test: 'turn-the-iron',
    source: PRACTICE,
  },
  'opened-early': {
    group: 'time',
    prior: 1.3,
    shows: { pale: 0.7, 'raw-inside': 0.55, torn: 0.5, collapsed: 0.4, 'soft-at-once': 0.5, 'soggy-soon': 0.5, stuck: 0.25 },
    weighs: (e) => under(ln(e.openedShare), -0.13, 0.08, 2.6),
    test: 'time-the-lid',
    source: MODEL,
  },
  'opened-late': {
    group: 'time',
    prior: 1,
    shows: { 'too-dark': 0.85, dry: 0.6, tough: 0.25 },
    weighs: (e) => over(ln(e.openedShare), 0.13, 0.08, 2.6),
    test: 'time-the-lid',
    source: MODEL,
  },
  'closed-late': {
    group: 'time',
    prior: 0.3,
    shows: { 'sides-differ': 0.8, 'corners-missing': 0.25, dense: 0.15 },
    weighs: (e) => over(e.closedAfter_s, 20, 8, 2),
    test: 'time-the-lid',
    source: MODEL,
  },
  'poured-little': {
    group: 'pour',
    prior: 1.2,
    shows: { 'corners-missing': 0.95, 'too-dark': 0.15, dry: 0.2, 'batter-over': 0.35 },
    weighs: (e) => under(ln(e.pouredShare), -0.07, 0.05, 2.4),
    test: 'weigh-pour',
    source: MODEL,
  },
  'poured-much': {
    group: 'pour',
    prior: 1.1,
    shows: { leaked: 0.95, dense: 0.25, 'raw-inside': 0.15, 'ran-out': 0.35 },
    weighs: (e) => over(ln(e.pouredShare), 0.09, 0.05, 2.4),
    test: 'weigh-pour',
    source: MODEL,
  },
  'poured-off-centre': {
    group: 'pour',
    prior: 0.6,
    shows: { 'corners-missing': 0.7, leaked: 0.55, 'face-uneven': 0.15 },
    weighs: (e) => (e.pouredShare === null ? 0 : Math.abs(Math.log(e.pouredShare)) < 0.07 ? 1 : -0.8),
    test: 'turn-the-iron',
    source: PRACTICE,
  },
  'batter-thick': {
    group: 'batter',
    prior: 0.8,
    shows: { 'corners-missing': 0.75, dense: 0.6, tough: 0.2, 'raw-inside': 0.2 },
    weighs: (e) => under(ln(e.loosenessShare), 0.05, 0.2, 1.8),
    test: 'read-the-ledger',
    source: MODEL,
  },
  'batter-thin': {
    group: 'batter',
    prior: 0.6,
    shows: { leaked: 0.6, 'soggy-soon': 0.5, 'soft-at-once': 0.35, torn: 0.25, 'not-hollow': 0.25, stuck: 0.2 },
    weighs: (e) => over(ln(e.loosenessShare), 0.9, 0.3, 1.6),
    test: 'read-the-ledger',
    source: PRACTICE,
  },
  'batter-cold': {
    group: 'batter',
    prior: 0.5,
    shows: { pale: 0.4, 'raw-inside': 0.5, dense: 0.3, 'corners-missing': 0.3, 'unlike-the-first': 0.2 },
    weighs: (e) => over(e.batterColder_K, 6, 4, 2),
    test: 'read-the-bowl',
    source: MODEL,
  },
  'air-lost': {
    group: 'batter',
    prior: 0.9,
    shows: { dense: 0.75, 'corners-missing': 0.45, 'unlike-the-first': 0.7, tough: 0.2, 'soggy-soon': 0.2 },
    weighs: (e) => over(age(e), 1, 0.35, 2.2) + (e.loadN === null ? 0 : e.loadN > 2 ? 0.4 : -0.6),
    test: 'weigh-cup',
    source: 'core/lift/drift.ts; common practice',
  },
  'foam-overfolded': {
    group: 'batter',
    prior: 0.5,
    shows: { dense: 0.8, 'corners-missing': 0.4, tough: 0.2 },
    test: 'weigh-cup',
    source: PRACTICE,
  },
  'foam-dry': {
    group: 'batter',
    prior: 0.3,
    shows: { collapsed: 0.5, dense: 0.4, 'face-uneven': 0.2, dry: 0.2 },
    test: 'weigh-cup',
    source: PRACTICE,
  },
  overmixed: {
    group: 'batter',
    prior: 0.8,
    shows: { tough: 0.85, dense: 0.35, 'corners-missing': 0.1 },
    test: 'read-the-bowl',
    source: 'core/lift/mix.ts; common practice',
  },
  'powder-old': {
    group: 'batter',
    prior: 0.5,
    shows: { dense: 0.85, 'corners-missing': 0.5, tough: 0.2, 'not-hollow': 0.5 },
    weighs: (e) => (e.gas_mmol === null ? 0 : e.gas_mmol < 2 ? -2.5 : 0.2),
    test: 'powder-in-hot-water',
    source: PRACTICE,
  },
  'gas-too-little': {
    group: 'batter',
    prior: 0.5,
    shows: { dense: 0.85, 'corners-missing': 0.45, 'not-hollow': 0.4, tough: 0.2 },
    weighs: (e) => under(e.gas_mmol, 5.5, 2, 2.4),
    test: 'read-the-ledger',
    source: 'core/formula/leavening.ts',
  },
  'gas-too-much': {
    group: 'batter',
    prior: 0.3,
    shows: { collapsed: 0.7, leaked: 0.4, soapy: 0.3, torn: 0.25 },
    weighs: (e) => over(e.gas_mmol, 30, 6, 2.2),
    test: 'read-the-ledger',
    source: PRACTICE,
  },
  'soda-too-much': {
    group: 'batter',
    prior: 0.4,
    shows: { soapy: 0.95, 'too-dark': 0.5 },
    weighs: (e) => over(e.sodaLeft_meq, 6, 2.5, 2.4),
    test: 'read-the-ledger',
    source: 'core/formula/leavening.ts',
  },
  'salt-too-much': {
    group: 'batter',
    prior: 0.4,
    shows: { salty: 0.97 },
    weighs: (e) => over(e.salt_percent, 3, 0.7, 2.4),
    test: 'read-the-ledger',
    source: PRACTICE,
  },
  'salt-forgotten': {
    group: 'batter',
    prior: 0.4,
    shows: { bland: 0.95 },
    weighs: (e) => under(e.salt_percent, 0.5, 0.25, 2.2),
    test: 'read-the-ledger',
    source: PRACTICE,
  },
  'sugar-too-much': {
    group: 'batter',
    prior: 0.4,
    shows: { 'too-dark': 0.7, stuck: 0.6, 'dark-and-raw': 0.5, 'soft-next-day': 0.3, torn: 0.2 },
    weighs: (e) => over(e.sugar_percent, 35, 12, 1.8),
    test: 'read-the-ledger',
    source: MODEL,
  },
  'sugar-too-little': {
    group: 'batter',
    prior: 0.3,
    shows: { pale: 0.7, bland: 0.4, 'soft-at-once': 0.3 },
    weighs: (e) => under(e.sugar_percent, 4, 3, 1.4),
    test: 'read-the-ledger',
    source: MODEL,
  },
  'fat-too-little': {
    group: 'batter',
    prior: 0.5,
    shows: { stuck: 0.6, tough: 0.5, 'soggy-soon': 0.45, dry: 0.35, torn: 0.25 },
    weighs: (e) => under(e.fat_percent, 12, 6, 2),
    test: 'read-the-ledger',
    source: PRACTICE,
  },
  'flour-strong': { group: 'batter', prior: 0.3, shows: { tough: 0.85, dense: 0.2 }, test: 'read-the-ledger', source: PRACTICE },
  'not-rested': {
    group: 'batter',
    prior: 0.4,
    shows: { tough: 0.5, 'not-hollow': 0.5, 'face-uneven': 0.3, 'unlike-the-first': 0.2 },
    weighs: (e) => under(e.bowlAge_min, 8, 6, 1.2),
    test: 'read-the-bowl',
    source: PRACTICE,
  },
  'fermented-long': {
    group: 'batter',
    prior: 0.3,
    shows: { pale: 0.5, collapsed: 0.5, dense: 0.4, bland: 0.15 },
    weighs: (e) => over(e.bowlAge_min, 14 * 60, 150, 2) + (e.gas_mmol !== null && e.gas_mmol > 6 ? -0.8 : 0),
    test: 'read-the-bowl',
    source: 'core/lift/ferment.ts',
  },
  'not-greased': {
    group: 'plates',
    prior: 0.8,
    shows: { stuck: 0.9, torn: 0.6 },
    weighs: (e) => isSo(e.greased, -2.4, 1.6) + isSo(e.isCoated, -0.9, 0.7),
    test: 'wipe-and-look',
    source: PRACTICE,
  },
  'plates-crusted': {
    group: 'plates',
    prior: 0.4,
    shows: { stuck: 0.8, torn: 0.4, 'face-uneven': 0.4, 'too-dark': 0.15 },
    weighs: (e) => isSo(e.greased, 0.8, -0.3) + (e.loadN === null ? 0 : e.loadN > 4 ? 0.6 : -0.2),
    test: 'wipe-and-look',
    source: PRACTICE,
  },
  'topping-wet': {
    group: 'pour',
    prior: 0.3,
    shows: { 'raw-inside': 0.5, stuck: 0.5, 'soggy-soon': 0.4, torn: 0.3, 'face-uneven': 0.4 },
    weighs: (e) => (e.scattered_g === null ? -0.3 : e.scattered_g > 0 ? 1.6 : -3),
    test: 'weigh-pour',
    source: MODEL,
  },
  piled: {
    group: 'after',
    prior: 1,
    shows: { 'soggy-soon': 0.95, 'soft-next-day': 0.2 },
    weighs: (e) => isSo(e.piled, 2.4, -2.2),
    test: 'rack-one',
    source: MODEL,
  },
  'waited-long': {
    group: 'after',
    prior: 0.7,
    shows: { 'soggy-soon': 0.85, dry: 0.2, 'somebody-waited': 0.1 },
    weighs: (e) => over(e.waited_min, 9, 4, 2.2),
    test: 'rack-one',
    source: MODEL,
  },
  'tin-damp': {
    group: 'after',
    prior: 0.5,
    shows: { 'soft-next-day': 0.9 },
    test: 'rack-one',
    source: 'core/plate/rack.ts; Katz & Labuza (1981)',
  },
  'packed-warm': {
    group: 'after',
    prior: 0.4,
    shows: { 'soft-next-day': 0.85, 'soggy-soon': 0.2 },
    weighs: (e) => under(e.waited_min, 8, 5, 0.8),
    test: 'rack-one',
    source: PRACTICE,
  },
  'wafer-not-dry': {
    group: 'after',
    prior: 0.5,
    shows: { 'soft-next-day': 0.75, 'soft-at-once': 0.6, pale: 0.4 },
    weighs: (e) => under(ln(e.openedShare), -0.1, 0.1, 1.2),
    test: 'time-the-lid',
    source: MODEL,
  },
  'turned-late': { group: 'time', prior: 0.4, shows: { 'not-hollow': 0.85, 'sides-differ': 0.5 }, test: 'time-the-lid', source: MODEL },
  'pan-underfilled': {
    group: 'pour',
    prior: 0.3,
    shows: { 'not-hollow': 0.4, 'corners-missing': 0.6 },
    weighs: (e) => under(ln(e.pouredShare), -0.1, 0.06, 1.6),
    test: 'weigh-pour',
    source: PRACTICE,
  },
  'portions-bigger': {
    group: 'morning',
    prior: 0.8,
    shows: { 'ran-out': 0.9, leaked: 0.25 },
    weighs: (e) => over(ln(e.morningPouredShare), 0.05, 0.04, 2.2),
    test: 'count-the-loads',
    source: PRACTICE,
  },
  'mixed-too-little': {
    group: 'morning',
    prior: 0.5,
    shows: { 'ran-out': 0.9 },
    weighs: (e) => (e.morningPouredShare === null ? 0 : -1.5 * Math.tanh((Math.log(e.morningPouredShare) - 0.03) / 0.04)),
    test: 'count-the-loads',
    source: PRACTICE,
  },
  'mixed-too-much': {
    group: 'morning',
    prior: 0.6,
    shows: { 'batter-over': 0.9 },
    weighs: (e) => over(ln(e.morningPouredShare), -0.06, 0.05, 1),
    test: 'count-the-loads',
    source: PRACTICE,
  },
  'started-late': {
    group: 'morning',
    prior: 0.7,
    shows: { 'somebody-waited': 0.9 },
    weighs: (e) => over(e.startedLate_s, 180, 90, 2.4),
    test: 'count-the-loads',
    source: PRACTICE,
  },
  'too-few-irons': {
    group: 'morning',
    prior: 0.5,
    shows: { 'somebody-waited': 0.85 },
    weighs: (e) => under(e.startedLate_s, 120, 90, 1),
    test: 'count-the-loads',
    source: 'core/run/schedule.ts',
  },
} as const satisfies Readonly<Record<string, CauseData>>;

export type Cause = keyof typeof CAUSES;
export const CAUSE_IDS = Object.keys(CAUSES) as readonly Cause[];
export const causeData = (cause: Cause): CauseData => CAUSES[cause];
