import type { KitchenFile } from '../../core/kitchen/index.ts';
import { zoneOffset_ms } from '../../core/run/index.ts';

const DAY_MS = 86_400_000;

/** The demo's instants, written as clock times in UTC, moved so that its last morning is yesterday on this clock. */
export const shiftDemoDates = (file: KitchenFile, now: number, zone: string): KitchenFile => {
  const lastLoad = Math.max(...file.loads.map((load) => load.startedAt));
  const today = Math.floor((now + zoneOffset_ms(now, zone)) / DAY_MS);
  const days = today - 1 - Math.floor(lastLoad / DAY_MS);
  const move = (at: number): number => {
    const wall = at + days * DAY_MS;
    return wall - zoneOffset_ms(wall, zone);
  };
  const run = (r: KitchenFile['runs'][number]) => {
    const serveAt = move(r.serveAt);
    // Breakfast is never over in the demo: the next one counts.
    return {
      ...r,
      zone,
      serveAt:
        serveAt < now ? serveAt + DAY_MS * Math.ceil((now - serveAt) / DAY_MS) : serveAt - DAY_MS * Math.floor((serveAt - now) / DAY_MS),
    };
  };
  return {
    ...file,
    kit: { ...file.kit, zone },
    lots: file.lots.map((lot) => ({ ...lot, madeAt: move(lot.madeAt) })),
    loads: file.loads.map((load) => ({ ...load, startedAt: move(load.startedAt) })),
    loadEvents: file.loadEvents.map(({ loadId, event }) => ({ loadId, event: { ...event, at: move(event.at) } })),
    runs: file.runs.map(run),
    weighings: file.weighings.map((weighing) => ({ ...weighing, startedAt: move(weighing.startedAt) })),
    weighEvents: file.weighEvents.map(({ weighingId, event }) => ({ weighingId, event: { ...event, at: move(event.at) } })),
    keepItems: file.keepItems.map((item) => ({ ...item, from: move(item.from) })),
    practices: file.practices.map((record) => ({ ...record, at: move(record.at) })),
  };
};
