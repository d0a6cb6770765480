import type { Finding } from '../basis/index.ts';
import { roundedTo, sum } from '../basis/index.ts';
import { POURABLE_SHARE } from '../formula/index.ts';
import type { PlannedIron, Slot } from './schedule.ts';
import { scheduled } from './schedule.ts';
import type { LoadVariant, Variant } from './variants.ts';
import { variantsOfLoads } from './variants.ts';
import { arrivalOf_s, doorOf_s, piecesWanted, PLATING_S } from './arrivals.ts';

export const RUN_MODES = ['together', 'as-they-come'] as const;
export type RunMode = (typeof RUN_MODES)[number];

export type RunRequest = {
  readonly people: number;
  readonly piecesPerPerson: number;
  /** Everybody served (together), or the first plate (as they come): epoch ms. */
  readonly serveAt: number;
  readonly mode: RunMode;
  readonly irons: readonly PlannedIron[];
  /** Batter that there is, g; null: as much as is needed will be made. */
  readonly batter_g: number | null;
  /** Pieces that came out for nobody (burnt, torn, dropped): so many more are cooked. Left out: none. */
  readonly lostPieces?: number | undefined;
  /** Guests who have something scattered into theirs; left out: nobody. */
  readonly variants?: readonly Variant[] | undefined;
  /** Pairs of hands; left out: one. */
  readonly hands?: number | undefined;
  /** As they come: how long the door is open, s; left out: all who come are there at once. */
  readonly door_s?: number | undefined;
  /** Everything so much earlier than it would have to be, s. */
  readonly slack_s?: number | undefined;
};

export type PlannedLoad = {
  readonly ironId: string;
  readonly n: number;
  readonly pourAt: number;
  readonly openAt: number;
  readonly pieces: number;
  readonly portion_g: number;
  /** What is scattered in where guests want different things; left out: as the dish has it. */
  readonly variant?: LoadVariant;
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
  /** Served together: how long the first pieces wait, s; as they come: 0. */
  readonly longestWait_s: number;
  readonly findings: readonly Finding[];
};

/** A plan longer than this needs other irons, not more patience. */
const LONGEST_RUN_S = 6 * 3600;
/** Held longer than this, pieces go soft or dry (*common practice*). */
const LONG_HOLD_S = 30 * 60;

/**
 * A morning: loads by iron with a hand for every pour and every lid (see `scheduled`), hung up at when they are served. What is wrong comes as findings:
 * `nothing-to-cook`, `no-irons`, `run-too-long`, `batter-short`, `hold-long`, `pieces-over`.
 */
export const planRun = (request: RunRequest): RunPlan => {
  const wanted = piecesWanted(request) + (request.lostPieces ?? 0);
  const { slots, findings, variants } = withVariants(wanted, request);
  const share = batterShare(slots, request.batter_g, findings);
  const end_s = Math.max(0, ...slots.map(({ open_s }) => open_s));
  const first = slots[0];
  const firstOut_s = slots.length === 0 ? 0 : Math.min(...slots.map(({ open_s }) => open_s));
  const anchor_s = request.mode === 'together' ? end_s + PLATING_S : firstOut_s + PLATING_S;
  const zero = request.serveAt - (anchor_s + (request.slack_s ?? 0)) * 1000;
  const at = (seconds: number): number => Math.round(zero + seconds * 1000);
  const loads = slots.map(({ iron, n, pour_s, open_s }, i) => ({
    ironId: iron.ironId,
    n,
    pourAt: at(pour_s),
    openAt: at(open_s),
    pieces: iron.piecesPerLoad,
    portion_g: iron.portion_g * share,
    ...(variants === null ? {} : { variant: variants[i]! }),
  }));
  const pieces = sum(loads.map((load) => load.pieces));
  const used = request.irons.filter((iron) => slots.some((slot) => slot.iron === iron));
  const preheats = used.map((iron) => {
    const pour_s = Math.min(...slots.filter((slot) => slot.iron === iron).map((slot) => slot.pour_s));
    return { ironId: iron.ironId, from: at(pour_s - iron.preheat_s), to: at(pour_s) };
  });
  const longestWait_s = request.mode === 'together' && slots.length > 0 ? end_s - firstOut_s + (request.slack_s ?? 0) : 0;
  if (longestWait_s > LONG_HOLD_S)
    findings.push({ code: 'hold-long', level: 'warning', fields: { minutes: Math.round(longestWait_s / 60) } });
  const firstPourAt = first === undefined ? request.serveAt : at(first.pour_s);
  return {
    pieces,
    batter_g: sum(loads.map((load) => load.portion_g)) / POURABLE_SHARE,
    loads,
    preheats,
    startAt: Math.min(firstPourAt, ...preheats.map((preheat) => preheat.from)),
    firstPourAt,
    lastPlateAt: at(end_s + PLATING_S),
    longestWait_s,
    findings,
  };
};

/** When the next piece is wanted, s after the first, if so many are out: nothing is cooked for a guest who isn't there, but one load ahead. */
const wantedFrom =
  ({ mode, people, piecesPerPerson, door_s = 0 }: RunRequest) =>
  (pieces: number): number =>
    mode === 'together' ? 0 : arrivalOf_s(Math.min(people - 1, Math.floor(pieces / piecesPerPerson)), people, door_s);

/** Loads give whole numbers of one kind: with variants a few more may be needed, so many times it is tried. */
const MORE_TIMES = 6;

type Allotted = { slots: readonly Slot[]; findings: Finding[]; pieces: number };

const withVariants = (wanted: number, request: RunRequest): Allotted & { readonly variants: readonly LoadVariant[] | null } => {
  const variants = (request.variants ?? []).map((variant) => ({ ...variant, pieces: Math.ceil(variant.people * request.piecesPerPerson) }));
  // More than come can't be served: then there are so many fewer plain ones.
  const pieces = Math.max(wanted, sum(variants.map((variant) => variant.pieces)));
  let allotted = allot(variants.length === 0 ? wanted : pieces, request);
  if (variants.length === 0) return { ...allotted, variants: null };
  for (let more = 0, times = 0; ; times++) {
    const given = variantsOfLoads(
      allotted.slots.map(({ iron: { ironId, piecesPerLoad } }) => ({ ironId, pieces: piecesPerLoad })),
      pieces,
      variants,
    );
    if (given.missing === 0 || times === MORE_TIMES) return { ...allotted, variants: given.loads };
    more += given.missing;
    allotted = allot(pieces + more, request, pieces);
  }
};

/** `eaten`: of them, where a few more are cooked so that each has of its own kind. */
const allot = (wanted: number, request: RunRequest, eaten = wanted): Allotted => {
  const { irons } = request;
  const findings: Finding[] = [];
  if (!(wanted > 0)) findings.push({ code: 'nothing-to-cook', level: 'note', fields: {} });
  if (irons.length === 0) findings.push({ code: 'no-irons', level: 'warning', fields: {} });
  const longest_s = LONGEST_RUN_S + doorOf_s(request);
  const { slots, pieces, isCut } = scheduled(wanted, irons, Math.max(1, request.hands ?? 1), longest_s, wantedFrom(request));
  if (isCut) findings.push({ code: 'run-too-long', level: 'warning', fields: { hours: Math.round(longest_s / 3600), pieces, wanted } });
  if (pieces > eaten && wanted > 0) findings.push({ code: 'pieces-over', level: 'note', fields: { pieces: pieces - eaten } });
  return { slots, findings, pieces };
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
