import { useCallback, useMemo } from 'react';
import type { Lot, Prediction, Load, LoadEvent, LoadProgress, NewLoadEvent } from '../../core/log/index.ts';
import { isOpenLot, loadProgress } from '../../core/log/index.ts';
import type { RevisedOpenTime } from '../../core/line/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { Jump } from './jumps.ts';
import { withJumps } from './jumps.ts';
import type { Session } from '../session/index.ts';
import { adviceJob, inBowl, useNewestLoads } from '../session/index.ts';
import { useKitchen, useRows } from '../store/index.ts';
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
  return session.irons.filter((iron) => ids.has(iron.id));
};

export const useLine = (session: Session, askedIronId: string | null, now: () => number, jumps: ReadonlyMap<string, readonly Jump[]>) => {
  const kitchen = useKitchen();
  const { run, workspace } = session;
  const irons = ironsAtLine(session, askedIronId);
  const newest = useNewestLoads(irons.map((iron) => iron.id));
  const lots = useRows('lots');
  // The iron that was asked for from the bench cooks what is on the bench; the others what the run says.
  const formulaFor = (iron: Iron): Formula | null => {
    const id = iron.id === askedIronId || run === null ? workspace.formulaId : run.formulaId;
    return session.formulas.find((formula) => formula.id === id) ?? session.formula;
  };
  const at = now();
  const upcoming = irons.map((iron) => {
    const running = newest?.get(iron.id);
    const isHistory = running !== undefined && running.progress.phase === 'opened' && at - (running.progress.openedAt ?? 0) > LOGGABLE_MS;
    const current = isHistory ? undefined : running;
    const sameMorning = running !== undefined && at - running.load.startedAt < SAME_MORNING_MS;
    return {
      iron,
      formula: formulaFor(iron),
      current,
      n: current !== undefined && current.progress.phase !== 'opened' ? current.load.n : sameMorning ? running.load.n + 1 : 1,
    };
  });
  const advices = useAdvices(
    upcoming.map(({ iron, formula, n }) => {
      if (formula === null) return null;
      const isBench = iron.id === askedIronId || run === null;
      const wish = isBench ? workspace : { target: run.target, batter_C: run.batter_C, preheat_s: null, setting_C: null };
      const bowl = inBowl(session, formula, at);
      return adviceJob(session, bowl.formula, iron, { ...wish, load: n, airFraction: bowl.airFraction });
    }),
  );
  const places: LinePlace[] = upcoming.flatMap(({ iron, formula, current, n }, i) => {
    const data = advices[i]?.data;
    return formula === null
      ? []
      : [
          {
            iron,
            formula,
            load: current?.load ?? null,
            log: current?.log ?? [],
            progress: current === undefined ? null : loadProgress(withJumps(current.log, jumps.get(current.load.id) ?? [])),
            prediction: current?.prediction ?? null,
            rescue: null,
            promised_s: null,
            advice: data?.ok === true ? data.value : null,
            n,
          },
        ];
  });

  const lotFor = useCallback(
    async (formula: Formula, mass_g: number, temperature_C: number, madeAt: number): Promise<Lot> => {
      const open = (lots ?? []).filter(
        (lot) =>
          lot.formulaId === formula.id &&
          lot.formulaRev === formula.rev &&
          isOpenLot(lot) &&
          madeAt - lot.madeAt < SAME_MORNING_MS &&
          lot.madeAt <= madeAt,
      );
      const newestLot = open.sort((a, b) => b.madeAt - a.madeAt)[0];
      if (newestLot !== undefined) return newestLot;
      const lot: Lot = {
        id: crypto.randomUUID(),
        formulaId: formula.id,
        formulaRev: formula.rev,
        name: formula.name,
        madeAt,
        mass_g,
        temperature_C,
        weighed: [],
        events: [],
      };
      await kitchen.put('lots', lot);
      return lot;
    },
    [kitchen, lots],
  );

  return useMemo(() => {
    const append = (load: Load, event: NewLoadEvent, at = Math.round(now())): Promise<LoadEvent> => kitchen.append(load.id, event, at);
    /** A new load begins with the pour; what was promised for it is kept beside it. */
    const pour = async (place: LinePlace): Promise<void> => {
      const { iron, formula, advice, n } = place;
      if (advice === null) return;
      const startedAt = Math.round(now());
      const lot = await lotFor(formula, Math.max(0.1, advice.answer.totalMass_g), workspace.batter_C, startedAt);
      const id = crypto.randomUUID();
      const prediction = { ...advice.prediction, id: `for-${id}` };
      await kitchen.put('predictions', prediction);
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
      await kitchen.put('loads', load);
      await kitchen.append(id, { kind: 'poured', data: {} }, startedAt);
    };
    return { places, ready: newest !== undefined, append, pour };
  }, [kitchen, now, lotFor, workspace.batter_C, run, places, newest]);
};
