import type { Request, Response } from 'express';
import { json, Router } from 'express';
import * as z from 'zod';
import { SimulatedScale } from './scale.ts';

const Command = z.discriminatedUnion('do', [
  z.object({ do: z.literal('add'), grams: z.number().min(-50_000).max(50_000) }),
  z.object({ do: z.literal('clear') }),
  z.object({ do: z.literal('zero') }),
  z.object({ do: z.literal('lean') }),
  z.object({ do: z.literal('battery'), level: z.number().min(0).max(1) }),
  z.object({ do: z.literal('become'), resolution_g: z.number().min(0.01).max(50), most_g: z.number().min(1).max(60_000) }),
]);

const TICK_MS = 100;
/** An unchanged reading is said again this often, so that a settled scale is heard to be alive. */
const AGAIN_MS = 300;
/** Every browser has a scale of its own; the longest unused makes way. */
const MOST_SCALES = 32;
const MOST_STREAMS = 64;
const Id = /^[a-z0-9-]{1,64}$/i;

/** The stand-ins for devices, streamed as server-sent events: `GET /scales/:id/stream`, driven by `POST /scales/:id`. */
export const standIns = (now: () => number, random: () => number): Router => {
  const router = Router();
  const scales = new Map<string, SimulatedScale>();
  let streams = 0;

  const scaleOf = (id: string): SimulatedScale => {
    const known = scales.get(id) ?? new SimulatedScale(now(), random);
    scales.delete(id);
    scales.set(id, known);
    const [oldest] = scales.keys();
    if (scales.size > MOST_SCALES && oldest !== undefined) scales.delete(oldest);
    return known;
  };

  const idOf = (request: Request, response: Response): string | null => {
    const id = String(request.params['id'] ?? '');
    if (Id.test(id)) return id;
    response.status(400).json({ code: 'device-name' });
    return null;
  };

  router.get('/scales/:id/stream', (request, response) => {
    const id = idOf(request, response);
    if (id === null) return;
    if (streams >= MOST_STREAMS) {
      response.status(503).json({ code: 'too-many-streams' });
      return;
    }
    streams++;
    // `no-transform` keeps the compression away, which would hold events back.
    response.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-cache, no-transform', Connection: 'keep-alive' });
    let last = '';
    let saidAt = -Infinity;
    const tick = (): void => {
      const reading = scaleOf(id).reading(now());
      const shown = `${reading.grams}/${reading.trouble}`;
      if (shown === last && reading.at - saidAt < AGAIN_MS) return;
      last = shown;
      saidAt = reading.at;
      response.write(`data: ${JSON.stringify(reading)}\n\n`);
    };
    tick();
    const timer = setInterval(tick, TICK_MS);
    request.on('close', () => {
      clearInterval(timer);
      streams--;
    });
  });

  router.post('/scales/:id', json({ limit: '4kb' }), (request, response) => {
    const id = idOf(request, response);
    if (id === null) return;
    const command = Command.safeParse(request.body);
    if (!command.success) {
      response.status(400).json({ code: 'command-unknown' });
      return;
    }
    const scale = scaleOf(id);
    scale.obey(command.data, now());
    response.json(scale.reading(now()));
  });

  return router;
};
