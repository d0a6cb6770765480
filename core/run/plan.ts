import type { Finding } from '../basis/index.ts';
import { roundedTo, sum } from '../basis/index.ts';
import { POURABLE_SHARE } from '../formula/index.ts';

export const RUN_MODES = ['together', 'as-they-come'] as const;
export type RunMode = (typeof RUN_MODES)[number];

/** What the plan needs to know of one iron with one batter; seconds and grams. */
export type PlannedIron = {
  readonly ironId: string;
  readonly piecesPerLoad: number;
  readonly portion_g: number;
  /** Least portion that still fills, g. */
  readonly leastPortion_g: number;
  readonly preheat_s: number;
  readonly cook_s: number;
  /** Of the first load, on plates that have not cooked yet; left out: as the others. */
  readonly firstCook_s?: number;
  /** Lid open to take out and pour. */
  readonly open_s: number;
  /** Closed and empty until the plates are back. */
  readonly recovery_s: number;
};

export type RunRequest = {
  readonly people: number;
  readonly piecesPerPerson: number;
  /** Everybody served (together), or the first plate (as they come): epoch ms. */
  readonly serveAt: number;
  readonly mode: RunMode;
  readonly irons: readonly PlannedIron[];
  /** Batter that there is, g; null: as much as is needed will be made. */
  readonly batter_g: number | null;
};

export type PlannedLoad = {
  readonly ironId: string;
  readonly n: number;
  readonly pourAt: number;
  readonly openAt: number;
  readonly pieces: number;
  readonly portion_g: number;
};

export type RunPlan = {
  readonly pieces: number;
  /** What the loads will take, with what stays in the bowl, g. */
  readonly batter_g: number;
  readonly loads: readonly PlannedLoad[];
  readonly preheats: readonly { readonly ironId: string; readonly from: number; readonly to: number }[];
  readonly startAt: number;
  readonly firstPourAt: number;
  readonly lastPlateAt: number;
  readonly findings: readonly Finding[];
};

/** From the last open lid to the table (*common practice*), s. */
const PLATING_S = 60;
/** A plan longer than this needs other irons, not more patience. */
const LONGEST_RUN_S = 6 * 3600;
/** Held longer than this, pieces go soft or dry (*common practice*). */
const LONG_HOLD_S = 30 * 60;

/** `n`: which load of this iron, from 1. */
const cookOf_s = (iron: PlannedIron, n: number): number => (n === 1 ? (iron.firstCook_s ?? iron.cook_s) : iron.cook_s);

const cycle_s = (iron: PlannedIron, n: number): number => iron.open_s + cookOf_s(iron, n) + iron.recovery_s;

type Slot = { readonly iron: PlannedIron; readonly index: number; readonly n: number; readonly pour_s: number };

/**
 * Loads by iron, each given to the iron that would finish it first (best possible for equal loads), pours kept
 * apart by one cook's two hands. Errors come as findings: `nothing-to-cook`, `no-irons`, `run-too-long`,
 * `batter-short` {share}, `hold-long` {minutes}, `pieces-over` {pieces}.
 */
export const planRun = (request: RunRequest): RunPlan => {
  const wanted = Math.ceil(request.people * request.piecesPerPerson);
  const { slots, findings, pieces } = allot(wanted, request.irons);
  const share = batterShare(slots, request.batter_g, findings);
  const end_s = Math.max(0, ...slots.map(({ iron, n, pour_s }) => pour_s + cookOf_s(iron, n)));
  const first = slots[0];
  const anchor_s =
    request.mode === 'together' ? end_s + PLATING_S : first === undefined ? 0 : first.pour_s + cookOf_s(first.iron, first.n) + PLATING_S;
  const zero = request.serveAt - anchor_s * 1000;
  const at = (seconds: number): number => Math.round(zero + seconds * 1000);
  const loads = slots.map(({ iron, n, pour_s }) => ({
    ironId: iron.ironId,
    n,
    pourAt: at(pour_s),
    openAt: at(pour_s + cookOf_s(iron, n)),
    pieces: iron.piecesPerLoad,
    portion_g: iron.portion_g * share,
  }));
  const used = request.irons.filter((iron) => slots.some((slot) => slot.iron === iron));
  const preheats = used.map((iron) => {
    const pour_s = Math.min(...slots.filter((slot) => slot.iron === iron).map((slot) => slot.pour_s));
    return { ironId: iron.ironId, from: at(pour_s - iron.preheat_s), to: at(pour_s) };
  });
  if (request.mode === 'together' && first !== undefined && end_s - first.pour_s - cookOf_s(first.iron, first.n) > LONG_HOLD_S)
    findings.push({
      code: 'hold-long',
      level: 'warning',
      fields: { minutes: Math.round((end_s - first.pour_s - cookOf_s(first.iron, first.n)) / 60) },
    });
  const firstPourAt = first === undefined ? request.serveAt : at(first.pour_s);
  return {
    pieces,
    batter_g: sum(loads.map((load) => load.portion_g)) / POURABLE_SHARE,
    loads,
    preheats,
    startAt: Math.min(firstPourAt, ...preheats.map((preheat) => preheat.from)),
    firstPourAt,
    lastPlateAt: at(end_s + PLATING_S),
    findings,
  };
};

const allot = (wanted: number, irons: readonly PlannedIron[]): { slots: Slot[]; findings: Finding[]; pieces: number } => {
  const findings: Finding[] = [];
  const slots: Slot[] = [];
  if (!(wanted > 0)) findings.push({ code: 'nothing-to-cook', level: 'note', fields: {} });
  if (irons.length === 0) findings.push({ code: 'no-irons', level: 'warning', fields: {} });
  // One pair of hands: the irons start one after the other.
  const freeAt = irons.map((_, i) => sum(irons.slice(0, i).map((iron) => iron.open_s)));
  const count = irons.map(() => 0);
  let pieces = 0;
  while (pieces < wanted && irons.length > 0) {
    const index = soonest(irons, freeAt, count);
    const iron = irons[index]!;
    const pour_s = freeAt[index] ?? 0;
    if (pour_s + cookOf_s(iron, (count[index] ?? 0) + 1) > LONGEST_RUN_S) {
      findings.push({ code: 'run-too-long', level: 'warning', fields: { hours: LONGEST_RUN_S / 3600, pieces, wanted } });
      break;
    }
    count[index] = (count[index] ?? 0) + 1;
    slots.push({ iron, index, n: count[index] ?? 1, pour_s });
    freeAt[index] = pour_s + cycle_s(iron, count[index] ?? 1);
    pieces += iron.piecesPerLoad;
  }
  if (pieces > wanted && wanted > 0) findings.push({ code: 'pieces-over', level: 'note', fields: { pieces: pieces - wanted } });
  slots.sort((a, b) => a.pour_s - b.pour_s || a.index - b.index);
  return { slots, findings, pieces };
};

/** The iron that would have one more load done first. */
const soonest = (irons: readonly PlannedIron[], freeAt: readonly number[], count: readonly number[]): number => {
  let best = 0;
  const done = (i: number): number => {
    const iron = irons[i];
    return iron === undefined ? Infinity : (freeAt[i] ?? 0) + cookOf_s(iron, (count[i] ?? 0) + 1);
  };
  irons.forEach((_, i) => {
    if (done(i) < done(best)) best = i;
  });
  return best;
};

/** Even portions rather than a stunted last load: everybody's gets smaller, as far as the iron still fills. */
const batterShare = (slots: readonly Slot[], batter_g: number | null, findings: Finding[]): number => {
  if (batter_g === null || slots.length === 0) return 1;
  const needed_g = sum(slots.map(({ iron }) => iron.portion_g));
  const share = Math.min(1, (POURABLE_SHARE * batter_g) / needed_g);
  const least = Math.max(...slots.map(({ iron }) => iron.leastPortion_g / iron.portion_g));
  if (share < least) {
    findings.push({
      code: 'batter-short',
      level: 'warning',
      fields: { missing_g: Math.ceil(needed_g / POURABLE_SHARE - batter_g), factor: roundedTo(1 / share, 2) },
    });
    return 1;
  }
  if (share < 1) findings.push({ code: 'portions-evened', level: 'note', fields: { percent: Math.round(100 * share) } });
  return share;
};
