import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, describe, expect, test } from '@jest/globals';
import express from 'express';
import request from 'supertest';
import { standIns } from './routes.ts';
import { SimulatedScale } from './scale.ts';

const still = (): number => 0.5;

describe('a kitchen scale that isn’t there', () => {
  test('swings, then settles on what was put on it', () => {
    const scale = new SimulatedScale(0, still);
    scale.obey({ do: 'add', grams: 250 }, 0);
    const early = scale.reading(120).grams ?? 0;
    expect(early).not.toBe(250);
    expect(scale.reading(2500).grams).toBe(250);
  });

  test('zero, then only what comes on top; taken off it shows less than nothing', () => {
    const scale = new SimulatedScale(0, still);
    scale.obey({ do: 'add', grams: 640 }, 0);
    scale.obey({ do: 'zero' }, 3000);
    expect(scale.reading(3100).grams).toBe(0);
    scale.obey({ do: 'add', grams: 215 }, 4000);
    expect(scale.reading(7000).grams).toBe(215);
    scale.obey({ do: 'clear' }, 8000);
    expect(scale.reading(11_000).grams).toBe(-640);
  });

  test('reads in its own steps, and no further than it bears', () => {
    const scale = new SimulatedScale(0, still);
    scale.obey({ do: 'add', grams: 4.26 }, 0);
    expect(scale.reading(3000).grams).toBe(4);
    scale.obey({ do: 'become', resolution_g: 0.1, most_g: 500 }, 3000);
    expect(scale.reading(3100).grams).toBe(4.3);
    scale.obey({ do: 'add', grams: 600 }, 4000);
    expect(scale.reading(7000)).toMatchObject({ grams: null, trouble: 'overload' });
  });

  test('somebody leans on the table, and goes away again', () => {
    let x = 0;
    const scale = new SimulatedScale(0, () => (x = (x + 0.37) % 1));
    scale.obey({ do: 'add', grams: 100 }, 0);
    scale.obey({ do: 'lean' }, 3000);
    const leaned = [3100, 3300, 3500, 3700].map((at) => scale.reading(at).grams ?? 0);
    expect(Math.max(...leaned) - Math.min(...leaned)).toBeGreaterThan(20);
    expect(Math.abs((scale.reading(6000).grams ?? 0) - 100)).toBeLessThanOrEqual(1);
  });

  test('the battery runs down', () => {
    const scale = new SimulatedScale(0, still);
    scale.obey({ do: 'battery', level: 0.03 }, 0);
    expect(scale.reading(0).trouble).toBeNull();
    expect(scale.reading(3_600_000)).toMatchObject({ grams: null, trouble: 'battery-flat' });
  });
});

describe('streamed', () => {
  const listeners: ReturnType<typeof createServer>[] = [];
  afterEach(() =>
    listeners.splice(0).forEach((listener) => {
      listener.closeAllConnections();
      listener.close();
    }),
  );
  const app = () =>
    express().use(
      '/api',
      standIns(() => Date.now(), still),
    );

  test('commands are obeyed, nonsense isn’t', async () => {
    const server = app();
    const post = (body: object | string) => request(server).post('/api/scales/one').send(body);
    expect((await post({ do: 'add', grams: 12 })).status).toBe(200);
    for (const bad of [{ do: 'explode' }, { do: 'add', grams: 1e9 }, { do: 'add' }, {}]) expect((await post(bad)).status).toBe(400);
    expect((await request(server).post('/api/scales/..%2Fetc').send({ do: 'zero' })).status).toBe(400);
    expect((await request(server).post('/api/scales/one').set('Content-Type', 'application/json').send('{')).status).toBe(400);
  });

  test('server-sent events, one reading after the other, each browser its own scale', async () => {
    const listener = createServer(app()).listen(0);
    listeners.push(listener);
    const { port } = listener.address() as AddressInfo;
    const base = `http://127.0.0.1:${port}/api/scales`;
    await fetch(`${base}/mine`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ do: 'add', grams: 77 }),
    });
    const stop = new AbortController();
    const stream = await fetch(`${base}/mine/stream`, { signal: stop.signal });
    expect(stream.headers.get('content-type')).toBe('text/event-stream');
    expect(stream.headers.get('cache-control')).toContain('no-transform');
    const reader = (stream.body as ReadableStream<Uint8Array>).getReader();
    let text = '';
    const until = Date.now() + 4000;
    while (!text.includes('"grams":77,') && Date.now() < until) text += new TextDecoder().decode((await reader.read()).value);
    stop.abort();
    expect(text).toMatch(/^data: \{"at":\d+,"grams":/);
    expect(text).toContain('"grams":77,');
    const other = await fetch(`${base}/yours`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ do: 'zero' }),
    });
    expect(await other.json()).toMatchObject({ grams: 0 });
  });
});
