import { TAKES_OUT, TURNAROUND } from '../cook/index.ts';
import type { LoadProgress } from '../log/index.ts';
import type { LineIron } from './conductor.ts';

/** One iron at the line as its log and the adviser tell it. */
export type IronAtLine = {
  readonly ironId: string;
  readonly isTurned: boolean;
  /** The load in it, or the one that was; null: none yet this morning. */
  readonly progress: LoadProgress | null;
  /** Best moment of that load, s from the closed lid; null: nothing was promised for it. */
  readonly best_s: number | null;
  /** When that load is darker than anybody wished, s from the closed lid; null: nobody can say. */
  readonly tooDark_s?: number | null;
  /** Of the next load, s; null: nothing is known yet. */
  readonly planned: { readonly cook_s: number; readonly open_s: number; readonly recovery_s: number } | null;
  /** When it is turned over, s from the closed lid; null: at once. */
  readonly turn_s: number | null;
  /** Which load of this iron is in it or comes next, from 1. */
  readonly n: number;
  /** Whoever stands there said "not yet": it isn't poured before; null: nobody did. Epoch ms. */
  readonly notBefore: number | null;
  /** The load in it was poured for the plan that is on. */
  readonly isOfPlan: boolean;
};

/** Pieces by dish that are wanted and neither out nor in an iron. */
export type MissingPieces = ReadonlyMap<string, number>;

/** What the conductor wants to know of a plan; instants are epoch ms. */
export type LinePlan = {
  readonly loads: readonly {
    readonly ironId: string;
    readonly dishId: string;
    readonly n: number;
    readonly pourAt: number;
    readonly pieces: number;
    /** Not poured before, even if its iron is hot. */
    readonly isPinned?: true;
  }[];
  readonly preheats: readonly { readonly ironId: string; readonly from: number; readonly to: number }[];
  readonly lastPlateAt: number;
  /** Guests come over a time: nothing is poured before the plan wants it. */
  readonly isAsTheyCome: boolean;
  /** By dish, pieces that are wanted and neither out nor in an iron; null: nobody has counted. */
  readonly missing: MissingPieces | null;
};

/** Where neither a plan nor an advice says anything, s. */
export const USUAL_CYCLE = { cook_s: 240, open_s: TURNAROUND.open_s, recovery_s: TURNAROUND.closed_s } as const;
/** So long after its last plate a plan is over: what is poured then isn't its. */
const OVER_AFTER_MS = 2 * 3_600_000;
/** A pan that is turned at once is turned this long after the lid, ms. */
const AT_ONCE_MS = 3000;

/** Loads of it that have been poured. */
const pouredOf = ({ progress, n }: IronAtLine): number => (progress === null || progress.phase === 'opened' ? n - 1 : n);

/**
 * True where this iron has nothing more to cook: of its dishes nothing is missing, or its own share is poured and what the others have still before them
 * is enough. A load that was lost, or a plan that was made anew in between, is made good by whoever is free.
 */
const isOver = (iron: IronAtLine, irons: readonly IronAtLine[], { loads, missing }: LinePlan): boolean => {
  const toPour = (one: IronAtLine): LinePlan['loads'] => loads.filter(({ ironId }) => ironId === one.ironId).slice(pouredOf(one));
  const mine = toPour(iron);
  if (missing === null) return mine.length === 0;
  const lacks = (dishId: string): number => missing.get(dishId) ?? 0;
  if (mine.some((load) => lacks(load.dishId) > 0)) return false;
  const others = irons.filter((one) => one !== iron).flatMap(toPour);
  return dishesOn(iron, loads).every((dishId) => {
    const toCome = others.reduce((sum, load) => sum + (load.dishId === dishId ? load.pieces : 0), 0);
    return lacks(dishId) <= 0 || toCome >= lacks(dishId);
  });
};

/** What this iron cooks in the plan. */
const dishesOn = ({ ironId }: IronAtLine, loads: LinePlan['loads']): readonly string[] => [
  ...new Set(loads.filter((load) => load.ironId === ironId).map(({ dishId }) => dishId)),
];

/** The irons as the conductor sees them: by their loads, and before the first one by the plan (null: there is none). `now`: epoch ms. */
export const lineIrons = (irons: readonly IronAtLine[], plan: LinePlan | null, now: number): readonly LineIron[] =>
  irons.map((iron) => {
    const line = lineIron(iron, irons, plan, now);
    const isPutOff = line.state === 'hot' && iron.notBefore !== null && iron.notBefore > line.at;
    return isPutOff ? { ...line, at: iron.notBefore, waitsFor: 'put-off' } : line;
  });

const lineIron = (iron: IronAtLine, irons: readonly IronAtLine[], plan: LinePlan | null, now: number): LineIron => {
  const { ironId, progress, best_s, planned, n } = iron;
  const { open_s, cook_s, recovery_s } = planned ?? USUAL_CYCLE;
  const common = { ironId, turnAt: null, open_s, cook_s };
  if (progress?.phase === 'poured') return { ...common, state: 'poured', at: now };
  if (progress?.phase === 'cooking' && best_s !== null) {
    const closedAt = progress.closedAt ?? now;
    const turnAt = iron.isTurned && progress.turnedAt === null ? closedAt + (iron.turn_s === null ? AT_ONCE_MS : 1000 * iron.turn_s) : null;
    const tooDarkAt = iron.tooDark_s == null ? {} : { tooDarkAt: closedAt + 1000 * iron.tooDark_s };
    return { ...common, ...tooDarkAt, state: 'cooking', at: closedAt + 1000 * best_s, turnAt };
  }
  const isOn = plan !== null && now < plan.lastPlateAt + OVER_AFTER_MS;
  const mine = isOn ? plan.loads.filter((load) => load.ironId === ironId) : [];
  if (isOn && mine.length > 0 && (iron.isOfPlan || progress === null) && isOver(iron, irons, plan))
    return { ...common, state: 'done', at: now };
  const mineNext = mine.find((load) => load.n === n);
  const waits = isOn && (plan.isAsTheyCome || mineNext?.isPinned === true);
  const wantedAt = waits ? (mineNext?.pourAt ?? now) : now;
  if (progress?.phase === 'opened') {
    const backAt = (progress.openedAt ?? now) + 1000 * ((1 - TAKES_OUT) * open_s + recovery_s);
    const isForPlan = waits && wantedAt > backAt;
    return { ...common, state: 'hot', at: isForPlan ? wantedAt : backAt, waitsFor: isForPlan ? 'plan' : 'recovery' };
  }
  const heats = isOn && n === 1 ? plan.preheats.find((preheat) => preheat.ironId === ironId) : undefined;
  if (heats !== undefined && now < heats.from) return { ...common, state: 'cold', at: heats.from };
  return heats === undefined
    ? { ...common, state: 'hot', at: now }
    : { ...common, state: 'hot', at: Math.max(heats.to, now), waitsFor: 'heat' };
};
