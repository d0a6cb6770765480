import type { Kit } from '../../core/kit/index.ts';
import { ALTITUDE_RANGE_M } from '../../core/matter/index.ts';
import { InlineSelect, lengthUnitOf, MeasureEntry, TemperatureEntry } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';

/** Altitude, how warm it is, and by what is measured. */
export const WhereItStands = ({ session: { kit } }: { readonly session: Session }) => {
  const carryOut = useDo();
  const save = (changes: Partial<Kit>): void => void carryOut(commands.changeKit((now) => ({ ...now, ...changes })));
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap gap-4">
        <MeasureEntry
          narrow
          label="Altitude"
          of="height"
          unit={lengthUnitOf(kit)}
          value={kit.altitude_m}
          {...ALTITUDE_RANGE_M}
          onChange={(altitude_m) => altitude_m !== null && save({ altitude_m })}
        />
        <TemperatureEntry
          narrow
          label="Room"
          unit={kit.temperatureUnit}
          value_C={kit.room_C}
          min_C={-10}
          max_C={50}
          onChange={(room_C) => save({ room_C })}
        />
      </div>
      <p className="text-lg">
        Heat in{' '}
        <InlineSelect
          label="Temperatures"
          value={kit.temperatureUnit}
          choices={[
            { value: 'C', label: '°C' },
            { value: 'F', label: '°F' },
          ]}
          onChange={(temperatureUnit) => save({ temperatureUnit })}
        />
        , lengths in{' '}
        <InlineSelect
          label="Lengths"
          value={lengthUnitOf(kit)}
          choices={[
            { value: 'mm', label: 'millimetres' },
            { value: 'in', label: 'inches and feet' },
          ]}
          onChange={(lengthUnit) => save({ lengthUnit })}
        />
        , a cup is{' '}
        <InlineSelect
          label="Cup"
          value={kit.cupStandard}
          choices={[
            { value: 'us', label: 'the US one, 237 mL' },
            { value: 'metric', label: 'metric, 250 mL' },
            { value: 'imperial', label: 'imperial, 284 mL' },
            { value: 'au', label: 'Australian, 250 mL' },
          ]}
          onChange={(cupStandard) => save({ cupStandard })}
        />
        , eggs are sized as in{' '}
        <InlineSelect
          label="Egg sizes"
          value={kit.eggMarket}
          choices={[
            { value: 'us', label: 'the US' },
            { value: 'eu', label: 'Europe' },
          ]}
          onChange={(eggMarket) => save({ eggMarket })}
        />
        .
      </p>
    </div>
  );
};
