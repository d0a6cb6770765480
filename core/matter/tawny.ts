import { clamp } from '../basis/index.ts';

/** The tawny scale: eight steps of browning, each with a name and the lightness L* at its middle. */
export type TawnyStep = {
  readonly step: number;
  readonly name: string;
  readonly lightness: number;
  /** CIELAB (D65) a*, b* of the swatch. */
  readonly a: number;
  readonly b: number;
};

export const TAWNY_STEPS: readonly TawnyStep[] = [
  { step: 1, name: 'Chalk', lightness: 84, a: 1, b: 20 },
  { step: 2, name: 'Straw', lightness: 77, a: 3, b: 28 },
  { step: 3, name: 'Honey', lightness: 70, a: 7, b: 35 },
  { step: 4, name: 'Tawny', lightness: 62, a: 12, b: 38 },
  { step: 5, name: 'Amber', lightness: 54, a: 16, b: 36 },
  { step: 6, name: 'Chestnut', lightness: 45, a: 16, b: 28 },
  { step: 7, name: 'Umber', lightness: 36, a: 12, b: 19 },
  { step: 8, name: 'Char', lightness: 25, a: 6, b: 9 },
];

/** Lightness of raw pale batter, to which darker batters are related. */
export const PALE_RAW_LIGHTNESS = 86;

/** Below this raw lightness colour can't guide the cook (cocoa, dark rye, squash). */
export const GUIDING_RAW_LIGHTNESS = 55;

/** Interpolates along the scale; `pick` chooses what is wanted of a step. */
const alongScale = (position: number, pick: (step: TawnyStep) => number): number => {
  const index = clamp(Math.floor(position) - 1, 0, TAWNY_STEPS.length - 2);
  const low = TAWNY_STEPS[index];
  const high = TAWNY_STEPS[index + 1];
  if (low === undefined || high === undefined) return NaN;
  return pick(low) + (pick(high) - pick(low)) * (position - low.step);
};

/** L* at a continuous step (1–8). */
export const lightnessOfStep = (step: number): number => alongScale(clamp(step, 1, 8), (s) => s.lightness);

/**
 * Continuous step (1–8) of a face: its L* related to the raw batter, so that a cocoa batter starts at 1 too.
 */
export const tawnyStepOf = (lightness: number, rawLightness: number): number => {
  const related = (lightness * PALE_RAW_LIGHTNESS) / rawLightness;
  for (let i = 0; i + 1 < TAWNY_STEPS.length; i++) {
    const pale = TAWNY_STEPS[i];
    const dark = TAWNY_STEPS[i + 1];
    if (pale === undefined || dark === undefined) continue;
    if (related >= pale.lightness) return pale.step;
    if (related > dark.lightness) return pale.step + (pale.lightness - related) / (pale.lightness - dark.lightness);
  }
  return 8;
};

/** CIELAB (D65) of a continuous step for drawing; dark batters keep their own darkness. */
export const labOfStep = (step: number, rawLightness = PALE_RAW_LIGHTNESS) => {
  const s = clamp(step, 1, 8);
  const darkness = clamp(rawLightness / PALE_RAW_LIGHTNESS, 0.2, 1.05);
  return {
    l: alongScale(s, (x) => x.lightness) * darkness,
    a: alongScale(s, (x) => x.a),
    b: alongScale(s, (x) => x.b) * darkness,
  };
};

/** The named step nearest to a continuous one. */
export const nearestStep = (step: number): TawnyStep => TAWNY_STEPS[clamp(Math.round(step), 1, 8) - 1] ?? TAWNY_STEPS[0]!;
