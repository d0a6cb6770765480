import type { ScaleCommand } from '../../contract/devices.ts';
import { ScaleReading } from '../../contract/devices.ts';
import type { DeviceLink } from './stream.ts';
import { useDevice } from './stream.ts';

export type ScaleLink = DeviceLink<ScaleReading, ScaleCommand>;

export const useScale = (on: boolean): ScaleLink => useDevice<ScaleReading, ScaleCommand>('scales', ScaleReading, on);
