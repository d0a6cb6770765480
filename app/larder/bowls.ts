import type { KeepItem } from '../../core/keep/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { isOpenLot } from '../../core/log/index.ts';

/** A bowl mixed longer ago has been dealt with, though nobody said so; one that somebody has put somewhere is kept for longer, wherever it is by now. */
const SHOWN_MS = { left: 24 * 3_600_000, moved: 4 * 24 * 3_600_000 } as const;

const isBatter = ({ form }: KeepItem): boolean => form === 'batter' || form === 'yeasted-batter';

const isMoved = ({ events }: Lot): boolean => events.some(({ kind }) => kind === 'moved');

/** Bowls with batter in them, each once: what was put away as batter is listed there. `now`: ms. */
export const bowlsOf = (lots: readonly Lot[], kept: readonly KeepItem[], now: number): Lot[] =>
  lots.filter(
    (lot) =>
      isOpenLot(lot) &&
      lot.madeAt <= now &&
      now - lot.madeAt < SHOWN_MS[isMoved(lot) ? 'moved' : 'left'] &&
      !kept.some((item) => item.lotId === lot.id && item.usedAt === null && isBatter(item)),
  );
