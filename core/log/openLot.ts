import type { Lot, LotEvent, LotHeader } from './lot.ts';

/** Events after which a lot is over. */
const ENDS: ReadonlySet<string> = new Set(['used-up', 'discarded', 'kept']);
/** True while there is batter in the bowl. */
export const isOpenLot = (lot: { readonly events: readonly { readonly kind: string }[] }): boolean =>
  !lot.events.some((event) => ENDS.has(event.kind));

/** Every instant on the clock as it is set now: a bowl is as old as it is, whatever somebody did to the clock. */
const onNewestClock = (events: readonly LotEvent[]): { readonly events: readonly LotEvent[]; readonly shift_ms: number } => {
  let shift_ms = 0;
  const shifted = events.toReversed().map((event) => {
    if (event.kind === 'corrected') shift_ms += event.data.jump_ms;
    return event.kind === 'corrected' || shift_ms === 0 ? event : { ...event, at: event.at + shift_ms };
  });
  return shift_ms === 0 ? { events, shift_ms } : { events: shifted.reverse(), shift_ms };
};

/** A bowl as its log tells it: under its last name, and on the newest clock. */
export const lotFrom = (header: LotHeader, log: readonly LotEvent[]): Lot => {
  const { events, shift_ms } = onNewestClock(log);
  const renamed = events.findLast((event) => event.kind === 'renamed');
  return { ...header, madeAt: header.madeAt + shift_ms, name: renamed?.data.name ?? header.name, events };
};
