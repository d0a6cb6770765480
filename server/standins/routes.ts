import type { Request, Response } from 'express';
import { json, Router } from 'express';
import type * as z from 'zod';
import { IronCommand, RefrigeratorCommand, ScaleCommand } from '../../contract/devices.ts';
import { SimulatedIron } from './iron.ts';
import { SimulatedRefrigerator } from './refrigerator.ts';
import { SimulatedScale } from './scale.ts';

const TICK_MS = 100;
/** An unchanged reading is said again this often, so that a settled device is heard to be alive. */
const AGAIN_MS = 300;
/** Every browser has devices of its own; the longest unused makes way. */
const MOST_DEVICES = 32;
const MOST_STREAMS = 64;
/** One listener alone may not take them all. */
const MOST_STREAMS_EACH = 12;
/** Whoever doesn't read for so long has gone, though the line is still up. */
const UNREAD_MS = 10_000;
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
export const standIns = (now: () => number, random: () => number, streams: Streams = new Streams()): Router => {
  const router = Router();
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

/** The streams that are open, by who listens: so that they can be bounded, and ended with the server. */
export class Streams {
  private readonly open = new Map<Response, string>();

  /** Errors: `too-many-streams`. */
  admit(response: Response, from: string): boolean {
    const own = [...this.open.values()].filter((other) => other === from).length;
    if (this.open.size >= MOST_STREAMS || own >= MOST_STREAMS_EACH) return false;
    this.open.set(response, from);
    return true;
  }

  leave(response: Response): void {
    this.open.delete(response);
  }

  endAll(): void {
    for (const response of this.open.keys()) response.end();
    this.open.clear();
  }
}

const addKind = <C>(router: Router, streams: Streams, now: () => number, { path, make, command, shown }: Kind<C>): void => {
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
    if (!streams.admit(response, request.socket.remoteAddress ?? '')) {
      response.status(503).json({ code: 'too-many-streams' });
      return;
    }
    // `no-transform` keeps the compression away, which would hold events back.
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform', Connection: 'keep-alive' });
    let last = '';
    let saidAt = -Infinity;
    let unreadSince: number | null = null;
    response.on('drain', () => (unreadSince = null));
    const tick = (): void => {
      if (unreadSince !== null) {
        // Nothing more is piled up for somebody who doesn't read.
        if (Date.now() - unreadSince > UNREAD_MS) response.destroy();
        return;
      }
      const reading = deviceOf(id).reading(now());
      if (shown(reading) === last && reading.at - saidAt < AGAIN_MS) return;
      last = shown(reading);
      saidAt = reading.at;
      if (!response.write(`data: ${JSON.stringify(reading)}\n\n`)) unreadSince = Date.now();
    };
    tick();
    const timer = setInterval(tick, TICK_MS);
    response.on('close', () => {
      clearInterval(timer);
      streams.leave(response);
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
