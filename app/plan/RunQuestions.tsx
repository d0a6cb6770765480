import { instantOf, wallTime } from '../../core/basis/index.ts';
import { lazy, Suspense } from 'react';
import type { Session } from '../session/index.ts';
import type { Run, RunPlan } from '../../core/run/index.ts';
import { isPutAway, MOST_HANDS } from '../../core/run/index.ts';
import { InlineSelect, NumberEntry, WhenEntry } from '../ui/index.ts';
import type { ChangeRun } from './change.ts';
import { changeDish } from './change.ts';
import { BatterThereIs, HowMany, PiecesEach } from './DishAmounts.tsx';
import { DishIrons, DishWish } from './DishIrons.tsx';
import { WhereTo } from './WhereTo.tsx';
import { WhoIsThere } from './WhoIsThere.tsx';

const WhenTheyCome = lazy(async () => ({ default: (await import('./WhenTheyCome.tsx')).WhenTheyCome }));
const WithDish = lazy(async () => ({ default: (await import('./WithDish.tsx')).WithDish }));
const OtherDishes = lazy(async () => ({ default: (await import('./OtherDishes.tsx')).OtherDishes }));

const HANDS_WORDS = ['one pair of hands', 'two pairs of hands', 'three pairs of hands', 'four pairs of hands'] as const;

type Props = {
  readonly session: Session;
  readonly run: Run;
  readonly plan: RunPlan | null;
  readonly onChange: ChangeRun;
};

/** What a plan needs to know: when, for how many, on which irons, of which batter. */
export const RunQuestions = ({ session, run, plan, onChange }: Props) => {
  const [dish, ...others] = run.dishes;
  if (dish === undefined) return null;
  const onDish = changeDish(onChange, dish.id);
  return (
    <div className="no-print flex flex-wrap items-end gap-x-6 gap-y-3">
      <HowMany
        // The bars of who comes when change it; while it is typed it stays the same one.
        key={(run.arrivals ?? []).map(({ people }) => people).join()}
        dish={dish}
        label={isPutAway(dish) ? 'Pieces wanted' : 'People'}
        isFirst
        onChange={onDish}
      />
      {(!isPutAway(dish) || dish.piecesPerPerson !== 1) && <PiecesEach dish={dish} label="Pieces each" isFirst onChange={onDish} />}
      <BatterThereIs dish={dish} label="Batter there is, g" isFirst onChange={onDish} />
      <WhenEntry
        label={isPutAway(dish) ? 'Done by' : run.mode === 'together' ? 'Served at' : 'First plate at'}
        value={wallTime(run.serveAt, run.zone)}
        onChange={(wall) => {
          const serveAt = instantOf(wall, run.zone);
          if (serveAt !== null) onChange({ serveAt });
        }}
      />
      {run.mode === 'as-they-come' && (run.arrivals ?? []).length === 0 && (
        <NumberEntry
          big
          label="They come over, min"
          placeholder="all at once"
          value={run.door_s === undefined || run.door_s === 0 ? null : Math.round(run.door_s / 60)}
          min={0}
          max={720}
          mayBeEmpty
          onChange={(minutes) => onChange({ door_s: (minutes ?? 0) * 60 })}
        />
      )}
      <fieldset className="flex min-w-72 max-w-md flex-1 flex-col gap-1 text-[15px]">
        <legend className="mb-1">How</legend>
        <div className="flex gap-2 max-sm:flex-col">
          {(
            [
              ['together', 'all served together'],
              ['as-they-come', 'as they come'],
            ] as const
          ).map(([mode, label]) => (
            <label
              key={mode}
              className={`flex min-h-14 flex-1 items-center gap-2 rounded-md border-2 px-3 font-semibold ${run.mode === mode ? 'border-act bg-act-soft' : 'border-line'}`}
            >
              <input
                type="radio"
                name="mode"
                checked={run.mode === mode}
                onChange={() => onChange({ mode })}
                className="size-5 accent-act"
              />
              {label}
            </label>
          ))}
        </div>
      </fieldset>
      <div className="flex w-full flex-wrap items-baseline gap-x-6 gap-y-2">
        <span className="text-xl">
          <InlineSelect
            label="Formula"
            value={dish.formulaId}
            choices={session.formulas.map(({ id, name, family }) => ({ value: id, label: name, note: family }))}
            onChange={(formulaId) => onDish({ formulaId })}
          />
        </span>
        <DishIrons session={session} dish={dish} onIrons={(irons) => onDish((now) => ({ ironIds: irons(now.ironIds) }))} />
        <span>
          by{' '}
          <InlineSelect
            label="Hands"
            value={run.hands ?? 1}
            choices={Array.from({ length: MOST_HANDS }, (_, i) => ({ value: i + 1, label: HANDS_WORDS[i] ?? String(i + 1) }))}
            onChange={(hands) => onChange({ hands })}
          />
        </span>
        <WhoIsThere run={run} onChange={onChange} />
        <WhereTo session={session} dish={dish} onChange={onDish} />
        <DishWish session={session} dish={dish} />
      </div>
      <Suspense fallback={<p className="min-h-11 w-full" />}>
        <WhenTheyCome run={run} onChange={onChange} />
        <WithDish session={session} run={run} dish={dish} plan={plan} onChange={onDish} />
        <OtherDishes session={session} run={run} plan={plan} others={others} onChange={onChange} />
      </Suspense>
    </div>
  );
};
