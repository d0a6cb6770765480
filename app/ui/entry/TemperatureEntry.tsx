import type { Kit } from '../../../core/kit/index.ts';
import { fromUnit, inUnit } from '../words/format.ts';
import { NumberEntry } from './NumberEntry.tsx';

type Props = {
  readonly label: string;
  readonly unit: Kit['temperatureUnit'];
  readonly value_C: number;
  readonly min_C: number;
  readonly max_C: number;
  readonly narrow?: boolean;
  readonly onChange: (value_C: number) => void;
};

/** A temperature in the kitchen's own degrees. */
export const TemperatureEntry = ({ label, unit, value_C, min_C, max_C, narrow = false, onChange }: Props) => {
  const shown = (celsius: number): number => Number(inUnit(celsius, unit).toFixed(unit === 'F' ? 0 : 1));
  return (
    <NumberEntry
      key={unit}
      narrow={narrow}
      label={`${label}, °${unit}`}
      value={shown(value_C)}
      min={shown(min_C)}
      max={shown(max_C)}
      onChange={(typed) => typed !== null && onChange(fromUnit(typed, unit))}
    />
  );
};
