import type { Formula } from '../../core/formula/index.ts';
import { allergensOf } from '../../core/formula/index.ts';
import type { KeepItem } from '../../core/keep/index.ts';
import type { Session } from '../session/index.ts';
import { readingOf } from '../session/index.ts';

/** What is put away of a formula, from its newest bowl, with what it contains and by which code it is kept. */
export const newItem = (
  session: Session,
  formula: Formula,
  item: Pick<KeepItem, 'id' | 'form' | 'place' | 'from' | 'amount' | 'usedAt'>,
): KeepItem => {
  const { kit, lots } = session;
  const lot = lots.filter(({ formulaId }) => formulaId === formula.id).sort((a, b) => b.madeAt - a.madeAt)[0];
  return {
    ...item,
    lotId: lot?.id ?? null,
    name: formula.name,
    allergens: allergensOf(readingOf(session, formula)),
    codeOfPractice: kit.codeOfPractice,
    refrigerator_C: kit.refrigerator_C,
    ...(kit.frozen_days === undefined ? {} : { frozen_days: kit.frozen_days }),
  };
};
