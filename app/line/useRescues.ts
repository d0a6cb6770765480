import { useQueries } from '@tanstack/react-query';
import { useEffect } from 'react';
import { canonicalJson } from '../../core/basis/index.ts';
import type { Cue, RevisedOpenTime } from '../../core/line/index.ts';
import { settingNow_C } from '../../core/plate/index.ts';
import type { Session } from '../session/index.ts';
import { batterKey, historyJob, keepRescued, recentLoads } from '../session/index.ts';
import { logOf, useLogs, useRows } from '../store/index.ts';
import type { RescueJob } from '../workers/index.ts';
import { burstOver, calibrationWorker } from '../workers/index.ts';
import type { LinePlace } from './useLine.ts';

/** What was noticed of a load that cooks, by its own clock. */
const cuesOf = ({ progress }: LinePlace): Cue[] => {
  if (progress?.phase !== 'cooking' || progress.closedAt === null) return [];
  const { closedAt } = progress;
  const at_s = (at: number): number => Math.round((at - closedAt) / 1000);
  return [
    ...progress.peeks.flatMap(({ at, seen }): Cue[] => (seen === null ? [] : [{ seen, at_s: at_s(at) }])),
    ...progress.signals.map(({ signal, at }): Cue => ({ signal, at_s: at_s(at) })),
  ];
};

/** Places whose load was noticed something of, with their time set anew; the others as they were. */
export const useRescues = (session: Session, places: readonly LinePlace[]): readonly LinePlace[] => {
  const loads = useRows('loads');
  const predictions = useRows('predictions');
  const formulas = useRows('formulas');
  const cues = places.map(cuesOf);
  const recent = places.map(({ iron, load }, i) =>
    cues[i]?.length === 0
      ? []
      : recentLoads(
          (loads ?? []).filter((other) => other.id !== load?.id),
          iron.id,
        ),
  );
  const logs = useLogs(recent.flat().map((load) => load.id));
  const jobs = places.map(({ iron, formula, prediction }, i): RescueJob | null => {
    const noticed = cues[i] ?? [];
    if (noticed.length === 0 || prediction === null || predictions === undefined || formulas === undefined || logs === undefined)
      return null;
    // What is in the iron, not what lies on the bench by now.
    const inIron = formulas.find((f) => f.id === prediction.formulaId && f.rev === prediction.formulaRev) ?? formula;
    const { past, ...job } = historyJob(
      session,
      { formula: inIron, iron, tawny: prediction.target.tawny },
      { recent: recent[i] ?? [], predictions, formulas, logOf: (id) => logOf(logs, id) },
    );
    return {
      ...job,
      load: {
        batterKey: batterKey(inIron),
        pour: { portion_g: prediction.portion_g, setting_C: settingNow_C(iron, prediction.setting) },
        tawny: prediction.target.tawny,
        cues: noticed,
        past,
      },
    };
  });
  const answers = useQueries({
    queries: jobs.map((job) => ({
      queryKey: ['rescue', job === null ? null : canonicalJson(job)],
      queryFn: async ({ signal }: { signal: AbortSignal }) => {
        if (job === null) throw new Error('nothing to ask');
        await burstOver(signal);
        return calibrationWorker.rescue(job);
      },
      enabled: job !== null,
      staleTime: Infinity,
      gcTime: 60_000,
      retry: false,
    })),
  });
  const shown = places.map((place, i) => {
    const answer = answers[i]?.data;
    return jobs[i] != null && answer?.ok === true ? rescued(place, answer.value) : place;
  });
  useEffect(() => {
    keepRescued(
      new Map(shown.flatMap(({ load, rescue }) => (load === null || rescue === null ? [] : [[load.id, rescue.open_s] as const]))),
    );
  });
  return shown;
};

/** The promise with its times moved; what was promised at the pour stays in the book. */
const rescued = (place: LinePlace, rescue: RevisedOpenTime): LinePlace => {
  const { prediction } = place;
  if (prediction === null) return place;
  const { from, best, to } = prediction.cookTime_s;
  const factor = rescue.open_s / best;
  return {
    ...place,
    rescue,
    prediction: {
      ...prediction,
      cookTime_s: { from: Math.min(rescue.open_s, from * factor), best: rescue.open_s, to: Math.max(rescue.open_s + 5, to * factor) },
    },
    promised_s: best,
  };
};
