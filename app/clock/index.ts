export type { Jump } from './jumps.ts';
export { isSameJump, pendingJumps } from './jumps.ts';
export { clock, startClock, thisMoment, wallNow } from './clock.ts';
export { useNow } from './useNow.ts';
