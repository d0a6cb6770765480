import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import * as z from 'zod';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { controlRange, LEAST_DIAL, LEAST_RANGE_K } from '../../core/plate/index.ts';
import { forgetDraft, lengthUnitOf, MeasureEntry, numberField, Sheet, useFormDraft, TemperatureEntry, typedNumber } from '../look/index.ts';
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
  moulds: { min: 1, max: 12, whole: true },
  pieces: { min: 1, max: 24, whole: true },
  lines: { min: 1, max: 20, whole: true },
  mark: { min: -1000, max: 1000 },
  turnEvery_s: { min: 2, max: 600, whole: true },
} as const;

const CONTROLS = ['dial', 'thermostat', 'fixed', 'hob'] as const;
const CONTROL_WORDS: Readonly<Record<(typeof CONTROLS)[number], string>> = {
  dial: 'a dial in its own marks',
  thermostat: 'degrees',
  fixed: 'nothing: a cut-out',
  hob: 'a flame, turned by hand',
};

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
    circuitId: z.string(),
    coating: z.enum(['bare', 'coated']),
    control: z.enum(CONTROLS),
    lowMark: numberField(LIMITS.mark),
    highMark: numberField(LIMITS.mark),
    turnEvery_s: numberField(LIMITS.turnEvery_s),
    words: z.string().max(400),
    moulds: numberField(LIMITS.moulds),
    piecesPerLoad: numberField(LIMITS.pieces),
    rows: numberField(LIMITS.lines),
    columns: numberField(LIMITS.lines),
    outline: z.enum(['round', 'square']),
    turned: z.boolean(),
    light: z.boolean(),
    beep: z.boolean(),
  })
  .refine(({ control, lowMark, highMark }) => control !== 'dial' || highMark - lowMark >= LEAST_DIAL, {
    error: 'over the lowest mark',
    path: ['highMark'],
  })
  .refine(({ control, words, lowMark, highMark }) => control !== 'dial' || readDialWords(words, lowMark, highMark) !== null, {
    error: 'a word and its mark, such as: low 1, medium 3',
    path: ['words'],
  })
  .refine(({ control, low_C, high_C }) => control === 'fixed' || high_C - low_C >= LEAST_RANGE_K, {
    error: 'hotter than the lowest, or there is nothing to set',
    path: ['high_C'],
  });
type Measured = z.infer<typeof Measured>;

/** How it is set, as it was typed. */
const controlFrom = (m: Measured): Iron['control'] => {
  const { low_C, high_C } = m;
  if (m.control === 'fixed') return { type: 'fixed', cutOut_C: low_C };
  if (m.control === 'thermostat') return { type: 'thermostat', min_C: low_C, max_C: high_C };
  if (m.control === 'hob') return { type: 'hob', min_C: low_C, max_C: high_C, turnEvery_s: m.turnEvery_s };
  const words = readDialWords(m.words, m.lowMark, m.highMark) ?? [];
  const dial = { type: 'dial', min: m.lowMark, max: m.highMark, atMin_C: low_C, atMax_C: high_C } as const;
  return words.length === 0 ? dial : { ...dial, words };
};

/** An iron with what was measured. */
const measured = ({ pattern, ...iron }: Iron, m: Measured): Iron => ({
  ...iron,
  // A learned pattern belongs to its lattice.
  ...(pattern !== undefined && m.rows === iron.geometry.lattice.rows && m.columns === iron.geometry.lattice.columns ? { pattern } : {}),
  name: m.name,
  geometry: {
    ...iron.geometry,
    footprint_cm2: m.footprint_cm2,
    areaFactor: m.areaFactor,
    cavity_mL: m.cavity_mL,
    web_mm: m.web_mm,
    moulds: m.moulds,
    piecesPerLoad: m.piecesPerLoad,
    lattice: { rows: m.rows, columns: m.columns, outline: m.outline },
  },
  plates: { ...iron.plates, mass_kg: m.mass_kg, power_W: m.power_W },
  control: controlFrom(m),
  turned: m.turned,
  signals: { light: m.light, beep: m.beep },
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
  /** Resolves once it is stored. */
  readonly onSave: (change: (iron: Iron) => Iron) => Promise<unknown>;
  readonly onClose: () => void;
}) => {
  const { geometry, plates, control } = iron;
  const [low_C, high_C] = controlRange(control);
  const form = useForm({
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
      circuitId: iron.circuitId ?? '',
      coating: iron.coating,
      control: control.type,
      lowMark: typedNumber(control.type === 'dial' ? control.min : 1),
      highMark: typedNumber(control.type === 'dial' ? control.max : 5),
      turnEvery_s: typedNumber(control.type === 'hob' ? control.turnEvery_s : 10),
      words: control.type === 'dial' ? typedDialWords(control.words ?? []) : '',
      moulds: typedNumber(geometry.moulds),
      piecesPerLoad: typedNumber(geometry.piecesPerLoad),
      rows: typedNumber(geometry.lattice.rows),
      columns: typedNumber(geometry.lattice.columns),
      outline: geometry.lattice.outline,
      turned: iron.turned,
      light: iron.signals.light,
      beep: iron.signals.beep,
    },
  });
  const draft = `iron ${iron.id} ${iron.rev}`;
  useFormDraft(draft, form);
  const {
    register,
    handleSubmit,
    getValues,
    setValue,
    formState: { errors, isDirty },
  } = form;
  const keep = handleSubmit(async (values) => {
    // The draft goes only when the store has it: a reload in between loses nothing.
    if (isDirty) await onSave((now) => measured(now, values));
    forgetDraft(draft);
    onClose();
  });
  /** What a ruler says is typed in the kitchen's own unit, and kept in the form's. */
  const measure = (name: 'footprint_cm2' | 'web_mm') => ({
    unit: lengthUnitOf(kit),
    value: Number(getValues(name)),
    ...LIMITS[name],
    onChange: (value: number | null): void => {
      if (value !== null) setValue(name, typedNumber(value), { shouldDirty: true });
    },
  });
  const chosen = useWatch({ control: form.control, name: 'control' });
  const fixed = chosen === 'fixed';
  return (
    // However it is left, what makes sense is kept; what doesn’t yet waits in the draft.
    <Sheet title={iron.name} open onClose={() => (isDirty ? void keep().then(onClose) : onClose())} wide>
      <form
        className="grid gap-3 sm:grid-cols-3"
        onSubmit={(event) => {
          // An entry that isn't the form's own holds nonsense back by itself; it is pointed at, not passed over.
          const off = event.currentTarget.querySelector<HTMLInputElement>('input[aria-invalid="true"]');
          if (off === null) void keep(event);
          else {
            event.preventDefault();
            off.focus();
          }
        }}
      >
        <TextField label="Name" error={errors.name} {...register('name')} />
        <MeasureEntry label="Plate (one face)" of="area" {...measure('footprint_cm2')} />
        <TextField label="Heated area over plate" error={errors.areaFactor} inputMode="decimal" {...register('areaFactor')} />
        <TextField
          label="Room between plates, mL"
          hint="fill it with water or rice"
          error={errors.cavity_mL}
          inputMode="decimal"
          {...register('cavity_mL')}
        />
        <MeasureEntry label="Thickness in a pocket" of="length" {...measure('web_mm')} />
        <TextField label="Both plates weigh, kg" error={errors.mass_kg} inputMode="decimal" {...register('mass_kg')} />
        <TextField label="Watts, from its rating plate" error={errors.power_W} inputMode="numeric" {...register('power_W')} />
        <label className="flex flex-col gap-1 text-[15px]">
          Set by
          <select className="entry" {...register('control')}>
            {CONTROLS.map((type) => (
              <option key={type} value={type}>
                {CONTROL_WORDS[type]}
              </option>
            ))}
          </select>
        </label>
        <TemperatureEntry
          label={fixed ? 'Its light goes out at' : 'Lowest setting'}
          unit={kit.temperatureUnit}
          value_C={low_C}
          min_C={LIMITS.dial_C.min}
          max_C={LIMITS.dial_C.max}
          onChange={(value) => setValue('low_C', value, { shouldDirty: true })}
        />
        {!fixed && (
          <div>
            <TemperatureEntry
              label="Highest setting"
              unit={kit.temperatureUnit}
              value_C={high_C}
              min_C={LIMITS.dial_C.min}
              max_C={LIMITS.dial_C.max}
              onChange={(value) => setValue('high_C', value, { shouldDirty: true })}
            />
            {errors.high_C?.message !== undefined && (
              <p role="alert" className="text-[15px] font-semibold text-hazard">
                {errors.high_C.message}
              </p>
            )}
          </div>
        )}
        {chosen === 'dial' && (
          <>
            <TextField label="Lowest mark" error={errors.lowMark} inputMode="decimal" {...register('lowMark')} />
            <TextField label="Highest mark" error={errors.highMark} inputMode="decimal" {...register('highMark')} />
          </>
        )}
        {chosen === 'hob' && (
          <TextField label="Turned every so many s" error={errors.turnEvery_s} inputMode="numeric" {...register('turnEvery_s')} />
        )}
        {chosen === 'dial' && (
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
        <TextField
          label="Moulds"
          hint="the figures above are of all of them"
          error={errors.moulds}
          inputMode="numeric"
          {...register('moulds')}
        />
        <TextField label="Pieces a load" error={errors.piecesPerLoad} inputMode="numeric" {...register('piecesPerLoad')} />
        <label className="flex flex-col gap-1 text-[15px]">
          Shape of a mould
          <select className="entry" {...register('outline')}>
            <option value="round">round</option>
            <option value="square">square</option>
          </select>
        </label>
        <TextField label="Rows of pockets" error={errors.rows} inputMode="numeric" {...register('rows')} />
        <TextField label="Columns of pockets" error={errors.columns} inputMode="numeric" {...register('columns')} />
        <div className="flex flex-col">
          {(
            [
              ['turned', 'turned over while it cooks'],
              ['light', 'has a light'],
              ['beep', 'beeps'],
            ] as const
          ).map(([name, words]) => (
            <label key={name} className="flex min-h-11 items-center gap-2 text-[15px]">
              <input type="checkbox" className="size-5 accent-act" {...register(name)} />
              {words}
            </label>
          ))}
        </div>
        <div className="flex items-end sm:col-span-3">
          <button type="submit" className="button-act">
            Done
          </button>
        </div>
      </form>
    </Sheet>
  );
};
