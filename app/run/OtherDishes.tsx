import { Plus, X } from 'lucide-react';
import type { Run, RunDish } from '../../core/run/index.ts';
import { dishesOf, GOES_TO, MOST_OTHER_DISHES, withDish } from '../../core/run/index.ts';
import { InlineSelect, NumberEntry } from '../look/index.ts';
import type { Session } from '../session/index.ts';
import { newId } from '../store/index.ts';
import type { ChangeRun } from './change.ts';
import { DishIrons, DishWish } from './DishIrons.tsx';
import { GOES_TO_WORDS } from './goesTo.ts';

type Props = { readonly session: Session; readonly run: Run; readonly onChange: ChangeRun };

/** What else is cooked that morning: for how many, of what, on which irons. */
export const OtherDishes = ({ session, run, onChange }: Props) => {
  const others = run.otherDishes ?? [];
  const change = (id: string, changes: Parameters<typeof withDish>[2]): void =>
    onChange((now) => ({ otherDishes: withDish(now, id, changes).otherDishes }));
  const changeIrons = (id: string, irons: (before: RunDish['ironIds']) => string[]): void =>
    onChange((now) => ({
      otherDishes: (now.otherDishes ?? []).map((dish) => (dish.id === id ? { ...dish, ironIds: irons(dish.ironIds) } : dish)),
    }));
  const used = dishesOf(run).map(({ formulaId }) => formulaId);
  const next = session.formulas.find(({ id }) => !used.includes(id));
  const add = (): void => {
    if (next === undefined) return;
    const taken = dishesOf(run).flatMap(({ ironIds }) => ironIds);
    const free = session.irons.map(({ id }) => id).filter((id) => !taken.includes(id));
    const { batter_C } = session.workspace;
    onChange((now) => ({
      otherDishes: [
        ...(now.otherDishes ?? []),
        {
          id: newId(),
          formulaId: next.id,
          // An iron of its own, where there is one.
          ironIds: free.length > 0 ? free.slice(0, 1) : run.ironIds.slice(0, 1),
          people: 4,
          piecesPerPerson: 1,
          batter_g: null,
          prep: [],
          target: { tawny: null, crisp: null },
          batter_C,
        },
      ],
    }));
  };
  return (
    <div className={`no-print flex flex-col gap-2 ${others.length > 0 ? 'w-full' : ''}`}>
      {others.map((dish) => {
        const name = session.everyFormula.find(({ id }) => id === dish.formulaId)?.name ?? '';
        return (
          <fieldset
            key={dish.id}
            aria-label={`And ${name}`}
            className="flex flex-wrap items-center gap-x-5 gap-y-2 border-l-3 border-line pl-4"
          >
            <NumberEntry
              narrow
              label="and for"
              value={dish.people}
              min={1}
              max={2000}
              whole
              onChange={(people) => people !== null && change(dish.id, { people })}
            />
            <NumberEntry
              narrow
              label="pieces each"
              value={dish.piecesPerPerson}
              min={0.1}
              max={20}
              onChange={(piecesPerPerson) => piecesPerPerson !== null && change(dish.id, { piecesPerPerson })}
            />
            <span className="text-xl">
              <InlineSelect
                label="Another formula"
                value={dish.formulaId}
                choices={session.formulas
                  .filter(({ id }) => id === dish.formulaId || !used.includes(id))
                  .map(({ id, name: label, family }) => ({ value: id, label, note: family }))}
                onChange={(formulaId) => change(dish.id, { formulaId, prep: [] })}
              />
            </span>
            <DishIrons session={session} dish={dish} of={name} onIrons={(irons) => changeIrons(dish.id, irons)} />
            <span>
              for{' '}
              <InlineSelect
                label={`Where ${name} goes`}
                value={dish.goesTo ?? 'table'}
                choices={GOES_TO.map((goesTo) => ({ value: goesTo, label: GOES_TO_WORDS[goesTo] }))}
                onChange={(goesTo) => change(dish.id, { goesTo })}
              />
            </span>
            <NumberEntry
              narrow
              label="batter there is, g"
              placeholder="as needed"
              value={dish.batter_g}
              min={1}
              max={1e6}
              mayBeEmpty
              onChange={(batter_g) => change(dish.id, { batter_g })}
            />
            <DishWish session={session} dish={dish} />
            <button
              type="button"
              aria-label={`No ${name}`}
              className="inline-flex size-11 items-center justify-center"
              onClick={() => onChange((now) => ({ otherDishes: (now.otherDishes ?? []).filter(({ id }) => id !== dish.id) }))}
            >
              <X aria-hidden className="size-5" />
            </button>
          </fieldset>
        );
      })}
      {next !== undefined && others.length < MOST_OTHER_DISHES && (
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-1.5 self-start font-semibold text-act underline underline-offset-2"
          onClick={add}
        >
          <Plus aria-hidden className="size-5" /> Another dish
        </button>
      )}
    </div>
  );
};
