import { Plus, X } from 'lucide-react';
import type { Dish, Run, RunPlan } from '../../../core/run/index.ts';
import { MOST_DISHES, plainDish } from '../../../core/run/index.ts';
import { InlineSelect } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { newId } from '../../store/index.ts';
import type { ChangeRun } from '../change.ts';
import { changeDish } from '../change.ts';
import { BatterThereIs, HowMany, PiecesEach } from '../sentence/DishAmounts.tsx';
import { DishIrons, DishWish } from '../sentence/DishIrons.tsx';
import { WhereTo } from './WhereTo.tsx';
import { WithDish } from './WithDish.tsx';

type Props = {
  readonly session: Session;
  readonly run: Run;
  readonly plan: RunPlan | null;
  readonly others: readonly Dish[];
  readonly onChange: ChangeRun;
};

/** What else is cooked that morning: for how many, of what, on which irons. */
export const OtherDishes = ({ session, run, plan, others, onChange }: Props) => {
  const used = run.dishes.map(({ formulaId }) => formulaId);
  const next = session.formulas.find(({ id }) => !used.includes(id));
  const add = (): void => {
    if (next === undefined) return;
    const taken = run.dishes.flatMap(({ ironIds }) => ironIds);
    const free = session.irons.map(({ id }) => id).filter((id) => !taken.includes(id));
    // An iron of its own, where there is one.
    const ironIds = free.length > 0 ? free.slice(0, 1) : taken.slice(0, 1);
    const dish = plainDish({ id: newId(), formulaId: next.id, ironIds, batter_C: session.workspace.batter_C });
    onChange((now) => ({ dishes: [...now.dishes, dish] }));
  };
  return (
    <div className={`no-print flex flex-col gap-2 ${others.length > 0 ? 'w-full' : ''}`}>
      {others.map((dish) => (
        <OtherDish key={dish.id} session={session} run={run} plan={plan} dish={dish} used={used} onChange={onChange} />
      ))}
      {next !== undefined && run.dishes.length < MOST_DISHES && (
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-1.5 self-start font-semibold text-act underline underline-offset-2"
          onClick={add}
        >
          <Plus aria-hidden className="size-5" /> Add a dish
        </button>
      )}
    </div>
  );
};

type OtherDishProps = Omit<Props, 'others'> & { readonly dish: Dish; readonly used: readonly string[] };

const OtherDish = ({ session, run, plan, dish, used, onChange }: OtherDishProps) => {
  const name = session.everyFormula.find(({ id }) => id === dish.formulaId)?.name ?? '';
  const onDish = changeDish(onChange, dish.id);
  return (
    <fieldset aria-label={`And ${name}`} className="flex flex-wrap items-center gap-x-5 gap-y-2 border-l-3 border-line pl-4">
      <HowMany dish={dish} label="and for" look="narrow" onChange={onDish} />
      <PiecesEach dish={dish} label="pieces each" look="narrow" onChange={onDish} />
      <span className="text-xl">
        <InlineSelect
          label="Another recipe"
          value={dish.formulaId}
          choices={session.formulas
            .filter(({ id }) => id === dish.formulaId || !used.includes(id))
            .map(({ id, name: label, family }) => ({ value: id, label, note: family }))}
          onChange={(formulaId) => onDish({ formulaId, prep: [] })}
        />
      </span>
      <DishIrons session={session} dish={dish} of={name} onIrons={(irons) => onDish((now) => ({ ironIds: irons(now.ironIds) }))} />
      <WhereTo session={session} dish={dish} of={name} onChange={onDish} />
      <BatterThereIs dish={dish} label="Batter already made, g" look="narrow" onChange={onDish} />
      <DishWish session={session} dish={dish} />
      <button
        type="button"
        aria-label={`No ${name}`}
        className="inline-flex size-11 items-center justify-center"
        onClick={() => onChange((now) => ({ dishes: now.dishes.filter(({ id }) => id !== dish.id) }))}
      >
        <X aria-hidden className="size-5" />
      </button>
      <details className="w-full">
        <summary className="min-h-8 cursor-pointer text-act">More about {name}</summary>
        <div className="flex flex-wrap items-end gap-x-6 gap-y-3">
          <WithDish session={session} run={run} dish={dish} plan={plan} onChange={onDish} />
        </div>
      </details>
    </fieldset>
  );
};
