import type { Lab65 } from 'culori/fn';
import { clampRgb, modeLab65, modeLrgb, modeRgb, modeXyz65, useMode as withMode } from 'culori/fn';
import { labOfStep } from '../../../core/matter/index.ts';

withMode(modeXyz65);
withMode(modeLrgb);
withMode(modeLab65);
const toRgb = withMode(modeRgb);

export type Rgb = readonly [r: number, g: number, b: number];

/** CIELAB (D65) as 8-bit sRGB. */
export const labToRgb = (l: number, a: number, b: number): Rgb => {
  const colour: Lab65 = { mode: 'lab65', l, a, b };
  const { r, g, b: blue } = clampRgb(toRgb(colour));
  return [Math.round(255 * r), Math.round(255 * g), Math.round(255 * blue)];
};

/** Colour of a continuous tawny step (1–8) on a batter of this raw lightness. */
export const tawnyRgb = (step: number, rawLightness?: number): Rgb => {
  const { l, a, b } = labOfStep(step, rawLightness);
  return labToRgb(l, a, b);
};

export const css = ([r, g, b]: Rgb): string => `rgb(${r} ${g} ${b})`;

export const tawnyCss = (step: number, rawLightness?: number): string => css(tawnyRgb(step, rawLightness));

/** Ink that reads on a swatch of this step, 4.5 : 1 at least. */
export const inkOn = (step: number): string => (step < 5.5 ? '#000000' : '#ffffff');
