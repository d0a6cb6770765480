import { zodResolver } from '@hookform/resolvers/zod';
import { useForm, useWatch } from 'react-hook-form';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { controlRange } from '../../core/plate/index.ts';
import { forgetDraft, lengthUnitOf, MeasureEntry, Sheet, TemperatureEntry, typedNumber, useFormDraft } from '../ui/index.ts';
import { CONTROL_WORDS, CONTROLS, LIMITS, Measured, typedOf, withMeasured } from './measured.ts';
import { TextField } from './TextField.tsx';

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
  const [low_C, high_C] = controlRange(iron.control);
  const form = useForm({ resolver: zodResolver(Measured), defaultValues: typedOf(iron) });
  const draft = `iron ${iron.id} ${iron.rev}`;
  useFormDraft(draft, form);
  const {
    register,
    handleSubmit,
    getValues,
    setValue,
    formState: { errors, isDirty, dirtyFields },
  } = form;
  const keep = handleSubmit(async () => {
    const [typed, changed] = [getValues(), new Set(Object.keys(dirtyFields))];
    // The draft goes only when the store has it: a reload in between loses nothing.
    if (isDirty) await onSave((now) => withMeasured(now, typed, changed));
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
