import { LIMITS } from '../../core/basis/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { TOPPING_IDS } from '../../core/plate/index.ts';
import { NumberEntry, temperature, TemperatureEntry, TOPPING_WORDS } from '../ui/index.ts';
import type { Workspace } from '../store/index.ts';

type Props = {
  readonly bench: Workspace;
  readonly iron: Iron;
  readonly unit: Kit['temperatureUnit'];
  /** Of the bowl that will be poured from; null: nobody knows better than the wish. */
  readonly bowl_C: number | null;
  readonly onChange: (changes: Partial<Workspace>) => void;
};

/** What the load starts from: batter, load number, preheat, what is scattered in. */
export const Conditions = ({ bench, iron, unit, bowl_C, onChange }: Props) => (
  <div className="flex flex-col gap-3">
    {bowl_C === null ? (
      <TemperatureEntry
        label="Batter temperature"
        unit={unit}
        value_C={bench.batter_C}
        min_C={LIMITS.batter_C.min}
        max_C={LIMITS.batter_C.max}
        onChange={(batter_C) => onChange({ batter_C })}
      />
    ) : (
      <p className="text-[15px]">
        The bowl will be at <b>{temperature(bowl_C, unit)}</b> when you pour.
      </p>
    )}
    <NumberEntry
      label="Load number in a row"
      value={bench.load}
      {...LIMITS.load}
      whole
      onChange={(value) => onChange({ load: value ?? 1 })}
    />
    <NumberEntry
      label="Preheated for, min (empty: long enough)"
      value={bench.preheat_s === null ? null : bench.preheat_s / 60}
      min={0}
      max={120}
      mayBeEmpty
      onChange={(value) => onChange({ preheat_s: value === null ? null : value * 60 })}
    />
    <NumberEntry
      label="Pour to closed lid, s"
      value={bench.delay_s ?? 0}
      {...LIMITS.delay_s}
      onChange={(value) => onChange({ delay_s: value ?? 0 })}
    />
    {iron.turned && (
      <NumberEntry
        label="Turned over after, s (empty: at once)"
        value={bench.turn_s ?? null}
        {...LIMITS.turn_s}
        mayBeEmpty
        onChange={(value) => onChange({ turn_s: value })}
      />
    )}
    <div className="flex gap-2">
      <label className="flex flex-1 flex-col gap-1 text-[15px]">
        Scattered in
        <select
          className="entry"
          value={bench.onPlate?.toppingId ?? ''}
          onChange={(event) => {
            const toppingId = TOPPING_IDS.find((id) => id === event.target.value);
            onChange({ onPlate: toppingId === undefined ? null : { toppingId, grams: bench.onPlate?.grams ?? 30 } });
          }}
        >
          <option value="">nothing</option>
          {TOPPING_IDS.map((id) => (
            <option key={id} value={id}>
              {TOPPING_WORDS[id]}
            </option>
          ))}
        </select>
      </label>
      {bench.onPlate != null && (
        <NumberEntry
          narrow
          label="g a load"
          value={bench.onPlate.grams}
          {...LIMITS.onPlate_g}
          onChange={(grams) => grams !== null && bench.onPlate != null && onChange({ onPlate: { ...bench.onPlate, grams } })}
        />
      )}
    </div>
  </div>
);
