import { useMemo } from 'react';
import type { Failure } from '../../core/basis/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { PrepStep } from '../../core/lift/index.ts';
import { foldKeeps_s, preparation } from '../../core/lift/index.ts';
import type { CookedDish, PlannedLoad, HoldCourse, Run, Dish, RunPlan, RunRequest } from '../../core/run/index.ts';
import { lostPieces, runRequestOf, timesToMix, wishOf } from '../../core/run/index.ts';
import type { AdviceJob, AdviceReply, Answer } from '../workers/index.ts';
import { useAdvices, useAfters, usePlan } from '../workers/index.ts';
import { useActs } from './useActs.ts';
import type { Session } from './useSession.ts';
import { adviceJob } from './useSession.ts';

/** One dish of the morning with what the adviser says of it. */
export type PlannedDish = {
  readonly dish: Dish;
  readonly formula: Formula;
  readonly irons: readonly Iron[];
  /** Of the second load and those after it, by iron. */
  readonly advices: ReadonlyMap<string, AdviceReply>;
  readonly firsts: ReadonlyMap<string, AdviceReply>;
  /** One bowl of the formula as written, g; 0 until it is reckoned. */
  readonly batch_g: number;
  /** How many times the formula is mixed for the plan; null: somebody has counted the batter, or it isn't made yet. */
  readonly times: number | null;
  /** What is mixed of it in all, g; 0 until the plan is made. */
  readonly batter_g: number;
  /** Before its first pour: as it was laid out, or as is usual for the lift. */
  readonly prep: readonly PrepStep[];
};

export type PlannedRun = {
  readonly run: Run;
  /** Without those whose formula was removed. */
  readonly dishes: readonly PlannedDish[];
  /** Of all dishes, each once. */
  readonly irons: readonly Iron[];
  readonly failures: readonly { readonly ironId: string; readonly formulaName: string; readonly failure: Failure }[];
  /** Null while the first one is being made. */
  readonly plan: RunPlan | null;
  /** What it was made from; null with it. */
  readonly request: RunRequest | null;
  /** What the irons' loads say isn't in it yet: it will change in a moment. */
  readonly isPreliminary: boolean;
};

/** How a dish of the run is called: by its formula, where there are several. */
export const dishName = ({ dishes }: Pick<PlannedRun, 'dishes'>, dishId: string): string | null =>
  dishes.length < 2 ? null : (dishes.find(({ dish }) => dish.id === dishId)?.formula.name ?? null);

/** What the adviser says of this load. */
export const replyFor = (
  { dishes }: Pick<PlannedRun, 'dishes'>,
  { ironId, dishId, n }: Pick<PlannedLoad, 'ironId' | 'dishId' | 'n'>,
): AdviceReply | undefined => {
  const mine = dishes.find(({ dish }) => dish.id === dishId);
  return (n === 1 ? mine?.firsts.get(ironId) : undefined) ?? mine?.advices.get(ironId);
};

/** The question for a load of this dish. */
const dishJob = (session: Session, formula: Formula, iron: Iron, dish: Dish, load: number): AdviceJob =>
  adviceJob(session, formula, iron, { ...wishOf(dish), load, preheat_s: null });

type Asked = { readonly dish: Dish; readonly formula: Formula; readonly iron: Iron };

const byIron = (
  asked: readonly Asked[],
  answers: readonly (Answer<'advise'> | undefined)[],
  dishId: string,
): ReadonlyMap<string, AdviceReply> =>
  new Map(
    asked.flatMap(({ dish, iron }, i) => {
      const answer = answers[i];
      return dish.id === dishId && answer?.ok === true ? [[iron.id, answer.value] as const] : [];
    }),
  );

/** What becomes of each dish's pieces from each of its irons, by where they wait; those that aren't reckoned yet are left out. */
export const useCourses = (
  session: Session,
  planned: Pick<PlannedRun, 'dishes'> | null,
): readonly { readonly dish: Dish; readonly ironId: string; readonly courses: readonly HoldCourse[] }[] => {
  const dishes = planned?.dishes;
  // Put together only when what it rests on changes: the line asks at every tick.
  const cooked = useMemo(
    () =>
      (dishes ?? []).flatMap(({ dish, formula, irons }) =>
        irons.map((iron) => ({ dish, iron, job: dishJob(session, formula, iron, dish, 2) })),
      ),
    [session, dishes],
  );
  const jobs = useMemo(() => cooked.map(({ job }) => job), [cooked]);
  const after = useAfters(jobs);
  return cooked.flatMap(({ dish, iron }, i) => {
    const found = after[i]?.data;
    return found?.ok === true
      ? [{ dish, ironId: iron.id, courses: found.value.courses.map(({ place, course }) => ({ place, ...course })) }]
      : [];
  });
};

/** The run's plan, made anew whenever something it rests on changes; until it is there the last one stays. */
export const useRunPlan = (session: Session | undefined): PlannedRun | null => {
  const run = session?.run ?? null;
  const asked =
    run === null || session === undefined
      ? []
      : run.dishes.flatMap((dish): Asked[] => {
          const formula = session.formulas.find(({ id }) => id === dish.formulaId);
          return formula === undefined
            ? []
            : dish.ironIds.flatMap((id) => {
                const iron = session.irons.find((one) => one.id === id);
                return iron === undefined ? [] : [{ dish, formula, iron }];
              });
        });
  const jobFor =
    (load: number) =>
    ({ dish, formula, iron }: Asked): AdviceJob | null =>
      session === undefined ? null : dishJob(session, formula, iron, dish, load);
  const queries = useAdvices(asked.map(jobFor(2)));
  // The first load stands on plates that have not cooked yet: it is the one that the Line asks for first.
  const firstQueries = useAdvices(asked.map(jobFor(1)));
  const all = [...queries, ...firstQueries];
  const done = queries.map((query) => query.data);
  const firsts = firstQueries.map((query) => query.data);
  const settled = [...done, ...firsts].every((result) => result !== undefined);
  const dishFormulas = [...new Set(asked.map(({ formula }) => formula))];
  const irons = [...new Map(asked.map(({ iron }) => [iron.id, iron])).values()];
  const lost = run === null || session === undefined ? new Map<string, number>() : lostPieces(run, irons, session);
  const key = JSON.stringify([
    run,
    [...lost],
    session?.kit.circuits,
    asked.map(({ iron, formula }) => [iron.id, iron.rev, formula.id, formula.rev]),
    all.map((query) => query.dataUpdatedAt),
  ]);
  const request = useMemo(() => {
    if (run === null || !settled) return null;
    const cooked = asked.flatMap(({ dish }, i): CookedDish[] => {
      const [result, first] = [done[i], firsts[i]];
      if (result?.ok !== true) return [];
      return [
        {
          dishId: dish.id,
          cycle: result.value.planned,
          firstCook_s: first?.ok === true ? first.value.planned.cook_s : null,
          keeps_s: foldKeeps_s(result.value.lift),
        },
      ];
    });
    const circuits =
      session?.kit.circuits.map(({ id, name, current_A, voltage_V }) => ({ id, name, limit_W: current_A * voltage_V })) ?? [];
    return runRequestOf(run, cooked, lost, circuits);
    // The key holds everything the plan depends on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, settled]);
  const made = usePlan(run?.id ?? null, request);
  const acts = useActs(dishFormulas);
  if (run === null || session === undefined) return null;
  const current = made.data?.ok === true ? made.data.value : null;
  const plan = current?.plan ?? null;
  const dishes = run.dishes.flatMap((dish): PlannedDish[] => {
    const formula = session.formulas.find(({ id }) => id === dish.formulaId);
    if (formula === undefined) return [];
    const advices = byIron(asked, done, dish.id);
    const [reply] = advices.values();
    const firstPour = (plan?.loads ?? []).reduce(
      (first, load) => (load.dishId === dish.id ? Math.min(first, load.pourAt) : first),
      Infinity,
    );
    const batch_g = reply?.answer.totalMass_g ?? 0;
    const wanted_g = plan?.batterOf_g.get(dish.id) ?? 0;
    const times = dish.batter_g !== null || batch_g <= 0 || wanted_g <= 0 ? null : timesToMix(wanted_g, batch_g);
    return [
      {
        dish,
        formula,
        irons: asked.flatMap((one) => (one.dish.id === dish.id ? [one.iron] : [])),
        advices,
        firsts: byIron(asked, firsts, dish.id),
        batch_g,
        times,
        batter_g: times === null ? wanted_g : times * batch_g,
        prep:
          dish.prep.length > 0
            ? dish.prep
            : reply !== undefined && Number.isFinite(firstPour)
              ? preparation(reply.lift, firstPour, acts[dishFormulas.indexOf(formula)] ?? [])
              : [],
      },
    ];
  });
  if (dishes.length === 0) return null;
  return {
    run,
    dishes,
    irons,
    failures: done.flatMap((result, i) =>
      result?.ok === false ? [{ ironId: asked[i]!.iron.id, formulaName: asked[i]!.formula.name, failure: result.failure }] : [],
    ),
    plan,
    request: current?.request ?? null,
    // Where the worker gives no answer at all, nothing is waited for.
    isPreliminary:
      made.isPlaceholderData ||
      all.some(({ isPlaceholderData }) => isPlaceholderData) ||
      (plan === null && !all.some(({ isError }) => isError)),
  };
};
