import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import * as z from 'zod';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { controlRange, LEAST_RANGE_K, withRange } from '../../core/plate/index.ts';
import { numberField, Sheet, TemperatureEntry, typedNumber } from '../look/index.ts';
import { readDialWords, typedDialWords } from './dialWords.ts';
import { TextField } from './TextField.tsx';

/** Within which an iron can be at all (see the schema of an iron). */
const LIMITS = {
  footprint_cm2: { min: 10, max: 5000 },
  areaFactor: { min: 1, max: 4 },
  cavity_mL: { min: 5, max: 5000 },
  web_mm: { min: 0.5, max: 60 },
  mass_kg: { min: 0.05, max: 40 },
  power_W: { min: 50, max: 6000, whole: true },
  dial_C: { min: 80, max: 320 },
} as const;

/** What a ruler, a jug and the rating plate tell; the rest of an iron stays as it was. */
const Measured = z
  .object({
    name: z.string().trim().min(1, 'a name').max(80),
    footprint_cm2: numberField(LIMITS.footprint_cm2),
    areaFactor: numberField(LIMITS.areaFactor),
    cavity_mL: numberField(LIMITS.cavity_mL),
    web_mm: numberField(LIMITS.web_mm),
    mass_kg: numberField(LIMITS.mass_kg),
    power_W: numberField(LIMITS.power_W),
    low_C: z.number().min(LIMITS.dial_C.min).max(LIMITS.dial_C.max),
    high_C: z.number().min(LIMITS.dial_C.min).max(LIMITS.dial_C.max),
    isFixed: z.boolean(),
    circuitId: z.string(),
    coating: z.enum(['bare', 'coated']),
    marks: z.object({ min: z.number(), max: z.number() }),
    words: z.string().max(400),
  })
  .refine(({ words, marks }) => readDialWords(words, marks.min, marks.max) !== null, {
    error: 'a word and its mark, such as: low 1, medium 3',
    path: ['words'],
  })
  .refine(({ isFixed, low_C, high_C }) => isFixed || high_C - low_C >= LEAST_RANGE_K, {
    error: 'hotter than the lowest, or there is nothing to set',
    path: ['high_C'],
  });
type Measured = z.infer<typeof Measured>;

/** The same dial with these words on it. */
const withWords = (control: Iron['control'], text: string): Iron['control'] => {
  if (control.type !== 'dial') return control;
  const { words: _, ...dial } = control;
  const words = readDialWords(text, dial.min, dial.max) ?? [];
  return words.length === 0 ? dial : { ...dial, words };
};

/** An iron with what was measured. */
const measured = (iron: Iron, m: Measured): Iron => ({
  ...iron,
  name: m.name,
  geometry: { ...iron.geometry, footprint_cm2: m.footprint_cm2, areaFactor: m.areaFactor, cavity_mL: m.cavity_mL, web_mm: m.web_mm },
  plates: { ...iron.plates, mass_kg: m.mass_kg, power_W: m.power_W },
  control: withWords(withRange(iron.control, m.low_C, m.high_C), m.words),
  circuitId: m.circuitId === '' ? null : m.circuitId,
  coating: m.coating,
});

export const IronForm = ({
  iron,
  kit,
  onSave,
  onClose,
}: {
  readonly iron: Iron;
  readonly kit: Kit;
  readonly onSave: (change: (iron: Iron) => Iron) => void;
  readonly onClose: () => void;
}) => {
  const { geometry, plates, control } = iron;
  const [low_C, high_C] = controlRange(control);
  const {
    register,
    handleSubmit,
    setValue,
    formState: { errors },
  } = useForm({
    resolver: zodResolver(Measured),
    defaultValues: {
      name: iron.name,
      footprint_cm2: typedNumber(geometry.footprint_cm2),
      areaFactor: typedNumber(geometry.areaFactor),
      cavity_mL: typedNumber(geometry.cavity_mL),
      web_mm: typedNumber(geometry.web_mm),
      mass_kg: typedNumber(plates.mass_kg),
      power_W: typedNumber(Math.round(plates.power_W)),
      low_C,
      high_C,
      isFixed: control.type === 'fixed',
      circuitId: iron.circuitId ?? '',
      coating: iron.coating,
      marks: control.type === 'dial' ? { min: control.min, max: control.max } : { min: 0, max: 0 },
      words: control.type === 'dial' ? typedDialWords(control.words ?? []) : '',
    },
  });
  const fixed = control.type === 'fixed';
  return (
    <Sheet title={iron.name} open onClose={onClose} wide>
      <form
        className="grid gap-3 sm:grid-cols-3"
        onSubmit={(event) => {
          void handleSubmit((values) => onSave((now) => measured(now, values)))(event);
        }}
      >
        <TextField label="Name" error={errors.name} {...register('name')} />
        <TextField label="Plate, cm² (one face)" error={errors.footprint_cm2} inputMode="decimal" {...register('footprint_cm2')} />
        <TextField label="Heated area over plate" error={errors.areaFactor} inputMode="decimal" {...register('areaFactor')} />
        <TextField
          label="Room between plates, mL"
          hint="fill it with water or rice"
          error={errors.cavity_mL}
          inputMode="decimal"
          {...register('cavity_mL')}
        />
        <TextField label="Thickness in a pocket, mm" error={errors.web_mm} inputMode="decimal" {...register('web_mm')} />
        <TextField label="Both plates weigh, kg" error={errors.mass_kg} inputMode="decimal" {...register('mass_kg')} />
        <TextField label="Watts, from its rating plate" error={errors.power_W} inputMode="numeric" {...register('power_W')} />
        <TemperatureEntry
          label={fixed ? 'Its light goes out at' : 'Lowest setting'}
          unit={kit.temperatureUnit}
          value_C={low_C}
          min_C={LIMITS.dial_C.min}
          max_C={LIMITS.dial_C.max}
          onChange={(value) => setValue('low_C', value)}
        />
        {!fixed && (
          <div>
            <TemperatureEntry
              label="Highest setting"
              unit={kit.temperatureUnit}
              value_C={high_C}
              min_C={LIMITS.dial_C.min}
              max_C={LIMITS.dial_C.max}
              onChange={(value) => setValue('high_C', value)}
            />
            {errors.high_C?.message !== undefined && (
              <p role="alert" className="text-[15px] font-semibold text-hazard">
                {errors.high_C.message}
              </p>
            )}
          </div>
        )}
        {control.type === 'dial' && (
          <TextField label="Words on its dial" hint="such as: low 1, medium 3, high 5" error={errors.words} {...register('words')} />
        )}
        <label className="flex flex-col gap-1 text-[15px]">
          Circuit
          <select className="entry" {...register('circuitId')}>
            <option value="">none</option>
            {kit.circuits.map((circuit) => (
              <option key={circuit.id} value={circuit.id}>
                {circuit.name}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-1 text-[15px]">
          Plates
          <select className="entry" {...register('coating')}>
            <option value="coated">coated</option>
            <option value="bare">bare</option>
          </select>
        </label>
        <div className="flex items-end sm:col-span-3">
          <button type="submit" className="button-act">
            Keep as revision {iron.rev + 1}
          </button>
        </div>
      </form>
    </Sheet>
  );
};
