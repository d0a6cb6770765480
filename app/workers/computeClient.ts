import workerUrl from './compute.worker.ts?worker&url';
import type { Answer, FromWorker, QuestionKind, Questions, ToWorker } from './messages.ts';
import { PROTOCOL } from './messages.ts';

/** Starts a worker; a test gives its own. */
export type StartWorker = () => Worker;

const startWorker: StartWorker = () => new Worker(workerUrl, { type: 'module', name: 'compute' });

/** The worker's file is named by what is in it: another way of answering is another name. Null while developing, where it isn't. */
export const answeredBy: string | null = /-([\w-]{8,})\.js$/.exec(workerUrl)?.[1] ?? null;

/** No question takes that long, on the slowest tablet, unless it is stuck; counted from when it is begun, not from when it was asked. */
const TIMEOUT_MS = 120_000;

/** Why there is no answer: to be asked again, never to be remembered as one. */
export class NoAnswer extends Error {
  constructor(readonly code: 'worker-crashed' | 'took-too-long') {
    super(code);
    this.name = 'NoAnswer';
  }
}

const cancelledError = (): DOMException => new DOMException('cancelled', 'AbortError');

/** What a finger waits for comes first; the plan of the morning and the finer points when there is a hand free. */
const URGENCY: Readonly<Record<QuestionKind, number>> = {
  openTime: 0,
  advise: 1,
  paste: 1,
  photo: 1,
  practise: 1,
  plan: 1,
  changed: 1,
  rest: 1,
  pattern: 2,
  history: 2,
  heat: 2,
  morning: 3,
  after: 2,
  moves: 3,
  replay: 3,
  informationValue: 4,
};

type Job = {
  readonly id: number;
  readonly kind: QuestionKind;
  readonly ask: unknown;
  readonly transfer: readonly Transferable[];
  /** Whose memory serves it best: what shares one goes to the same worker where it is free. */
  readonly affinity: string;
  readonly urgency: number;
  readonly end: (result: FromWorker['result']) => void;
  readonly fail: (error: Error) => void;
};

type Hand = { worker: Worker; job: Job | null; timer: ReturnType<typeof setTimeout> | undefined; affinity: string };

export type AskOptions = {
  readonly signal?: AbortSignal | undefined;
  readonly transfer?: readonly Transferable[];
  readonly affinity?: string;
  /** Lower goes first; left out: as its kind is. */
  readonly urgency?: number;
};

/**
 * The page's side: a few workers, as many as the machine has hands for, each with one job at a time; the others wait here. A job can be given
 * up at any time; a crash or a time-out costs one worker and one job, and the neighbours go on.
 */
export class ComputeClient {
  private readonly hands: Hand[] = [];
  private readonly queue: Job[] = [];
  private jobs = 0;

  constructor(
    private readonly start: StartWorker = startWorker,
    private readonly most = handsFor(typeof navigator === 'undefined' ? 2 : navigator.hardwareConcurrency),
    private readonly timeout_ms = TIMEOUT_MS,
  ) {}

  /** Rejects with `NoAnswer`, or an `AbortError` when it was given up. */
  ask<K extends QuestionKind>(
    kind: K,
    ask: Questions[K]['ask'],
    { signal, transfer = [], affinity = kind, urgency = URGENCY[kind] }: AskOptions = {},
  ): Promise<Answer<K>> {
    return new Promise((resolve, reject) => {
      if (signal?.aborted === true) return reject(cancelledError());
      const id = ++this.jobs;
      const onAbort = (): void => this.cancel(id);
      signal?.addEventListener('abort', onAbort, { once: true });
      const done = (): void => signal?.removeEventListener('abort', onAbort);
      const job: Job = {
        id,
        kind,
        ask,
        transfer,
        affinity,
        urgency,
        end: (result) => {
          done();
          if (result === null) reject(cancelledError());
          else resolve(result);
        },
        fail: (error) => {
          done();
          reject(error);
        },
      };
      this.queue.push(job);
      this.next();
    });
  }

  private cancel(id: number): void {
    const waiting = this.queue.findIndex((job) => job.id === id);
    if (waiting >= 0) {
      const [job] = this.queue.splice(waiting, 1);
      job?.end(null);
      return;
    }
    const hand = this.hands.find(({ job }) => job?.id === id);
    const message: ToWorker = { cancel: id };
    hand?.worker.postMessage(message);
  }

  /** Gives the most urgent job to a free hand, as long as there are both. */
  private next(): void {
    for (;;) {
      const [job] = [...this.queue].sort((a, b) => a.urgency - b.urgency || a.id - b.id);
      if (job === undefined) return;
      const hand = this.freeHand(job);
      if (hand === null) return;
      this.queue.splice(this.queue.indexOf(job), 1);
      this.begin(hand, job);
    }
  }

  private freeHand(job: Job): Hand | null {
    const free = this.hands.filter((hand) => hand.job === null);
    const known = free.find(({ affinity }) => affinity === job.affinity);
    if (known !== undefined) return known;
    if (this.hands.length < this.most) {
      const hand: Hand = { worker: this.start(), job: null, timer: undefined, affinity: '' };
      this.listen(hand);
      this.hands.push(hand);
      return hand;
    }
    return free[0] ?? null;
  }

  private begin(hand: Hand, job: Job): void {
    hand.job = job;
    hand.affinity = job.affinity;
    hand.timer = setTimeout(() => this.replace(hand, 'took-too-long'), this.timeout_ms);
    const message = { protocol: PROTOCOL, job: job.id, kind: job.kind, ask: job.ask } as ToWorker;
    hand.worker.postMessage(message, [...job.transfer]);
  }

  private listen(hand: Hand): void {
    hand.worker.onmessage = ({ data }: MessageEvent<FromWorker>) => {
      const { job } = hand;
      if (job?.id !== data.job) return;
      clearTimeout(hand.timer);
      hand.job = null;
      job.end(data.result);
      this.next();
    };
    hand.worker.onerror = () => this.replace(hand, 'worker-crashed');
  }

  /** Throws a worker away with the job it had; the others don't notice. */
  private replace(hand: Hand, code: NoAnswer['code']): void {
    const { job } = hand;
    clearTimeout(hand.timer);
    hand.worker.terminate();
    this.hands.splice(this.hands.indexOf(hand), 1);
    hand.job = null;
    job?.fail(new NoAnswer(code));
    this.next();
  }
}

/** One hand is the page's own. */
const MOST_HANDS = 4;
export const handsFor = (cores: number): number => Math.min(MOST_HANDS, Math.max(2, cores - 1));

export const compute = new ComputeClient();

/** Once more, and then a failure is the answer: for questions that no query asks again by itself. */
export const askOnce = async <K extends QuestionKind>(kind: K, ask: Questions[K]['ask'], options?: AskOptions): Promise<Answer<K>> => {
  for (let tries = 2; ; tries--) {
    try {
      return await compute.ask(kind, ask, options);
    } catch (error) {
      if (!(error instanceof NoAnswer)) throw error;
      // What was handed over is gone.
      if (tries === 1 || (options?.transfer?.length ?? 0) > 0) return { ok: false, failure: { code: error.code, fields: {} } };
    }
  }
};
