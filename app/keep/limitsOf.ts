import type { KeepItem, KeepLimit } from '../../core/keep/index.ts';
import { keepLimits } from '../../core/keep/index.ts';

/** By the code and the school that were in force when it was put away. */
export const limitsOf = (item: KeepItem): KeepLimit[] =>
  keepLimits({
    form: item.form,
    place: item.place,
    from: item.from,
    code: item.codeOfPractice,
    refrigerator_C: item.refrigerator_C,
    frozen_days: item.frozen_days,
  });

/** How it stands by its strictest limit: the share of its time that is left, and whether that is over, and over for safety. */
export const standingOf = (item: KeepItem, now: number) => {
  const [first] = limitsOf(item);
  const isOver = first !== undefined && first.until < now;
  const share = first === undefined ? 1 : Math.max(0, Math.min(1, (first.until - now) / Math.max(1, first.until - item.from)));
  return { first, share, isOver, isHazard: isOver && first.kind === 'safety' };
};
