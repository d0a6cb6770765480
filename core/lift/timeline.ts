import { MINUTE_MS } from '../basis/index.ts';
import type { Lift } from '../formula/index.ts';
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

/** A lot's preparation laid backwards from the first pour. */
export const preparation = (lift: Lift, pourAt: number): PrepStep[] =>
  SKETCHES[lift].map((sketch, i) => {
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
  });

/** How a step stands where it lies: as it should, worse, or where it doesn't work. */
export const stepStanding = (step: PrepStep): 'good' | 'worse' | 'impossible' =>
  step.at < step.hard[0] || step.at > step.hard[1] ? 'impossible' : step.at < step.soft[0] || step.at > step.soft[1] ? 'worse' : 'good';

/** The step moved, held within its hard limits. */
export const movedStep = (step: PrepStep, to: number): PrepStep => ({
  ...step,
  at: Math.round(Math.min(step.hard[1], Math.max(step.hard[0], to))),
});
