import { POURABLE_SHARE } from '../formula/index.ts';
import type { Portion } from '../plate/index.ts';
import { mouldsFilled } from '../plate/index.ts';

/** How a bowl divides into loads, as a cook counts them. */
export type Division = {
  /** Whole loads: evened out where that uses up the bowl. */
  readonly loads: number;
  /** With the moulds of a part load. */
  readonly pieces: number;
  /** What every load is poured at so that nothing is left; null: whole portions as advised. */
  readonly even: { readonly portion_g: number } | null;
  /** After the whole loads: so many moulds can still be filled; null: none. */
  readonly part: { readonly moulds: number; readonly portion_g: number } | null;
  /** Left in the bowl after all of that, with what stays on bowl and ladle, g. */
  readonly leftover_g: number;
};

/** Less over than that share of a portion isn't worth evening out. */
const LEAST_OVER = 0.01;

/**
 * What is left is shared out while every load still fills; else it fills single moulds; else it is left over. `isOwn`: a portion of the cook's own is
 * poured as it is.
 */
export const divided = (
  mass_g: number,
  { portion_g, fills_g: [least_g, most_g] }: Pick<Portion, 'portion_g' | 'fills_g'>,
  { moulds, piecesPerLoad }: { readonly moulds: number; readonly piecesPerLoad: number },
  isOwn: boolean,
): Division => {
  const pourable_g = POURABLE_SHARE * mass_g;
  const full = Math.floor(pourable_g / portion_g + 1e-9);
  const over_g = pourable_g - full * portion_g;
  const whole = { loads: full, pieces: full * piecesPerLoad, even: null, part: null, leftover_g: mass_g - full * portion_g };
  if (over_g < LEAST_OVER * portion_g) return whole;
  if (!isOwn)
    for (const loads of [full + 1, full]) {
      const each_g = loads === 0 ? 0 : pourable_g / loads;
      if (each_g >= least_g && each_g <= most_g)
        return { loads, pieces: loads * piecesPerLoad, even: { portion_g: each_g }, part: null, leftover_g: mass_g - pourable_g };
    }
  const part = mouldsFilled(over_g, portion_g, Math.min(least_g, portion_g), moulds);
  if (part === null) return whole;
  return {
    ...whole,
    pieces: whole.pieces + Math.round((part.moulds * piecesPerLoad) / moulds),
    part: { moulds: part.moulds, portion_g: part.grams },
    leftover_g: whole.leftover_g - part.grams,
  };
};
