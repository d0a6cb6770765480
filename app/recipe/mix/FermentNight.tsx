import { HOUR_MS, instantOf, lastTimeBefore, wallTime } from '../../../core/basis/index.ts';
import { useKit } from '../../store/index.ts';
import type { Vessel } from '../../../core/lift/index.ts';
import { VESSELS } from '../../../core/lift/index.ts';
import { InlineSelect, NumberEntry, TemperatureEntry, WhenEntry } from '../../ui/index.ts';
import type { FermentState } from './useFerment.ts';

/** A ferment that the model knows, h. */
const SHORTEST_H = 0.5;
const LONGEST_H = 36;

const VESSEL_WORDS: Readonly<Record<Vessel, string>> = { bowl: 'a bowl', jug: 'a jug', 'shallow-pan': 'a shallow pan' };

/** What the night is: when, how warm, where. */
export const FermentNight = ({ ferment, zone }: { readonly ferment: FermentState; readonly zone: string }) => {
  const { night, set, mixedAt } = ferment;
  const { temperatureUnit: unit } = useKit();
  const mixedWall = wallTime(night.cookAt - night.elapsed_h * HOUR_MS, zone);
  return (
    <div className="flex flex-wrap items-end gap-5">
      <WhenEntry
        label="Cook on"
        value={wallTime(night.cookAt, zone)}
        onChange={(wall) => {
          const cookAt = instantOf(wall, zone);
          if (cookAt !== null) set({ cookAt });
        }}
      />
      {mixedAt === null && (
        <WhenEntry
          label="Mixed at"
          value={mixedWall}
          onChange={(wall) => {
            // "At 20:00" is the last one before the cooking; another day is said by the day.
            const isDayKept = wall.slice(0, 10) === mixedWall.slice(0, 10);
            const at = isDayKept ? lastTimeBefore(wall.slice(11), night.cookAt, zone) : instantOf(wall, zone);
            if (at === null) return;
            set({ elapsed_h: Math.min(LONGEST_H, Math.max(SHORTEST_H, (night.cookAt - at) / HOUR_MS)) });
          }}
        />
      )}
      <NumberEntry
        narrow
        key={`c${String(night.toCold_min)}`}
        label="into the cold after, min"
        value={night.toCold_min}
        min={0}
        max={1440}
        mayBeEmpty
        onChange={(toCold_min) => set({ toCold_min })}
      />
      <TemperatureEntry
        narrow
        key={`s${night.start_C}`}
        label="batter at first"
        unit={unit}
        value_C={night.start_C}
        min_C={2}
        max_C={60}
        onChange={(start_C) => set({ start_C })}
      />
      <TemperatureEntry
        narrow
        key={`r${night.room_C}`}
        label="kitchen"
        unit={unit}
        value_C={night.room_C}
        min_C={0}
        max_C={45}
        onChange={(room_C) => set({ room_C })}
      />
      <TemperatureEntry
        narrow
        label="refrigerator"
        unit={unit}
        value_C={night.fridge_C}
        min_C={-1}
        max_C={15}
        onChange={(fridge_C) => set({ fridge_C })}
      />
      <span className="pb-2.5">
        in{' '}
        <InlineSelect
          label="Vessel"
          value={night.vessel}
          choices={VESSELS.map((value) => ({ value, label: VESSEL_WORDS[value] }))}
          onChange={(vessel) => set({ vessel })}
        />
      </span>
    </div>
  );
};
