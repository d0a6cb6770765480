export type { Countdown } from './countdown.ts';
export { countdown } from './countdown.ts';
export type { LoadEventKind, NewLoadEvent } from './event.ts';
export { CRUMBS, FILLS, Instant, LoadEvent, Observation, SIGNALS } from './event.ts';
export { Load } from './load.ts';
export type { LoadPhase, LoadProgress } from './state.ts';
export { loadProgress } from './state.ts';
