import type { Kit } from '../../../core/kit/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { controlRange, dialMark, settingNow_C } from '../../../core/plate/index.ts';
import { fromUnit, inUnit } from '../words/format.ts';
import { NumberEntry } from './NumberEntry.tsx';

/** A setting as it was chosen; `dial`: its mark, null where there are none. */
export type ChosenSetting = { readonly temperature_C: number; readonly dial: number | null };

type Props = {
  readonly label: string;
  readonly iron: Iron;
  readonly unit: Kit['temperatureUnit'];
  readonly temperature_C: number | null;
  readonly mayBeEmpty?: boolean;
  readonly placeholder?: string;
  readonly onChange: (setting: ChosenSetting | null) => void;
};

const quarters = (mark: number): number => Math.round(4 * mark) / 4;

/** What the iron is set to, as its control says it: in marks where it has marks, else in degrees of the kitchen. Nothing where nothing can be set. */
export const SettingEntry = ({ label, iron, unit, temperature_C, mayBeEmpty = false, placeholder, onChange }: Props) => {
  const { control } = iron;
  if (control.type === 'fixed') return null;
  const common = { mayBeEmpty, ...(placeholder === undefined ? {} : { placeholder }) };
  if (control.type === 'dial') {
    const mark = temperature_C === null ? null : dialMark(iron, temperature_C);
    return (
      <NumberEntry
        {...common}
        label={`${label}, mark`}
        wordsFor={control.words ?? []}
        value={mark === null ? null : quarters(mark)}
        min={control.min}
        max={control.max}
        onChange={(dial) => onChange(dial === null ? null : { temperature_C: settingNow_C(iron, { temperature_C: 0, dial }), dial })}
      />
    );
  }
  const [low_C, high_C] = controlRange(control);
  const shown = (celsius: number): number => Math.round(inUnit(celsius, unit));
  return (
    <NumberEntry
      {...common}
      label={`${label}, °${unit}`}
      value={temperature_C === null ? null : shown(temperature_C)}
      min={shown(low_C)}
      max={shown(high_C)}
      onChange={(value) => onChange(value === null ? null : { temperature_C: fromUnit(value, unit), dial: null })}
    />
  );
};
