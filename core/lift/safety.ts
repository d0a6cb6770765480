import type { CodeId } from '../safety/index.ts';
import { CODE_IDS, CODES, outOfCold } from '../safety/index.ts';
import type { Stay, Vessel } from './cold.ts';
import { cooled_C, placeAt, timeConstant_s, timeToCool_s } from './cold.ts';

/** A limit of one code, and how the bowl stands to it. */
export type CodeLimit = {
  readonly code: CodeId;
  readonly what: 'cooling' | 'out-of-cold';
  readonly source: string;
  readonly limit_h: number;
  readonly cold_C: number;
  /** Hours over the code's cold limit, in the longest spell that counts. */
  readonly has_h: number;
  /** Over by so much; 0 where it passes. */
  readonly over_h: number;
};

/** The longest spell of minutes that count, h. `T_C`: minute by minute. */
const longest_h = (T_C: Float64Array, counts: (t_C: number, minute: number) => boolean): number => {
  let longest = 0;
  let spell = 0;
  T_C.forEach((t_C, minute) => {
    spell = counts(t_C, minute) ? spell + 1 : 0;
    longest = Math.max(longest, spell);
  });
  return Math.max(0, longest - 1) / 60;
};
const longestAbove_h = (T_C: Float64Array, limit_C: number): number => longest_h(T_C, (t_C) => t_C > limit_C);

/**
 * Every selectable code, the strictest first (by the hours it leaves). Shown, never hidden; the local code decides.
 * @param T_C Of the batter, minute by minute.
 * @param room_C Of the kitchen: a hot one leaves less time by one code.
 */
export const codeLimits = (T_C: Float64Array, room_C: number): CodeLimit[] =>
  CODE_IDS.flatMap((code): CodeLimit[] => {
    const rule = CODES[code];
    const has_h = longestAbove_h(T_C, rule.cold_C);
    const allowed = outOfCold(rule, room_C);
    const limits: CodeLimit[] = [
      {
        code,
        what: 'out-of-cold',
        source: allowed.source,
        limit_h: allowed.most_h,
        cold_C: rule.cold_C,
        has_h,
        over_h: Math.max(0, has_h - allowed.most_h),
      },
    ];
    if (rule.cooling === null) return limits;
    const { source, most_h, to_C } = rule.cooling;
    const above_h = longestAbove_h(T_C, to_C);
    limits.push({ code, what: 'cooling', source, limit_h: most_h, cold_C: to_C, has_h: above_h, over_h: Math.max(0, above_h - most_h) });
    return limits;
  }).sort((a, b) => b.over_h - a.over_h || a.limit_h - b.limit_h);

/** Egg or dairy batter that stands out of the cold for longer than its code allows: refused outright (the one thing that is). */
export type Refused = { readonly has_h: number; readonly limit_h: number; readonly cold_C: number; readonly source: string };

/**
 * What a bowl of egg or dairy batter is refused for by a code; null: for nothing. What cools in a refrigerator that is cold enough isn't out of the cold:
 * how long it takes is the cooling's own limit (see `codeLimits`).
 * @param T_C Of the batter, minute by minute.
 * @param stays Where it stands.
 */
export const refusedBy = (T_C: Float64Array, stays: readonly Stay[], code: CodeId): Refused | null => {
  const rule = CODES[code];
  const airAt_C = (minute: number): number => {
    const place = placeAt(stays, 60 * minute);
    return place.kind === 'ice-bath' ? 0 : place.air_C;
  };
  const isOut = (t_C: number, minute: number): boolean => t_C > rule.cold_C && airAt_C(minute) > rule.cold_C;
  const warmest_C = stays.reduce((most, { place }) => (place.kind === 'kitchen' ? Math.max(most, place.air_C) : most), -Infinity);
  const { most_h, source } = outOfCold(rule, warmest_C);
  const has_h = longest_h(T_C, isOut);
  return has_h > most_h ? { has_h, limit_h: most_h, cold_C: rule.cold_C, source } : null;
};

/** A way that passes a code, and how long it takes to be cold; null: it doesn't help. */
export type Way = {
  readonly code: 'as-it-is' | 'cooler-liquid' | 'shallow-pan' | 'ice-bath' | 'colder-refrigerator' | 'eggs-in-the-morning';
  readonly cold_after_h: number | null;
};

type CoolQuestion = {
  readonly mass_kg: number;
  readonly start_C: number;
  readonly vessel: Vessel;
  readonly refrigerator_C: number;
  readonly cold_C: number;
  readonly limit_h: number;
};

/** Minutes an ice bath is kept up before the bowl goes into the refrigerator. */
const ICE_BATH_S = 1800;
const COOL_LIQUID_C = 12;

/** Ways to have it cold in time, the nearest to what was planned first; `passes` says which do. */
export const nearestWays = (q: CoolQuestion): readonly (Way & { readonly passes: boolean })[] => {
  const hours = (start_C: number, vessel: Vessel, fridge_C: number): number | null => {
    const s = timeToCool_s(start_C, q.cold_C, fridge_C, timeConstant_s(q.mass_kg, vessel, 'refrigerator'));
    return s === null ? null : s / 3600;
  };
  const afterIce = cooled_C(q.start_C, 0.5, timeConstant_s(q.mass_kg, q.vessel, 'ice-bath'), ICE_BATH_S);
  const ice = afterIce <= q.cold_C ? ICE_BATH_S / 3600 : hours(afterIce, q.vessel, q.refrigerator_C);
  const ways: Way[] = [
    { code: 'as-it-is', cold_after_h: hours(q.start_C, q.vessel, q.refrigerator_C) },
    { code: 'cooler-liquid', cold_after_h: hours(Math.min(q.start_C, COOL_LIQUID_C), q.vessel, q.refrigerator_C) },
    { code: 'shallow-pan', cold_after_h: hours(q.start_C, 'shallow-pan', q.refrigerator_C) },
    { code: 'ice-bath', cold_after_h: ice === null ? null : ice + (afterIce <= q.cold_C ? 0 : ICE_BATH_S / 3600) },
    { code: 'colder-refrigerator', cold_after_h: hours(q.start_C, 'shallow-pan', Math.min(q.refrigerator_C, 3)) },
    // Without egg and dairy it is flour, water and yeast: no such clock runs.
    { code: 'eggs-in-the-morning', cold_after_h: 0 },
  ];
  return ways.map((way) => ({ ...way, passes: way.cold_after_h !== null && way.cold_after_h <= q.limit_h }));
};
