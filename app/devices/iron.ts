import type { IronCommand } from '../../contract/devices.ts';
import { IronReading } from '../../contract/devices.ts';
import type { DeviceLink } from './stream.ts';
import { useDevice } from './stream.ts';

export type { IronOutcome, IronReading } from '../../contract/devices.ts';
export type IronLink = DeviceLink<IronReading, IronCommand>;

export const useSimulatedIron = (on: boolean): IronLink => useDevice<IronReading, IronCommand>('irons', IronReading, on);
