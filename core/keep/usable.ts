import type { LotHeader } from '../log/index.ts';
import { countOf } from './label.ts';
import type { KeepItem } from './limits.ts';
import { keepLimits } from './limits.ts';

/** Pieces that were put away and can be heated again, the one to be used first in front. */
export type UsableItem = { readonly item: KeepItem; readonly pieces: number; readonly until: number };

/** What is put away of a formula and may still be eaten `at` (epoch ms), by the limits of when it was put away, in a room of so many °C. */
export const usableOf = (
  items: readonly KeepItem[],
  formula: { readonly id: string; readonly name: string },
  lots: readonly Pick<LotHeader, 'id' | 'formulaId'>[],
  at: number,
  room_C: number,
): readonly UsableItem[] =>
  items
    .flatMap((item): UsableItem[] => {
      if (item.usedAt !== null || (item.form !== 'pieces' && item.form !== 'wafers') || item.from > at) return [];
      const isIts = item.name === formula.name || lots.some(({ id, formulaId }) => id === item.lotId && formulaId === formula.id);
      const pieces = countOf(item);
      if (!isIts || pieces === null) return [];
      const limits = keepLimits({ ...item, code: item.codeOfPractice, room_C });
      const safe = limits.every(({ kind, until }) => kind !== 'safety' || until >= at);
      return safe ? [{ item, pieces, until: Math.min(Infinity, ...limits.map(({ until }) => until)) }] : [];
    })
    .sort((a, b) => a.until - b.until);
