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
  temperatureUnit: 'C',
  cueBefore_s: 20,
  scoops: [
    { id: 'tablespoon', name: 'Tablespoon', volume_mL: 15 },
    { id: 'quarter-cup', name: 'Quarter cup', volume_mL: 60 },
    { id: 'half-cup', name: 'Half cup', volume_mL: 120 },
    { id: 'ladle', name: 'Ladle', volume_mL: 180 },
  ],
  circuits: [],
  refrigerator_C: 4,
  codeOfPractice: 'us-food-code-2022',
};
