import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { canonicalJson, inputsHash, MODEL_VERSION } from '../../core/basis/index.ts';
import { wallNow } from '../clock/index.ts';
import { keepBelief, keptBelief } from '../store/index.ts';
import { compute, NoAnswer } from './computeClient.ts';
import type {
  AdviceJob,
  AfterJob,
  Answer,
  DialInJob,
  HeatJob,
  MorningJob,
  MovesJob,
  PatternJob,
  QuestionKind,
  Questions,
  RescueJob,
} from './messages.ts';

/** A worker that crashed or was stuck is asked again; so much of a pause before. */
const TRIES = 2;
const PAUSE_MS = 400;

type Options = { readonly affinity?: string; readonly afterBurst?: boolean; readonly urgency?: number };

/** One question as a query. Deterministic: an answer never grows old. Null: nothing to ask yet. */
const asked = <K extends QuestionKind>(
  kind: K,
  ask: Questions[K]['ask'] | null,
  { affinity = kind, afterBurst = false, urgency }: Options = {},
) => ({
  queryKey: [kind, ask === null ? null : canonicalJson(ask)],
  queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Answer<K>> => {
    if (ask === null) throw new Error('nothing to ask');
    if (afterBurst) await burstOver(signal);
    return compute.ask(kind, ask, { signal, affinity, ...(urgency === undefined ? {} : { urgency }) });
  },
  enabled: ask !== null,
  staleTime: Infinity,
  gcTime: 60_000,
  retry: (count: number, error: Error) => error instanceof NoAnswer && count < TRIES,
  retryDelay: PAUSE_MS,
});

/** While a wish is dragged every move is another question: only what is asked last is kept, of every pair of iron and batter. */
const RESTED_MS = 1000;
const unrested = new Map<string, ReturnType<typeof setTimeout>>();
const onceRested = (dragged: string, keep: () => void): void => {
  clearTimeout(unrested.get(dragged));
  unrested.set(dragged, setTimeout(keep, RESTED_MS));
};

/** As `asked`, but what was once found of the iron isn't weighed again, not even after a reload. */
const askedAdvice = (job: AdviceJob | null, options: Options) => {
  const query = asked('advise', job, options);
  return {
    ...query,
    queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Answer<'advise'>> => {
      if (job?.known === undefined) return query.queryFn({ signal });
      const { known, ...question } = job;
      const key = inputsHash([MODEL_VERSION, known, job.target]);
      const kept = await keptBelief(key);
      if (kept !== undefined) return asked('advise', { ...question, believed: kept }, options).queryFn({ signal });
      const answer = await query.queryFn({ signal });
      if (answer.ok) {
        const { believed } = answer.value;
        // The plan's question and the finger's have wishes of their own.
        onceRested(
          `${job.iron.id} ${job.formula.id}/${job.formula.rev} ${options.urgency ?? ''}`,
          () => void keepBelief(key, believed, wallNow()),
        );
      }
      return answer;
    },
  };
};

/** Emulators of an iron serve all questions about its loads. */
const IRON = { affinity: 'iron' };
/** What stands already, as for a new iron, and is made better. */
const WHEN_FREE = 3;
/** What was found stays until the next is. */
const STAYS = { placeholderData: keepPreviousData };

/** The same iron as if nobody had cooked on it: its answer stands until its loads have been weighed. Null: nothing to wait for. */
const asNew = (job: AdviceJob | null, { data }: { readonly data: unknown }): AdviceJob | null => {
  if (data !== undefined || job?.known === undefined) return null;
  const { known: _, lidOpen_s: __, ...rest } = job;
  return rest;
};

const untilWeighed = <Q extends { readonly data: Answer<'advise'> | undefined; readonly isPlaceholderData: boolean }>(
  query: Q,
  prior: Answer<'advise'> | undefined,
): Q => (query.data === undefined && prior !== undefined ? { ...query, data: prior, isPlaceholderData: true } : query);

/** The advice for a job; while the wish moves, the answer before stays until the new one is there. */
export const useAdvice = (job: AdviceJob | null) => {
  const query = useQuery({ ...askedAdvice(job, IRON), ...STAYS });
  const prior = useQuery(asked('advise', asNew(job, query)));
  return untilWeighed(query, prior.data);
};

/** Several at once, for the plan and the line; they don't keep a finger waiting. */
export const useAdvices = (jobs: readonly (AdviceJob | null)[]) => {
  const queries = useQueries({ queries: jobs.map((job) => ({ ...askedAdvice(job, { ...IRON, urgency: WHEN_FREE }), ...STAYS })) });
  const priors = useQueries({
    queries: queries.map((query, i) => asked('advise', asNew(jobs[i] ?? null, query), { affinity: 'plan' })),
  });
  return queries.map((query, i) => untilWeighed(query, priors[i]?.data));
};

/** How browning depends on the local heat of the plate, at one second of a load; null: not asked for. */
export const usePattern = (job: PatternJob | null) => useQuery({ ...asked('pattern', job), ...STAYS });

/** The heat of a morning on this iron. */
export const useHeat = (job: HeatJob) => useQuery({ ...asked('heat', job), ...STAYS });

/** What becomes of the pieces, and what each way of serving asks of the iron. */
export const useAfter = (ask: AfterJob) => useQuery({ ...asked('after', ask), ...STAYS });

/** The same for several irons, for the plan: when the worker is free. `jobs`: the same list while nothing has changed. */
export const useAfters = (jobs: readonly AdviceJob[]) => {
  const queries = useMemo(
    () => jobs.map((job) => ({ ...asked('after', { job }, { affinity: 'plan', urgency: WHEN_FREE }), ...STAYS })),
    [jobs],
  );
  return useQueries({ queries });
};

/** Answers of one load are logged in a burst: only the last question of it is asked. */
const BURST_MS = 150;

const burstOver = async (signal: AbortSignal): Promise<void> => {
  await new Promise((resolve) => setTimeout(resolve, BURST_MS));
  if (signal.aborted) throw new DOMException('cancelled', 'AbortError');
};

/** What an iron's loads say of it, and the next one; null: nothing to ask yet. */
export const useDialIn = (job: DialInJob | null) => useQuery({ ...asked('history', job, { ...IRON, afterBurst: true }), ...STAYS });

/** When to open the loads that are in the irons, after what was noticed of them. */
export const useOpenTimes = (jobs: readonly (RescueJob | null)[]) =>
  useQueries({ queries: jobs.map((job) => asked('openTime', job, { ...IRON, afterBurst: true })) });

/** Which of setting, portion and time moved between two questions, and why; null: nothing to compare. */
export const useMoves = (job: MovesJob | null) => useQuery(asked('moves', job));

/** What one more trial of this iron, or a measurement instead, would bring; asked once the loads themselves are weighed. */
export const useWorth = (job: DialInJob | null) => useQuery(asked('informationValue', job, IRON));

/** What luck makes of a morning, and what would help it; while it changes what was found stays. Null: nothing is planned. */
export const useMorning = (job: MorningJob | null) =>
  useQuery({ ...asked('morning', job, { affinity: 'plan', urgency: WHEN_FREE }), ...STAYS });
