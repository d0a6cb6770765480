import { keepPreviousData, useQueries, useQuery } from '@tanstack/react-query';
import type { Result } from '../../core/basis/index.ts';
import { canonicalJson } from '../../core/basis/index.ts';
import type { AdviceJob, AdviceReply, DialInJob, HeatJob, MovesJob, PatternJob } from './messages.ts';
import type { ComputeClient } from './computeClient.ts';
import { adviser, calibrationWorker, planner } from './computeClient.ts';

const query = (job: AdviceJob | null, reckoner: ComputeClient) => ({
  queryKey: ['advice', job === null ? null : canonicalJson(job)],
  queryFn: async ({ signal }: { signal: AbortSignal }): Promise<Result<AdviceReply>> => {
    if (job === null) throw new Error('nothing to ask');
    const reply = await reckoner.advise(job, signal);
    // A cancelled job belongs to a query that nobody waits for any more.
    if (reply === null) throw new DOMException('cancelled', 'AbortError');
    return reply;
  },
  enabled: job !== null,
  // Deterministic: an answer never grows old.
  staleTime: Infinity,
  gcTime: 60_000,
  retry: false,
});

/** The advice for a job, from the worker; while the wish moves, the answer before stays until the new one is there. */
export const useAdvice = (job: AdviceJob | null) => useQuery({ ...query(job, adviser), placeholderData: keepPreviousData });

/** Several at once, for the plan; they don't keep the bench waiting. */
export const useAdvices = (jobs: readonly (AdviceJob | null)[]) => useQueries({ queries: jobs.map((job) => query(job, planner)) });

/** One question to the worker that weighs; deterministic, so that an answer never grows old. Null: nothing to ask yet. */
const asked = <Q, A>(name: string, question: Q | null, ask: (question: Q, signal: AbortSignal) => Promise<A>) => ({
  queryKey: [name, question === null ? null : canonicalJson(question)],
  queryFn: ({ signal }: { signal: AbortSignal }): Promise<A> => {
    if (question === null) throw new Error('nothing to ask');
    return ask(question, signal);
  },
  enabled: question !== null,
  staleTime: Infinity,
  gcTime: 60_000,
  retry: false,
});
/** What was found stays until the next is. */
const STAYS = { placeholderData: keepPreviousData };

/** How browning depends on the local heat of the plate, at one second of a load; null: not asked for. */
export const usePattern = (job: PatternJob | null) => useQuery({ ...asked('pattern', job, (j) => calibrationWorker.pattern(j)), ...STAYS });

/** The heat of a morning on this iron. */
export const useHeat = (job: HeatJob) => useQuery({ ...asked('heat', job, (j) => calibrationWorker.heat(j)), ...STAYS });

/** What becomes of the pieces, and what each way of serving asks of the iron. */
export const useAfter = (job: AdviceJob) => useQuery({ ...asked('after', job, (j) => calibrationWorker.after(j)), ...STAYS });

/** Answers of one load are logged in a burst: only the last question of it is asked. */
const BURST_MS = 150;

export const burstOver = async (signal: AbortSignal): Promise<void> => {
  await new Promise((resolve) => setTimeout(resolve, BURST_MS));
  if (signal.aborted) throw new DOMException('cancelled', 'AbortError');
};

/** What an iron's loads say of it, and the next one; null: nothing to ask yet. */
export const useDialIn = (job: DialInJob | null) =>
  useQuery({
    ...asked('dial-in', job, async (j, signal) => {
      await burstOver(signal);
      return calibrationWorker.dialIn(j);
    }),
    ...STAYS,
  });

/** Which of setting, portion and time moved between two questions, and why; null: nothing to compare. */
export const useMoves = (job: MovesJob | null) => useQuery(asked('moves', job, (j) => calibrationWorker.moves(j)));

/** What one more trial of this iron, or a measurement instead, would bring; asked once the loads themselves are weighed. */
export const useWorth = (job: DialInJob | null) => useQuery(asked('worth', job, (j) => calibrationWorker.worth(j)));
