import { zodResolver } from '@hookform/resolvers/zod';
import { Plus, Trash2 } from 'lucide-react';
import type { Ref, SelectHTMLAttributes } from 'react';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import * as z from 'zod';
import type { Failure, Finding } from '../../core/basis/index.ts';
import type { Ingredient } from '../../core/matter/index.ts';
import { ALLERGENS, ingredientFromLabel, INGREDIENTS, OwnIngredient, ROLES } from '../../core/matter/index.ts';
import { describeSentence } from '../../words/index.ts';
import { Findings, forgetDraft, maybeNumberField, numberField, Sheet, useFormDraft } from '../ui/index.ts';
import { commands, newId, useDo, useRows } from '../store/index.ts';
import { TextField } from './TextField.tsx';

const BEHAVES = ['as its kind', 'is melted', 'stays in bits', 'is stirred in'] as const;
const grams = { min: 0, max: 2000 };

const Typed = z.object({
  name: z.string().trim().min(1, 'a name').max(80),
  role: z.enum(ROLES),
  standard: OwnIngredient.shape.standard,
  per_g: numberField({ min: 1, max: 2000 }),
  energy_kcal: maybeNumberField(grams),
  fat_g: numberField(grams),
  carbohydrate_g: numberField(grams),
  sugars_g: numberField(grams),
  fibre_g: maybeNumberField(grams),
  protein_g: numberField(grams),
  salt_g: numberField(grams),
  gramsPerUsCup: maybeNumberField({ min: 1, max: 1000 }),
  allergens: z.array(z.enum(ALLERGENS)),
  behaves: z.enum(BEHAVES),
  takenFor: z.string(),
  standsInFor: z.string(),
});

const EMPTY = {
  name: '',
  role: 'flour',
  standard: 'eu',
  per_g: 100,
  energy_kcal: null,
  fat_g: 0,
  carbohydrate_g: 0,
  sugars_g: 0,
  fibre_g: null,
  protein_g: 0,
  salt_g: 0,
  gramsPerUsCup: null,
  allergens: [],
  behaves: 'as its kind',
  takenFor: '',
  standsInFor: '',
} as const;

type Typed = z.infer<typeof Typed>;

/** What is stored as what the form shows, and back. */
const shownOf = ({ can = {}, ...row }: OwnIngredient): Typed => ({
  ...row,
  behaves:
    can.melts === true ? 'is melted' : can.staysInBits === true ? 'stays in bits' : can.melts === false ? 'is stirred in' : 'as its kind',
  takenFor: can.takenFor ?? '',
  standsInFor: can.standsInFor?.[0] ?? '',
});
const storedOf = ({ behaves, takenFor, standsInFor, ...row }: Typed, id: string): OwnIngredient => {
  const can: OwnIngredient['can'] = {
    ...(behaves === 'as its kind' ? {} : { melts: behaves === 'is melted', staysInBits: behaves === 'stays in bits' }),
    ...(takenFor === '' ? {} : { takenFor }),
    ...(standsInFor === '' ? {} : { standsInFor: [standsInFor] }),
  };
  return { ...row, id, ...(Object.keys(can).length === 0 ? {} : { can }) };
};

/** Powders that are easily mixed up. */
const ALIKE = INGREDIENTS.filter(({ can }) => can.takenFor !== undefined);
/** What has stand-ins already. */
const REPLACED = INGREDIENTS.filter(({ can }) => can.standIns !== undefined);

/** Ingredients of the cook's own, from their labels; in every list and reading from then on. */
export const OwnIngredients = () => {
  const carryOut = useDo();
  const rows = useRows('ingredients') ?? [];
  const [edited, setEdited] = useState<OwnIngredient | 'new' | null>(null);
  return (
    <section aria-label="Own ingredients">
      <h2 className="text-xl">Own ingredients</h2>
      <p className="text-[15px] text-quiet">From the label on the bag. Every recipe understands the name afterwards.</p>
      <ul className="mt-1">
        {rows.map((row) => (
          <li key={row.id} className="flex items-center gap-4 border-b border-line">
            <button
              type="button"
              className="min-h-11 text-left font-semibold text-act underline underline-offset-2"
              onClick={() => setEdited(row)}
            >
              {row.name}
            </button>
            <span className="text-[15px] text-quiet">
              {row.role}, per {row.per_g} g: fat {row.fat_g}, carbohydrate {row.carbohydrate_g}, protein {row.protein_g} g
              {row.allergens.length > 0 && ` · ${row.allergens.join(', ')}`}
            </span>
            <button
              type="button"
              aria-label={`Remove ${row.name}`}
              className="ml-auto grid size-11 place-items-center text-quiet hover:text-ink"
              onClick={() => void carryOut(commands.removeIngredient(row.id))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
      </ul>
      <button type="button" className="button-plain mt-2" onClick={() => setEdited('new')}>
        <Plus aria-hidden className="size-5" /> Add from a label
      </button>
      {edited !== null && (
        <LabelForm
          row={edited === 'new' ? null : edited}
          onClose={() => setEdited(null)}
          onSave={(row) => {
            setEdited(null);
            return carryOut(commands.saveIngredient(row));
          }}
        />
      )}
    </section>
  );
};

type FormProps = {
  readonly row: OwnIngredient | null;
  readonly onSave: (row: OwnIngredient) => Promise<unknown>;
  readonly onClose: () => void;
};

const LabelForm = ({ row, onSave, onClose }: FormProps) => {
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const [doubt, setDoubt] = useState<readonly Finding[]>([]);
  const form = useForm({
    resolver: zodResolver(Typed),
    defaultValues: row === null ? { ...EMPTY, allergens: [] } : shownOf(row),
    mode: 'onBlur',
  });
  const draft = `label ${row?.id ?? 'new'}`;
  useFormDraft(draft, form);
  const {
    register,
    handleSubmit,
    formState: { errors },
  } = form;
  const save = handleSubmit(async (typed) => {
    // What the form doesn't show of a mix stays.
    const made = { ...storedOf(typed, row?.id ?? `own-${newId()}`), ...(row?.lifts === undefined ? {} : { lifts: row.lifts }) };
    const read = ingredientFromLabel(made);
    if (!read.ok) return setTrouble(read.failure);
    // Said once; kept when the cook stands by it.
    if (read.value.findings.length > 0 && doubt.length === 0) return setDoubt(read.value.findings);
    await onSave(made);
    forgetDraft(draft);
  });
  return (
    <Sheet title={row === null ? 'From a label' : row.name} open onClose={onClose} wide>
      <form
        className="grid grid-cols-3 gap-3 max-sm:grid-cols-1"
        onSubmit={(event) => {
          void save(event);
        }}
      >
        <TextField label="Name" error={errors.name} {...register('name')} />
        <label className="flex flex-col gap-1 text-[15px]">
          What it is
          <select className="entry" {...register('role')}>
            {ROLES.map((role) => (
              <option key={role} value={role}>
                {role}
              </option>
            ))}
          </select>
        </label>
        <label className="flex flex-col gap-1 text-[15px]">
          Whose label
          <select className="entry" {...register('standard')}>
            <option value="eu">European: carbohydrate without fibre</option>
            <option value="us">US: carbohydrate with fibre</option>
          </select>
        </label>
        <TextField label="Figures are for, g" hint="100, or the serving" error={errors.per_g} inputMode="decimal" {...register('per_g')} />
        <TextField label="Energy, kcal" error={errors.energy_kcal} inputMode="decimal" {...register('energy_kcal')} />
        <TextField label="Fat, g" error={errors.fat_g} inputMode="decimal" {...register('fat_g')} />
        <TextField label="Carbohydrate, g" error={errors.carbohydrate_g} inputMode="decimal" {...register('carbohydrate_g')} />
        <TextField label="of which sugars, g" error={errors.sugars_g} inputMode="decimal" {...register('sugars_g')} />
        <TextField label="Fibre, g" hint="empty: not printed" error={errors.fibre_g} inputMode="decimal" {...register('fibre_g')} />
        <TextField label="Protein, g" error={errors.protein_g} inputMode="decimal" {...register('protein_g')} />
        <TextField label="Salt, g" hint="sodium × 2.5" error={errors.salt_g} inputMode="decimal" {...register('salt_g')} />
        <TextField
          label="A US cup weighs, g"
          hint="empty: by weight only"
          error={errors.gramsPerUsCup}
          inputMode="decimal"
          {...register('gramsPerUsCup')}
        />
        <label className="flex flex-col gap-1 text-[15px]">
          In the kitchen it
          <select className="entry" {...register('behaves')}>
            {BEHAVES.map((word) => (
              <option key={word}>{word}</option>
            ))}
          </select>
        </label>
        <Which label="Easily taken for" none="nothing" ingredients={ALIKE} {...register('takenFor')} />
        <Which label="Can stand in for" none="nothing" ingredients={REPLACED} {...register('standsInFor')} />
        <fieldset className="col-span-3 max-sm:col-span-1">
          <legend className="text-[15px]">Contains</legend>
          <div className="flex flex-wrap gap-x-4">
            {ALLERGENS.map((allergen) => (
              <label key={allergen} className="flex min-h-11 items-center gap-2">
                <input type="checkbox" value={allergen} className="size-5 accent-act" {...register('allergens')} />
                {allergen}
              </label>
            ))}
          </div>
        </fieldset>
        {trouble !== null && (
          <p role="alert" className="col-span-3 border-l-3 border-ink bg-sheet p-2 max-sm:col-span-1">
            {describeSentence(trouble)}.
          </p>
        )}
        {doubt.length > 0 && (
          <div className="col-span-3 max-sm:col-span-1">
            <Findings findings={doubt} />
          </div>
        )}
        <button type="submit" className="button-act justify-self-start">
          {doubt.length > 0 ? 'Keep it all the same' : 'Keep'}
        </button>
      </form>
    </Sheet>
  );
};

type WhichProps = SelectHTMLAttributes<HTMLSelectElement> & {
  readonly label: string;
  readonly none: string;
  readonly ingredients: readonly Ingredient[];
  readonly ref?: Ref<HTMLSelectElement>;
};

/** One of the table’s ingredients, or none. */
const Which = ({ label, none, ingredients, ...select }: WhichProps) => (
  <label className="flex flex-col gap-1 text-[15px]">
    {label}
    <select className="entry" {...select}>
      <option value="">{none}</option>
      {ingredients.map(({ id, name }) => (
        <option key={id} value={id}>
          {name}
        </option>
      ))}
    </select>
  </label>
);
