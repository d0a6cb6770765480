import type { LoadProgress, Prediction } from '../../log/index.ts';
import { cookedFor_s, worstFill } from '../../log/index.ts';
import { piecesWanted } from './arrivals.ts';
import type { RunPlan } from '../plan/plan.ts';
import type { AskedMorning, Service } from './service.ts';
import { servedBy } from './service.ts';

/** A load of the morning as it was told; `poured_g`: what went in, where it is known. */
export type ReportedLoad = {
  readonly ironId: string;
  readonly dishId: string;
  readonly pieces: number;
  readonly progress: LoadProgress;
  readonly prediction: Prediction | null;
  readonly poured_g: number | null;
};

/** A morning looked back upon: what was planned beside what was done, and what came out. */
export type MorningReport = {
  readonly loads: { readonly planned: number; readonly done: number };
  readonly pieces: { readonly wanted: number; readonly done: number };
  readonly firstPourAt: { readonly planned: number; readonly done: number };
  readonly lastOutAt: { readonly planned: number; readonly done: number };
  /** As planned, and as it was. */
  readonly service: { readonly planned: Service; readonly done: Service };
  readonly poured_g: number;
  /** Loads of which something was said, and of these: full, missing, leaked, stuck. */
  readonly answered: number;
  readonly full: number;
  readonly missing: number;
  readonly leaked: number;
  readonly stuck: number;
  /** Steps darker (+) or paler (−) than promised, mean of the answered loads; null: no colour was said. */
  readonly darker: number | null;
  /** Answered loads whose mean face is within a step of the promise, of those whose colour was said. */
  readonly near: { readonly loads: number; readonly of: number };
  /** Time closed over the time meant, mean; null: none is known. */
  readonly timeRatio: number | null;
  readonly notes: readonly string[];
};

/** A step off is another piece (as in `lands`). */
const NEAR_STEPS = 1;

const mean = (values: readonly number[]): number | null =>
  values.length === 0 ? null : values.reduce((sum, value) => sum + value, 0) / values.length;

/** Null: nothing has come out yet. */
export const reportOf = (plan: RunPlan, request: AskedMorning, told: readonly ReportedLoad[]): MorningReport | null => {
  const loads = told.flatMap(({ progress, ...load }) => {
    const { phase, pouredAt, closedAt, openedAt, observations } = progress;
    return phase === 'opened' && openedAt !== null
      ? [{ ...load, pouredAt: pouredAt ?? closedAt ?? openedAt, closedAt, openedAt, observations }]
      : [];
  });
  if (loads.length === 0) return null;
  const answered = loads.filter(({ observations }) => observations.some(({ kind }) => kind !== 'note' && kind !== 'cause'));
  const misses = loads.flatMap(({ observations, prediction }) => {
    const seen = mean(observations.flatMap((o) => (o.kind === 'tawny' ? [o.value] : [])));
    return seen === null || prediction === null ? [] : [seen - prediction.tawnyStep];
  });
  const asDone = loads.map((load) => ({ ...load, openAt: load.openedAt }));
  const filled = (worst: 'full' | 'missing' | 'leaked'): number =>
    answered.filter(({ observations }) => worstFill(observations) === worst).length;
  return {
    loads: { planned: plan.loads.length, done: loads.length },
    pieces: { wanted: piecesWanted(request), done: loads.reduce((sum, { pieces }) => sum + pieces, 0) },
    firstPourAt: { planned: plan.firstPourAt, done: Math.min(...loads.map(({ pouredAt }) => pouredAt)) },
    lastOutAt: { planned: Math.max(...plan.loads.map(({ openAt }) => openAt)), done: Math.max(...loads.map(({ openedAt }) => openedAt)) },
    service: { planned: servedBy(plan, request), done: servedBy({ loads: asDone }, request) },
    poured_g: loads.reduce((sum, load) => sum + (load.poured_g ?? 0), 0),
    answered: answered.length,
    full: filled('full'),
    missing: filled('missing'),
    leaked: filled('leaked'),
    stuck: answered.filter(({ observations }) => observations.some((o) => o.kind === 'stuck' && o.value !== 'no')).length,
    darker: mean(misses),
    near: { loads: misses.filter((miss) => Math.abs(miss) <= NEAR_STEPS).length, of: misses.length },
    timeRatio: mean(
      loads.flatMap(({ prediction, ...load }) => {
        const cooked_s = cookedFor_s(load);
        return prediction === null || cooked_s === null ? [] : [cooked_s / prediction.cookTime_s.best];
      }),
    ),
    notes: loads.flatMap(({ observations }) => observations.flatMap((o) => (o.kind === 'note' ? [o.value] : []))),
  };
};
