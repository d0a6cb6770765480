import type { Ingredient } from '../../../core/matter/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import type { BowlRole, WeighStep } from '../../../core/weigh/index.ts';
import type { Bowl } from './useWeighing.ts';

export const BOWL_WORDS: Readonly<Record<BowlRole, string>> = {
  dry: 'dry bowl',
  wet: 'wet bowl',
  melt: 'small pan',
  foam: 'clean bowl',
  yolks: 'wet bowl',
  crack: 'little bowl to crack over',
  beside: 'small dish for the sugar',
  later: 'small bowl for later',
  top: 'dish for the plate',
};

/** What is put in, said as at the bench. */
export const stepName = (step: WeighStep, own: readonly Ingredient[]): string => {
  const name =
    own.find((i) => i.id === step.ingredientId)?.name ??
    (step.ingredientId === null ? null : ingredientById(step.ingredientId)?.name) ??
    step.text;
  if (step.ingredientId !== 'egg' || !step.isSeparated) return name;
  return step.bowl === 'foam' ? 'Egg white' : 'Egg yolk';
};

/** The same in a word where nothing else in the bowl is called so: "milk", "eggs". */
export const plainName = (step: WeighStep, plan: Bowl['plan'], own: readonly Ingredient[]): string => {
  if (step.ingredientId === 'egg' && !step.isSeparated) return step.grams > MORE_THAN_ONE_EGG_G ? 'eggs' : 'egg';
  const short = (one: WeighStep): string => (stepName(one, own).split(',')[0] ?? '').toLowerCase();
  const isShared = plan.steps.some((one) => one.kind === 'weigh' && one.ingredientId !== step.ingredientId && short(one) === short(step));
  return isShared ? stepName(step, own).toLowerCase() : short(step);
};
const MORE_THAN_ONE_EGG_G = 75;

/** Digits as the scale in question shows them. */
export const onScale = (grams: number, resolution_g: number): string => {
  const digits = resolution_g >= 1 ? 0 : resolution_g >= 0.1 ? 1 : 2;
  return (Math.round(grams / resolution_g) * resolution_g).toLocaleString('en-GB', {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });
};

/** What one does with it, by how it comes (*common practice*). */
export const verbFor = (step: WeighStep): string => {
  if (step.ingredientId === 'egg') return step.isSeparated ? 'Add' : 'Crack in';
  return LIQUID.test(step.ingredientId ?? '') ? 'Pour in' : 'Add';
};
const LIQUID = /milk|water|cream|oil|juice|beer|syrup|whey|extract|kefir|coffee/;

/** "Milk is in", "Eggs are in". */
export const inWords = (step: WeighStep, plan: Bowl['plan'], own: readonly Ingredient[]): string => {
  const plain = plainName(step, plan, own);
  const name = plain.charAt(0).toUpperCase() + plain.slice(1);
  return name.length > LONGEST_NAME ? 'It is in' : /[^s]s$/.test(name) ? `${name} are in` : `${name} is in`;
};
const LONGEST_NAME = 16;

/** What undo would take back: "milk 1,980 g"; empty: nothing. */
export const undoWords = ({ last, plan }: Bowl, own: readonly Ingredient[]): string => {
  if (last === null) return '';
  if (last.kind === 'scaled') return 'the larger batter';
  if (last.kind !== 'weighed' && last.kind !== 'filled' && last.kind !== 'worked') return '';
  const step = plan.steps.find(({ id }) => id === last.data.stepId);
  if (step?.kind !== 'weigh') return 'the work';
  const name = plainName(step, plan, own);
  return last.kind === 'weighed' ? `${name} ${onScale(last.data.grams, step.resolution_g)}\u00a0g` : `one of ${name}`;
};
