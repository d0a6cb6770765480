export type { Action, Belief, Look, Outcome, Updated } from './belief.ts';
export { afterLoad, afterLook, effective, firstBelief, foreseen, likelihood, summary } from './belief.ts';
export type { Emulator, Pairing } from './emulator.ts';
export { coreSetAt, emulate, emulated, placeOf, settingsOf, stepAt, swelledTo } from './emulator.ts';
export type { Suggestion } from './suggest.ts';
export { rescued, suggest } from './suggest.ts';
export type { Unknowns } from './unknowns.ts';
export { drawUnknowns, FILL_LIMITS, NOMINAL, SIDE_SD_K } from './unknowns.ts';
