export type { Act, Conducted, DueAct, DueFold, LineIron } from './conductor.ts';
export { conduct, handTime_s } from './conductor.ts';
export { countdown } from './countdown.ts';
export type { IronAtLine, LinePlan, MissingPieces } from './lineIron.ts';
export { lineIrons, USUAL_CYCLE } from './lineIron.ts';
export type { MissedTouch } from './missed.ts';
export { missedTouch } from './missed.ts';
export type { Cue, LoadInIron, PastCue, RevisedOpenTime, Signal } from './revisedOpenTime.ts';
export { cueTiming, revisedOpenTime, revisedOpenTimeNow } from './revisedOpenTime.ts';
