import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { RunRequest } from '../../core/run/index.ts';
import { isWeighed, withBelief } from './belief.ts';
import { compute, NoAnswer } from './computeClient.ts';
import { keepFound, keptOr, keyOf } from './kept.ts';
import type {
  AdviceJob,
  AfterJob,
  Answer,
  ChangeJob,
  DialInJob,
  HeatJob,
  MorningJob,
  MovesJob,
  PatternJob,
  QuestionKind,
  Questions,
  RescueJob,
  RestJob,
} from './messages.ts';

/** A worker that crashed or was stuck is asked again; so much of a pause before. */
const TRIES = 2;
const PAUSE_MS = 400;

type Options = { readonly affinity?: string; readonly afterBurst?: boolean; readonly urgency?: number };

const ask = async <K extends QuestionKind>(
  kind: K,
  question: Questions[K]['ask'],
  { affinity = kind, afterBurst = false, urgency }: Options,
  signal: AbortSignal,
): Promise<Answer<K>> => {
  if (afterBurst) await burstOver(signal);
  return keptOr(kind, question, () => compute.ask(kind, question, { signal, affinity, ...(urgency === undefined ? {} : { urgency }) }));
};

/** One question as a query. Deterministic: an answer never grows old. Null: nothing to ask yet. */
const asked = <K extends QuestionKind>(kind: K, question: Questions[K]['ask'] | null, options: Options = {}) => ({
  queryKey: [kind, question === null ? null : keyOf(question)],
  queryFn: ({ signal }: { signal: AbortSignal }): Promise<Answer<K>> => {
    if (question === null) throw new Error('nothing to ask');
    return ask(kind, question, options, signal);
  },
  enabled: question !== null,
  staleTime: Infinity,
  gcTime: 60_000,
  retry: (count: number, error: Error) => error instanceof NoAnswer && count < TRIES,
  retryDelay: PAUSE_MS,
});

/** An advice that fails says nothing of the iron's loads either. */
const believedOf = (answer: Answer<'advise'>) => (answer.ok ? answer.value.believed : null);

/** As `asked`, but what an iron's loads say is found once for all questions. `within`: the job in the question, and the question with another. */
const askedOf = <K extends QuestionKind>(
  kind: K,
  question: Questions[K]['ask'] | null,
  within: (question: Questions[K]['ask'], change: (job: AdviceJob) => Promise<AdviceJob>) => Promise<Questions[K]['ask']>,
  options: Options,
) => ({
  ...asked(kind, question, options),
  queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Answer<K>> => {
    if (question === null) throw new Error('nothing to ask');
    const settled = await within(question, (job) =>
      withBelief(job, async (one) => believedOf(await ask('advise', one, options, signal)), signal),
    );
    return ask(kind, settled, options, signal);
  },
});
/** The advice itself: who finds what the loads say has the answer with it. */
const askedAdvice = (job: AdviceJob | null, options: Options) => ({
  ...asked('advise', job, options),
  queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Answer<'advise'>> => {
    if (job === null) throw new Error('nothing to ask');
    const found: Answer<'advise'>[] = [];
    const weigh = async (one: AdviceJob) => {
      const answer = await ask('advise', one, options, signal);
      found.push(answer);
      return believedOf(answer);
    };
    const settled = await withBelief(job, weigh, signal);
    const [answer] = found;
    if (answer === undefined) return ask('advise', settled, options, signal);
    keepFound('advise', settled, answer);
    return answer;
  },
});
const ofJob = async <T extends { readonly job: AdviceJob }>(question: T, change: (job: AdviceJob) => Promise<AdviceJob>): Promise<T> => ({
  ...question,
  job: await change(question.job),
});

/** Emulators of an iron serve all questions about its loads. */
const IRON = { affinity: 'iron' };
/** What stands already, as for a new iron, and is made better. */
const WHEN_FREE = 3;
/** What was found stays until the next is. */
const STAYS = { placeholderData: keepPreviousData };

/** The same iron as if nobody had cooked on it: its answer stands until its loads have been weighed. Null: nothing to wait for. */
const asNew = (job: AdviceJob | null, { data }: { readonly data: unknown }, options: Options = {}) => {
  if (data !== undefined || job?.known === undefined) return asked('advise', null, options);
  const { known: _, lidOpen_s: __, ...rest } = job;
  return {
    ...asked('advise', rest, options),
    queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Answer<'advise'>> => {
      // The true answer is as quick: this one would only be in its way.
      if (await isWeighed(job)) await new Promise((_, reject) => signal.addEventListener('abort', reject));
      return ask('advise', rest, options, signal);
    },
  };
};

const untilWeighed = <Q extends { readonly data: Answer<'advise'> | undefined; readonly isPlaceholderData: boolean }>(
  query: Q,
  prior: Answer<'advise'> | undefined,
): Q => (query.data === undefined && prior !== undefined ? { ...query, data: prior, isPlaceholderData: true } : query);

/** The advice for a job; while the wish moves, the answer before stays until the new one is there. */
export const useAdvice = (job: AdviceJob | null) => {
  const query = useQuery({ ...askedAdvice(job, IRON), ...STAYS });
  const prior = useQuery(asNew(job, query));
  return untilWeighed(query, prior.data);
};

/** Several at once, for the plan and the line; they don't keep a finger waiting. */
export const useAdvices = (jobs: readonly (AdviceJob | null)[]) => {
  const queries = useQueries({ queries: jobs.map((job) => ({ ...askedAdvice(job, { ...IRON, urgency: WHEN_FREE }), ...STAYS })) });
  const priors = useQueries({
    queries: queries.map((query, i) => asNew(jobs[i] ?? null, query, { affinity: 'plan' })),
  });
  return queries.map((query, i) => untilWeighed(query, priors[i]?.data));
};

/** How browning depends on the local heat of the plate, at one second of a load; null: not asked for. */
export const usePattern = (job: PatternJob | null) => useQuery({ ...askedOf('pattern', job, ofJob, {}), ...STAYS });

/** The heat of a morning on this iron. */
export const useHeat = (job: HeatJob) => useQuery({ ...askedOf('heat', job, ofJob, {}), ...STAYS });

/** What becomes of the pieces, and what each way of serving asks of the iron. */
export const useAfter = (question: AfterJob) => useQuery({ ...askedOf('after', question, ofJob, {}), ...STAYS });

/** The same for several irons, for the plan: when the worker is free. `jobs`: the same list while nothing has changed. */
export const useAfters = (jobs: readonly AdviceJob[]) => {
  const queries = useMemo(
    () => jobs.map((job) => ({ ...askedOf('after', { job }, ofJob, { affinity: 'plan', urgency: WHEN_FREE }), ...STAYS })),
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
export const useMoves = (job: MovesJob | null) =>
  useQuery(askedOf('moves', job, async ({ before, after }, change) => ({ before: await change(before), after: await change(after) }), {}));

/** What one more trial of this iron, or a measurement instead, would bring; asked once the loads themselves are weighed. */
export const useWorth = (job: DialInJob | null) => useQuery(asked('informationValue', job, IRON));

/** What luck makes of a morning, and what would help it; while it changes what was found stays. Null: nothing is planned. */
export const useMorning = (job: MorningJob | null) =>
  useQuery({ ...asked('morning', job, { affinity: 'plan', urgency: WHEN_FREE }), ...STAYS });

/** A plan; while another one of the same run is being made, the last stays. Null: nothing to plan yet. */
export const usePlan = (runId: string | null, request: RunRequest | null) => {
  const { queryKey, ...plan } = useMemo(() => asked('plan', request, { affinity: 'plan' }), [request]);
  return useQuery<Answer<'plan'>>({
    ...plan,
    queryKey: [...queryKey, runId],
    placeholderData: (last, query) => (query?.queryKey.at(-1) === runId ? last : undefined),
  });
};

/** What a change in the middle of a morning does to it; null: nothing to ask. */
export const useChanged = (job: ChangeJob | null) => useQuery({ ...asked('changed', job, { affinity: 'plan' }), ...STAYS });

/** The rest of a morning from now on; null: nothing to ask. */
export const useRest = (job: RestJob | null) => useQuery({ ...asked('rest', job, { affinity: 'plan' }), ...STAYS });
