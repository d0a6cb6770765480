import { useKit } from '../store/index.ts';
import { MeasureEntry, NumberEntry, TemperatureEntry } from '../ui/index.ts';
import { useLengths } from '../session/index.ts';
import { Choose, Tick } from './choices.tsx';
import type { DescribedState } from './useDescribed.ts';

/** What the rating plate, the dial and a thermometer say of it, and how it calls. */
export const DescribeHeat = ({ state }: { readonly state: DescribedState }) => {
  const lengths = useLengths();
  const { described: d, change } = state;
  const { temperatureUnit: unit } = useKit();
  return (
    <>
      <div className="grid grid-cols-4 gap-x-3 gap-y-2 max-sm:grid-cols-2">
        <NumberEntry
          narrow
          label="Watts"
          value={d.power_W}
          min={50}
          max={6000}
          onChange={(value) => value !== null && change({ power_W: value })}
        />
        <NumberEntry
          narrow
          mayBeEmpty
          label="Plates weigh, kg"
          placeholder="or thickness"
          value={d.mass_kg}
          min={0.1}
          max={40}
          onChange={(mass_kg) => change({ mass_kg })}
        />
        <MeasureEntry
          narrow
          label="A plate is"
          of="length"
          unit={lengths}
          value={d.plate_mm}
          min={2}
          max={60}
          onChange={(value) => value !== null && change({ plate_mm: value })}
        />
        <Choose label="Plates" value={d.coating} options={{ coated: 'coated', bare: 'bare' }} onChange={(coating) => change({ coating })} />
        <Choose
          label="Heat is set by"
          value={d.control}
          options={{ dial: 'a dial in marks', thermostat: 'degrees', fixed: 'nothing', hob: 'a hob, turned by hand' }}
          onChange={(control) => change({ control })}
        />
        {d.control === 'hob' && (
          <NumberEntry
            narrow
            label="Turned every, s"
            value={d.turnEvery_s}
            min={2}
            max={600}
            onChange={(value) => value !== null && change({ turnEvery_s: value })}
          />
        )}
        {d.control === 'dial' && (
          <>
            <NumberEntry
              narrow
              label="Lowest mark"
              value={d.marks[0]}
              min={0}
              max={100}
              onChange={(value) => value !== null && change({ marks: [value, d.marks[1]] })}
            />
            <NumberEntry
              narrow
              label="Highest mark"
              value={d.marks[1]}
              min={0}
              max={100}
              onChange={(value) => value !== null && change({ marks: [d.marks[0], value] })}
            />
          </>
        )}
        <TemperatureEntry
          narrow
          label={d.control === 'fixed' ? 'Light out at' : 'Lowest is'}
          unit={unit}
          value_C={d.low_C}
          min_C={80}
          max_C={320}
          onChange={(low_C) => change({ low_C })}
        />
        {d.control !== 'fixed' && (
          <TemperatureEntry
            narrow
            label="Highest is"
            unit={unit}
            value_C={d.high_C}
            min_C={80}
            max_C={320}
            onChange={(high_C) => change({ high_C })}
          />
        )}
      </div>
      <div className="flex flex-wrap gap-x-6">
        <Tick label="has a light" checked={d.light} onChange={(light) => change({ light })} />
        <Tick label="beeps" checked={d.beep} onChange={(beep) => change({ beep })} />
        <Tick label="degrees read with a probe" checked={d.probed} onChange={(probed) => change({ probed })} />
        <Tick label="is turned over" checked={d.turned} onChange={(turned) => change({ turned })} />
      </div>
    </>
  );
};
