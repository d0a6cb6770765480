import type { LoadEvent } from '../../core/log/index.ts';

/** A jump of the wall clock that this page has noticed; `at` is on the new clock. */
export type Jump = { readonly at: number; readonly jump_ms: number };

/**
 * A load's log with the jumps that are being written into it but haven't come back from the store yet. Without them the
 * countdown would be off by the whole jump for the moment that the writing takes.
 */
export const withJumps = (log: readonly LoadEvent[], jumps: readonly Jump[]): readonly LoadEvent[] => {
  const first = log[0];
  if (first === undefined || jumps.length === 0) return log;
  const written = new Set(log.flatMap((event) => (event.kind === 'corrected' ? [event.at] : [])));
  const missing = jumps.filter((jump) => !written.has(jump.at));
  return [...log, ...missing.map(({ at, jump_ms }, i): LoadEvent => ({ seq: log.length + i, at, kind: 'corrected', data: { jump_ms } }))];
};
