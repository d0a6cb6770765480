import { useState } from 'react';
import type { ParsedFormula } from '../../../core/formula/index.ts';
import {
  FINGER_WARM_C,
  JUST_MELTED_C,
  liquidTemperature_C,
  panCools_s,
  SCALDED_C,
  YEAST_HURT_C,
  YEAST_PER_FRESH,
} from '../../../core/lift/index.ts';
import { ingredientById, thermalProperties } from '../../../core/matter/index.ts';
import { clock, Findings, temperature, TemperatureEntry } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';

const heatOf = (id: string): number => {
  const composition = ingredientById(id)?.composition;
  return composition == null ? 3000 : thermalProperties(composition, 20).heatCapacity_JPerKgK;
};

/** How warm the milk must be for the wanted batter, and how long until it is. */
export const Liquid = ({
  reading,
  start_C,
  room_C,
  session,
}: {
  readonly reading: ParsedFormula;
  readonly start_C: number;
  readonly room_C: number;
  readonly session: Session;
}) => {
  const [eggs_C, setEggs] = useState(6);
  const [scalded, setScalded] = useState(false);
  const unit = session.kit.temperatureUnit;
  const parts = reading.lines.flatMap((line) =>
    line.ingredient === null || line.grams === null ? [] : [{ ingredient: line.ingredient, grams: line.grams }],
  );
  const isLiquid = (role: string): boolean => role === 'liquid' || role === 'fat';
  const liquid = parts.filter(({ ingredient }) => isLiquid(ingredient.role));
  const mass_g = liquid.reduce((sum, { grams: g }) => sum + g, 0);
  if (mass_g <= 0) return null;
  const heat = liquid.reduce((sum, { ingredient, grams: g }) => sum + g * heatOf(ingredient.id), 0) / mass_g;
  const others = parts
    .filter(({ ingredient }) => !isLiquid(ingredient.role))
    .map(({ ingredient, grams: g }) => ({
      mass_g: g,
      heat_JPerKgK: heatOf(ingredient.id),
      temperature_C: ingredient.role === 'egg' ? eggs_C : room_C,
    }));
  const liquid_C = liquidTemperature_C({ mass_g, heat_JPerKgK: heat }, others, start_C, 1);
  const pan_C = scalded ? SCALDED_C : JUST_MELTED_C;
  const wait_s = panCools_s(mass_g / 1000, pan_C, Math.max(liquid_C, room_C + 1), room_C);
  return (
    <section aria-label="Milk and butter">
      <h2 className="text-lg">Milk and butter</h2>
      <p className="mt-1">
        At <b className="figure text-3xl">{temperature(liquid_C, unit)}</b> the batter starts at {temperature(start_C, unit)}.{' '}
        {wait_s !== null && liquid_C < pan_C && (
          <>
            From where the butter has just melted about <b>{clock(wait_s)}</b>
            {Math.abs(liquid_C - FINGER_WARM_C) < 5 ? ', just warm to a clean finger' : ''}.
          </>
        )}
      </p>
      <div className="mt-1 flex flex-wrap items-end gap-4">
        <TemperatureEntry narrow label="eggs" unit={unit} value_C={eggs_C} min_C={0} max_C={40} onChange={setEggs} />
        <label className="flex min-h-11 items-center gap-2 text-[15px]">
          <input type="checkbox" className="size-5 accent-act" checked={scalded} onChange={(event) => setScalded(event.target.checked)} />{' '}
          scalded first
        </label>
      </div>
      {liquid_C >= YEAST_HURT_C && (
        <Findings findings={[{ code: 'yeast-hurt', level: 'warning', fields: { liquid_C: Math.round(liquid_C) } }]} />
      )}
      {liquid_C < 0 && <Findings findings={[{ code: 'liquid-frozen', level: 'warning', fields: { liquid_C: Math.round(liquid_C) } }]} />}
      <p className="text-sm text-quiet">
        Yeast forms: fresh 1, dry {YEAST_PER_FRESH['dry-yeast']}, instant {YEAST_PER_FRESH['instant-yeast']} by mass. Hurt from{' '}
        {temperature(YEAST_HURT_C, unit)} on, killed at {temperature(54.4, unit)} (US extension). Hot milk burns.
      </p>
    </section>
  );
};
