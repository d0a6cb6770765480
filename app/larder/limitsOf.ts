import { batterKeeps_h } from '../../core/formula/index.ts';
import type { KeepItem, KeepLimit } from '../../core/keep/index.ts';
import { keepLimits } from '../../core/keep/index.ts';
import type { Session } from '../session/index.ts';

/** What limits rest on beside the thing itself. */
export type Keeper = Pick<Session, 'kit' | 'lots' | 'everyFormula'>;

/** By the code and the school that were in force when it was put away, in the room as it is, and by its recipe's own word. */
export const limitsOf = ({ kit, lots, everyFormula }: Keeper, item: KeepItem): KeepLimit[] => {
  const formulaId = lots.find(({ id }) => id === item.lotId)?.formulaId;
  const formula = everyFormula.find(({ id, name }) => (formulaId === undefined ? name === item.name : id === formulaId));
  return keepLimits({
    ...item,
    code: item.codeOfPractice,
    room_C: kit.room_C,
    recipe_h: formula === undefined || !isBatter(item) ? null : batterKeeps_h(formula.steps),
  });
};

const isBatter = ({ form }: KeepItem): boolean => form === 'batter' || form === 'yeasted-batter';

/** How it stands by its strictest limit: the share of its time that is left, and whether that is over, and over for safety. */
export const standingOf = (item: KeepItem, [first]: readonly KeepLimit[], now: number) => {
  const isOver = first !== undefined && first.until < now;
  const share = first === undefined ? 1 : Math.max(0, Math.min(1, (first.until - now) / Math.max(1, first.until - item.from)));
  return { first, share, isOver, isHazard: isOver && first.kind === 'safety' };
};
