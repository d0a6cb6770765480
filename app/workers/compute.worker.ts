import { expose } from 'comlink';
import type { CookMemory } from '../../core/cook/index.ts';
import type { Result } from '../../core/basis/index.ts';
import { canonicalJson, failure } from '../../core/basis/index.ts';
import type { EmulatorMemory } from '../../core/fit/index.ts';
import type { ReadFace } from '../../core/photo/index.ts';
import { readFace } from '../../core/photo/index.ts';
import type { AdviceJob, PhotoJob, ComputeWorker } from './messages.ts';
import { PROTOCOL } from './messages.ts';
import {
  afterOf,
  heatOf,
  movesOf,
  patternOf,
  practise,
  readPasted,
  computeAdvice,
  replayed,
  computeOpenTime,
  computeIronHistory,
  computeInformationValue,
} from './compute.ts';
import { newId } from '../store/newId.ts';

/** Between cooks the worker looks for "cancel" at least this often. */
const CHUNK_MS = 8;
const MOST_REMEMBERED = 60;

const cancelled = new Set<number>();
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
const memoryFor = ({ target: _, ...rest }: AdviceJob): CookMemory => {
  const key = canonicalJson(rest);
  if (remembered?.key !== key) remembered = { key, memory: new Map() };
  // A finger that moves for long leaves many settings behind.
  else if (remembered.memory.size > MOST_REMEMBERED) remembered.memory.clear();
  return remembered.memory;
};

/** Emulators of earlier questions: the next touch at the line is answered at once. */
const emulators: EmulatorMemory = new Map();

/** Unpacks a picture and reads it. Errors: `photo-broken`, and those of `readFace`. */
const readBitmap = ({ bitmap, ...request }: PhotoJob): Result<ReadFace> => {
  const { width, height } = bitmap;
  const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true });
  if (context === null) return failure('photo-broken');
  context.drawImage(bitmap, 0, 0);
  bitmap.close();
  const { data } = context.getImageData(0, 0, width, height);
  return readFace({ ...request, pixels: { data, width, height } });
};

/** Runs to the end, letting messages in between. */
const runCooperatively = async <T>(steps: Generator<void, T>): Promise<T> => {
  let since = performance.now();
  for (;;) {
    const next = steps.next();
    if (next.done === true) return next.value;
    if (performance.now() - since < CHUNK_MS) continue;
    await yieldToMessages();
    since = performance.now();
  }
};

/** Answers a question of this version, patiently. */
const answering =
  <Q, T>(steps: (request: Q) => Generator<void, Result<T>>) =>
  ({ protocol, request }: { readonly protocol: number; readonly request: Q }): Promise<Result<T>> =>
    protocol === PROTOCOL ? runCooperatively(steps(request)) : Promise.resolve(failure('worker-crashed'));

const api: ComputeWorker = {
  async advise({ protocol, job, request }) {
    if (protocol !== PROTOCOL) return failure('worker-crashed');
    const steps = computeAdvice(request, memoryFor(request));
    let since = performance.now();
    for (;;) {
      const next = steps.next();
      if (next.done === true) return next.value;
      if (performance.now() - since < CHUNK_MS) continue;
      await yieldToMessages();
      since = performance.now();
      if (cancelled.delete(job)) return null;
    }
  },
  dialIn: answering((request) => computeIronHistory(request, emulators)),
  moves: answering(movesOf),
  worth: answering((request) => computeInformationValue(request, emulators)),
  rescue: answering((request) => computeOpenTime(request, emulators)),
  heat: answering(heatOf),
  after: answering(afterOf),
  readPhoto({ protocol, request }) {
    return Promise.resolve(protocol === PROTOCOL ? readBitmap(request) : failure('worker-crashed'));
  },
  pattern: answering(patternOf),
  practise({ protocol, request }) {
    return Promise.resolve(protocol === PROTOCOL ? practise(request) : failure('worker-crashed'));
  },
  replay: answering(replayed),
  cancel({ job }) {
    cancelled.add(job);
  },
  readPaste({ protocol, text, readSettings }) {
    if (protocol !== PROTOCOL) return Promise.resolve(failure('worker-crashed'));
    return Promise.resolve(readPasted(text, readSettings, newId));
  },
};

expose(api);
