import type { KeepItem, KeepPlace } from '../../core/keep/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { isOpenLot } from '../../core/log/index.ts';

/** A bowl mixed longer ago has been dealt with, or should have been; in the cold it stands longer. */
const SHOWN_MS: Readonly<Record<'room' | 'refrigerator', number>> = { room: 24 * 3_600_000, refrigerator: 4 * 24 * 3_600_000 };

const isBatter = ({ form }: KeepItem): boolean => form === 'batter' || form === 'yeasted-batter';

/** Where a bowl stands by its last move; an ice bath stands in the kitchen, and so does what nobody has moved. */
export const placeOf = (lot: Lot): Extract<KeepPlace, 'room' | 'refrigerator'> =>
  lot.events.findLast((event) => event.kind === 'moved')?.data.place === 'refrigerator' ? 'refrigerator' : 'room';

/** Bowls with batter in them, each once: what was put away as batter is listed there. `now`: ms. */
export const bowlsOf = (lots: readonly Lot[], kept: readonly KeepItem[], now: number): Lot[] =>
  lots.filter(
    (lot) =>
      isOpenLot(lot) &&
      lot.madeAt <= now &&
      now - lot.madeAt < SHOWN_MS[placeOf(lot)] &&
      !kept.some((item) => item.lotId === lot.id && item.usedAt === null && isBatter(item)),
  );
