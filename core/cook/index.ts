export { batterOf } from './batterOf.ts';
export type { CookMemory, Cooked, CookInput } from './cook.ts';
export { BalanceError, HALF_STEP, cook } from './cook.ts';
export { TAKES_OUT, TURNAROUND, platesAfterLoad, platesAtPour } from './platesAtPour.ts';
export type { Target, WishedTarget } from './target.ts';
export { AS_USUAL, targetOn } from './target.ts';
