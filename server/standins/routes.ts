import type { Request, Response } from 'express';
import { json, Router } from 'express';
import * as z from 'zod';
import { SimulatedIron } from './iron.ts';
import { SimulatedRefrigerator } from './refrigerator.ts';
import { SimulatedScale } from './scale.ts';

const ScaleCommand = z.discriminatedUnion('do', [
  z.object({ do: z.literal('add'), grams: z.number().min(-50_000).max(50_000) }),
  z.object({ do: z.literal('clear') }),
  z.object({ do: z.literal('zero') }),
  z.object({ do: z.literal('lean') }),
  z.object({ do: z.literal('battery'), level: z.number().min(0).max(1) }),
  z.object({ do: z.literal('become'), resolution_g: z.number().min(0.01).max(50), most_g: z.number().min(1).max(60_000) }),
]);

const RefrigeratorCommand = z.discriminatedUnion('do', [
  z.object({ do: z.literal('put'), mass_kg: z.number().min(0.05).max(30), start_C: z.number().min(0).max(50), yeast: z.boolean() }),
  z.object({ do: z.literal('door') }),
  z.object({ do: z.literal('set'), air_C: z.number().min(0).max(12) }),
  z.object({ do: z.literal('speed'), factor: z.number().min(1).max(1200) }),
  z.object({ do: z.literal('probe'), isIn: z.boolean() }),
]);

const IronCommand = z.discriminatedUnion('do', [
  z.object({
    do: z.literal('become'),
    name: z.string().max(80),
    plates_kg: z.number().min(0.1).max(40),
    power_W: z.number().min(50).max(6000),
    low_C: z.number().min(80).max(320),
    high_C: z.number().min(80).max(320),
    heated_cm2: z.number().min(10).max(20_000),
  }),
  z.object({ do: z.literal('switch'), isOn: z.boolean() }),
  z.object({ do: z.literal('set'), share: z.number().min(0).max(1) }),
  z.object({ do: z.literal('pour'), grams: z.number().min(1).max(5000), fills_g: z.number().min(1).max(5000) }),
  z.object({ do: z.literal('close') }),
  z.object({ do: z.literal('open') }),
  z.object({ do: z.literal('speed'), factor: z.number().min(1).max(120) }),
]);

const TICK_MS = 100;
/** An unchanged reading is said again this often, so that a settled device is heard to be alive. */
const AGAIN_MS = 300;
/** Every browser has devices of its own; the longest unused makes way. */
const MOST_DEVICES = 32;
const MOST_STREAMS = 64;
const Id = /^[a-z0-9-]{1,64}$/i;

type Device<C> = { obey(command: C, now: number): void; reading(now: number): { readonly at: number } };

type Kind<C> = {
  readonly path: string;
  readonly make: (now: number) => Device<C>;
  readonly command: z.ZodType<C>;
  /** What makes a reading worth saying at once. */
  readonly shown: (reading: object) => string;
};

/** The stand-ins for devices, streamed as server-sent events: `GET /scales/:id/stream`, driven by `POST /scales/:id`; so for refrigerators and irons. */
export const standIns = (now: () => number, random: () => number): Router => {
  const router = Router();
  const streams = { count: 0 };
  addKind(router, streams, now, {
    path: 'scales',
    make: (at) => new SimulatedScale(at, random),
    command: ScaleCommand,
    shown: (reading) => JSON.stringify({ ...reading, at: 0, battery: 0 }),
  });
  addKind(router, streams, now, {
    path: 'refrigerators',
    make: (at) => new SimulatedRefrigerator(at, random),
    command: RefrigeratorCommand,
    shown: (reading) => JSON.stringify({ ...reading, at: 0, probe_C: 0, since_s: 0 }),
  });
  addKind(router, streams, now, {
    path: 'irons',
    make: (at) => new SimulatedIron(at, random),
    command: IronCommand,
    shown: (reading) => JSON.stringify({ ...reading, at: 0, clock_s: 0 }),
  });
  return router;
};

const addKind = <C>(router: Router, streams: { count: number }, now: () => number, { path, make, command, shown }: Kind<C>): void => {
  const devices = new Map<string, Device<C>>();
  const deviceOf = (id: string): Device<C> => {
    const known = devices.get(id) ?? make(now());
    devices.delete(id);
    devices.set(id, known);
    const [oldest] = devices.keys();
    if (devices.size > MOST_DEVICES && oldest !== undefined) devices.delete(oldest);
    return known;
  };
  const idOf = (request: Request, response: Response): string | null => {
    const id = String(request.params['id'] ?? '');
    if (Id.test(id)) return id;
    response.status(400).json({ code: 'device-name' });
    return null;
  };

  router.get(`/${path}/:id/stream`, (request, response) => {
    const id = idOf(request, response);
    if (id === null) return;
    if (streams.count >= MOST_STREAMS) {
      response.status(503).json({ code: 'too-many-streams' });
      return;
    }
    streams.count++;
    // `no-transform` keeps the compression away, which would hold events back.
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform', Connection: 'keep-alive' });
    let last = '';
    let saidAt = -Infinity;
    const tick = (): void => {
      const reading = deviceOf(id).reading(now());
      if (shown(reading) === last && reading.at - saidAt < AGAIN_MS) return;
      last = shown(reading);
      saidAt = reading.at;
      response.write(`data: ${JSON.stringify(reading)}\n\n`);
    };
    tick();
    const timer = setInterval(tick, TICK_MS);
    request.on('close', () => {
      clearInterval(timer);
      streams.count--;
    });
  });

  router.post(`/${path}/:id`, json({ limit: '4kb' }), (request, response) => {
    const id = idOf(request, response);
    if (id === null) return;
    const asked = command.safeParse(request.body);
    if (!asked.success) {
      response.status(400).json({ code: 'command-unknown' });
      return;
    }
    const device = deviceOf(id);
    device.obey(asked.data, now());
    response.json(device.reading(now()));
  });
};
