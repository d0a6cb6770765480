import { zodResolver } from '@hookform/resolvers/zod';
import type { KeyboardEvent } from 'react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import * as z from 'zod';
import { Kit } from '../../core/kit/index.ts';
import { CODE_IDS } from '../../core/safety/index.ts';
import { ALTITUDE_RANGE_M } from '../../core/matter/index.ts';
import { describeCode } from '../../words/index.ts';
import { lengthUnitOf, MeasureEntry, numberField, TemperatureEntry } from '../ui/index.ts';
import { TextField } from './TextField.tsx';

const isZone = (zone: string): boolean => {
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
};

const Place = z.object({
  name: z.string().trim().min(1, 'a name').max(80),
  zone: z.string().refine(isZone, 'a zone such as Europe/London'),
  flourPerUsCup_g: numberField({ min: 80, max: 180 }),
  cueBefore_s: numberField({ min: 0, max: 120, whole: true }),
  temperatureUnit: Kit.shape.temperatureUnit,
  codeOfPractice: Kit.shape.codeOfPractice,
  eggMarket: Kit.shape.eggMarket,
  climate: Kit.shape.climate,
  fillTaste: Kit.shape.fillTaste,
  currency: z.string().trim().min(1, 'a sign or a word').max(6),
});

type Place = z.infer<typeof Place>;
const NAMES = Object.keys(Place.shape) as (keyof Place)[];

type Kept = { readonly name: keyof Place; readonly label: string; readonly before: Place[keyof Place] };

type Props = {
  readonly kit: Kit;
  /** Where it stands, or how it measures and works. */
  readonly part: 'place' | 'units';
  readonly onSave: (changes: Partial<Kit>) => Promise<unknown>;
};

/** Where the kitchen stands and how it measures; each entry is kept when it is left, as soon as it makes sense, and can be taken back. */
export const KitchenForm = ({ kit, part, onSave }: Props) => {
  const {
    register,
    getValues,
    trigger,
    formState: { errors },
    resetField,
  } = useForm({
    resolver: zodResolver(Place),
    // What is stored may change under the form: an import, another tab. What was typed stays.
    values: kit,
    resetOptions: { keepDirtyValues: true },
    mode: 'onBlur',
  });
  const [kept, setKept] = useState<Kept | null>(null);
  const keep = async (entry: HTMLInputElement | HTMLSelectElement): Promise<void> => {
    const name = NAMES.find((one) => one === entry.name);
    if (name === undefined || !(await trigger(name))) return;
    const value = Place.shape[name].parse(getValues(name));
    if (value === kit[name]) return;
    // Only what was touched: the rest may have changed since the form was opened.
    await onSave({ [name]: value });
    resetField(name, { defaultValue: value });
    setKept({ name, label: entry.labels?.[0]?.childNodes[0]?.textContent ?? name, before: kit[name] });
  };
  const entry = (name: keyof Place) => ({
    ...register(name, { onBlur: ({ target }: { target: HTMLInputElement }) => void keep(target) }),
    onKeyDown: ({ key, currentTarget }: KeyboardEvent<HTMLInputElement>) => void (key === 'Enter' && keep(currentTarget)),
  });
  const choice = (name: keyof Place) => register(name, { onChange: ({ target }: { target: HTMLSelectElement }) => void keep(target) });
  return (
    <form className="grid gap-3 sm:grid-cols-3" onSubmit={(event) => event.preventDefault()}>
      {part === 'place' ? (
        <>
          <TextField label="Kitchen" error={errors.name} {...entry('name')} />
          <MeasureEntry
            label="Altitude"
            of="height"
            unit={lengthUnitOf(kit)}
            value={kit.altitude_m}
            {...ALTITUDE_RANGE_M}
            onChange={(altitude_m) => altitude_m !== null && void onSave({ altitude_m })}
          />
          <TemperatureEntry
            label="Room"
            unit={kit.temperatureUnit}
            value_C={kit.room_C}
            min_C={-10}
            max_C={50}
            onChange={(room_C) => void onSave({ room_C })}
          />
          <TemperatureEntry
            label="Refrigerator"
            unit={kit.temperatureUnit}
            value_C={kit.refrigerator_C}
            min_C={-5}
            max_C={20}
            onChange={(refrigerator_C) => void onSave({ refrigerator_C })}
          />
          <TextField label="Time zone" error={errors.zone} {...entry('zone')} />
          <label className="flex flex-col gap-1 text-[15px]">
            Air
            <select className="entry" {...choice('climate')}>
              <option value="dry">dry, mountain air</option>
              <option value="usual">usual</option>
              <option value="damp">damp, wet season</option>
            </select>
          </label>
        </>
      ) : (
        <>
          <TextField
            label="A US cup of your flour, g"
            hint="115 sifted, 125 spooned, 137 dipped (USDA)"
            error={errors.flourPerUsCup_g}
            inputMode="decimal"
            {...entry('flourPerUsCup_g')}
          />
          <TextField label="Warn before opening, s" error={errors.cueBefore_s} inputMode="numeric" {...entry('cueBefore_s')} />
          <label className="flex flex-col gap-1 text-[15px]">
            Temperatures
            <select className="entry" {...choice('temperatureUnit')}>
              <option value="C">°C</option>
              <option value="F">°F</option>
            </select>
          </label>
          <label className="flex flex-col gap-1 text-[15px]">
            Lengths
            <select
              className="entry"
              value={lengthUnitOf(kit)}
              onChange={({ target }) => void onSave({ lengthUnit: target.value === 'in' ? 'in' : 'mm' })}
            >
              <option value="mm">millimetres and metres</option>
              <option value="in">inches and feet</option>
            </select>
          </label>
          <label className="flex flex-col gap-1 text-[15px]">
            Food-safety rules
            <select className="entry" {...choice('codeOfPractice')}>
              {CODE_IDS.map((id) => (
                <option key={id} value={id}>
                  {describeCode({ code: id, fields: {} })}
                </option>
              ))}
            </select>
          </label>
          <label className="flex flex-col gap-1 text-[15px]">
            Egg sizes
            <select className="entry" {...choice('eggMarket')}>
              <option value="us">US: large is 50 g without shell</option>
              <option value="eu">EU: M is 51 g, L 60 g without shell</option>
            </select>
          </label>
          <label className="flex flex-col gap-1 text-[15px]">
            If the pour can’t be exact
            <select className="entry" {...choice('fillTaste')}>
              <option value="even">as close as possible</option>
              <option value="leak">rather leak than miss a corner</option>
              <option value="miss">rather miss a corner than leak</option>
            </select>
          </label>
          <TextField label="Currency" error={errors.currency} {...entry('currency')} />
        </>
      )}
      <p role="status" className="min-h-11 text-[15px] sm:col-span-3">
        {kept === null ? (
          <span className="text-quiet">Saved as you leave each field.</span>
        ) : (
          <>
            {kept.label} saved.{' '}
            <button
              type="button"
              className="min-h-11 font-semibold text-act underline underline-offset-2"
              onClick={() => {
                void onSave({ [kept.name]: kept.before }).then(() => setKept(null));
                resetField(kept.name, { defaultValue: kept.before });
              }}
            >
              Back to what it was
            </button>
          </>
        )}
      </p>
    </form>
  );
};
