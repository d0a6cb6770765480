import type { Iron } from './iron.ts';

export type SettingRange = { readonly min_C: number; readonly max_C: number };

/** Coolest and hottest that a control is used at, °C; both the same where there is nothing to set. */
export const controlRange = (control: Iron['control']): readonly [low_C: number, high_C: number] => {
  if (control.type === 'dial') return [control.atMin_C, control.atMax_C];
  if (control.type === 'fixed') return [control.cutOut_C, control.cutOut_C];
  return [control.min_C, control.max_C];
};

/** The same control with other degrees behind it; where there is nothing to set, the lower counts. */
export const withRange = (control: Iron['control'], low_C: number, high_C: number): Iron['control'] => {
  if (control.type === 'dial') return { ...control, atMin_C: low_C, atMax_C: high_C };
  if (control.type === 'fixed') return { ...control, cutOut_C: low_C };
  return { ...control, min_C: low_C, max_C: high_C };
};

/** Temperatures the cook can choose between, or null when there is nothing to set. */
export const settingRange = ({ control }: Iron): SettingRange | null => {
  if (control.type === 'fixed') return null;
  const [min_C, max_C] = controlRange(control);
  return { min_C, max_C };
};

/** Where cooks set a control when nothing is said: medium on a dial, somewhat over the middle where there are degrees (*common practice*: ball pans near 200 °C). */
const USUAL_SHARE = { dial: 0.5, degrees: 0.6 } as const;

/** Plate temperature of a middling setting, °C. */
export const middling_C = ({ control }: Iron): number => {
  const [low_C, high_C] = controlRange(control);
  return low_C + (control.type === 'dial' ? USUAL_SHARE.dial : USUAL_SHARE.degrees) * (high_C - low_C);
};

/** The dial mark for a plate temperature, or null for irons without a dial. */
export const dialMark = (iron: Iron, temperature_C: number): number | null => {
  const { control } = iron;
  if (control.type !== 'dial') return null;
  const share = (temperature_C - control.atMin_C) / (control.atMax_C - control.atMin_C);
  return control.min + share * (control.max - control.min);
};

/** What the control says now for a setting that was noted: by its mark, where it has marks, for a probe may have moved the degrees behind them. */
export const settingNow_C = (iron: Iron, noted: { readonly temperature_C: number; readonly dial: number | null }): number => {
  const { control } = iron;
  if (control.type === 'fixed') return control.cutOut_C;
  if (control.type !== 'dial' || noted.dial === null) return noted.temperature_C;
  return control.atMin_C + ((noted.dial - control.min) / (control.max - control.min)) * (control.atMax_C - control.atMin_C);
};
