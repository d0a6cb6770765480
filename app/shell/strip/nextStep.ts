import type { RunningLoad } from '../../../core/line/index.ts';
import { conduct, hasLoadIn, lineIrons, tooDark_s } from '../../../core/line/index.ts';
import { describeStored } from '../../../words/index.ts';
import { BESIDE_WORDS, clock } from '../../ui/index.ts';
import { besideAt, platesOf } from '../../../core/run/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { dishName } from '../../session/index.ts';

/** `to`: the station where it is done. */
export type NextStep = { readonly what: string; readonly at: number; readonly to: '/recipe/mix' | '/cook' };

const COOK = '/cook' as const;

/** Everything the plan asks for, in order of time. */
export const stepsOf = (planned: PlannedRun): NextStep[] => {
  const { plan, irons, run, dishes } = planned;
  if (plan === null) return [];
  const of = (dishId: string): string => {
    const name = dishName(planned, dishId);
    return name === null ? '' : ` (${name})`;
  };
  const name = (id: string): string => irons.find((iron) => iron.id === id)?.name ?? id;
  const steps: NextStep[] = [
    ...dishes.flatMap(({ dish, prep }) =>
      prep.map(({ code, at }) => ({ what: `${describeStored(code)}${of(dish.id)}`, at, to: '/recipe/mix' as const })),
    ),
    ...dishes.flatMap(({ dish: { id, besides = [] } }) =>
      besides.flatMap((beside) =>
        beside.done === true ? [] : [{ what: `${BESIDE_WORDS[beside.kind]}${of(id)}`, at: besideAt(beside, run.serveAt), to: COOK }],
      ),
    ),
    ...plan.preheats.map(({ ironId, from }) => ({ what: `Switch on ${name(ironId)}`, at: from, to: COOK })),
    ...plan.bowls.flatMap(({ dishId, foldAt }) =>
      foldAt === null ? [] : [{ what: `Fold the next part${of(dishId)}`, at: foldAt, to: COOK }],
    ),
    ...plan.loads.map(({ ironId, n, pourAt }) => ({ what: `Pour ${name(ironId)}, load ${n}`, at: pourAt, to: COOK })),
    ...plan.loads.map(({ ironId, n, openAt }) => ({ what: `Open ${name(ironId)}, load ${n}`, at: openAt, to: COOK })),
    {
      what: platesOf(run) === 0 ? 'All of it done' : run.mode === 'together' ? `Serve all ${platesOf(run)}` : 'First plate out',
      at: run.serveAt,
      to: COOK,
    },
  ];
  return steps.sort((a, b) => a.at - b.at);
};

/** What a load in an iron wants, in the order in which Cook asks for it: it goes before anything that is only planned. */
const wantedNow = (running: readonly RunningLoad[], name: (ironId: string) => string, now: number): NextStep | null => {
  const irons = lineIrons(
    running.filter(hasLoadIn).map(({ load, progress, prediction }) => ({
      ironId: load.ironId,
      isTurned: false,
      progress,
      best_s: prediction?.cookTime_s.best ?? null,
      tooDark_s: prediction === null ? null : tooDark_s(prediction),
      planned: null,
      turn_s: null,
      n: load.n,
      notBefore: null,
      isOfPlan: true,
    })),
    null,
    now,
  ).filter(({ state }) => state === 'poured' || state === 'cooking');
  const { next } = conduct(irons, now);
  return next === null ? null : { what: `${next.act === 'close' ? 'Close' : 'Open'} ${name(next.ironId)}`, at: next.at, to: COOK };
};

/** What comes next after `now`: a load that is cooking, or else the plan. `irons`: every one, for a load may be in an iron that isn't the plan's. */
export const nextStep = (
  planned: PlannedRun | null,
  running: readonly RunningLoad[],
  irons: readonly Pick<Iron, 'id' | 'name'>[],
  now: number,
): NextStep | null =>
  wantedNow(running, (id) => irons.find((iron) => iron.id === id)?.name ?? id, now) ??
  (planned === null ? undefined : stepsOf(planned).find((step) => step.at > now)) ??
  null;

/** So much later something isn't "now" any more, but late, ms. */
const LATE_MS = 3000;

/** How long until then, as people say it; what is late counts up. */
export const until = (ms: number): string => {
  const minutes = Math.round(ms / 60_000);
  if (ms <= -LATE_MS) return clock(ms / 1000);
  if (ms <= 0) return 'now';
  if (ms < 10 * 60_000) return `in ${clock(ms / 1000)}`;
  if (minutes < 60) return `in ${minutes} min`;
  return `in ${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
};
