import type { Did } from '../log/index.ts';
import type { LastPour } from '../lot/index.ts';
import { isScrapedOut, lastPour } from '../lot/index.ts';
import type { PlaceAtLine } from './place.ts';

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

/** True where the bowl gives no more: the next pour begins another. */
export const beginsAnother = ({ left_g, advice, iron }: Pick<PlaceAtLine, 'left_g' | 'advice' | 'iron'>): boolean =>
  left_g !== null && advice !== null && isScrapedOut(left_g, advice.answer.portion_g, iron.geometry.moulds);

/** What the next pour is, where the bowl holds less than a load and nobody said otherwise; null: a whole load. */
export const restFor = ({ left_g, advice, iron }: Pick<PlaceAtLine, 'left_g' | 'advice' | 'iron'>, said: Did): LastPour | null =>
  left_g === null || advice === null || said.portion !== undefined || beginsAnother({ left_g, advice, iron })
    ? null
    : lastPour(left_g, advice.answer.portion_g, iron.geometry.moulds);

/** What the touch "Poured" says: as advised, as somebody said, or the last of the bowl. */
export const pouredNow = (place: Pick<PlaceAtLine, 'left_g' | 'advice' | 'iron'>, said: Did): Did => {
  const rest = restFor(place, said);
  if (rest === null) return said;
  return { ...said, moulds: rest.moulds, portion: { grams: Number(rest.grams.toFixed(1)), by: 'eye' } };
};

/** A batter that is too thick for the iron to press it to its corners is spread before the lid. */
export const isSpread = ({ advice }: Pick<PlaceAtLine, 'advice'>): boolean =>
  advice?.findings.some(({ code }) => code === 'batter-too-thick') === true;
