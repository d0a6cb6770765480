import type { RefrigeratorCommand } from '../../contract/devices.ts';
import { RefrigeratorReading } from '../../contract/devices.ts';
import type { DeviceLink } from './stream.ts';
import { useDevice } from './stream.ts';

type RefrigeratorLink = DeviceLink<RefrigeratorReading, RefrigeratorCommand>;

export const useRefrigerator = (on: boolean): RefrigeratorLink =>
  useDevice<RefrigeratorReading, RefrigeratorCommand>('refrigerators', RefrigeratorReading, on);
