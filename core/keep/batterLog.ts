import { HOUR_MS } from '../basis/index.ts';
import type { Lot } from '../log/index.ts';
import { CODES, outOfCold as outOfColdBy } from '../safety/index.ts';
import type { KeepForm, KeepLimit, KeepQuestion } from './limits.ts';
import { keepLimits } from './limits.ts';

/** Where a bowl of raw batter stood, from when to when; epoch ms. */
export type Stay = { readonly place: 'room' | 'refrigerator'; readonly from: number; readonly until: number };

/** `moves`: in order; an ice bath stands in the kitchen, and so does what nobody has moved. */
export const staysOf = (
  madeAt: number,
  moves: readonly { readonly at: number; readonly place: 'kitchen' | 'refrigerator' | 'ice-bath' }[],
  now: number,
): readonly Stay[] => {
  const stays: Stay[] = [];
  let [place, from]: [Stay['place'], number] = ['room', madeAt];
  for (const move of moves) {
    const to = move.place === 'refrigerator' ? 'refrigerator' : 'room';
    const at = Math.min(now, Math.max(from, move.at));
    if (to === place) continue;
    if (at > from) stays.push({ place, from, until: at });
    [place, from] = [to, at];
  }
  return [...stays, { place, from, until: Math.max(from, now) }];
};

/** How a kitchen judges batter. */
export type Judged = Pick<KeepQuestion, 'code' | 'refrigerator_C' | 'room_C' | 'recipe_h'> & {
  readonly form: Extract<KeepForm, 'batter' | 'yeasted-batter'>;
};

type Question = Judged & { readonly stays: readonly Stay[] };

/** `used_ms` of `allowed_ms` out of the cold so far. */
export type BatterLimits = {
  readonly limits: readonly KeepLimit[];
  readonly outOfCold: { readonly used_ms: number; readonly allowed_ms: number };
};

/**
 * Limits of a bowl that stood in several places, the strictest first. Time out of the cold adds up over every stay and doesn't begin anew: back in the
 * refrigerator it stands still, and once it is used up the bowl is over, wherever it stands. A refrigerator warmer than the code allows is out of the cold.
 */
export const batterLimits = ({ stays, ...judged }: Question): BatterLimits => {
  const { code, refrigerator_C, room_C } = judged;
  const rule = CODES[code];
  const allowed = outOfColdBy(rule, stays.some(({ place }) => place === 'room') ? room_C : refrigerator_C);
  const allowed_ms = allowed.most_h * HOUR_MS;
  const isCold = ({ place }: Stay): boolean => place === 'refrigerator' && refrigerator_C <= rule.cold_C;
  let used_ms = 0;
  let overAt: number | null = null;
  for (const stay of stays) {
    if (isCold(stay)) continue;
    const took_ms = stay.until - stay.from;
    if (overAt === null && used_ms + took_ms > allowed_ms) overAt = stay.from + allowed_ms - used_ms;
    used_ms += took_ms;
  }
  const [first, last] = [stays[0], stays.at(-1)];
  if (first === undefined || last === undefined) return { limits: [], outOfCold: { used_ms, allowed_ms } };
  const usual = keepLimits({ ...judged, place: last.place, from: first.from });
  const runsOut = overAt ?? (isCold(last) ? null : last.until + allowed_ms - used_ms);
  const outOfCold = { used_ms, allowed_ms };
  const limits: KeepLimit[] = [
    ...(runsOut === null ? [] : [{ code: 'out-of-cold', until: runsOut, source: allowed.source, kind: 'safety' as const }]),
    ...usual.filter((limit) => limit.code !== 'out-of-cold'),
  ];
  return { limits: limits.sort((a, b) => a.until - b.until), outOfCold };
};

/** Limits of a bowl by its own log, and where it stood. */
export const lotLimits = (
  lot: Pick<Lot, 'madeAt' | 'events'>,
  judged: Judged,
  now: number,
): BatterLimits & { readonly stays: readonly Stay[] } => {
  const moves = lot.events.flatMap((event) => (event.kind === 'moved' ? [{ at: event.at, place: event.data.place }] : []));
  const stays = staysOf(lot.madeAt, moves, now);
  return { stays, ...batterLimits({ ...judged, stays }) };
};

/** The published limit that a bowl is over; null: it isn't. */
export const overLimit = (lot: Pick<Lot, 'madeAt' | 'events'>, judged: Judged, now: number): KeepLimit | null =>
  lotLimits(lot, judged, now).limits.find(({ kind, until }) => kind === 'safety' && until < now) ?? null;
