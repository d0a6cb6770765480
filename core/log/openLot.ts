import type { Lot, LotEvent, LotHeader } from './lot.ts';

/** Events after which a lot is over. */
const ENDS: ReadonlySet<string> = new Set(['used-up', 'discarded', 'kept']);
/** True while there is batter in the bowl. */
export const isOpenLot = (lot: { readonly events: readonly { readonly kind: string }[] }): boolean =>
  !lot.events.some((event) => ENDS.has(event.kind));

/** A bowl as its log tells it: under its last name. */
export const lotFrom = (header: LotHeader, events: readonly LotEvent[]): Lot => {
  const renamed = events.findLast((event) => event.kind === 'renamed');
  return { ...header, name: renamed?.data.name ?? header.name, events };
};
