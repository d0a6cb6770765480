import type { Kit } from './kit.ts';

/** A kitchen to start from; apart from the schema, which the first paint doesn't need. */
export const DEFAULT_KIT: Kit = {
  id: 'kit',
  name: 'My kitchen',
  altitude_m: 0,
  room_C: 22,
  zone: 'UTC',
  cupStandard: 'us',
  flourPerUsCup_g: 125,
  eggMarket: 'us',
  climate: 'usual',
  temperatureUnit: 'C',
  cueBefore_s: 20,
  scoops: [
    { id: 'tablespoon', name: 'Tablespoon', volume_mL: 15 },
    { id: 'quarter-cup', name: 'Quarter cup', volume_mL: 60 },
    { id: 'half-cup', name: 'Half cup', volume_mL: 120 },
    { id: 'ladle', name: 'Ladle', volume_mL: 180 },
  ],
  spoons: [
    { id: 'cup', name: 'Cup', volume_mL: 236.6 },
    { id: 'half-cup', name: 'Half cup', volume_mL: 118.3 },
    { id: 'third-cup', name: 'Third cup', volume_mL: 78.9 },
    { id: 'quarter-cup', name: 'Quarter cup', volume_mL: 59.1 },
    { id: 'tablespoon', name: 'Tablespoon', volume_mL: 14.8 },
    { id: 'teaspoon', name: 'Teaspoon', volume_mL: 4.93 },
    { id: 'half-teaspoon', name: 'Half teaspoon', volume_mL: 2.46 },
    { id: 'quarter-teaspoon', name: 'Quarter teaspoon', volume_mL: 1.23 },
  ],
  scales: [{ id: 'scale', name: 'Kitchen scale', resolution_g: 1, most_g: 5000 }],
  bowls: [
    { id: 'small', name: 'Small bowl', volume_mL: 1200, material: 'glass' },
    { id: 'medium', name: 'Medium bowl', volume_mL: 2800, material: 'metal' },
    { id: 'large', name: 'Large bowl', volume_mL: 5500, material: 'metal' },
    { id: 'jug', name: 'Measuring jug', volume_mL: 1000, material: 'plastic' },
  ],
  pricesPerKg: {},
  currency: '€',
  circuits: [],
  refrigerator_C: 4,
  codeOfPractice: 'us-food-code-2022',
};
