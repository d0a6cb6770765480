export { ALTITUDE_RANGE_M, SEA_LEVEL_PRESSURE_PA, atmosphericPressure_Pa } from './atmosphere.ts';
export { batterBrowningFactor, browningRate_perMinute, surfaceBrowningRate_perSecond } from './browning.ts';
export type { Climate } from './climate.ts';
export { CLIMATES, HUMIDITY, inClimate, moistureShift_percent } from './climate.ts';
export type { Composition } from './composition.ts';
export { PARTS, flowing_mLPerG, mix, per100g, stiffening, sugars } from './composition.ts';
export { INGREDIENTS, ingredientById } from './ingredients/index.ts';
export { ingredientFromLabel } from './ingredients/label.ts';
export { OwnIngredient } from './ingredients/ownIngredient.ts';
export type { Allergen, Ingredient } from './ingredients/row.ts';
export { ALLERGENS, ROLES } from './ingredients/row.ts';
export type { Isotherm, SorptionMatter, WaterActivitySlopes } from './sorption.ts';
export { isotherm, readIsotherm, sorptionMatter, starchMoisture_percent, starchWaterActivity, waterActivity } from './sorption.ts';
export { GUIDING_RAW_LIGHTNESS, PALE_RAW_LIGHTNESS, TAWNY_STEPS, labOfStep, lightnessOfStep, nearestStep, tawnyStepOf } from './tawny.ts';
export { partProperties, thermalProperties } from './thermal.ts';
export {
  GAS_CONSTANT,
  WATER_KG_PER_MOL,
  boilingPoint_C,
  latentHeat_JPerKg,
  quickSaturationPressure_Pa,
  saturationPressure_Pa,
} from './water.ts';
