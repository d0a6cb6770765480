import { useMemo } from 'react';
import type { Failure } from '../../core/basis/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { PrepStep } from '../../core/lift/index.ts';
import { preparation } from '../../core/lift/index.ts';
import type { Run, RunPlan, RunRequest } from '../../core/run/index.ts';
import { dishOf, planRun } from '../../core/run/index.ts';
import type { AdviceReply, Answer } from '../workers/index.ts';
import { useAdvices } from '../workers/index.ts';
import type { Session } from './useSession.ts';
import { lostPieces } from './outLoads.ts';
import { adviceJob } from './useSession.ts';

export type PlannedRun = {
  readonly run: Run;
  readonly irons: readonly Iron[];
  /** Of the second load and those after it. */
  readonly advices: ReadonlyMap<string, AdviceReply>;
  readonly firsts: ReadonlyMap<string, AdviceReply>;
  readonly failures: readonly { readonly ironId: string; readonly failure: Failure }[];
  /** Null while the worker still reckons. */
  readonly plan: RunPlan | null;
  /** What it was made from; null with it. */
  readonly request: RunRequest | null;
  /** One bowl of the formula as written, g; 0 until it is reckoned. */
  readonly batch_g: number;
  /** Before the first pour: as it was laid out, or as is usual for the lift. */
  readonly prep: readonly PrepStep[];
};

const byIron = (irons: readonly Iron[], answers: readonly (Answer<'advise'> | undefined)[]): ReadonlyMap<string, AdviceReply> =>
  new Map(irons.flatMap(({ id }, i) => (answers[i]?.ok === true ? [[id, answers[i].value] as const] : [])));

/** The run's plan, reckoned anew whenever something it rests on changes. */
export const useRunPlan = (session: Session | undefined): PlannedRun | null => {
  const run = session?.run ?? null;
  const formula = session?.formulas.find((f) => f.id === run?.formulaId) ?? null;
  const irons =
    run === null || session === undefined ? [] : run.ironIds.flatMap((id) => session.irons.find((iron) => iron.id === id) ?? []);
  const jobFor = (load: number) => (iron: Iron) =>
    session === undefined || formula === null || run === null
      ? null
      : adviceJob(session, formula, iron, { ...dishOf(run), load, preheat_s: null });
  const queries = useAdvices(irons.map(jobFor(2)));
  // The first load stands on plates that have not cooked yet: it is the one that the Line asks for first.
  const firstQueries = useAdvices(irons.map(jobFor(1)));
  const done = queries.map((query) => query.data);
  const firsts = firstQueries.map((query) => query.data);
  const settled = [...done, ...firsts].every((result) => result !== undefined);
  const lost = run === null || session === undefined ? 0 : lostPieces(run.id, irons, session.ironLoads.loads);
  const key = JSON.stringify([
    run,
    lost,
    irons.map((iron) => [iron.id, iron.rev]),
    [...queries, ...firstQueries].map((query) => query.dataUpdatedAt),
  ]);
  const made = useMemo(() => {
    if (run === null || !settled) return null;
    const planned = done.flatMap((result, i) => {
      const first = firsts[i];
      return result?.ok === true
        ? [{ ...result.value.planned, ...(first?.ok === true ? { firstCook_s: first.value.planned.cook_s } : {}) }]
        : [];
    });
    const request: RunRequest = { ...run, irons: planned, lostPieces: lost };
    return { request, plan: planRun(request) };
    // The key holds everything the plan depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, settled]);
  if (run === null || session === undefined || formula === null) return null;
  const plan = made?.plan ?? null;
  const first = done.find((result) => result?.ok === true);
  const reply = first?.ok === true ? first.value : null;
  const firstPour = plan === null ? Infinity : plan.loads.reduce((first, load) => Math.min(first, load.pourAt), Infinity);
  const prep = run.prep.length > 0 ? run.prep : reply !== null && Number.isFinite(firstPour) ? preparation(reply.lift, firstPour) : [];
  return {
    run,
    prep,
    irons,
    advices: byIron(irons, done),
    firsts: byIron(irons, firsts),
    failures: done.flatMap((result, i) => (result?.ok === false ? [{ ironId: irons[i]?.id ?? '', failure: result.failure }] : [])),
    plan,
    request: made?.request ?? null,
    batch_g: reply?.answer.totalMass_g ?? 0,
  };
};
