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
