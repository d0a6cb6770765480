import type { CodeId } from '../kit/index.ts';
import { CODE_IDS, CODES } from '../kit/index.ts';
import type { Vessel } from './cold.ts';
import { cooled_C, timeConstant_s, timeToCool_s } from './cold.ts';

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

/** FDA Food Code 2022, 3-501.14(B): food made from ingredients at ambient temperature is cooled to 5 °C (41 °F) within four hours (from memory, high). */
const COOLING = {
  'us-food-code-2022': { limit_h: 4, source: 'FDA Food Code 2022, 3-501.14(B): from ambient ingredients to 41 °F (5 °C) within 4 h' },
} as const;

/** The longest spell above a temperature, h. */
const longestAbove_h = (T_C: Float64Array, limit_C: number): number => {
  let longest = 0;
  let spell = 0;
  for (const t of T_C) {
    spell = t > limit_C ? spell + 1 : 0;
    longest = Math.max(longest, spell);
  }
  return Math.max(0, longest - 1) / 60;
};

/** Every selectable code, the strictest first (by the hours it leaves). Shown, never hidden; the local code decides. */
export const codeLimits = (T_C: Float64Array): CodeLimit[] =>
  CODE_IDS.flatMap((code): CodeLimit[] => {
    const rule = CODES[code];
    const has_h = longestAbove_h(T_C, rule.cold_C);
    const limits: CodeLimit[] = [
      {
        code,
        what: 'out-of-cold',
        source: rule.outOfColdSource,
        limit_h: rule.outOfCold_h,
        cold_C: rule.cold_C,
        has_h,
        over_h: Math.max(0, has_h - rule.outOfCold_h),
      },
    ];
    const cooling = code in COOLING ? COOLING[code as keyof typeof COOLING] : undefined;
    if (cooling !== undefined)
      limits.push({
        code,
        what: 'cooling',
        source: cooling.source,
        limit_h: cooling.limit_h,
        cold_C: 5,
        has_h: longestAbove_h(T_C, 5),
        over_h: Math.max(0, longestAbove_h(T_C, 5) - cooling.limit_h),
      });
    return limits;
  }).sort((a, b) => b.over_h - a.over_h || a.limit_h - b.limit_h);

/** Egg or dairy standing warm overnight: refused outright (the one thing that is). */
export const REFUSED_ABOVE_C = 21;
const OVERNIGHT_H = 6;

/** True for egg or dairy batter that stands over 21 °C the night through. */
export const isRefused = (T_C: Float64Array, hasEggOrDairy: boolean): boolean =>
  hasEggOrDairy && longestAbove_h(T_C, REFUSED_ABOVE_C) >= OVERNIGHT_H;

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
