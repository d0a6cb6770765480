import type { Kit } from '../core/kit/index.ts';
import { DEFAULT_KIT } from '../core/kit/index.ts';
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
  circuits: [{ id: GALLEY, name: 'Galley sockets', current_A: 16, voltage_V: 230 }],
  // The elderly one never gets below this.
  refrigerator_C: 6,
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
