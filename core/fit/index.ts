export type { Action, Belief, Look, Measured, Outcome } from './belief.ts';
export {
  afterLoad,
  afterLook,
  paceAfter,
  afterSpoonful,
  spoonfulSteps,
  EDGE_LIMITS,
  effectiveCount,
  firstBelief,
  predictLoad,
  likelihood,
  reweighedBy,
  summary,
} from './belief.ts';
export type { Emulator, IronWithBatter } from './emulator.ts';
export {
  coreSetAt,
  letsGoAt,
  crispAt,
  emulate,
  emulated,
  gridPositionOf,
  settingsOf,
  spoonfulBetween,
  stepAt,
  swelledTo,
  withRoom,
} from './emulator.ts';
export type { EmulatorMemory, FittedLoad, PastLoad, KnownIronWithBatter } from './fitIron.ts';
export { FIT_SEED, fitIron, rememberedEmulator } from './fitIron.ts';
export { GUESSES_TO_JUDGE, drawGuesses, guessesToJudge, stayingAmount } from './guesses.ts';
export type { IronParameters } from './ironParameters.ts';
export { FILL_LIMITS, NOMINAL, drawIronParameters } from './ironParameters.ts';
export type { Landed } from './landing.ts';
export { fillWord, lands, missingWord } from './landing.ts';
export { outcomeOf, pastLoad } from './observed.ts';
export { heldAs } from './heldAs.ts';
