export type { Act, Conducted, DueAct, LineIron } from './conductor.ts';
export { conduct } from './conductor.ts';
export { countdown } from './countdown.ts';
export type { Cue, LoadInIron, PastCue, RevisedOpenTime, Signal } from './revisedOpenTime.ts';
export { cueTiming, revisedOpenTime, revisedOpenTimeNow } from './revisedOpenTime.ts';
