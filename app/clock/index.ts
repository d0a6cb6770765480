export type { Jump } from './clock.ts';
export { clock, startClock, wallNow } from './clock.ts';
export { useNow } from './useNow.ts';
