import type { MessagePort as MessagePort_ } from 'node:worker_threads';
import { MessageChannel } from 'node:worker_threads';
import { describe, expect, test } from '@jest/globals';
import { expose } from 'comlink';
import { adviceJobOn } from './testing/adviceJob.ts';
import type { AdviceJob, ComputeWorker } from './messages.ts';
import { readPasted, computeAdvice } from './compute.ts';
import { ComputeClient } from './computeClient.ts';
import { advise, answerOf, DEFAULT_CONDITIONS } from '../../core/advise/index.ts';
import { DEFAULT_READ_SETTINGS, MOST_LINES } from '../../core/formula/index.ts';
import { presetIron, readBatter } from '../../core/testing/batters.ts';
import { describeCode } from '../../words/index.ts';
import { failure } from '../../core/basis/index.ts';

const job = (changes: Partial<AdviceJob> = {}): AdviceJob => adviceJobOn('deep-round', changes);

/** A worker as the page sees it, answering with what the test gives. */
const fakeWorker = (api: Partial<ComputeWorker>, onTerminate: () => void = () => undefined): Worker => {
  const { port1, port2 } = new MessageChannel();
  const listen = (port: MessagePort_, listener: (data: unknown) => void): void => {
    port.on('message', listener);
    // The test's end must not wait for a port that nobody closes.
    port.unref();
  };
  expose(api, {
    addEventListener: (_: string, listener: (e: unknown) => void) => listen(port2, (data) => listener({ data, origin: '' })),
    removeEventListener: () => undefined,
    postMessage: (m: unknown, t: unknown) => port2.postMessage(m, t as never),
  });
  return {
    addEventListener: (_: string, listener: (e: unknown) => void) => listen(port1, (data) => listener({ data })),
    removeEventListener: () => undefined,
    postMessage: (message: unknown, transfer: unknown) => port1.postMessage(message, transfer as never),
    terminate: () => {
      port1.close();
      onTerminate();
    },
  } as unknown as Worker;
};

describe('worker and direct call', () => {
  test('give the same answer, bit by bit', () => {
    const steps = computeAdvice(job());
    let result = steps.next();
    while (result.done !== true) result = steps.next();
    const direct = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron: presetIron('deep-round') });
    if (!direct.ok || !result.value.ok) throw new Error('no answer');
    expect(result.value.value.answer).toEqual(answerOf(direct.value, describeCode));
    expect(structuredClone(result.value.value)).toEqual(result.value.value);
  });
});

describe('the page’s side', () => {
  test('numbers its jobs and passes a cancel on', async () => {
    const cancelled: number[] = [];
    const client = new ComputeClient(() =>
      fakeWorker({
        advise: ({ job: n }) =>
          new Promise((resolve) =>
            setTimeout(
              () => resolve(cancelled.includes(n) ? null : failure('out-of-range', { what: 'job', value: n, min: 0, max: 0 })),
              30,
            ),
          ),
        cancel: ({ job: n }) => void cancelled.push(n),
      }),
    );
    const abort = new AbortController();
    const first = client.advise(job(), abort.signal);
    const second = client.advise(job());
    abort.abort();
    expect(await first).toBeNull();
    expect(await second).toEqual(failure('out-of-range', { what: 'job', value: 2, min: 0, max: 0 }));
  });

  test('a job that takes too long is given up, and the next gets a fresh worker', async () => {
    let started = 0;
    let ended = 0;
    const client = new ComputeClient(() => {
      started++;
      return fakeWorker(
        { readPaste: () => (started === 1 ? new Promise(() => undefined) : Promise.resolve(failure('bowl-empty'))) },
        () => ended++,
      );
    }, 40);
    expect(await client.readPaste('x', DEFAULT_READ_SETTINGS)).toEqual(failure('took-too-long'));
    expect(await client.readPaste('x', DEFAULT_READ_SETTINGS)).toEqual(failure('bowl-empty'));
    expect([started, ended]).toEqual([2, 1]);
  });

  test('a crash is a result, not an exception', async () => {
    let worker: Worker | null = null;
    const client = new ComputeClient(() => (worker = fakeWorker({ advise: () => new Promise(() => undefined) })));
    const asked = client.advise(job());
    (worker as unknown as { onerror: () => void }).onerror();
    expect(await asked).toEqual(failure('worker-crashed'));
  });
});

describe('pastes', () => {
  let n = 0;
  const newId = (): string => String(++n);

  test('a list, with headings and odd lines kept', () => {
    const result = readPasted('Dry:\n250 g flour\nglop\n', DEFAULT_READ_SETTINGS, newId);
    expect(result.ok && result.value.lines.map((line) => line.text)).toEqual(['Dry:', '250 g flour', 'glop']);
  });

  test('a recipe in JSON-LD, with name and steps', () => {
    const text = JSON.stringify({
      '@type': 'Recipe',
      name: 'Plain',
      recipeIngredient: ['250 g flour'],
      recipeInstructions: 'Stir.\nRest.',
    });
    expect(readPasted(text, DEFAULT_READ_SETTINGS, newId)).toMatchObject({ ok: true, value: { name: 'Plain', steps: ['Stir.', 'Rest.'] } });
  });

  test('2 MB of anything is read, cut and counted within a second', () => {
    for (const text of [
      '1 cup flour\n'.repeat(170_000),
      '9'.repeat(2_000_000),
      '<b>'.repeat(700_000),
      '1 1 1 1 1 1 1 1 1 1\n'.repeat(100_000),
    ]) {
      const started = performance.now();
      const result = readPasted(text, DEFAULT_READ_SETTINGS, newId);
      expect(performance.now() - started).toBeLessThan(2000);
      if (result.ok) expect(result.value.lines.length).toBeLessThanOrEqual(MOST_LINES);
    }
    expect(readPasted('x'.repeat(5_000_000), DEFAULT_READ_SETTINGS, newId)).toEqual(failure('took-too-long'));
  });
});
