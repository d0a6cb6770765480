import type { Did } from '../../core/log/index.ts';

/** Scoops of batter poured into each mould, as grams of the whole load. */
export const scooped_g = ({
  count,
  volume_mL,
  density_gPerML,
  moulds,
}: {
  readonly count: number;
  readonly volume_mL: number;
  readonly density_gPerML: number;
  readonly moulds: number;
}): number => Number((count * volume_mL * density_gPerML * moulds).toFixed(1));

/** True when nothing was said that isn't as advised. */
export const isAsAdvised = (did: Did): boolean => Object.keys(did).length === 0;
