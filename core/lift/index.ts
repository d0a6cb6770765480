export type { Stay, Vessel } from './cold.ts';
export {
  FINGER_WARM_C,
  JUST_MELTED_C,
  SCALDED_C,
  VESSELS,
  cooled_C,
  desiredTemperatureRule,
  liquidTemperature_C,
  panCools_s,
  timeConstant_s,
  timeToCool_s,
} from './cold.ts';
export { airAfter, FOLD_S, foldKeeps_s, secondHalfAdvised } from './drift.ts';
export type { Ferment } from './ferment.ts';
export { ferment, fermentRates, ripeness, yeastForClock } from './ferment.ts';
export type { Stage, SugarTime, Whip, WhipTool } from './foam.ts';
export {
  STAGES,
  SUGAR_TIMES,
  WHIP_TOOLS,
  WHITE_DENSITY,
  airAfterStanding,
  foamBowl_mL,
  foamDensity,
  foamPlan,
  foamVolume_mL,
  learnedTimeFactor,
  overrunAt,
  peakStand,
  stageAt,
  whipFindings,
} from './foam.ts';
export type { FoldSetup } from './fold.ts';
export { airKept, bestStop, cupCheck, foldedDensity, streaksLeft } from './fold.ts';
export type { LiftMethod } from './methods.ts';
export { liftMethods } from './methods.ts';
export type { MixStop, MixTool } from './mix.ts';
export { MIX_TOOLS, lumpsAfterRest, lumpsLeft, mixStops, mixingOf, staysOnSieve, strokesOf, toughness, toughnessAfterRest } from './mix.ts';
export { PrepStep } from './prepStep.ts';
export type { Reading } from './readings.ts';
export { corrected } from './readings.ts';
export type { PowderKind } from './rest.ts';
export type { RestFamily } from './rest.ts';
export {
  bestRest_h,
  EGG_BATTER_REST_H,
  POWDER_KINDS,
  gasLeft,
  hydrationOf,
  loosenessAfter,
  netOfRest,
  powderKindOf,
  powderToAdd_g,
} from './rest.ts';
export { codeLimits, refusedBy, nearestWays } from './safety.ts';
export { movedStep, preparation, stepStanding } from './timeline.ts';
export type { YeastForm } from './yeast.ts';
export { GAS_CARDINALS, YEAST_HURT_C, YEAST_PER_FRESH, cardinalRate, osmoticFactor, yeastAs } from './yeast.ts';
export { yeastedBowl } from './yeastedBowl.ts';
