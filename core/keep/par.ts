import type { KeepItem } from './limits.ts';
import { countOf } from './label.ts';

/** Pieces that are put away in a place, by the name they are kept under; what wasn't counted isn't in it. */
export const piecesKept = (items: readonly KeepItem[], place: KeepItem['place']): ReadonlyMap<string, number> => {
  const kept = new Map<string, number>();
  for (const item of items) {
    const count = item.usedAt === null && item.place === place ? countOf(item) : null;
    if (count !== null) kept.set(item.name, (kept.get(item.name) ?? 0) + count);
  }
  return kept;
};
