import { MINUTE_MS } from '../basis/index.ts';
import type { Act, ActKind, Lift, Made } from '../formula/index.ts';
import { isRest, makingOf } from '../formula/index.ts';
import type { PrepStep } from './prepStep.ts';

type Sketch = {
  readonly code: string;
  /** Ends so many minutes before the first pour; how long it takes, min. */
  readonly before_min: number;
  readonly takes_min: number;
  /** How much earlier or later it may begin, min: without harm, and at all. */
  readonly soft: readonly [earlier: number, later: number];
  readonly hard: readonly [earlier: number, later: number];
};

const HOUR = 60;
/** *Common practice* by lift, backwards from the pour. */
const SKETCHES: Readonly<Record<Lift, readonly Sketch[]>> = {
  quick: [
    { code: 'prep-set-out', before_min: 20, takes_min: 5, soft: [12 * HOUR, 5], hard: [72 * HOUR, 12] },
    { code: 'prep-mix', before_min: 3, takes_min: 9, soft: [10, 2], hard: [45, 3] },
  ],
  folded: [
    { code: 'prep-eggs-out', before_min: 40, takes_min: 1, soft: [30, 15], hard: [90, 35] },
    { code: 'prep-mix', before_min: 9, takes_min: 10, soft: [10, 3], hard: [45, 6] },
    { code: 'prep-whip', before_min: 4, takes_min: 4, soft: [3, 1], hard: [8, 2] },
    { code: 'prep-fold', before_min: 1, takes_min: 2, soft: [4, 0], hard: [15, 1] },
  ],
  'whole-egg': [
    { code: 'prep-set-out', before_min: 20, takes_min: 5, soft: [12 * HOUR, 5], hard: [72 * HOUR, 10] },
    { code: 'prep-whip', before_min: 6, takes_min: 4, soft: [4, 2], hard: [15, 4] },
    { code: 'prep-fold', before_min: 2, takes_min: 3, soft: [5, 1], hard: [20, 2] },
  ],
  ribbon: [
    { code: 'prep-water-bath', before_min: 18, takes_min: 4, soft: [10, 2], hard: [30, 4] },
    { code: 'prep-whip', before_min: 8, takes_min: 6, soft: [5, 2], hard: [20, 5] },
    { code: 'prep-fold', before_min: 3, takes_min: 3, soft: [6, 1], hard: [25, 3] },
  ],
  frothed: [{ code: 'prep-mix', before_min: 2, takes_min: 11, soft: [8, 1], hard: [40, 2] }],
  rested: [
    { code: 'prep-mix', before_min: 12 * HOUR, takes_min: 12, soft: [24 * HOUR, 8 * HOUR], hard: [60 * HOUR, 11 * HOUR] },
    { code: 'prep-cold-out', before_min: 5, takes_min: 1, soft: [15, 3], hard: [60, 5] },
  ],
  yeasted: [
    { code: 'prep-warm-milk', before_min: 14 * HOUR + 25, takes_min: 12, soft: [4 * HOUR, 2 * HOUR], hard: [10 * HOUR, 12 * HOUR] },
    { code: 'prep-mix', before_min: 14 * HOUR, takes_min: 12, soft: [4 * HOUR, 2 * HOUR], hard: [10 * HOUR, 12 * HOUR] },
    { code: 'prep-refrigerate', before_min: 13.5 * HOUR, takes_min: 2, soft: [30, 30], hard: [2 * HOUR, 2 * HOUR] },
    { code: 'prep-beat-down', before_min: 10, takes_min: 3, soft: [30, 5], hard: [2 * HOUR, 9] },
  ],
};

/** A rest from so long on is a night, min. */
const NIGHT_MIN = 6 * HOUR;
/** Where a recipe doesn't say how long, min (*common practice*). */
const USUAL_REST_MIN: Readonly<Partial<Record<ActKind, number>>> = { rest: 15, chill: HOUR, ferment: HOUR };

/** How long the batter rests, of what the recipe leaves open: a night in its middle, else as short as it may be. */
const restOf = ({ kind, time_s, day }: Act): { readonly least: number; readonly chosen: number; readonly most: number } => {
  const usual = day === 'evening' ? 11 * HOUR : (USUAL_REST_MIN[kind] ?? HOUR);
  const [least, most] = time_s === undefined ? [0.75 * usual, 1.5 * usual] : [time_s[0] / 60, time_s[1] / 60];
  const chosen = time_s === undefined ? usual : least >= NIGHT_MIN ? (least + most) / 2 : least;
  return { least, chosen, most };
};

/** Work with a batter that is done by clock: what it is called, and its minutes (*common practice*). */
const WORK_BY_ACT: Readonly<Partial<Record<ActKind, { readonly code: string; readonly takes_min: number }>>> = {
  deflate: { code: 'prep-beat-down', takes_min: 3 },
  combine: { code: 'prep-stir-in', takes_min: 2 },
  whip: { code: 'prep-whip', takes_min: 4 },
  fold: { code: 'prep-fold', takes_min: 2 },
  sieve: { code: 'prep-sieve', takes_min: 2 },
};
const MIX = { code: 'prep-mix', takes_min: 10 };
const WARM = { code: 'prep-warm-milk', takes_min: 12 };
const BATH = { code: 'prep-water-bath', takes_min: 4 };

/** The works of one stretch of the making, each once, in order. */
const worksOf = (stretch: readonly Made[], isLast: boolean): readonly { readonly code: string; readonly takes_min: number }[] => {
  const has = (test: (act: Act) => boolean): boolean => stretch.some(({ act }) => test(act));
  if (isLast) return [...new Set(stretch.flatMap(({ act }) => WORK_BY_ACT[act.kind] ?? []))];
  return [
    ...(has(({ kind }) => kind === 'melt' || kind === 'warm') ? [WARM] : []),
    ...(has(({ kind, place }) => kind === 'whip' && place === 'hot-water') ? [BATH] : []),
    MIX,
  ];
};

/** A recipe that lets its batter rest, backwards from the pour: what is done after the rest, the rest, what is done before it. */
const sketchesOfRests = (making: readonly Made[]): Sketch[] => {
  const found: Sketch[] = [];
  // Minutes before the pour, from behind.
  let at = 1;
  const put = (code: string, takes_min: number, soft: Sketch['soft'], hard: Sketch['hard']): void => {
    found.unshift({ code, before_min: at, takes_min, soft, hard });
    at += takes_min;
  };
  let end = making.length;
  for (let i = making.length - 1; i >= -1; i--) {
    const act = making[i]?.act;
    if (act !== undefined && !isRest(act)) continue;
    const stretch = making.slice(i + 1, end);
    const isLast = end === making.length;
    const slack = isLast ? ([10, 1] as const) : ([30, 10] as const);
    for (const { code, takes_min } of [...worksOf(stretch, isLast)].reverse()) put(code, takes_min, slack, [4 * slack[0], slack[1]]);
    end = i;
    if (act === undefined) break;
    const { least, chosen, most } = restOf(act);
    if (isLast && act.kind === 'chill' && stretch.length === 0) put('prep-cold-out', 1, [15, 1], [60, 1]);
    at += chosen - 1;
    const [earlier, later] = [Math.max(5, most - chosen), Math.max(1, chosen - least)];
    put(act.kind === 'chill' ? 'prep-refrigerate' : 'prep-rest', 1, [earlier, later], [2 * earlier, Math.max(later, 0.5 * chosen)]);
  }
  return found;
};

/** An oven is hot after so long, min (*common practice*). */
const OVEN_MIN = 15;
const OVEN: Sketch = { code: 'prep-oven-on', before_min: OVEN_MIN - 1, takes_min: 1, soft: [20, 5], hard: [60, 10] };
const usesOven = (acts: readonly Act[]): boolean =>
  acts.some(({ kind, place }) => place === 'oven' && (kind === 'preheat' || kind === 'hold'));

/** As the recipe says where it lets the batter rest, else as is usual for the lift. */
const sketchesOf = (lift: Lift, acts: readonly Act[]): readonly Sketch[] => {
  const making = makingOf(acts);
  const sketches = making.some(({ act }) => isRest(act)) ? sketchesOfRests(making) : SKETCHES[lift];
  return usesOven(acts) ? [...sketches, OVEN] : sketches;
};

/** A lot's preparation laid backwards from the first pour. `acts`: what the recipe asks for; left out: nothing of its own. */
export const preparation = (lift: Lift, pourAt: number, acts: readonly Act[] = []): PrepStep[] =>
  sketchesOf(lift, acts)
    .map((sketch, i) => {
      const at = Math.round(pourAt - (sketch.before_min + sketch.takes_min) * MINUTE_MS);
      const span = ([earlier, later]: readonly [number, number]): [number, number] => [
        Math.round(at - earlier * MINUTE_MS),
        Math.round(at + later * MINUTE_MS),
      ];
      return {
        id: `${i}-${sketch.code}`,
        code: sketch.code,
        at,
        duration_s: Math.round(sketch.takes_min * 60),
        soft: span(sketch.soft),
        hard: span(sketch.hard),
      };
    })
    .sort((a, b) => a.at - b.at);

/** How a step stands where it lies: as it should, worse, or where it doesn't work. */
export const stepStanding = (step: PrepStep): 'good' | 'worse' | 'impossible' =>
  step.at < step.hard[0] || step.at > step.hard[1] ? 'impossible' : step.at < step.soft[0] || step.at > step.soft[1] ? 'worse' : 'good';

/** The step moved, held within its hard limits. */
export const movedStep = (step: PrepStep, to: number): PrepStep => ({
  ...step,
  at: Math.round(Math.min(step.hard[1], Math.max(step.hard[0], to))),
});
