import type { ParsedFormula, ReadLine } from '../formula/index.ts';
import { ingredientOf, summarise } from '../formula/index.ts';
import type { Climate } from '../matter/index.ts';
import type { WeighState } from './state.ts';
import type { Step, WeighStep } from './plan.ts';
import { rightWithin_g } from './scale.ts';

/** What too much of one thing does to the bowl, new over old minus 1; null where there was none before. */
export type Effect = {
  readonly hydration: number | null;
  readonly gas: number | null;
  readonly salt: number | null;
  readonly sweetness: number | null;
  readonly fat: number | null;
};

export type OvershootChoice =
  | { readonly choice: 'leave'; readonly effect: Effect }
  | { readonly choice: 'take-out'; readonly grams: number }
  /** The rest of the lot made to fit: the new factor, and what must be added to what is in already, g by step. */
  | {
      readonly choice: 'scale-up';
      readonly factor: number;
      readonly topUps: readonly { readonly stepId: string; readonly grams: number }[];
      readonly bowl_g: number;
    };

/** Grams of a line, as the steps that make it up were weighed, else as they are wanted. */
export const linesAsWeighed = (reading: ParsedFormula, steps: readonly Step[], lineIds: readonly string[], state: WeighState): ReadLine[] =>
  reading.lines.map((line, index) => {
    const own = steps.filter((step): step is WeighStep => step.kind === 'weigh' && step.lineId === lineIds[index]);
    if (own.length === 0) return line;
    const grams = own.reduce((total, step) => total + (state.weighed.get(step.id)?.grams ?? step.grams), 0);
    return { ...line, grams, gramsRange: [grams, grams] };
  });

const ratio = (after: number | null | undefined, before: number | null | undefined): number | null =>
  before == null || after == null || before < 1e-9 ? null : after / before - 1;

/** The two bowls compared by what a cook tastes and sees. */
export const effectOf = (before: ParsedFormula, after: ParsedFormula): Effect => {
  const perFlour = (reading: ParsedFormula, part: 'salt' | 'fat'): number | null =>
    reading.composition === null || reading.flour_g <= 0 ? null : (reading.composition[part] * reading.totalMass_g) / reading.flour_g;
  const sugar = (r: ParsedFormula): number | null =>
    r.composition === null ? null : r.composition.sucrose + r.composition.reducing + r.composition.lactose;
  return {
    hydration: ratio(after.hydration_percent?.usual, before.hydration_percent?.usual),
    gas: ratio(after.leavening.gas_mmolPer100gFlour, before.leavening.gas_mmolPer100gFlour),
    salt: ratio(perFlour(after, 'salt'), perFlour(before, 'salt')),
    sweetness: ratio(sugar(after), sugar(before)),
    fat: ratio(perFlour(after, 'fat'), perFlour(before, 'fat')),
  };
};

/** True when a mass is over the wish by more than the scale's own doubt. */
export const isOvershoot = (wanted_g: number, got_g: number, resolution_g: number): boolean =>
  got_g - wanted_g > rightWithin_g(wanted_g, resolution_g);

type Question = {
  readonly reading: ParsedFormula;
  readonly steps: readonly Step[];
  readonly lineIds: readonly string[];
  readonly state: WeighState;
  readonly step: WeighStep;
  readonly got_g: number;
  readonly climate: Climate;
};

/** Leave it, take it out (where that can be done) or make the rest fit; each with what it means. */
export const overshootChoices = ({ reading, steps, lineIds, state, step, got_g, climate }: Question): OvershootChoice[] => {
  const so = {
    ...state,
    weighed: new Map(state.weighed).set(step.id, { grams: got_g, by: 'scale' as const, at: 0, beforeScaling: false }),
  };
  const asPlanned = summarise(linesAsWeighed(reading, steps, lineIds, { ...state, weighed: new Map() }), reading.lift, climate);
  const left = summarise(linesAsWeighed(reading, steps, lineIds, so), reading.lift, climate);
  const grown = got_g / step.grams;
  const factor = state.factor * grown;
  const topUps = steps.flatMap((other) => {
    if (other.kind !== 'weigh' || other.id === step.id) return [];
    const has = state.weighed.get(other.id);
    const missing = other.grams * grown - (has?.grams ?? 0);
    return has !== undefined && missing > rightWithin_g(other.grams, other.resolution_g) ? [{ stepId: other.id, grams: missing }] : [];
  });
  const total = steps.reduce((sum, other) => sum + (other.kind === 'weigh' ? other.grams * grown : 0), 0);
  return [
    { choice: 'leave', effect: effectOf(asPlanned, left) },
    ...(step.stays ? [] : [{ choice: 'take-out' as const, grams: got_g - step.grams }]),
    { choice: 'scale-up', factor, topUps, bowl_g: total },
  ];
};

/** The lines of a lot as they were really weighed. */
export const weighedLines = (reading: ParsedFormula, steps: readonly Step[], lineIds: readonly string[], state: WeighState) =>
  linesAsWeighed(reading, steps, lineIds, state).flatMap((line, index) => {
    const lineId = lineIds[index];
    return line.grams === null || lineId === undefined ? [] : [{ lineId, ingredientId: ingredientOf(line)?.id ?? null, grams: line.grams }];
  });
