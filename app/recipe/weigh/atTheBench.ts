import type { Ingredient } from '../../../core/matter/index.ts';
import type { WeighStep } from '../../../core/weigh/index.ts';
import type { Bowl } from './useWeighing.ts';
import { stepName } from './words.ts';

/** What the scale says of a step, as far as these questions need it. */
export type OnScale = { readonly isZeroed: boolean; readonly got_g: number | null; readonly wanted_g: number };

/** What the large button does now. */
export type NextTouch =
  | { readonly kind: 'finish' }
  | { readonly kind: 'worked'; readonly stepId: string }
  | { readonly kind: 'zero' }
  | { readonly kind: 'confirm'; readonly stepId: string }
  | { readonly kind: 'record'; readonly step: WeighStep; readonly went_g: number; readonly by: 'scale' | 'hand' };

/** `confirmed`: the step whose label was read aloud. Null: nothing to do yet. */
export const nextTouch = (bowl: Bowl, at: OnScale | null, isLive: boolean, confirmed: string | null): NextTouch | null => {
  const { step, weighing } = bowl;
  if (step === null) return { kind: 'finish' };
  if (step.kind === 'work') return { kind: 'worked', stepId: step.id };
  if (at === null) return null;
  if (isLive && !at.isZeroed) return { kind: 'zero' };
  if (weighing.by === 'spoons' && step.lookAlike !== null && confirmed !== step.id) return { kind: 'confirm', stepId: step.id };
  if (isLive && at.got_g !== null && at.got_g > 0) return { kind: 'record', step, went_g: at.got_g, by: 'scale' };
  // Without a scale the cook's word counts: it went in as said.
  return { kind: 'record', step, went_g: at.wanted_g, by: 'hand' };
};

/** What is written on it. */
export const touchWords = (touch: NextTouch | null, isLive: boolean): string => {
  if (touch === null) return 'It is in';
  if (touch.kind === 'finish') return 'Save to the log';
  if (touch.kind === 'worked') return 'Done';
  if (touch.kind === 'zero') return 'Zero, go on';
  if (touch.kind === 'confirm') return 'It is that one';
  return isLive ? 'Take it as shown' : 'It is in';
};

/** Together with what was in already, where the lot has grown since, g. */
export const nowIn_g = ({ topUp_g, state }: Bowl, step: WeighStep, went_g: number): number =>
  Math.max(0, went_g + (topUp_g > 0 ? (state.weighed.get(step.id)?.grams ?? 0) : 0));

export type Layer = { readonly key: string; readonly name: string; readonly grams: number; readonly isLive: boolean };

/** What lies in the bowl of the present step, the first at the bottom, and how much it holds at the end. */
export const layersOf = (bowl: Bowl, at: OnScale | null, isLive: boolean, own: readonly Ingredient[]) => {
  const { step, state, plan, topUp_g } = bowl;
  const inBowl = plan.steps.flatMap((other) => (other.kind === 'weigh' && other.bowl === step?.bowl ? [other] : []));
  const layers = inBowl.flatMap((other): Layer[] => {
    const has = state.weighed.get(other.id)?.grams ?? 0;
    const isLiveLayer = step?.id === other.id;
    const live = isLiveLayer && isLive && at?.isZeroed === true ? Math.max(0, at.got_g ?? 0) : 0;
    const grams = isLiveLayer && topUp_g === 0 ? live : has + live;
    return grams > 0 ? [{ key: other.id, name: stepName(other, own), grams, isLive: isLiveLayer }] : [];
  });
  return { layers, full_g: inBowl.reduce((sum, other) => sum + other.grams, 0) };
};

/** How many of the bowl's weighings are done. */
export const progressOf = ({ plan, state }: Bowl): { readonly done: number; readonly all: number } => {
  const weighs = plan.steps.filter((step) => step.kind === 'weigh');
  return { done: weighs.filter((step) => state.weighed.has(step.id)).length, all: weighs.length };
};
