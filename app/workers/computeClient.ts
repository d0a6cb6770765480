import type { Remote } from 'comlink';
import { transfer, wrap } from 'comlink';
import type { Result } from '../../core/basis/index.ts';
import { failure } from '../../core/basis/index.ts';
import type { AnswerChange, destinations, InformationValue } from '../../core/advise/index.ts';
import type { IronHistory } from '../../core/book/index.ts';
import type { RevisedOpenTime } from '../../core/line/index.ts';
import type { ReadSettings } from '../../core/formula/index.ts';
import type { ReadFace } from '../../core/photo/index.ts';
import type { PatternCurve } from '../../core/plate/index.ts';
import type { PracticeLoad, ReplayedLoad } from '../../core/practice/index.ts';
import type {
  AdviceJob,
  AdviceReply,
  DialInJob,
  HeatJob,
  HeatReply,
  MovesJob,
  Paste,
  PatternJob,
  PhotoJob,
  PracticeJob,
  ComputeWorker,
  ReplayJob,
  RescueJob,
} from './messages.ts';
import { PROTOCOL } from './messages.ts';

/** Nothing the reckoner does takes this long unless it is stuck. */
const TIMEOUT_MS = 8000;

/** Starts a worker; a test gives its own. */
export type StartWorker = () => Worker;

const startWorker: StartWorker = () => new Worker(new URL('compute.worker.ts', import.meta.url), { type: 'module', name: 'reckoner' });

/**
 * The page's side of the reckoner: results instead of exceptions, a job number each, cancelling, a time limit, and a
 * fresh worker after a crash.
 */
export class ComputeClient {
  private worker: Worker | null = null;
  private remote: Remote<ComputeWorker> | null = null;
  private jobs = 0;
  private readonly crashes = new Set<() => void>();

  constructor(
    private readonly start: StartWorker = startWorker,
    private readonly patience_ms = TIMEOUT_MS,
  ) {}

  async advise(request: AdviceJob, signal?: AbortSignal): Promise<Result<AdviceReply> | null> {
    const job = ++this.jobs;
    const remote = this.connect();
    const cancel = (): void => void remote.cancel({ job });
    signal?.addEventListener('abort', cancel, { once: true });
    const result = await this.limited<Result<AdviceReply> | null>(remote.advise({ protocol: PROTOCOL, job, request }));
    signal?.removeEventListener('abort', cancel);
    return result;
  }

  readPaste(text: string, readSettings: ReadSettings): Promise<Result<Paste>> {
    return this.limited<Result<Paste>>(this.connect().readPaste({ protocol: PROTOCOL, text, readSettings }));
  }

  dialIn(request: DialInJob): Promise<Result<IronHistory>> {
    return this.limited<Result<IronHistory>>(this.connect().dialIn({ protocol: PROTOCOL, request }));
  }

  moves(request: MovesJob): Promise<Result<readonly AnswerChange[]>> {
    return this.limited<Result<readonly AnswerChange[]>>(this.connect().moves({ protocol: PROTOCOL, request }));
  }

  worth(request: DialInJob): Promise<Result<InformationValue>> {
    return this.limited<Result<InformationValue>>(this.connect().worth({ protocol: PROTOCOL, request }));
  }

  rescue(request: RescueJob): Promise<Result<RevisedOpenTime>> {
    return this.limited<Result<RevisedOpenTime>>(this.connect().rescue({ protocol: PROTOCOL, request }));
  }

  heat(request: HeatJob): Promise<Result<HeatReply>> {
    return this.limited<Result<HeatReply>>(this.connect().heat({ protocol: PROTOCOL, request }));
  }

  after(request: AdviceJob): Promise<Result<ReturnType<typeof destinations>>> {
    return this.limited<Result<ReturnType<typeof destinations>>>(this.connect().after({ protocol: PROTOCOL, request }));
  }

  /** The picture is handed over: it can't be used here afterwards. */
  readPhoto(request: PhotoJob): Promise<Result<ReadFace>> {
    return this.limited<Result<ReadFace>>(this.connect().readPhoto(transfer({ protocol: PROTOCOL, request }, [request.bitmap])));
  }

  pattern(request: PatternJob): Promise<Result<PatternCurve>> {
    return this.limited<Result<PatternCurve>>(this.connect().pattern({ protocol: PROTOCOL, request }));
  }

  practise(request: PracticeJob): Promise<Result<PracticeLoad>> {
    return this.limited<Result<PracticeLoad>>(this.connect().practise({ protocol: PROTOCOL, request }));
  }

  replay(request: ReplayJob): Promise<Result<readonly ReplayedLoad[]>> {
    return this.limited<Result<readonly ReplayedLoad[]>>(this.connect().replay({ protocol: PROTOCOL, request }));
  }

  private connect(): Remote<ComputeWorker> {
    if (this.remote !== null) return this.remote;
    this.worker = this.start();
    this.worker.onerror = () => this.restart();
    this.remote = wrap<ComputeWorker>(this.worker);
    return this.remote;
  }

  /** Throws the worker away; the next question gets a new one. */
  private restart(): void {
    this.worker?.terminate();
    this.worker = null;
    this.remote = null;
    for (const crash of [...this.crashes]) crash();
  }

  private limited<T>(answer: Promise<T>): Promise<T | Result<never>> {
    return new Promise((resolve) => {
      const end = (value: T | Result<never>): void => {
        clearTimeout(timer);
        this.crashes.delete(crash);
        resolve(value);
      };
      const crash = (): void => end(failure('worker-crashed'));
      const timer = setTimeout(() => {
        end(failure('took-too-long'));
        this.restart();
      }, this.patience_ms);
      this.crashes.add(crash);
      answer.then(end, () => end(failure('worker-crashed')));
    });
  }
}

/** One each for the bench, the morning's plan, pastes and past loads: none of them holds up another; each starts when it is first asked. */
export const adviser = new ComputeClient();
export const planner = new ComputeClient();
export const pasteReader = new ComputeClient();
export const calibrationWorker = new ComputeClient();
