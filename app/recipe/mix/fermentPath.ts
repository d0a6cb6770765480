import { HOUR_MS } from '../../../core/basis/index.ts';
import type { Ferment, Reading, Stay, Vessel } from '../../../core/lift/index.ts';
import { corrected, ferment, ripeness, yeastForClock } from '../../../core/lift/index.ts';
import type { LotEvent } from '../../../core/log/index.ts';

/** The path is followed a little beyond the cooking, to see when it would be over-ripe. */
const BEYOND_S = 6 * 3600;
const SHORTEST_S = 600;
/** How a domestic refrigerator swings about its mean (common practice). */
export const FRIDGE_SWING = { swing_K: 1.2, period_s: 1500 };
/** Of the unrisen batter: air left above the most that it rises. */
const HEADROOM = 0.1;

/** What a cook says of a night; times on the clock, ms. */
export type Night = {
  /** When it is to be cooked. */
  readonly cookAt: number;
  /** Mixed so long before; a bowl that is mixed already has its own time. */
  readonly elapsed_h: number;
  /** Into the cold after; null: it stays in the room. */
  readonly toCold_min: number | null;
  readonly start_C: number;
  readonly fridge_C: number;
  readonly room_C: number;
  readonly vessel: Vessel;
};

/** The two-hour path for a cook who has no night: warm, in the room, cooked as soon as it can be. `now`: ms. */
export const warmPath = (night: Night, now: number): Night => ({
  ...night,
  elapsed_h: 2,
  cookAt: Math.max(now + 2 * HOUR_MS, Math.min(night.cookAt, now + 2.2 * HOUR_MS)),
  toCold_min: null,
  room_C: 27,
  start_C: 30,
});

/** The next full morning, or half an hour before the run is served. `serveAt`: ms, null without a run. */
export const firstCookAt = (serveAt: number | null, now: number): number =>
  serveAt !== null && serveAt > now + HOUR_MS ? serveAt - HOUR_MS / 2 : now + 14 * HOUR_MS;

/** From mixing to cooking. `mixedAt`: when the bowl was really mixed, null for one to come. */
export const spanOf = ({ cookAt, elapsed_h }: Night, mixedAt: number | null): { readonly startAt: number; readonly duration_s: number } => {
  const startAt = mixedAt ?? cookAt - elapsed_h * HOUR_MS;
  return { startAt, duration_s: Math.max(SHORTEST_S, (cookAt - startAt) / 1000) };
};

/** Where the bowl stands, one after the other. */
export const staysOf = ({ toCold_min, room_C, fridge_C }: Night, duration_s: number): Stay[] => {
  const cold: Stay['place'] = { kind: 'refrigerator', air_C: fridge_C, ...FRIDGE_SWING };
  return [
    { at_s: 0, place: { kind: 'kitchen', air_C: room_C } },
    ...(toCold_min === null || toCold_min * 60 >= duration_s ? [] : [{ at_s: toCold_min * 60, place: cold }]),
  ];
};

/** What was read of a bowl, in seconds after mixing. */
export const readingsOf = (events: readonly LotEvent[], startAt: number): Reading[] =>
  events.flatMap((event) =>
    event.kind === 'read'
      ? [{ at_s: event.data.since_s ?? (event.at - startAt) / 1000, what: event.data.what, value: event.data.value }]
      : [],
  );

export type FermentQuestion = {
  readonly bowl: Omit<Ferment, 'stays' | 'duration_s' | 'start_C' | 'vessel' | 'tauFactor' | 'rateFactor'>;
  readonly night: Night;
  readonly duration_s: number;
  readonly readings: readonly Reading[];
};

/** The path, bent to what was read, and the yeast that its clock wants. */
export const followed = ({ bowl, night, duration_s, readings }: FermentQuestion) => {
  const base: Ferment = {
    ...bowl,
    start_C: night.start_C,
    vessel: night.vessel,
    stays: staysOf(night, duration_s),
    duration_s: duration_s + BEYOND_S,
    tauFactor: 1,
    rateFactor: 1,
  };
  const bent = readings.length === 0 ? { path: ferment(base), findings: [], used: 0, ferment: base } : corrected(base, readings);
  const { path } = bent;
  const atCook = Math.min(path.minutes, Math.round(duration_s / 60));
  const most = path.rise.slice(0, atCook + 1).reduce((a, b) => Math.max(a, b), 1);
  return {
    bent,
    path,
    ripe: ripeness(path),
    /** The minute of the path at which it is cooked. */
    atCook,
    /** The bowl that it doesn't climb out of, mL. */
    bowlNeed_mL: (bowl.batter_g / bowl.density_gPerML) * (most + HEADROOM),
    wanted: yeastForClock({ ...bent.ferment, duration_s }),
  };
};
