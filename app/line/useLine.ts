import { useMemo } from 'react';
import type { Did, Load, LoadEvent, LoadProgress, Lot, NewLoadEvent } from '../../core/log/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import type { Iron, ToppingId } from '../../core/plate/index.ts';
import type { LoadVariant, PlannedLoad, Dish } from '../../core/run/index.ts';
import type { Jump } from '../clock/index.ts';
import { thisMoment, useNow, wallNow } from '../clock/index.ts';
import type { Judged } from '../../core/keep/index.ts';
import { overLimit } from '../../core/keep/index.ts';
import type { LoadWish } from '../../core/lot/index.ts';
import { ironsOfRun, toldOfRun, wishOf as wishOfDish } from '../../core/run/index.ts';
import { headerOf, leftIn, lotToPourFrom, newLot } from '../../core/lot/index.ts';
import { withJumps } from './jumps.ts';
import type { PlannedRun, RunningLoad, Session } from '../session/index.ts';
import { adviceJob, judgedHere, useLoadsInIrons, useNewestLoads, useNoticedJumps, useToldLoads } from '../session/index.ts';
import type { LinePlace } from './linePlace.ts';
import { beginsAnother } from './pouring.ts';
import { commands, newId, useDo, useSettled } from '../store/index.ts';
import { useAdvices } from '../workers/index.ts';

/** An opened load older than this is history, not something to log now. */
const LOGGABLE_MS = 2 * 3_600_000;
/** A bowl mixed longer ago is another morning's. */
const SAME_MORNING_MS = 12 * 3_600_000;

/** The irons at the line: those with a load in them, whatever the plan says; the run's; and the one from the bench that was asked for. */
const ironsAtLine = (session: Session, asked: string | null, inIrons: readonly RunningLoad[]): Iron[] => {
  const ids = new Set([
    ...inIrons.map(({ load }) => load.ironId),
    ...(session.run === null ? [] : ironsOfRun(session.run)),
    ...(session.run === null && session.iron !== null ? [session.iron.id] : []),
    ...(asked === null ? [] : [asked]),
  ]);
  return session.everyIron.filter((iron) => ids.has(iron.id));
};

/** What was scattered on an iron in its loads up to `n`, as it was planned. */
const toppingsOn = (planned: PlannedRun | null, iron: Iron, n: number): readonly ToppingId[] => [
  ...new Set(
    (planned?.plan?.loads ?? []).flatMap(({ ironId, n: load, variant }) =>
      ironId === iron.id && load <= n && variant?.onPlate != null ? [variant.onPlate.toppingId] : [],
    ),
  ),
];

/** With the jumps of the clock that are on their way into its log. */
const progressOf = ({ log, progress }: RunningLoad, jumps: readonly Jump[] | undefined): LoadProgress =>
  jumps === undefined ? progress : loadProgress(withJumps(log, jumps));

const isRated = ({ progress }: RunningLoad): boolean => progress.phase === 'opened' && progress.observations.length > 0;

/** Whether a load is of this morning changes slowly. */
const AGE_TICK_MS = 30_000;

/** The same thing while it says the same: places are compared by what is in them. */
const saidOver = new WeakMap<Lot, NonNullable<LinePlace['over']>>();
const overOf = (lot: Lot, judged: Judged, at: number): LinePlace['over'] => {
  const limit = overLimit(lot, judged, at);
  if (limit === null) return null;
  const before = saidOver.get(lot);
  if (before?.limit.until === limit.until) return before;
  const over = { lotId: lot.id, limit };
  saidOver.set(lot, over);
  return over;
};

/** `hand`: whose hands this screen is, for the log; empty: nobody said. */
export const useLine = (session: Session, askedIronId: string | null, planned: PlannedRun | null, hand: string) => {
  const carryOut = useDo();
  const { run, workspace, lots, everyIron, runLoads } = session;
  const { byLoad: jumps } = useNoticedJumps();
  const at = useNow(AGE_TICK_MS);
  const inIrons = useLoadsInIrons(at);
  const irons = ironsAtLine(session, askedIronId, inIrons ?? []);
  const newest = useNewestLoads(irons.map((iron) => iron.id));
  /** The dish that this iron cooks in its load `n`: as it is planned, and after that what it cooked last. Null: what is on the bench. */
  const dishAt = (iron: Iron, n: number): Dish | null => {
    if (iron.id === askedIronId || run === null) return null;
    const mine = (planned?.plan?.loads ?? []).filter(({ ironId }) => ironId === iron.id);
    const dishId = (mine.find((load) => load.n === n) ?? mine.at(-1))?.dishId;
    return run.dishes.find(({ id }) => id === dishId) ?? run.dishes.find(({ ironIds }) => ironIds.includes(iron.id)) ?? null;
  };
  // The iron that was asked for from the bench cooks what is on the bench; the others what the run says.
  const formulaOf = (dish: Dish | null): Formula | null => {
    const id = dish?.formulaId ?? workspace.formulaId;
    return session.everyFormula.find((formula) => formula.id === id) ?? session.formula;
  };
  const isRemoved = ({ id }: Iron): boolean => session.kit.removedIds.includes(id);
  /** What is in the iron keeps its own batter, whatever the plan cooks by now. */
  const formulaIn = ({ prediction, progress }: RunningLoad): Formula | undefined =>
    progress.phase === 'opened' ? undefined : session.everyFormula.find(({ id }) => id === prediction?.formulaId);
  const upcoming = irons.flatMap((iron) => {
    const running = newest?.get(iron.id);
    const isHistory = running !== undefined && running.progress.phase === 'opened' && at - (running.progress.openedAt ?? 0) > LOGGABLE_MS;
    const current = isHistory ? undefined : running;
    if (isRemoved(iron) && (current === undefined || isRated(current))) return [];
    const sameMorning = running !== undefined && at - running.load.startedAt < SAME_MORNING_MS;
    const n = current !== undefined && current.progress.phase !== 'opened' ? current.load.n : sameMorning ? running.load.n + 1 : 1;
    const dish = dishAt(iron, n);
    return [{ iron, dish, formula: (current === undefined ? undefined : formulaIn(current)) ?? formulaOf(dish), current, n }];
  });
  // The run's irons cook its dish; the one from the bench what is on the bench, which may be the same.
  const wishOf = (dish: Dish | null): Omit<LoadWish, 'load'> => (dish === null ? workspace : { ...wishOfDish(dish), preheat_s: null });
  const plannedLoad = (iron: Iron, n: number): PlannedLoad | undefined =>
    iron.id === askedIronId ? undefined : planned?.plan?.loads.find((load) => load.ironId === iron.id && load.n === n);
  /** What this load of the run gets, where guests want different things. */
  const variantOf = (iron: Iron, n: number): LoadVariant | null => plannedLoad(iron, n)?.variant ?? null;
  const advices = useAdvices(
    upcoming.map(({ iron, dish, formula, n }) => {
      if (formula === null) return null;
      const wish = wishOf(dish);
      const variant = variantOf(iron, n);
      return adviceJob(session, formula, iron, { ...wish, ...(variant === null ? {} : { onPlate: variant.onPlate }), load: n });
    }),
  );
  const standing = upcoming.flatMap(({ formula }) => (formula === null ? [] : (lotToPourFrom(lots, formula, at) ?? [])));
  const lotsInIrons = upcoming.flatMap(({ current }) => (current === undefined ? [] : [current.load.lotId]));
  const lotIds = [...new Set([...standing.map(({ id }) => id), ...lotsInIrons])].sort();
  /** Every load of the bowls that are poured from. */
  const poured = useToldLoads((queries) => queries.loadsOfLots(lotIds), `poured from ${lotIds.join(' ')}`);
  const leftFor = (formula: Formula): number | null => {
    const lot = lotToPourFrom(lots, formula, at);
    return lot === null || poured === undefined ? null : leftIn(lot, poured).left_g;
  };
  const overFor = (formula: Formula, form: Judged['form']): LinePlace['over'] => {
    const lot = lotToPourFrom(lots, formula, at);
    return lot === null ? null : overOf(lot, { ...judgedHere(session), form }, at);
  };
  const found: LinePlace[] = upcoming.flatMap(({ iron, dish, formula, current, n }, i) => {
    const data = advices[i]?.data;
    return formula === null
      ? []
      : [
          {
            iron,
            formula,
            dishId: dish?.id ?? run?.dishes[0]?.id ?? '',
            load: current?.load ?? null,
            log: current?.log ?? [],
            progress: current === undefined ? null : progressOf(current, jumps.get(current.load.id)),
            prediction: current?.prediction ?? null,
            rescue: null,
            promised_s: null,
            advice: data?.ok === true ? data.value : null,
            failure: data?.ok === false ? data.failure : null,
            left_g: leftFor(formula),
            over: overFor(formula, data?.ok === true && data.value.lift === 'yeasted' ? 'yeasted-batter' : 'batter'),
            onPlate: variantOf(iron, n)?.onPlate ?? wishOf(dish).onPlate ?? null,
            isTrial: plannedLoad(iron, n)?.isTrial === true,
            wipeBefore: variantOf(iron, n)?.wipeBefore === true || plannedLoad(iron, n)?.isChange === true,
            holds: toppingsOn(planned, iron, current !== undefined && current.progress.phase !== 'opened' ? n : n - 1),
            turn_s: iron.turned ? (wishOf(dish).turn_s ?? null) : null,
            isRemoved: isRemoved(iron),
            isWeighing: advices[i]?.isPlaceholderData === true,
            n,
          },
        ];
  });

  const places = useSettled(found);

  return useMemo(() => {
    const by = hand === '' ? {} : { by: hand };
    /** A bowl nobody has said anything of is what was planned and hasn't been poured yet, or one as the formula has it. */
    const bowl_g = ({ iron, advice, dishId }: LinePlace): number => {
      const batch_g = advice?.answer.totalMass_g ?? 0;
      const mine = planned?.dishes.find(({ dish }) => dish.id === dishId);
      const wanted_g = mine?.dish.batter_g ?? mine?.batter_g ?? 0;
      if (run === null || wanted_g === 0 || iron.id === askedIronId) return batch_g;
      const poured_g = toldOfRun(run, everyIron, { runLoads, lots }).reduce(
        (sum, load) => sum + (load.dishId === dishId ? (load.poured_g ?? 0) : 0),
        0,
      );
      const missing_g = wanted_g - poured_g;
      return missing_g > (advice?.answer.portion_g ?? 0) ? missing_g : batch_g;
    };
    /** A touch. Its echo never comes here: the buttons and keys hold it back. The same word said again is said twice, however slow the store is. */
    const append = (load: Load, event: NewLoadEvent, at: number | (() => number) = thisMoment()): Promise<LoadEvent | undefined> =>
      carryOut(commands.noteLoad(load.id, { ...event, ...by }, at));
    /** Several words about one load: all or none. */
    const log = (load: Load, events: readonly NewLoadEvent[]): Promise<null | undefined> =>
      carryOut(
        commands.noteLoadAll(
          load.id,
          events.map((event) => ({ ...event, ...by })),
          wallNow(),
        ),
      );
    /** A new load begins with the pour; what was promised for it is kept beside it. */
    const pour = async (place: LinePlace, did: Did): Promise<void> => {
      const { iron, formula, advice, n, isTrial } = place;
      if (advice === null) return;
      const startedAt = wallNow();
      const open = lotToPourFrom(lots, formula, startedAt);
      // An empty bowl is followed by another.
      const lot =
        open === null || beginsAnother(place)
          ? newLot(newId(), formula, { madeAt: startedAt, mass_g: bowl_g(place), temperature_C: workspace.batter_C })
          : headerOf(open);
      const id = newId();
      const prediction = { ...advice.prediction, id: `for-${id}` };
      const load: Load = {
        id,
        runId: run?.id ?? null,
        lotId: lot.id,
        ironId: iron.id,
        ironRev: iron.rev,
        n,
        isTrial,
        predictionId: prediction.id,
        startedAt,
      };
      await carryOut(commands.pour({ load, prediction, lot, poured: { kind: 'poured', data: did, ...by } }));
    };
    return { places, poured, ready: newest !== undefined && inIrons !== undefined, append, log, pour };
  }, [hand, carryOut, lots, workspace.batter_C, run, planned, askedIronId, everyIron, runLoads, places, poured, newest, inIrons]);
};
