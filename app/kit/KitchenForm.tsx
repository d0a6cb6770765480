import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import * as z from 'zod';
import { CODE_IDS, Kit } from '../../core/kit/index.ts';
import { ALTITUDE_RANGE_M } from '../../core/matter/index.ts';
import { describeCode } from '../../words/index.ts';
import { numberField, TemperatureEntry } from '../look/index.ts';
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
  altitude_m: numberField({ ...ALTITUDE_RANGE_M, whole: true }),
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

/** Where the kitchen stands and how it measures; kept as soon as every entry makes sense. */
export const KitchenForm = ({ kit, onSave }: { readonly kit: Kit; readonly onSave: (changes: Partial<Kit>) => void }) => {
  const {
    register,
    handleSubmit,
    formState: { errors, isDirty, dirtyFields },
    reset,
  } = useForm({
    resolver: zodResolver(Place),
    // What is stored may change under the form: an import, another tab. What was typed stays.
    values: kit,
    resetOptions: { keepDirtyValues: true },
    mode: 'onBlur',
  });
  const save = handleSubmit((values) => {
    // Only what was touched: the rest may have changed since the form was opened.
    const touched = Object.keys(dirtyFields) as (keyof Place)[];
    onSave(Object.fromEntries(touched.map((name) => [name, values[name]])));
    reset(values);
  });
  return (
    <form
      className="grid gap-3 sm:grid-cols-3"
      onSubmit={(event) => {
        void save(event);
      }}
    >
      <TextField label="Kitchen" error={errors.name} {...register('name')} />
      <TextField label="Altitude, m" error={errors.altitude_m} inputMode="numeric" {...register('altitude_m')} />
      <TemperatureEntry
        label="Room"
        unit={kit.temperatureUnit}
        value_C={kit.room_C}
        min_C={-10}
        max_C={50}
        onChange={(room_C) => onSave({ room_C })}
      />
      <TemperatureEntry
        label="Refrigerator"
        unit={kit.temperatureUnit}
        value_C={kit.refrigerator_C}
        min_C={-5}
        max_C={20}
        onChange={(refrigerator_C) => onSave({ refrigerator_C })}
      />
      <TextField
        label="A US cup of your flour, g"
        hint="115 sifted, 125 spooned, 137 dipped (USDA)"
        error={errors.flourPerUsCup_g}
        inputMode="decimal"
        {...register('flourPerUsCup_g')}
      />
      <TextField label="Warn before opening, s" error={errors.cueBefore_s} inputMode="numeric" {...register('cueBefore_s')} />
      <TextField label="Time zone" error={errors.zone} {...register('zone')} />
      <label className="flex flex-col gap-1 text-[15px]">
        Temperatures
        <select className="entry" {...register('temperatureUnit')}>
          <option value="C">°C</option>
          <option value="F">°F</option>
        </select>
      </label>
      <label className="flex flex-col gap-1 text-[15px]">
        Keeping by
        <select className="entry" {...register('codeOfPractice')}>
          {CODE_IDS.map((id) => (
            <option key={id} value={id}>
              {describeCode({ code: id, fields: {} })}
            </option>
          ))}
        </select>
      </label>
      <label className="flex flex-col gap-1 text-[15px]">
        Egg sizes
        <select className="entry" {...register('eggMarket')}>
          <option value="us">US: large is 50 g without shell</option>
          <option value="eu">EU: M is 51 g, L 60 g without shell</option>
        </select>
      </label>
      <label className="flex flex-col gap-1 text-[15px]">
        Air that flour lies in
        <select className="entry" {...register('climate')}>
          <option value="dry">dry, mountain air</option>
          <option value="usual">usual</option>
          <option value="damp">damp, wet season</option>
        </select>
      </label>
      <label className="flex flex-col gap-1 text-[15px]">
        A pour that isn’t quite right
        <select className="entry" {...register('fillTaste')}>
          <option value="even">as near as can be</option>
          <option value="leak">rather leaks than misses a corner</option>
          <option value="miss">rather misses a corner than leaks</option>
        </select>
      </label>
      <TextField label="Money" error={errors.currency} {...register('currency')} />
      <div className="sm:col-span-3">
        <button type="submit" className="button-act" disabled={!isDirty}>
          Keep
        </button>
      </div>
    </form>
  );
};
