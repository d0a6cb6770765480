import type { Finding } from '../basis/index.ts';
import { clamp } from '../basis/index.ts';

export const WHIP_TOOLS = ['balloon-whisk', 'hand-mixer', 'stand-mixer'] as const;
export type WhipTool = (typeof WHIP_TOOLS)[number];
/** When the sugar goes in. */
export const SUGAR_TIMES = ['never', 'start', 'foam', 'soft'] as const;
export type SugarTime = (typeof SUGAR_TIMES)[number];
/** Told by the shape: runs · slumps · bends over · stands · dry and broken. */
export const STAGES = ['froth', 'soft', 'firm', 'stiff', 'broken'] as const;
export type Stage = (typeof STAGES)[number];

/** Liquid white, g/mL (egg texts, from memory). */
export const WHITE_DENSITY = 1.035;

export type Whip = {
  readonly kind: 'whites' | 'whole-egg';
  /** Of white, or of whole egg, g. */
  readonly egg_g: number;
  readonly sugar_g: number;
  readonly sugarTime: SugarTime;
  readonly tool: WhipTool;
  readonly temperature_C: number;
  /** Over hot water: whole egg and sugar warmed while they are whipped. */
  readonly warm: boolean;
  /** What this cook needs over what is usual, learned from the book; 1: nothing known. */
  readonly timeFactor: number;
};

/** Minutes until soft for 100 g of white at 20 °C without sugar (*common practice*: two to three by machine, five and more by hand). */
const SOFT_MIN: Readonly<Record<WhipTool, number>> = { 'balloon-whisk': 4.6, 'hand-mixer': 2, 'stand-mixer': 1.7 };
/** Whole egg, with its sugar from the start, takes a little longer and never stands (*common practice*: three minutes on high, five over water). */
const WHOLE_EGG = { time: 1.15, warmTime: 1.7 } as const;
/** More of it takes longer, less than in proportion. */
const MASS_POWER = 0.35;
/** Out of the refrigerator whites take a third longer (texts: quickest at 20–30 °C; from memory, medium). */
const COLD_PER_K = 0.018;

type SugarEffect = { readonly time: number; readonly most: number; readonly drains_min: number; readonly margin: number };
/** Early sugar: longer, finer, smaller, steadier (baking texts; sizes *calibrated*). `margin`: how far past stiff it may go. */
const SUGAR: Readonly<Record<SugarTime, SugarEffect>> = {
  never: { time: 1, most: 1, drains_min: 9, margin: 1.35 },
  start: { time: 1.75, most: 0.82, drains_min: 40, margin: 2.2 },
  foam: { time: 1.4, most: 0.9, drains_min: 32, margin: 2 },
  soft: { time: 1.15, most: 0.96, drains_min: 25, margin: 1.8 },
};

/** Overrun in %, of unsweetened whites at the end of each stage (literature: 500–800 % from soft to stiff; from memory, medium). */
const MOST_OVERRUN = { whites: 780, 'whole-egg': 290, warm: 370 } as const;
/** Share of the most overrun at which each stage is reached. */
const STAGE_SHARE = { froth: 0.22, soft: 0.64, firm: 0.82, stiff: 0.93 } as const;
/** Share of that overrun left once a foam is broken. */
const BROKEN_SHARE = 0.55;

export type FoamPlan = {
  /** s from the first turn; `broken`: it starts to break from there. */
  readonly reached_s: Readonly<Record<Stage, number>>;
  readonly mostOverrun_percent: number;
  /** Half of what it will lose has drained after so long, min. */
  readonly drains_min: number;
  readonly mass_g: number;
};

/** White and sugar make one liquid; sugar raises its density (sucrose 1.59 g/mL). */
const liquidDensity = (whip: Whip): number => (whip.egg_g + whip.sugar_g) / (whip.egg_g / WHITE_DENSITY + whip.sugar_g / 1.59);

export const foamPlan = (whip: Whip): FoamPlan => {
  const sugar = whip.sugar_g > 0 ? SUGAR[whip.sugarTime] : SUGAR.never;
  // A spoonful of sugar does little; its full effect comes at half the egg's mass.
  const dose = clamp((whip.sugar_g / Math.max(1e-9, whip.egg_g)) * 2, 0, 1);
  const by = (full: number): number => 1 + (full - 1) * dose;
  const kindTime = whip.kind === 'whites' ? 1 : whip.warm ? WHOLE_EGG.warmTime : WHOLE_EGG.time;
  const cold = 1 + COLD_PER_K * Math.max(0, 22 - whip.temperature_C);
  const soft_s =
    60 *
    SOFT_MIN[whip.tool] *
    (whip.egg_g / 100) ** MASS_POWER *
    (whip.kind === 'whites' ? by(sugar.time) : 1) *
    kindTime *
    cold *
    whip.timeFactor;
  const most = MOST_OVERRUN[whip.kind === 'whites' ? 'whites' : whip.warm ? 'warm' : 'whole-egg'] * by(sugar.most);
  const at = (share: number): number => soft_s * timeOf(share);
  const stiff = at(STAGE_SHARE.stiff);
  return {
    reached_s: {
      froth: at(STAGE_SHARE.froth),
      soft: soft_s,
      firm: at(STAGE_SHARE.firm),
      stiff,
      broken: stiff * (1 + (sugar.margin - 1) * (whip.sugar_g > 0 ? dose : 1) + (whip.sugar_g > 0 ? (1 - dose) * 0.35 : 0)),
    },
    mostOverrun_percent: most,
    drains_min: SUGAR.never.drains_min + (sugar.drains_min - SUGAR.never.drains_min) * dose,
    mass_g: whip.egg_g + whip.sugar_g,
  };
};

/** Air comes in slowly, then fast, then slowly: share of the most overrun after t softs. */
const shareAt = (softs: number): number => 1 - Math.exp(-RISE * softs ** RISE_POWER);
const RISE = 1.0217;
const RISE_POWER = 1.6;
const timeOf = (share: number): number => (-Math.log(1 - share) / RISE) ** (1 / RISE_POWER);

/** Overrun in % after so many seconds; past breaking it falls. */
export const overrunAt = (plan: FoamPlan, seconds: number): number => {
  const softs = seconds / plan.reached_s.soft;
  const rising = plan.mostOverrun_percent * shareAt(softs);
  const past = Math.max(0, seconds - plan.reached_s.broken) / plan.reached_s.soft;
  return rising * (BROKEN_SHARE + (1 - BROKEN_SHARE) * Math.exp(-1.5 * past));
};

export const stageAt = (plan: FoamPlan, seconds: number): Stage | null => {
  const reached = STAGES.filter((stage) => seconds >= plan.reached_s[stage]);
  return reached.at(-1) ?? null;
};

/** g/mL of the foam at an overrun: ρ = ρ_liquid / (1 + overrun/100) (definition). */
export const foamDensity = (whip: Whip, overrun_percent: number): number => liquidDensity(whip) / (1 + overrun_percent / 100);

export const foamVolume_mL = (whip: Whip, overrun_percent: number): number =>
  (whip.egg_g + whip.sugar_g) / foamDensity(whip, overrun_percent);

/** Share of its air a foam still has after standing (drainage and coarsening, first order; *calibrated to common practice*). */
export const airAfterStanding = (plan: FoamPlan, minutes: number): number => 0.35 + 0.65 * 2 ** (-minutes / plan.drains_min / 1.6);

/** How upright a peak stands, 0 (runs) to 1 (stands); over 1 it is dry and crumbles. Drawn from it. */
export const peakStand = (plan: FoamPlan, seconds: number): number => {
  const { soft, stiff, broken } = plan.reached_s;
  if (seconds <= soft) return 0.35 * (seconds / soft) ** 2;
  if (seconds <= stiff) return 0.35 + (0.6 * (seconds - soft)) / (stiff - soft);
  return 0.95 + (0.25 * (seconds - stiff)) / Math.max(1, broken - stiff);
};

/** Egg sets in the bowl above this, °C: white from about 62; over water the bowl is kept well below (egg texts, from memory). */
export const EGG_SETS_C = 60;
export const WARM_BOWL_MOST_C = 50;

/** What a bowl must hold for a foam to be whipped stiff in it, mL: half as much again as the foam, to whole decilitres. */
export const foamBowl_mL = (whip: Whip): number => {
  const plan = foamPlan(whip);
  return Math.ceil((foamVolume_mL(whip, overrunAt(plan, plan.reached_s.stiff)) * 1.5) / 100) * 100;
};

/** `whip-no-eggs`, `whip-bowl-small` {needs_mL}, `whip-plastic`, `whip-cold`, `whip-too-warm`. */
export const whipFindings = (
  whip: Whip,
  bowl: { readonly volume_mL: number; readonly material: string; readonly form: 'bowl' | 'jug' } | null,
): Finding[] => {
  const found: Finding[] = [];
  if (!(whip.egg_g > 0)) return [{ code: 'whip-no-eggs', level: 'warning', fields: {} }];
  const needs_mL = foamBowl_mL(whip);
  if (bowl !== null && bowl.volume_mL < needs_mL)
    found.push({ code: 'whip-bowl-small', level: 'warning', fields: { needs_mL, has_mL: bowl.volume_mL } });
  if (bowl?.form === 'jug') found.push({ code: 'whip-jug', level: 'note', fields: {} });
  if (bowl?.material === 'plastic' && whip.kind === 'whites') found.push({ code: 'whip-plastic', level: 'warning', fields: {} });
  if (whip.kind === 'whites' && whip.temperature_C < 12)
    found.push({ code: 'whip-cold', level: 'note', fields: { temperature_C: Math.round(whip.temperature_C) } });
  if (whip.temperature_C > WARM_BOWL_MOST_C)
    found.push({ code: 'whip-too-warm', level: 'hazard', fields: { most_C: WARM_BOWL_MOST_C, sets_C: EGG_SETS_C } });
  return found;
};

/** What the book knows: how long it really took over what was reckoned, as a factor drawn towards 1 (two loads count as much as the usual). */
export const learnedTimeFactor = (ratios: readonly number[]): number => {
  const logs = ratios.filter((ratio) => ratio > 0.2 && ratio < 5).map((ratio) => Math.log(ratio));
  return Math.exp(logs.reduce((a, b) => a + b, 0) / (logs.length + 2));
};
