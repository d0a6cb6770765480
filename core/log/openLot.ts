/** Events after which a lot is over. */
const ENDS: ReadonlySet<string> = new Set(['used-up', 'discarded', 'kept']);
/** True while there is batter in the bowl. */
export const isOpenLot = (lot: { readonly events: readonly { readonly kind: string }[] }): boolean =>
  !lot.events.some((event) => ENDS.has(event.kind));
