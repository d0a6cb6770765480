import type { KeepItem, WasteReason } from './limits.ts';
import { WASTE_REASONS } from './limits.ts';
import { countOf } from './label.ts';

/** What was thrown away since an instant (epoch ms), by reason, the most first; `pieces`: where they were counted, `things`: bags, tins and jugs. */
export const wasteSince = (
  items: readonly Pick<KeepItem, 'usedAt' | 'thrown' | 'amount'>[],
  since: number,
): readonly { readonly reason: WasteReason; readonly things: number; readonly pieces: number }[] =>
  WASTE_REASONS.flatMap((reason) => {
    const mine = items.filter(({ usedAt, thrown }) => thrown === reason && usedAt !== null && usedAt >= since);
    return mine.length === 0 ? [] : [{ reason, things: mine.length, pieces: mine.reduce((sum, item) => sum + (countOf(item) ?? 0), 0) }];
  }).sort((a, b) => b.things - a.things);
