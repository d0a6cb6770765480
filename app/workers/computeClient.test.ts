import { describe, expect, test } from '@jest/globals';
import { adviceJobOn } from './testing/adviceJob.ts';
import type { AdviceJob, FromWorker } from './messages.ts';
import { answersWith, computeAdvice, readPasted } from './compute.ts';
import { ComputeClient, handsFor, NoAnswer } from './computeClient.ts';
import { advise, answerOf, DEFAULT_CONDITIONS } from '../../core/advise/index.ts';
import { DEFAULT_READ_SETTINGS, MOST_LINES } from '../../core/formula/index.ts';
import { presetIron, readBatter } from '../../core/testing/batters.ts';
import { describeCode } from '../../words/index.ts';
import { failure } from '../../core/basis/index.ts';
import { campaign } from '../../core/testing/campaign.ts';

const job = (changes: Partial<AdviceJob> = {}): AdviceJob => adviceJobOn('deep-round', changes);

type Told = { readonly job: number; readonly kind: string } | { readonly cancel: number };

/** Workers as the page sees them, each answering with what the test gives. */
const crew = (answer: (told: Told, say: (result: FromWorker['result'], job: number) => void, worker: number) => void) => {
  const started: { onmessage?: (event: unknown) => void; onerror?: () => void; isEnded: boolean }[] = [];
  const start = (): Worker => {
    const n = started.length;
    const worker = {
      isEnded: false,
      postMessage: (told: Told) =>
        queueMicrotask(() => answer(told, (result, job) => !worker.isEnded && started[n]?.onmessage?.({ data: { job, result } }), n)),
      terminate: () => {
        worker.isEnded = true;
      },
    };
    started.push(worker);
    return worker as unknown as Worker;
  };
  return { start, started };
};
const found = (value: number): FromWorker['result'] => failure('out-of-range', { what: 'job', value, min: 0, max: 0 });
const soon = (ms = 20): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

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
  test('each job its own answer; one at a time a worker, as many workers as there are hands', async () => {
    let atOnce = 0;
    let most = 0;
    const { start, started } = crew((told, say) => {
      if ('cancel' in told) return;
      most = Math.max(most, ++atOnce);
      void soon().then(() => {
        atOnce--;
        say(found(told.job), told.job);
      });
    });
    const client = new ComputeClient(start, 3);
    const answers = await Promise.all(Array.from({ length: 9 }, () => client.ask('advise', job())));
    expect(answers).toEqual(Array.from({ length: 9 }, (_, i) => found(i + 1)));
    expect([started.length, most]).toEqual([3, 3]);
  });

  test('a running job hears “cancel”, a waiting one never begins', async () => {
    const begun: number[] = [];
    const { start } = crew((told, say) => {
      if ('cancel' in told) say(null, told.cancel);
      else begun.push(told.job);
    });
    const client = new ComputeClient(start, 1);
    const [running, waiting, early] = [new AbortController(), new AbortController(), new AbortController()];
    const first = client.ask('advise', job(), { signal: running.signal });
    const second = client.ask('advise', job(), { signal: waiting.signal });
    waiting.abort();
    await expect(second).rejects.toThrow('cancelled');
    await soon(1);
    running.abort();
    await expect(first).rejects.toThrow('cancelled');
    early.abort();
    await expect(client.ask('advise', job(), { signal: early.signal })).rejects.toThrow('cancelled');
    expect(begun).toEqual([1]);
  });

  test('what a finger waits for goes before the finer points', async () => {
    const order: string[] = [];
    const { start } = crew((told, say) => {
      if ('cancel' in told) return;
      order.push(told.kind);
      say(found(0), told.job);
    });
    const client = new ComputeClient(start, 1);
    const history = { batters: [], history: [], wanted: { batterKey: '', tawny: 4 } };
    await Promise.all([
      client.ask('after', { job: job() }),
      client.ask('informationValue', history),
      client.ask('history', history),
      client.ask('advise', job()),
    ]);
    expect(order).toEqual(['after', 'advise', 'history', 'informationValue']);
  });

  test('stuck: given up from when it was begun, not from when it was asked; the neighbour goes on, and a fresh worker comes', async () => {
    const { start, started } = crew((told, say) => {
      if ('cancel' in told || told.kind === 'paste') return;
      // Five jobs in a row, together longer than one may take.
      void soon(30).then(() => say(found(told.job), told.job));
    });
    const client = new ComputeClient(start, 2, 100);
    const stuck = client.ask('paste', { text: 'x', readSettings: DEFAULT_READ_SETTINGS });
    const others = Promise.all(Array.from({ length: 5 }, () => client.ask('advise', job())));
    await expect(stuck).rejects.toMatchObject({ code: 'took-too-long' });
    expect(await others).toHaveLength(5);
    expect(started.map(({ isEnded }) => isEnded)[0]).toBe(true);
    expect(await client.ask('advise', job())).toMatchObject({ ok: false });
  });

  test('a crash is an error to be asked again, no answer', async () => {
    const { start, started } = crew((told, say, n) => {
      if ('cancel' in told) return;
      if (n === 0) started[0]?.onerror?.();
      else say(found(told.job), told.job);
    });
    const client = new ComputeClient(start, 1);
    await expect(client.ask('advise', job())).rejects.toBeInstanceOf(NoAnswer);
    expect(await client.ask('advise', job())).toEqual(found(2));
  });

  test('an old page asks nothing of the finer hands: as many as the machine has, one is the page’s', () => {
    expect([1, 2, 4, 16].map(handsFor)).toEqual([2, 2, 3, 4]);
  });
});

describe('one contract', () => {
  test('every question has an answer, and gives way or ends', () => {
    const answers = answersWith({ cooksFor: () => new Map() }, { newId: () => 'id', readPhoto: () => failure('photo-broken') });
    const steps = answers.advise(job());
    let next = steps.next();
    let ways = 0;
    while (next.done !== true) {
      ways++;
      next = steps.next();
    }
    expect(ways).toBeGreaterThan(3);
    expect(answers.paste({ text: '250 g flour', readSettings: DEFAULT_READ_SETTINGS }).next()).toMatchObject({
      done: true,
      value: { ok: true },
    });
    expect(answers.photo({} as never).next().value).toEqual(failure('photo-broken'));
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

  test(`${campaign(400, 2000)} kB of anything is read, cut and counted, no slower by the megabyte than a tenth of it`, () => {
    const share = campaign(1, 5);
    const time = (text: string): number => {
      const started = performance.now();
      const result = readPasted(text, DEFAULT_READ_SETTINGS, newId);
      if (result.ok) expect(result.value.lines.length).toBeLessThanOrEqual(MOST_LINES);
      return performance.now() - started;
    };
    for (const [part, times] of [
      ['1 cup flour\n', 3_400 * share],
      ['9', 40_000 * share],
      ['<b>', 14_000 * share],
      ['1 1 1 1 1 1 1 1 1 1\n', 2_000 * share],
    ] as const) {
      const tenth = Math.min(...[1, 2, 3].map(() => time(part.repeat(times))));
      const whole = Math.min(...[1, 2].map(() => time(part.repeat(10 * times))));
      // Straight growth is ten; what grows with the square would be a hundred.
      expect(whole).toBeLessThan(40 * Math.max(2, tenth));
    }
    expect(readPasted('x'.repeat(5_000_000), DEFAULT_READ_SETTINGS, newId)).toEqual(failure('text-too-large'));
  });
});
