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
  /** Of the next load, s; null: nothing is known yet. */
  readonly planned: { readonly cook_s: number; readonly open_s: number; readonly recovery_s: number } | null;
  /** When it is turned over, s from the closed lid; null: at once. */
  readonly turn_s: number | null;
  /** Which load of this iron is in it or comes next, from 1. */
  readonly n: number;
  /** The load in it was poured for the plan that is on. */
  readonly isOfPlan: boolean;
};

/** What the conductor wants to know of a plan; instants are epoch ms. */
export type LinePlan = {
  readonly loads: readonly { readonly ironId: string; readonly n: number; readonly pourAt: number }[];
  readonly preheats: readonly { readonly ironId: string; readonly from: number; readonly to: number }[];
  readonly lastPlateAt: number;
  /** Guests come over a time: nothing is poured before the plan wants it. */
  readonly isAsTheyCome: boolean;
};

/** Where neither a plan nor an advice says anything, s. */
const USUAL = { cook_s: 240, open_s: TURNAROUND.open_s, recovery_s: TURNAROUND.closed_s } as const;
/** So long after its last plate a plan is over: what is poured then isn't its. */
const OVER_AFTER_MS = 2 * 3_600_000;
/** A pan that is turned at once is turned this long after the lid, ms. */
const AT_ONCE_MS = 3000;

/** An iron as the conductor sees it: by its loads, and before the first one by the plan (null: there is none). `now`: epoch ms. */
export const lineIron = (iron: IronAtLine, plan: LinePlan | null, now: number): LineIron => {
  const { ironId, progress, best_s, planned, n } = iron;
  const { open_s, cook_s, recovery_s } = planned ?? USUAL;
  const common = { ironId, turnAt: null, open_s, cook_s };
  if (progress?.phase === 'poured') return { ...common, state: 'poured', at: now };
  if (progress?.phase === 'cooking' && best_s !== null) {
    const closedAt = progress.closedAt ?? now;
    const turnAt = iron.isTurned && progress.turnedAt === null ? closedAt + (iron.turn_s === null ? AT_ONCE_MS : 1000 * iron.turn_s) : null;
    return { ...common, state: 'cooking', at: closedAt + 1000 * best_s, turnAt };
  }
  const isOn = plan !== null && now < plan.lastPlateAt + OVER_AFTER_MS;
  const mine = isOn ? plan.loads.filter((load) => load.ironId === ironId) : [];
  // All of its loads have been poured.
  if (mine.length > 0 && iron.isOfPlan && n > mine.length) return { ...common, state: 'done', at: now };
  const wantedAt = isOn && plan.isAsTheyCome ? (mine.find((load) => load.n === n)?.pourAt ?? now) : now;
  if (progress?.phase === 'opened') {
    const backAt = (progress.openedAt ?? now) + 1000 * ((1 - TAKES_OUT) * open_s + recovery_s);
    return { ...common, state: 'hot', at: plan?.isAsTheyCome === true ? Math.max(backAt, wantedAt) : backAt };
  }
  const heats = isOn && n === 1 ? plan.preheats.find((preheat) => preheat.ironId === ironId) : undefined;
  if (heats !== undefined && now < heats.from) return { ...common, state: 'cold', at: heats.from };
  return { ...common, state: 'hot', at: heats === undefined ? now : Math.max(heats.to, now) };
};
