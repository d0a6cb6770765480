import { expose } from 'comlink';
import { failure } from '../../core/basis/index.ts';
import type { Reckoner } from './messages.ts';
import { PROTOCOL } from './messages.ts';
import { readPasted, reckon } from './reckon.ts';

/** Between cooks the worker looks for "cancel" at least this often. */
const CHUNK_MS = 8;

const cancelled = new Set<number>();
const channel = new MessageChannel();
const waiting: (() => void)[] = [];
channel.port1.onmessage = () => waiting.shift()?.();

/** Lets messages in; quicker than a timer, which browsers stretch to 4 ms. */
const breathe = (): Promise<void> =>
  new Promise((resolve) => {
    waiting.push(resolve);
    channel.port2.postMessage(null);
  });

const api: Reckoner = {
  async advise({ protocol, job, request }) {
    if (protocol !== PROTOCOL) return failure('worker-crashed');
    const steps = reckon(request);
    let since = performance.now();
    for (;;) {
      const next = steps.next();
      if (next.done === true) return next.value;
      if (performance.now() - since < CHUNK_MS) continue;
      await breathe();
      since = performance.now();
      if (cancelled.delete(job)) return null;
    }
  },
  cancel({ job }) {
    cancelled.add(job);
  },
  readPaste({ protocol, text, readSettings }) {
    if (protocol !== PROTOCOL) return Promise.resolve(failure('worker-crashed'));
    return Promise.resolve(readPasted(text, readSettings, () => crypto.randomUUID()));
  },
};

expose(api);
