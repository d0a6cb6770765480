import type { DeviceLink } from './stream.ts';
import { useDevice } from './stream.ts';

/** What the simulated iron can be told (see `server/standins`). */
type IronCommand =
  | {
      readonly do: 'become';
      readonly name: string;
      readonly plates_kg: number;
      readonly power_W: number;
      readonly low_C: number;
      readonly high_C: number;
      readonly heated_cm2: number;
    }
  | { readonly do: 'switch'; readonly isOn: boolean }
  | { readonly do: 'set'; readonly share: number }
  | { readonly do: 'pour'; readonly grams: number; readonly fills_g: number }
  | { readonly do: 'close' }
  | { readonly do: 'open' }
  | { readonly do: 'speed'; readonly factor: number };

export type IronOutcome = {
  readonly n: number;
  readonly cooked_s: number;
  readonly lowerLightness: number;
  readonly upperLightness: number;
  readonly share: number;
  readonly leaked_g: number;
  readonly isSet: boolean;
  readonly mass_g: number;
  readonly plate_C: number;
};

export type IronReading = {
  readonly at: number;
  readonly clock_s: number;
  readonly isOn: boolean;
  readonly isHeating: boolean;
  readonly hinge_C: number;
  readonly front_C: number;
  readonly upper_C: number;
  readonly lid: 'open' | 'closed';
  readonly cooking_s: number | null;
  readonly steam: number;
  readonly hasBeeped: boolean;
  readonly out: IronOutcome | null;
};

export type IronLink = DeviceLink<IronReading, IronCommand>;

export const useSimulatedIron = (on: boolean): IronLink => useDevice<IronReading, IronCommand>('irons', on);
