import { DAY_MS, zoneOffset_ms } from '../../core/basis/index.ts';
import type { KitchenRows } from '../../core/kitchen/index.ts';

/** The demo's instants, written as clock times in UTC, moved so that its last morning is yesterday on this clock. */
export const shiftDemoDates = (rows: KitchenRows, now: number, zone: string): KitchenRows => {
  const lastLoad = Math.max(...rows.loads.map((load) => load.startedAt));
  const today = Math.floor((now + zoneOffset_ms(now, zone)) / DAY_MS);
  const days = today - 1 - Math.floor(lastLoad / DAY_MS);
  const move = (at: number): number => {
    const wall = at + days * DAY_MS;
    return wall - zoneOffset_ms(wall - zoneOffset_ms(wall, zone), zone);
  };
  const run = (r: KitchenRows['runs'][number]) => {
    // Breakfast is never over in the demo: the next one counts, at the same time by the clock, also where the clock is changed in between.
    let serveAt = move(r.serveAt - 3 * DAY_MS);
    for (let later = -2; serveAt <= now; later++) serveAt = move(r.serveAt + later * DAY_MS);
    return { ...r, zone, serveAt };
  };
  const event = <E extends { readonly event: { readonly at: number } }>(row: E): E => ({
    ...row,
    event: { ...row.event, at: move(row.event.at) },
  });
  return {
    ...rows,
    kits: rows.kits.map((kit) => ({ ...kit, zone })),
    lots: rows.lots.map((lot) => ({ ...lot, madeAt: move(lot.madeAt) })),
    lotEvents: rows.lotEvents.map(event),
    loads: rows.loads.map((load) => ({ ...load, startedAt: move(load.startedAt) })),
    loadEvents: rows.loadEvents.map(event),
    runs: rows.runs.map(run),
    weighings: rows.weighings.map((weighing) => ({ ...weighing, startedAt: move(weighing.startedAt) })),
    weighEvents: rows.weighEvents.map(event),
    keepItems: rows.keepItems.map((item) => ({ ...item, from: move(item.from) })),
    photos: rows.photos.map((photo) => ({ ...photo, takenAt: move(photo.takenAt) })),
    practices: rows.practices.map((record) => ({ ...record, at: move(record.at) })),
  };
};
