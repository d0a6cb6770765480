import type { ScaleReading } from '../../core/weigh/index.ts';
import type { DeviceLink } from './stream.ts';
import { useDevice } from './stream.ts';

/** What the simulated scale can be told (see `server/standins`). */
type ScaleCommand =
  | { readonly do: 'add'; readonly grams: number }
  | { readonly do: 'clear' }
  | { readonly do: 'zero' }
  | { readonly do: 'lean' }
  | { readonly do: 'battery'; readonly level: number }
  | { readonly do: 'become'; readonly resolution_g: number; readonly most_g: number };

export type ScaleLink = DeviceLink<ScaleReading, ScaleCommand>;

export const useScale = (on: boolean): ScaleLink => useDevice<ScaleReading, ScaleCommand>('scales', on);
