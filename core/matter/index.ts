export type { Component, Composition, Part } from './composition.ts';
export { mix, PARTS, per100g, sugars } from './composition.ts';
export {
  boilingPoint_C,
  GAS_CONSTANT,
  latentHeat_JPerKg,
  quickSaturationPressure_Pa,
  saturationPressure_Pa,
  WATER_KG_PER_MOL,
} from './water.ts';
export { ALTITUDE_RANGE_M, atmosphericPressure_Pa, SEA_LEVEL_PRESSURE_PA } from './atmosphere.ts';
export { partProperties, thermalProperties } from './thermal.ts';
export type { Isotherm, SorptionMatter, WaterActivitySlopes } from './sorption.ts';
export { isotherm, readIsotherm, sorptionMatter, starchMoisture_percent, starchWaterActivity, waterActivity } from './sorption.ts';
export { batterBrowningFactor, browningRate_perMinute, surfaceBrowningRate_perSecond } from './browning.ts';
export type { TawnyStep } from './tawny.ts';
export { GUIDING_RAW_LIGHTNESS, labOfStep, lightnessOfStep, nearestStep, PALE_RAW_LIGHTNESS, TAWNY_STEPS, tawnyStepOf } from './tawny.ts';
export type { Climate } from './climate.ts';
export { CLIMATES, inClimate, moistureShift_percent } from './climate.ts';
export type { Allergen, Ingredient, ReadLabel, Role } from './ingredients/index.ts';
export { ALLERGENS, ingredientById, ingredientFromLabel, INGREDIENTS, OwnIngredient, ROLES } from './ingredients/index.ts';
