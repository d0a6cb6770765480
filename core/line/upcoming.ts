import type { Formula } from '../formula/index.ts';
import type { Load, Lot } from '../log/index.ts';
import type { ToldLoad } from '../lot/index.ts';
import type { Iron, ToppingId } from '../plate/index.ts';
import type { Dish, PlannedLoad, Run, RunPlan } from '../run/index.ts';
import { ironsOfRun, toldOfRun } from '../run/index.ts';
import type { PlaceAtLine, RunningLoad } from './place.ts';

/** An opened load older than this is history, not something to log now. */
const LOGGABLE_MS = 2 * 3_600_000;
/** A bowl mixed longer ago is another morning's. */
const SAME_MORNING_MS = 12 * 3_600_000;

/** What the line knows of its kitchen. `formula`, `iron`: what is on the bench. */
export type KitchenAtLine = {
  readonly run: Run | null;
  readonly everyIron: readonly Iron[];
  readonly everyFormula: readonly Formula[];
  readonly iron: Iron | null;
  readonly formula: Formula | null;
  readonly removedIds: readonly string[];
};

/** The irons at the line: those with a load in them, whatever the plan says; the run's; and the one from the bench that was asked for (null: none was). */
export const ironsAtLine = (
  { run, iron, everyIron }: KitchenAtLine,
  askedIronId: string | null,
  inIrons: readonly Pick<Load, 'ironId'>[],
): readonly Iron[] => {
  const ids = new Set([
    ...inIrons.map(({ ironId }) => ironId),
    ...(run === null ? [] : ironsOfRun(run)),
    ...(run === null && iron !== null ? [iron.id] : []),
    ...(askedIronId === null ? [] : [askedIronId]),
  ]);
  return everyIron.filter(({ id }) => ids.has(id));
};

/** The dish that this iron cooks in its load `n`: as it is planned, and after that what it cooked last. Null: what is on the bench. */
const dishAt = (run: Run, plan: RunPlan | null, ironId: string, n: number): Dish | null => {
  const mine = (plan?.loads ?? []).filter((load) => load.ironId === ironId);
  const dishId = (mine.find((load) => load.n === n) ?? mine.at(-1))?.dishId;
  return run.dishes.find(({ id }) => id === dishId) ?? run.dishes.find(({ ironIds }) => ironIds.includes(ironId)) ?? null;
};

/** The load in an iron (`current`), or its next one. `dish` null: what is on the bench. */
export type UpcomingLoad = {
  readonly iron: Iron;
  readonly dish: Dish | null;
  readonly formula: Formula | null;
  readonly current: RunningLoad | undefined;
  readonly n: number;
  /** What the plan says of it; undefined: nothing. */
  readonly planned: PlannedLoad | undefined;
};

const isRated = ({ progress }: RunningLoad): boolean => progress.phase === 'opened' && progress.observations.length > 0;

/**
 * What every iron at the line cooks, or cooks next: what is in it keeps its own batter, whatever the plan cooks by now; the iron that was asked for from
 * the bench cooks what is on the bench, the others what the run says. One that was taken from the kitchen stays until its load is out and rated.
 *
 * @param newest The newest load of each iron that was really poured.
 * @param now Epoch ms.
 */
export const upcomingLoads = (
  kitchen: KitchenAtLine,
  plan: RunPlan | null,
  irons: readonly Iron[],
  askedIronId: string | null,
  newest: ReadonlyMap<string, RunningLoad>,
  now: number,
): readonly UpcomingLoad[] => {
  const { run, everyFormula, removedIds } = kitchen;
  const formulaNamed = (id: string | undefined): Formula | undefined => everyFormula.find((formula) => formula.id === id);
  return irons.flatMap((iron): UpcomingLoad[] => {
    const last = newest.get(iron.id);
    // A clock that was set back by days leaves loads of days to come: they are no more of this morning than old ones.
    const isHistory = last?.progress.phase === 'opened' && Math.abs(now - (last.progress.openedAt ?? 0)) > LOGGABLE_MS;
    const current = isHistory ? undefined : last;
    if (removedIds.includes(iron.id) && (current === undefined || isRated(current))) return [];
    const isIn = current !== undefined && current.progress.phase !== 'opened';
    const isSameMorning = last !== undefined && Math.abs(now - last.load.startedAt) < SAME_MORNING_MS;
    const n = isIn ? current.load.n : isSameMorning ? last.load.n + 1 : 1;
    const isAsked = iron.id === askedIronId;
    const dish = run === null || isAsked ? null : dishAt(run, plan, iron.id, n);
    const formula =
      (isIn ? formulaNamed(current.prediction?.formulaId) : undefined) ??
      (dish === null ? undefined : formulaNamed(dish.formulaId)) ??
      kitchen.formula;
    const planned = isAsked ? undefined : plan?.loads.find((load) => load.ironId === iron.id && load.n === n);
    return [{ iron, dish, formula, current, n, planned }];
  });
};

/** What was scattered on an iron in its loads up to `n`, as it was planned. */
export const toppingsOn = (plan: RunPlan | null, ironId: string, n: number): readonly ToppingId[] => [
  ...new Set(
    (plan?.loads ?? []).flatMap((load) =>
      load.ironId === ironId && load.n <= n && load.variant?.onPlate != null ? [load.variant.onPlate.toppingId] : [],
    ),
  ),
];

/**
 * A bowl that nobody has said anything of, g: what was planned of its dish and hasn't been poured yet, or one batch where no more than a load of that is
 * left.
 *
 * @param wanted_g What the plan wants of the dish; 0: nothing is planned.
 */
export const freshBowl_g = (
  { advice, dishId }: Pick<PlaceAtLine, 'advice' | 'dishId'>,
  wanted_g: number,
  run: Run | null,
  irons: readonly Iron[],
  told: { readonly runLoads: readonly ToldLoad[]; readonly lots: readonly Lot[] },
): number => {
  const batch_g = advice?.answer.totalMass_g ?? 0;
  if (run === null || wanted_g === 0) return batch_g;
  const poured_g = toldOfRun(run, irons, told).reduce((sum, load) => sum + (load.dishId === dishId ? (load.poured_g ?? 0) : 0), 0);
  const missing_g = wanted_g - poured_g;
  return missing_g > (advice?.answer.portion_g ?? 0) ? missing_g : batch_g;
};
