export type { Place, Stay, Vessel, Warm } from './cold.ts';
export {
  airAt,
  cooled_C,
  desiredTemperatureRule,
  FINGER_WARM_C,
  JUST_MELTED_C,
  liquidTemperature_C,
  panCools_s,
  SCALDED_C,
  timeConstant_s,
  timeToCool_s,
  VESSELS,
} from './cold.ts';
export type { Ferment, FermentPath, Ripeness } from './ferment.ts';
export { ferment, fermentRates, READY_MADE, ripeness, yeastForClock } from './ferment.ts';
export type { FoamPlan, Stage, SugarTime, Whip, WhipTool } from './foam.ts';
export {
  airAfterStanding,
  foamDensity,
  foamPlan,
  foamVolume_mL,
  learnedTimeFactor,
  overrunAt,
  peakStand,
  stageAt,
  STAGES,
  SUGAR_TIMES,
  WARM_BOWL_MOST_C,
  whipFindings,
  WHIP_TOOLS,
  WHITE_DENSITY,
} from './foam.ts';
export type { CupCheck, FoldSetup } from './fold.ts';
export { airAfter, secondHalfAdvised } from './drift.ts';
export { airKept, bestStop, cupCheck, foldedDensity, streaksLeft } from './fold.ts';
export type { Mixing, MixStop, MixTool } from './mix.ts';
export { lumpsAfterRest, lumpsLeft, MIX_TOOLS, mixingOf, mixStops, staysOnSieve, strokesOf, toughness, toughnessAfterRest } from './mix.ts';
export type { Corrected, Reading } from './readings.ts';
export { corrected } from './readings.ts';
export type { NetRest, PowderKind } from './rest.ts';
export { EGG_BATTER_REST_H, gasLeft, hydrationOf, loosenessAfter, netOfRest, POWDER_KINDS, powderKindOf, powderToAdd_g } from './rest.ts';
export type { CodeLimit, Way } from './safety.ts';
export { codeLimits, isRefused, nearestWays, REFUSED_ABOVE_C } from './safety.ts';
export type { School } from './schools.ts';
export { schools } from './schools.ts';
export { PrepStep } from './prepStep.ts';
export { movedStep, preparation, stepStanding } from './timeline.ts';
export type { YeastForm } from './yeast.ts';
export { cardinalRate, GAS_CARDINALS, osmoticFactor, YEAST_HURT_C, YEAST_KILLED_C, YEAST_PER_FRESH, yeastAs } from './yeast.ts';
export { yeastedBowl } from './yeastedBowl.ts';
