import { lazy, Suspense } from 'react';
import type { Session } from '../session/index.ts';
import { OVEN_C } from '../../core/plate/index.ts';
import type { Run, RunPlan } from '../../core/run/index.ts';
import { GOES_TO, HOLDS, instantOf, isPutAway, MOST_HANDS, wallTime } from '../../core/run/index.ts';
import { InlineSelect, NumberEntry, WhenEntry } from '../look/index.ts';
import type { ChangeRun } from './change.ts';
import { DishIrons, DishWish } from './DishIrons.tsx';
import { GOES_TO_WORDS } from './goesTo.ts';
import { holdWords } from './holdWords.ts';
import { WhoIsThere } from './WhoIsThere.tsx';

const WhenTheyCome = lazy(async () => ({ default: (await import('./WhenTheyCome.tsx')).WhenTheyCome }));
const Besides = lazy(async () => ({ default: (await import('./Besides.tsx')).Besides }));
const Variants = lazy(async () => ({ default: (await import('./Variants.tsx')).Variants }));
const FromKept = lazy(async () => ({ default: (await import('./FromKept.tsx')).FromKept }));
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
  return (
    <div className="no-print flex flex-wrap items-end gap-x-6 gap-y-3">
      <NumberEntry
        // The bars of who comes when change it; while it is typed it stays the same one.
        key={(run.arrivals ?? []).map(({ people }) => people).join()}
        big
        label={isPutAway(run) ? 'Pieces wanted' : 'People'}
        value={run.people}
        min={1}
        max={2000}
        whole
        onChange={(people) => people !== null && onChange({ people })}
      />
      {(!isPutAway(run) || run.piecesPerPerson !== 1) && (
        <NumberEntry
          big
          label="Pieces each"
          value={run.piecesPerPerson}
          min={0.1}
          max={20}
          onChange={(piecesPerPerson) => piecesPerPerson !== null && onChange({ piecesPerPerson })}
        />
      )}
      <NumberEntry
        big
        label="Batter there is, g"
        placeholder="as needed"
        value={run.batter_g}
        min={1}
        max={1e6}
        mayBeEmpty
        onChange={(batter_g) => onChange({ batter_g })}
      />
      <WhenEntry
        label={isPutAway(run) ? 'Done by' : run.mode === 'together' ? 'Served at' : 'First plate at'}
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
            value={run.formulaId}
            choices={session.formulas.map(({ id, name, family }) => ({ value: id, label: name, note: family }))}
            onChange={(formulaId) => onChange({ formulaId })}
          />
        </span>
        <DishIrons session={session} dish={run} onIrons={(irons) => onChange((now) => ({ ironIds: irons(now.ironIds) }))} />
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
        <span>
          for{' '}
          <InlineSelect
            label="Where it goes"
            value={run.goesTo ?? 'table'}
            choices={GOES_TO.map((goesTo) => ({ value: goesTo, label: GOES_TO_WORDS[goesTo] }))}
            onChange={(goesTo) => onChange({ goesTo })}
          />
        </span>
        <span>
          waits{' '}
          <InlineSelect
            label="Where it waits"
            value={run.hold ?? 'rack'}
            choices={HOLDS.map((hold) => ({ value: hold, label: holdWords(hold, session.kit.temperatureUnit) }))}
            onChange={(hold) => onChange({ hold })}
          />
        </span>
        {OVEN_C[run.hold ?? 'rack'] !== null && (
          <NumberEntry
            narrow
            label="pieces it holds"
            placeholder="all"
            value={run.holdPlaces ?? null}
            min={1}
            max={2000}
            whole
            mayBeEmpty
            onChange={(holdPlaces) => onChange({ holdPlaces: holdPlaces ?? undefined })}
          />
        )}
        <DishWish session={session} dish={run} />
      </div>
      <Suspense fallback={<p className="min-h-11 w-full" />}>
        <WhenTheyCome run={run} onChange={onChange} />
        <Besides run={run} onChange={onChange} />
        <Variants run={run} plan={plan} onChange={onChange} />
        <FromKept session={session} run={run} onChange={onChange} />
        <OtherDishes session={session} run={run} onChange={onChange} />
      </Suspense>
    </div>
  );
};
