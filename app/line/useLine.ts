import { useMemo } from 'react';
import type { Did, Prediction, Load, LoadEvent, LoadProgress, NewLoadEvent } from '../../core/log/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import type { RevisedOpenTime } from '../../core/line/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import type { Iron, OnPlate } from '../../core/plate/index.ts';
import type { Jump } from '../clock/index.ts';
import { useNow, wallNow } from '../clock/index.ts';
import type { LoadWish } from '../../core/lot/index.ts';
import { dishOf } from '../../core/run/index.ts';
import { headerOf, leftIn, lotToPourFrom, newLot } from '../../core/lot/index.ts';
import { withJumps } from './jumps.ts';
import type { RunningLoad, Session } from '../session/index.ts';
import { adviceJob, toldOfRun, useNewestLoads, useNoticedJumps } from '../session/index.ts';
import { beginsAnother } from './pouring.ts';
import { commands, newId, useDo, useQueried, useSettled } from '../store/index.ts';
import type { AdviceReply } from '../workers/index.ts';
import { useAdvices } from '../workers/index.ts';

/** One iron at the line: the load in it, or the one to come. */
export type LinePlace = {
  readonly iron: Iron;
  readonly formula: Formula;
  readonly load: Load | null;
  readonly log: readonly LoadEvent[];
  readonly progress: LoadProgress | null;
  readonly prediction: Prediction | null;
  /** Its time set anew by what was noticed, and what it was before. */
  readonly rescue: RevisedOpenTime | null;
  readonly promised_s: number | null;
  /** For the next load; null while it is reckoned, or when there is none. */
  readonly advice: AdviceReply | null;
  /** Batter in the bowl that it is poured from, g; null: a new one is begun. */
  readonly left_g: number | null;
  /** What is scattered in after the pour; null: nothing. */
  readonly onPlate: OnPlate | null;
  /** When it is turned over, s; null: at once, or never where nothing is turned. */
  readonly turn_s: number | null;
  /** What its loads say is on its way: until then the advice is the model's. */
  readonly isWeighing: boolean;
  readonly n: number;
};

/** An opened load older than this is history, not something to log now. */
const LOGGABLE_MS = 2 * 3_600_000;
/** A bowl mixed longer ago is another morning's. */
const SAME_MORNING_MS = 12 * 3_600_000;

/** The irons at the line: the run's, and the one from the bench that was asked for. */
const ironsAtLine = (session: Session, asked: string | null): Iron[] => {
  const ids = new Set([
    ...(session.run?.ironIds ?? []),
    ...(session.run === null && session.iron !== null ? [session.iron.id] : []),
    ...(asked === null ? [] : [asked]),
  ]);
  // An iron that was removed while a load is in it stays until that is out.
  return session.everyIron.filter((iron) => ids.has(iron.id));
};

/** With the jumps of the clock that are on their way into its log. */
const progressOf = ({ log, progress }: RunningLoad, jumps: readonly Jump[] | undefined): LoadProgress =>
  jumps === undefined ? progress : loadProgress(withJumps(log, jumps));

/** Whether a load is of this morning changes slowly. */
const AGE_TICK_MS = 30_000;

/** `runBatter_g`: what the run wants in all; null: nothing is planned. */
export const useLine = (session: Session, askedIronId: string | null, runBatter_g: number | null) => {
  const carryOut = useDo();
  const { run, workspace, lots, everyIron, ironLoads } = session;
  const { byLoad: jumps } = useNoticedJumps();
  const at = useNow(AGE_TICK_MS);
  const irons = ironsAtLine(session, askedIronId);
  const newest = useNewestLoads(irons.map((iron) => iron.id));
  // The iron that was asked for from the bench cooks what is on the bench; the others what the run says.
  const formulaFor = (iron: Iron): Formula | null => {
    const id = iron.id === askedIronId || run === null ? workspace.formulaId : run.formulaId;
    return session.everyFormula.find((formula) => formula.id === id) ?? session.formula;
  };
  const isRemoved = ({ id }: Iron): boolean => session.kit.removedIds.includes(id);
  const upcoming = irons.flatMap((iron) => {
    const running = newest?.get(iron.id);
    const isHistory = running !== undefined && running.progress.phase === 'opened' && at - (running.progress.openedAt ?? 0) > LOGGABLE_MS;
    const current = isHistory ? undefined : running;
    if (isRemoved(iron) && (current === undefined || current.progress.phase === 'opened')) return [];
    const sameMorning = running !== undefined && at - running.load.startedAt < SAME_MORNING_MS;
    return [
      {
        iron,
        formula: formulaFor(iron),
        current,
        n: current !== undefined && current.progress.phase !== 'opened' ? current.load.n : sameMorning ? running.load.n + 1 : 1,
      },
    ];
  });
  // The run's irons cook its dish; the one from the bench what is on the bench, which may be the same.
  const wishOf = (iron: Iron): Omit<LoadWish, 'load'> =>
    iron.id === askedIronId || run === null ? workspace : { ...dishOf(run), preheat_s: null };
  const advices = useAdvices(
    upcoming.map(({ iron, formula, n }) => {
      if (formula === null) return null;
      const wish = wishOf(iron);
      return adviceJob(session, formula, iron, { ...wish, load: n });
    }),
  );
  const standing = irons.flatMap((iron) => {
    const formula = formulaFor(iron);
    return formula === null ? [] : (lotToPourFrom(lots, formula, at) ?? []);
  });
  const lotIds = [...new Set(standing.map(({ id }) => id))].sort();
  const poured = useQueried(
    async (queries) => queries.withPromises(await queries.loadsOfLots(lotIds)),
    `poured from ${lotIds.join(' ')}`,
    true,
  );
  const leftFor = (formula: Formula): number | null => {
    const lot = lotToPourFrom(lots, formula, at);
    return lot === null || poured === undefined ? null : leftIn(lot, poured).left_g;
  };
  const found: LinePlace[] = upcoming.flatMap(({ iron, formula, current, n }, i) => {
    const data = advices[i]?.data;
    return formula === null
      ? []
      : [
          {
            iron,
            formula,
            load: current?.load ?? null,
            log: current?.log ?? [],
            progress: current === undefined ? null : progressOf(current, jumps.get(current.load.id)),
            prediction: current?.prediction ?? null,
            rescue: null,
            promised_s: null,
            advice: data?.ok === true ? data.value : null,
            left_g: leftFor(formula),
            onPlate: wishOf(iron).onPlate ?? null,
            turn_s: iron.turned ? (wishOf(iron).turn_s ?? null) : null,
            isWeighing: advices[i]?.isPlaceholderData === true,
            n,
          },
        ];
  });

  const places = useSettled(found);

  return useMemo(() => {
    /** A bowl nobody has said anything of is what was planned and hasn't been poured yet, or one as the formula has it. */
    const bowl_g = ({ iron, advice }: LinePlace): number => {
      const batch_g = advice?.answer.totalMass_g ?? 0;
      if (run === null || runBatter_g === null || iron.id === askedIronId) return batch_g;
      const poured_g = toldOfRun(run.id, everyIron, ironLoads.loads).reduce((sum, load) => sum + (load.poured_g ?? 0), 0);
      const missing_g = runBatter_g - poured_g;
      return missing_g > (advice?.answer.portion_g ?? 0) ? missing_g : batch_g;
    };
    /** A touch. Its echo never comes here: the buttons and keys hold it back. The same word said again is said twice, however slow the store is. */
    const append = (load: Load, event: NewLoadEvent): Promise<LoadEvent | undefined> =>
      carryOut(commands.noteLoad(load.id, event, wallNow()));
    /** Several words about one load: all or none. */
    const log = (load: Load, events: readonly NewLoadEvent[]): Promise<null | undefined> =>
      carryOut(commands.noteLoadAll(load.id, events, wallNow()));
    /** A new load begins with the pour; what was promised for it is kept beside it. */
    const pour = async (place: LinePlace, did: Did): Promise<void> => {
      const { iron, formula, advice, n, load: before } = place;
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
        isTrial: false,
        predictionId: prediction.id,
        startedAt,
      };
      // The same touch of the same iron is the same pour.
      await carryOut(
        commands.pour({ load, prediction, lot, poured: { kind: 'poured', data: did } }, `pour/${iron.id}/${n}/${before?.id ?? ''}`),
      );
    };
    return { places, ready: newest !== undefined, append, log, pour };
  }, [carryOut, lots, workspace.batter_C, run, runBatter_g, askedIronId, everyIron, ironLoads, places, newest]);
};
