import type { LengthUnit, Measured } from './measure.ts';
import { fromShown, shownIn, signOf } from './measure.ts';
import { NumberEntry } from './NumberEntry.tsx';

type Props = {
  readonly label: string;
  readonly of: Measured;
  readonly unit: LengthUnit;
  readonly value: number | null;
  readonly min: number;
  readonly max: number;
  readonly narrow?: boolean;
  readonly mayBeEmpty?: boolean;
  readonly onChange: (value: number | null) => void;
};

/** A length, an area or a height in the kitchen's own unit; kept in mm, cm², m. */
export const MeasureEntry = ({ label, of, unit, value, min, max, onChange, ...rest }: Props) => (
  <NumberEntry
    key={unit}
    label={`${label}, ${signOf(of, unit)}`}
    value={value === null ? null : shownIn(value, of, unit)}
    min={shownIn(min, of, unit)}
    max={shownIn(max, of, unit)}
    onChange={(typed) => onChange(typed === null ? null : fromShown(typed, of, unit))}
    {...rest}
  />
);
