import type { CookMemory } from '../../core/cook/index.ts';
import type { Result } from '../../core/basis/index.ts';
import { canonicalJson, failure } from '../../core/basis/index.ts';
import type { ReadFace } from '../../core/photo/index.ts';
import { readFace } from '../../core/photo/index.ts';
import { newId } from '../store/newId.ts';
import { answersWith } from './compute.ts';
import type { AdviceJob, FromWorker, PhotoJob, ToWorker } from './messages.ts';
import { PROTOCOL } from './messages.ts';

/** Between parts the worker looks for "cancel" at least this often. */
const CHUNK_MS = 8;
const MOST_REMEMBERED = 60;

const channel = new MessageChannel();
const waiting: (() => void)[] = [];
channel.port1.onmessage = () => waiting.shift()?.();

/** Lets messages in; quicker than a timer, which browsers stretch to 4 ms. */
const yieldToMessages = (): Promise<void> =>
  new Promise((resolve) => {
    waiting.push(resolve);
    channel.port2.postMessage(null);
  });

let remembered: { readonly key: string; readonly memory: CookMemory } | null = null;

/** While only the wish moves, the loads of the last question serve again. */
const cooksFor = ({ target: _, ...rest }: AdviceJob): CookMemory => {
  const key = canonicalJson(rest);
  if (remembered?.key !== key) remembered = { key, memory: new Map() };
  // A finger that moves for long leaves many settings behind.
  else if (remembered.memory.size > MOST_REMEMBERED) remembered.memory.clear();
  return remembered.memory;
};

/** Unpacks a picture and reads it. Errors: `photo-broken`, and those of `readFace`. */
const readPhoto = ({ bitmap, ...request }: PhotoJob): Result<ReadFace> => {
  const { width, height } = bitmap;
  const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (context === null) return failure('photo-broken');
  context.drawImage(bitmap, 0, 0);
  bitmap.close();
  const { data } = context.getImageData(0, 0, width, height);
  return readFace({ ...request, pixels: { data, width, height } });
};

const answers = answersWith({ cooksFor }, { newId, readPhoto });

let cancelled = -1;

/** Runs to the end, letting messages in between; null: given up. */
const runCooperatively = async <T>(steps: Generator<void, T>, job: number): Promise<T | null> => {
  let since = performance.now();
  for (;;) {
    const next = steps.next();
    if (next.done === true) return next.value;
    if (performance.now() - since < CHUNK_MS) continue;
    await yieldToMessages();
    since = performance.now();
    if (cancelled === job) return null;
  }
};

const say = (message: FromWorker): void => postMessage(message);

onmessage = ({ data }: MessageEvent<ToWorker>): void => {
  if ('cancel' in data) {
    cancelled = data.cancel;
    return;
  }
  const { protocol, job, kind, ask } = data;
  if (protocol !== PROTOCOL) return say({ job, result: failure('worker-crashed') });
  // The table of answers says which belongs to which question.
  const steps = (answers[kind] as (ask: unknown) => Generator<void, FromWorker['result']>)(ask);
  runCooperatively(steps, job).then(
    (result) => say({ job, result }),
    (error: unknown) => {
      // Told as a crash: the page throws this worker away and asks a fresh one.
      reportError(error);
    },
  );
};
