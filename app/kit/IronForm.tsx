import { zodResolver } from '@hookform/resolvers/zod';
import { useForm } from 'react-hook-form';
import * as z from 'zod';
import type { Kit } from '../../core/kit/index.ts';
import { controlRange, Iron, withRange } from '../../core/plate/index.ts';
import { Sheet } from '../look/index.ts';
import { TextField } from './Entry.tsx';

const number = z.coerce.number({ error: 'a number' });
/** What a ruler, a jug and the rating plate tell; the rest of an iron stays as it was. */
const Measured = z.object({
  name: z.string().trim().min(1, 'a name').max(80),
  footprint_cm2: number.pipe(Iron.shape.geometry.shape.footprint_cm2),
  areaFactor: number.pipe(Iron.shape.geometry.shape.areaFactor),
  cavity_mL: number.pipe(Iron.shape.geometry.shape.cavity_mL),
  web_mm: number.pipe(Iron.shape.geometry.shape.web_mm),
  mass_kg: number.pipe(Iron.shape.plates.shape.mass_kg),
  power_W: number.pipe(Iron.shape.plates.shape.power_W),
  low_C: number.min(80, 'at least 80').max(320, 'at most 320'),
  high_C: number.min(80, 'at least 80').max(320, 'at most 320'),
  circuitId: z.string(),
  coating: z.enum(['bare', 'coated']),
});
type Measured = z.infer<typeof Measured>;

/** The next revision of an iron with what was measured. */
const measured = (iron: Iron, m: Measured): Iron => ({
  ...iron,
  rev: iron.rev + 1,
  name: m.name,
  geometry: { ...iron.geometry, footprint_cm2: m.footprint_cm2, areaFactor: m.areaFactor, cavity_mL: m.cavity_mL, web_mm: m.web_mm },
  plates: { ...iron.plates, mass_kg: m.mass_kg, power_W: m.power_W },
  control: withRange(iron.control, m.low_C, Math.max(m.low_C, m.high_C)),
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
  readonly onSave: (next: Iron) => void;
  readonly onClose: () => void;
}) => {
  const { geometry, plates, control } = iron;
  const [low_C, high_C] = controlRange(control);
  const {
    register,
    handleSubmit,
    formState: { errors },
  } = useForm({
    resolver: zodResolver(Measured),
    defaultValues: {
      name: iron.name,
      footprint_cm2: geometry.footprint_cm2,
      areaFactor: geometry.areaFactor,
      cavity_mL: geometry.cavity_mL,
      web_mm: geometry.web_mm,
      mass_kg: plates.mass_kg,
      power_W: plates.power_W,
      low_C,
      high_C,
      circuitId: iron.circuitId ?? '',
      coating: iron.coating,
    },
  });
  const fixed = control.type === 'fixed';
  return (
    <Sheet title={iron.name} open onClose={onClose} wide>
      <form
        className="grid gap-3 sm:grid-cols-3"
        onSubmit={(event) => {
          void handleSubmit((values) => onSave(measured(iron, values)))(event);
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
        <TextField
          label={fixed ? 'Its light goes out at, °C' : 'Lowest setting, °C'}
          error={errors.low_C}
          inputMode="decimal"
          {...register('low_C')}
        />
        {!fixed && <TextField label="Highest setting, °C" error={errors.high_C} inputMode="decimal" {...register('high_C')} />}
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
