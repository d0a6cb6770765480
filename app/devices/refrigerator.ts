import type { DeviceLink } from './stream.ts';
import { useDevice } from './stream.ts';

type RefrigeratorCommand =
  | { readonly do: 'put'; readonly mass_kg: number; readonly start_C: number; readonly yeast: boolean }
  | { readonly do: 'door' }
  | { readonly do: 'set'; readonly air_C: number }
  | { readonly do: 'speed'; readonly factor: number }
  | { readonly do: 'probe'; readonly isIn: boolean };

type RefrigeratorReading = {
  readonly at: number;
  readonly since_s: number | null;
  readonly air_C: number;
  readonly probe_C: number | null;
  readonly rise: number | null;
};

type RefrigeratorLink = DeviceLink<RefrigeratorReading, RefrigeratorCommand>;

export const useRefrigerator = (on: boolean): RefrigeratorLink => useDevice<RefrigeratorReading, RefrigeratorCommand>('refrigerators', on);
