import type { Ingredient } from '../../../core/matter/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import type { BowlRole, WeighStep } from '../../../core/weigh/index.ts';

export const BOWL_WORDS: Readonly<Record<BowlRole, string>> = {
  dry: 'dry bowl',
  wet: 'wet bowl',
  melt: 'small pan',
  foam: 'clean bowl',
  yolks: 'wet bowl',
  crack: 'little bowl to crack over',
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

/** Digits as the scale in question shows them. */
export const onScale = (grams: number, resolution_g: number): string => {
  const digits = resolution_g >= 1 ? 0 : resolution_g >= 0.1 ? 1 : 2;
  return (Math.round(grams / resolution_g) * resolution_g).toLocaleString('en-GB', {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
  });
};
