import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { Point } from './perspective.ts';

/** Two points across a thing, px. */
export type Across = readonly [Point, Point];

/** A coin that is smaller in the picture says nothing: a slip of two pixels is a tenth of it. */
const LEAST_COIN_PX = 24;
/** The least and the widest plate that there is, mm. */
const PLATE_MM = [30, 600] as const;

const length = ([a, b]: Across): number => Math.hypot(b.x - a.x, b.y - a.y);

/**
 * How wide a plate is, mm, from a picture taken from straight above with a coin on it. `coin_mm`: across the coin.
 * Errors: `coin-too-small` {pixels, least}; `plate-unbelievable` {size_mm, from, to}.
 */
export const besideCoin = (coin_mm: number, coin: Across, plate: Across): Result<number> => {
  const pixels = length(coin);
  if (!(pixels >= LEAST_COIN_PX)) return failure('coin-too-small', { pixels: Math.round(pixels) || 0, least: LEAST_COIN_PX });
  const size_mm = (length(plate) / pixels) * coin_mm;
  const [from, to] = PLATE_MM;
  if (!(size_mm >= from && size_mm <= to)) return failure('plate-unbelievable', { size_mm: Math.round(size_mm) || 0, from, to });
  return success(size_mm);
};
