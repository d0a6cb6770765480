export { actTime_s, reaction_s } from './hands.ts';
export type { Conductor, PlayedLoad, PlayedMorning } from './playMorning.ts';
export { byTimers, planByTimers, playMorning } from './playMorning.ts';
export type { BelievedIron, Piece, PouredLoad, TrueIron } from './trueIron.ts';
export { drawTrueIron, pieceAt, steamAt, trueIronOf, trulyBest_s } from './trueIron.ts';
export type { Surprise } from './surprises.ts';
export { surprisesOf } from './surprises.ts';
export { saidOf } from './seen.ts';
