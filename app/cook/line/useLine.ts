import { useMemo } from 'react';
import type { Did, Load, LoadEvent, LoadProgress, Lot, NewLoadEvent } from '../../../core/log/index.ts';
import { loadProgress } from '../../../core/log/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import type { KitchenAtLine, RunningLoad, UpcomingLoad } from '../../../core/line/index.ts';
import { beginsAnother, freshBowl_g, ironsAtLine, toppingsOn, upcomingLoads } from '../../../core/line/index.ts';
import type { Judged } from '../../../core/keep/index.ts';
import { overLimit } from '../../../core/keep/index.ts';
import type { LoadWish } from '../../../core/lot/index.ts';
import { headerOf, leftIn, lotToPourFrom, newLot } from '../../../core/lot/index.ts';
import { wishOf } from '../../../core/run/index.ts';
import type { Jump } from '../../clock/index.ts';
import { thisMoment, useNow, wallNow } from '../../clock/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { adviceJob, judgedHere, useLoadsInIrons, useNewestLoads, useNoticedJumps, useToldLoads } from '../../session/index.ts';
import { commands, newId, useDo, useSettled } from '../../store/index.ts';
import { useAdvices } from '../../workers/index.ts';
import { withJumps } from './jumps.ts';
import type { LinePlace } from './linePlace.ts';

/** With the jumps of the clock that are on their way into its log. */
const progressOf = ({ log, progress }: RunningLoad, jumps: readonly Jump[] | undefined): LoadProgress =>
  jumps === undefined ? progress : loadProgress(withJumps(log, jumps));

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

/** How a load is wished: as its dish, with what some guests have in theirs, or as it is on the bench. */
const wishOfLoad = (workspace: Session['workspace'], { dish, planned, n }: UpcomingLoad): LoadWish => ({
  ...(dish === null ? workspace : { ...wishOf(dish), preheat_s: null }),
  ...(planned?.variant === undefined ? {} : { onPlate: planned.variant.onPlate }),
  load: n,
});

const NO_LOADS: ReadonlyMap<string, RunningLoad> = new Map();

/** What the irons at the line cook or cook next, and what is asked of the adviser for it. */
const useUpcoming = (session: Session, askedIronId: string | null, planned: PlannedRun | null, at: number) => {
  const inIrons = useLoadsInIrons(at);
  const kitchen: KitchenAtLine = { ...session, removedIds: session.kit.removedIds };
  const irons = ironsAtLine(kitchen, askedIronId, inIrons?.map(({ load }) => load) ?? []);
  const newest = useNewestLoads(irons.map((iron) => iron.id));
  const upcoming = upcomingLoads(kitchen, planned?.plan ?? null, irons, askedIronId, newest ?? NO_LOADS, at).map((load) => ({
    ...load,
    wish: wishOfLoad(session.workspace, load),
  }));
  const advices = useAdvices(
    upcoming.map(({ formula, iron, wish }) => (formula === null ? null : adviceJob(session, formula, iron, wish))),
  );
  return { upcoming, advices, isReady: newest !== undefined && inIrons !== undefined };
};

/** `hand`: whose hands this screen is, for the log; empty: nobody said. */
export const useLine = (session: Session, askedIronId: string | null, planned: PlannedRun | null, hand: string) => {
  const carryOut = useDo();
  const { run, workspace, lots, everyIron, runLoads } = session;
  const { byLoad: jumps } = useNoticedJumps();
  const at = useNow(AGE_TICK_MS);
  const { upcoming, advices, isReady } = useUpcoming(session, askedIronId, planned, at);
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
  const found = upcoming.flatMap(({ iron, dish, formula, current, n, planned: load, wish }, i): LinePlace[] => {
    if (formula === null) return [];
    const data = advices[i]?.data;
    return [
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
        onPlate: wish.onPlate ?? null,
        isTrial: load?.isTrial === true,
        wipeBefore: load?.variant?.wipeBefore === true || load?.isChange === true,
        holds: toppingsOn(planned?.plan ?? null, iron.id, current !== undefined && current.progress.phase !== 'opened' ? n : n - 1),
        turn_s: iron.turned ? (wish.turn_s ?? null) : null,
        isRemoved: session.kit.removedIds.includes(iron.id),
        isWeighing: advices[i]?.isPlaceholderData === true,
        n,
      },
    ];
  });

  const places = useSettled(found);

  return useMemo(() => {
    const by = hand === '' ? {} : { by: hand };
    const bowl_g = (place: LinePlace): number => {
      const mine = place.iron.id === askedIronId ? undefined : planned?.dishes.find(({ dish }) => dish.id === place.dishId);
      return freshBowl_g(place, mine?.dish.batter_g ?? mine?.batter_g ?? 0, run, everyIron, { runLoads, lots });
    };
    /** A touch. Its echo never comes here: the buttons and keys hold it back. The same word said again is said twice, however slow the store is. */
    const append = (load: Load, event: NewLoadEvent, at: number | (() => number) = thisMoment()): Promise<LoadEvent | undefined> =>
      carryOut(commands.noteLoad(load.id, { ...event, ...by }, at));
    /** Several words about one load: all or none. */
    const log = (load: Load, events: readonly (NewLoadEvent & { readonly at?: number })[]): Promise<null | undefined> =>
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
    return { places, poured, ready: isReady, append, log, pour };
  }, [hand, carryOut, lots, workspace.batter_C, run, planned, askedIronId, everyIron, runLoads, places, poured, isReady]);
};
