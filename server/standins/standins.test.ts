import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterEach, describe, expect, test } from '@jest/globals';
import express from 'express';
import request from 'supertest';
import { standIns } from './routes.ts';
import { SimulatedIron } from './iron.ts';
import { SimulatedRefrigerator } from './refrigerator.ts';
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

describe('a refrigerator that isn’t there', () => {
  const HOUR = 3_600_000;
  const night = (set_C: number, mass_kg: number): SimulatedRefrigerator => {
    const fridge = new SimulatedRefrigerator(0, still);
    fridge.obey({ do: 'set', air_C: set_C }, 0);
    fridge.obey({ do: 'put', mass_kg, start_C: 28, yeast: true }, 0);
    return fridge;
  };
  const hourly = (fridge: SimulatedRefrigerator, hours: number) =>
    Array.from({ length: hours * 6 }, (_, i) => fridge.reading((i + 1) * (HOUR / 6)));

  // *Common practice*: some two and a half kilos at 28 °C need about six hours to 5 °C in a refrigerator at 4 °C.
  test('a warm bowl cools in hours, warms the air, and the compressor lets it swing', () => {
    const seen = hourly(night(4, 2.5), 14);
    const cold = seen.findIndex((reading) => (reading.probe_C ?? 99) < 6) / 6;
    expect(cold).toBeGreaterThan(3);
    expect(cold).toBeLessThan(9);
    const late = seen.slice(-30).map((reading) => reading.air_C);
    expect(Math.max(...late) - Math.min(...late)).toBeGreaterThan(0.8);
    expect(seen.at(-1)?.rise).toBeGreaterThan(1.05);
    expect(seen.at(-1)?.since_s).toBeCloseTo(14 * 3600, -1);
  });

  test('the door, a probe that falls out, a night in a minute', () => {
    const fridge = night(4, 1.5);
    const before = fridge.reading(6 * HOUR);
    fridge.obey({ do: 'door' }, 6 * HOUR);
    expect(fridge.reading(6 * HOUR + 20_000).air_C).toBeGreaterThan(before.air_C + 1);
    fridge.obey({ do: 'probe', isIn: false }, 6 * HOUR + 20_000);
    const hanging = fridge.reading(6 * HOUR + 400_000);
    expect(Math.abs((hanging.probe_C ?? 0) - hanging.air_C)).toBeLessThan(1);
    fridge.obey({ do: 'speed', factor: 600 }, 7 * HOUR);
    const at = fridge.reading(7 * HOUR).since_s ?? 0;
    expect((fridge.reading(7 * HOUR + 60_000).since_s ?? 0) - at).toBeCloseTo(36_000, -2);
    expect(new SimulatedRefrigerator(0, still).reading(1000)).toMatchObject({ since_s: null, probe_C: null, rise: null });
  });
});

describe('an iron that isn’t there', () => {
  /** Deterministic, and not always the same. */
  const dice = (seed: number) => {
    let x = seed;
    return (): number => (x = (x * 16_807) % 2_147_483_647) / 2_147_483_647;
  };
  const heated = (seed = 77): SimulatedIron => {
    const iron = new SimulatedIron(0, dice(seed));
    iron.obey({ do: 'switch', isOn: true }, 0);
    return iron;
  };
  const MIN = 60_000;

  test('heats in minutes, overshoots, and swings about its mark; the hinge is hotter', () => {
    const iron = heated();
    const seen = Array.from({ length: 90 }, (_, i) => iron.reading((i + 1) * 10_000));
    const ready = seen.findIndex((reading) => !reading.isHeating);
    expect(ready * 10).toBeGreaterThan(100);
    expect(ready * 10).toBeLessThan(420);
    const late = seen.slice(45).map((reading) => reading.front_C);
    expect(Math.max(...late) - Math.min(...late)).toBeGreaterThan(4);
    expect(Math.max(...late) - Math.min(...late)).toBeLessThan(30);
    expect(seen.at(-1)!.hinge_C).toBeGreaterThan(seen.at(-1)!.front_C);
  });

  test('a load takes tens of kelvins out, steams, sets and browns; hotter browns more', () => {
    const cook = (share: number, seconds: number) => {
      const iron = heated();
      iron.obey({ do: 'set', share }, 0);
      const before = iron.reading(12 * MIN).front_C;
      iron.obey({ do: 'pour', grams: 190, fills_g: 190 }, 12 * MIN);
      iron.obey({ do: 'close' }, 12 * MIN + 4000);
      const during = Array.from({ length: 30 }, (_, i) => iron.reading(12 * MIN + 4000 + i * 4000));
      iron.obey({ do: 'open' }, 12 * MIN + 4000 + seconds * 1000);
      return { out: iron.reading(12 * MIN + 5000 + seconds * 1000).out!, fell: before - Math.min(...during.map((r) => r.front_C)), during };
    };
    const { out, fell, during } = cook(0.5, 260);
    expect(fell).toBeGreaterThan(10);
    expect(fell).toBeLessThan(70);
    expect(Math.max(...during.map((reading) => reading.steam))).toBeGreaterThan(0.9);
    expect(out.isSet).toBe(true);
    expect(out.cooked_s).toBe(260);
    expect(out.lowerLightness).toBeLessThan(80);
    expect(out.mass_g).toBeLessThan(190 * 0.92);
    expect(out.mass_g).toBeGreaterThan(190 * 0.6);
    expect(cook(1, 260).out.lowerLightness).toBeLessThan(out.lowerLightness - 5);
    expect(cook(0.5, 30).out.isSet).toBe(false);
  });

  test('too much leaks; the same name keeps its faults, a stranger has others', () => {
    const iron = heated();
    const become = (name: string, at: number) =>
      iron.obey({ do: 'become', name, plates_kg: 1.5, power_W: 1000, low_C: 135, high_C: 195, heated_cm2: 457 }, at);
    const settled = (at: number): number => {
      const seen = Array.from({ length: 60 }, (_, i) => iron.reading(at + i * 5000).front_C);
      return seen.reduce((a, b) => a + b, 0) / seen.length;
    };
    become('one', 0);
    const first = settled(20 * MIN);
    become('one', 30 * MIN);
    expect(Math.abs(settled(40 * MIN) - first)).toBeLessThan(2);
    become('another', 50 * MIN);
    expect(Math.abs(settled(60 * MIN) - first)).toBeGreaterThan(2);
    iron.obey({ do: 'pour', grams: 400, fills_g: 190 }, 70 * MIN);
    iron.obey({ do: 'close' }, 70 * MIN);
    iron.obey({ do: 'open' }, 75 * MIN);
    expect(iron.reading(75 * MIN).out!.leaked_g).toBeGreaterThan(50);
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
    expect(
      (await request(server).post('/api/refrigerators/one').send({ do: 'put', mass_kg: 2, start_C: 27, yeast: true })).body,
    ).toMatchObject({ rise: 1 });
    expect((await request(server).post('/api/refrigerators/one').send({ do: 'put', mass_kg: -2, start_C: 27, yeast: true })).status).toBe(
      400,
    );
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

  test('irons: poured, closed and opened over the network; what can’t be is refused', async () => {
    const server = app();
    const post = (body: object) => request(server).post('/api/irons/one').send(body);
    const measures = { do: 'become', name: 'x', plates_kg: 1.5, power_W: 1000, low_C: 135, high_C: 195, heated_cm2: 457 };
    expect((await post(measures)).status).toBe(200);
    expect((await post({ do: 'switch', isOn: true })).body).toMatchObject({ isOn: true, lid: 'closed', cooking_s: null, out: null });
    expect((await post({ do: 'pour', grams: 190, fills_g: 190 })).body).toMatchObject({ lid: 'open' });
    expect((await post({ do: 'close' })).body).toMatchObject({ lid: 'closed', cooking_s: 0 });
    // Cold plates and no time: raw, and said to be so.
    expect((await post({ do: 'open' })).body).toMatchObject({ lid: 'open', out: { n: 1, isSet: false } });
    for (const nonsense of [
      { ...measures, power_W: 1e9 },
      { ...measures, name: 7 },
      { do: 'set', share: 2 },
      { do: 'pour', grams: -5, fills_g: 190 },
      { do: 'speed', factor: 1e6 },
      { do: 'explode' },
    ])
      expect((await post(nonsense)).status).toBe(400);
  });
});
