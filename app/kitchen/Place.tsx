import { useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import { ALTITUDE_RANGE_M, atmosphericPressure_Pa, boilingPoint_C, SEA_LEVEL_PRESSURE_PA } from '../../core/matter/index.ts';
import { commands, useDo } from '../store/index.ts';
import { lengthUnitOf, measured, temperature } from '../ui/index.ts';
import { Hill } from './Hill.tsx';
import { KitchenForm } from './KitchenForm.tsx';

/** Where the kitchen stands, drawn on a hill, and what that changes. */
export const Place = ({ kit }: { readonly kit: Kit }) => {
  const carryOut = useDo();
  const [dragged, setDragged] = useState<number | null>(null);
  const altitude_m = dragged ?? kit.altitude_m;
  const save = (changes: Partial<Kit>): Promise<unknown> => carryOut(commands.changeKit((now) => ({ ...now, ...changes })));
  const height = measured(altitude_m, 'height', lengthUnitOf(kit));
  return (
    <section aria-label="Place" className="flex flex-col gap-5">
      <h2 className="text-[26px]">
        {kit.name} <span className="font-normal text-quiet">at</span> {height}
      </h2>
      <div className="grid grid-cols-[minmax(0,1fr)_14rem] gap-8 max-lg:grid-cols-1">
        <Hill
          altitude_m={altitude_m}
          range={ALTITUDE_RANGE_M}
          words={height}
          onDrag={setDragged}
          onSettle={(metres) => {
            setDragged(null);
            void save({ altitude_m: metres });
          }}
        />
        <dl aria-label={`What ${height} changes`} className="flex flex-col gap-4">
          <div>
            <dd className="figure text-5xl">{temperature(boilingPoint_C(atmosphericPressure_Pa(altitude_m)), kit.temperatureUnit)}</dd>
            <dt className="text-[17px] font-bold">water boils</dt>
            <dd className="text-quiet">{temperature(boilingPoint_C(SEA_LEVEL_PRESSURE_PA), kit.temperatureUnit)} at sea level</dd>
          </div>
          <div>
            <dd className="figure text-5xl">{`×\u00a0${(SEA_LEVEL_PRESSURE_PA / atmosphericPressure_Pa(altitude_m)).toFixed(2)}`}</dd>
            <dt className="text-[17px] font-bold">gas expands</dt>
            <dd className="text-quiet">{`${Math.round(100 * (1 - atmosphericPressure_Pa(altitude_m) / SEA_LEVEL_PRESSURE_PA))}\u00a0% less baking powder does`}</dd>
          </div>
        </dl>
      </div>
      <KitchenForm kit={kit} part="place" onSave={save} />
    </section>
  );
};
