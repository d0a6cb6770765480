import type { BelievedIron } from '../../core/advise/index.ts';
import { beliefKey } from '../../core/lot/index.ts';
import { wallNow } from '../clock/index.ts';
import { keepBelief, keptBelief } from '../store/index.ts';
import type { AdviceJob } from './messages.ts';

/** Asks the worker what the loads of this job say; null: nothing. */
type Weigh = (job: AdviceJob) => Promise<BelievedIron | null>;

/** So many are at hand without asking the store. */
const MOST_AT_HAND = 60;
const atHand = new Map<string, BelievedIron | null>();
const beingFound = new Map<string, Promise<unknown>>();

/** While a wish is dragged every move is another question: only what is asked last is kept, of every pair of iron and batter. */
const RESTED_MS = 1000;
const unrested = new Map<string, ReturnType<typeof setTimeout>>();
const keepOnceRested = (dragged: string, key: string, believed: BelievedIron | null): void => {
  clearTimeout(unrested.get(dragged));
  unrested.set(
    dragged,
    setTimeout(() => void keepBelief(key, believed, wallNow()), RESTED_MS),
  );
};

const remember = (key: string, believed: BelievedIron | null): void => {
  atHand.set(key, believed);
  const [oldest] = atHand.keys();
  if (atHand.size > MOST_AT_HAND && oldest !== undefined) atHand.delete(oldest);
};

const known = async (key: string): Promise<BelievedIron | null | undefined> => {
  const before = atHand.get(key);
  if (before !== undefined) return before;
  const kept = await keptBelief(key);
  if (kept !== undefined) remember(key, kept);
  return kept;
};

/** True where what this job's loads say needn't be found any more. */
export const isWeighed = async ({ known: loads, target }: AdviceJob): Promise<boolean> =>
  loads === undefined || (await known(beliefKey(loads, target))) !== undefined;

/**
 * The job with what its loads say in place of the loads. They are weighed once, however many questions rest on them: the advice for the first load and the
 * others, what becomes of the pieces, the plan; and not again after a reload. Who asks second waits for the first, and takes over where that gives up.
 */
export const withBelief = async (job: AdviceJob, weigh: Weigh, signal: AbortSignal): Promise<AdviceJob> => {
  if (job.known === undefined) return job;
  const { known: loads, ...question } = job;
  const key = beliefKey(loads, job.target);
  for (;;) {
    const believed = await known(key);
    if (believed !== undefined) return { ...question, believed };
    signal.throwIfAborted();
    const other = beingFound.get(key);
    if (other !== undefined) {
      await other.catch(() => undefined);
      continue;
    }
    const finding = weigh(job);
    beingFound.set(key, finding);
    try {
      remember(key, await finding);
      keepOnceRested(`${job.iron.id} ${job.formula.id}/${job.formula.rev}`, key, await finding);
    } finally {
      beingFound.delete(key);
    }
  }
};
