import type { Kit } from '../core/kit/index.ts';
import { DEFAULT_KIT } from '../core/kit/index.ts';
import type { OwnIngredient } from '../core/matter/index.ts';
import type { Iron } from '../core/plate/index.ts';
import { PRESET_IRONS } from '../core/plate/index.ts';

const GALLEY = 'galley';

/** Quillfell Bunkhouse: an invented walkers' hostel at 1,240 m with a small galley. */
export const DEMO_KIT: Kit = {
  ...DEFAULT_KIT,
  name: 'Quillfell Bunkhouse',
  altitude_m: 1240,
  room_C: 19,
  scoops: [
    { id: 'spoon', name: 'Wafer spoon', volume_mL: 9 },
    { id: 'small-ladle', name: 'Small ladle', volume_mL: 80 },
    { id: 'ladle', name: 'Ladle', volume_mL: 105 },
    { id: 'jug', name: 'Half-pint jug', volume_mL: 250 },
  ],
  // Dry mountain air: flour holds less water here.
  climate: 'dry',
  fillTaste: 'even',
  scales: [
    { id: 'bench', name: 'Bench scale', resolution_g: 1, most_g: 6000 },
    { id: 'fine', name: 'Powder scale', resolution_g: 0.1, most_g: 500 },
  ],
  bowls: [
    { id: 'mug', name: 'Enamel mug', volume_mL: 350, material: 'metal' },
    { id: 'small', name: 'Small bowl', volume_mL: 1200, material: 'glass' },
    { id: 'blue', name: 'Blue bowl', volume_mL: 3000, material: 'ceramic' },
    { id: 'tub', name: 'Big tub', volume_mL: 7000, material: 'metal' },
    { id: 'jug', name: 'Litre jug', volume_mL: 1000, material: 'plastic' },
  ],
  pricesPerKg: {
    'wheat-flour': 0.9,
    'oat-flour': 2.4,
    'rye-flour': 1.4,
    'strong-flour': 1.1,
    sugar: 1.3,
    'brown-sugar': 2.2,
    egg: 5.2,
    milk: 1.2,
    butter: 9.5,
    'baking-powder': 6,
    salt: 0.6,
  },
  circuits: [{ id: GALLEY, name: 'Galley sockets', current_A: 16, voltage_V: 230 }],
  // The elderly one never gets below this.
  refrigerator_C: 6,
};

/** The hostel's own nut meal, from its sack. */
export const HOUSE_BLEND: OwnIngredient = {
  id: 'own-hazel-meal',
  name: 'Quillfell hazel meal',
  role: 'flour',
  standard: 'eu',
  per_g: 100,
  energy_kcal: 640,
  fat_g: 58,
  carbohydrate_g: 11,
  sugars_g: 4.3,
  fibre_g: 9.7,
  protein_g: 15,
  salt_g: 0,
  gramsPerUsCup: 95,
  allergens: ['nuts'],
};

const preset = (id: string, changes: Pick<Iron, 'id' | 'name'> & Partial<Iron>): Iron => {
  const found = PRESET_IRONS.find((iron) => iron.id === id);
  if (found === undefined) throw new RangeError(`no preset iron ${id}`);
  return { ...found, circuitId: GALLEY, ...changes };
};

export const DEMO_IRONS: readonly Iron[] = [
  preset('deep-round', { id: 'deep-a', name: 'Deep A' }),
  preset('deep-round', { id: 'deep-b', name: 'Deep B' }),
  preset('thin-square-4', { id: 'thin-four', name: 'Thin four' }),
  preset('ball-pan', { id: 'balls', name: 'Ball pan', circuitId: null }),
  preset('wafer', { id: 'wafers', name: 'Wafer iron', circuitId: null }),
];
