import type { LoadEvent } from '../../../core/log/index.ts';
import type { Jump } from '../../clock/index.ts';
import { isSameJump } from '../../clock/index.ts';

/**
 * A load's log with the jumps that are being written into it but haven't come back from the store yet. Without them the
 * countdown would be off by the whole jump for the moment that the writing takes.
 */
export const withJumps = (log: readonly LoadEvent[], jumps: readonly Omit<Jump, 'id'>[]): readonly LoadEvent[] => {
  const first = log[0];
  if (first === undefined || jumps.length === 0) return log;
  // Another tab may have written the same jump a moment before.
  const isWritten = (jump: Omit<Jump, 'id'>): boolean =>
    log.some((event) => event.kind === 'corrected' && isSameJump({ at: event.at, jump_ms: event.data.jump_ms }, jump));
  const missing = jumps.filter((jump) => !isWritten(jump));
  return [...log, ...missing.map(({ at, jump_ms }, i): LoadEvent => ({ seq: log.length + i, at, kind: 'corrected', data: { jump_ms } }))];
};
