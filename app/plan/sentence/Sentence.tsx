import { lazy, Suspense } from 'react';
import { instantOf, wallTime } from '../../../core/basis/index.ts';
import type { Run } from '../../../core/run/index.ts';
import { isPutAway } from '../../../core/run/index.ts';
import type { Session } from '../../session/index.ts';
import { recipeChoices } from '../../session/index.ts';
import { InlineSelect, NumberEntry, WhenEntry } from '../../ui/index.ts';
import type { ChangeRun } from '../change.ts';
import { changeDish } from '../change.ts';
import { HowMany, PiecesEach } from './DishAmounts.tsx';

// Its drawings and its list come a moment after the page; its room is there before.
const WhichIrons = lazy(async () => ({ default: (await import('./WhichIrons.tsx')).WhichIrons }));

type Props = { readonly session: Session; readonly run: Run; readonly onChange: ChangeRun };

/** Who, when, what and on which irons, as one sentence of large fields. */
export const Sentence = ({ session, run, onChange }: Props) => {
  const [dish] = run.dishes;
  if (dish === undefined) return null;
  const onDish = changeDish(onChange, dish.id);
  const isAway = isPutAway(dish);
  return (
    <div className="no-print flex flex-wrap items-baseline gap-x-2.5 gap-y-2 font-display text-[29px] leading-tight text-quiet max-sm:gap-y-1 max-sm:text-[22px] [&_input]:text-ink [&_button]:text-ink">
      <span>{isAway ? 'Make' : 'Breakfast for'}</span>
      <HowMany
        // The bars of who comes when change it; while it is typed it stays the same one.
        key={(run.arrivals ?? []).map(({ people }) => people).join()}
        dish={dish}
        label={isAway ? 'Pieces wanted' : 'People'}
        look="sentence"
        onChange={onDish}
      />
      {isAway ? <span>pieces</span> : <span>with</span>}
      {!isAway && (
        <>
          <PiecesEach dish={dish} label="Pieces each" look="sentence" onChange={onDish} />
          <span>each</span>
        </>
      )}
      <When run={run} isAway={isAway} onChange={onChange} />
      {!isAway && (
        <InlineSelect
          look="sentence"
          label="Guests"
          value={run.mode}
          choices={[
            { value: 'together', label: 'everyone at once' },
            { value: 'as-they-come', label: 'as guests arrive' },
          ]}
          onChange={(mode) => onChange({ mode })}
        />
      )}
      <InlineSelect
        look="sentence"
        label="Recipe"
        value={dish.formulaId}
        choices={recipeChoices(session)}
        onChange={(formulaId) => onDish({ formulaId })}
      />
      <span>on</span>
      <Suspense
        fallback={
          <span className="min-h-11">
            {session.irons
              .filter(({ id }) => dish.ironIds.includes(id))
              .map(({ name }) => name)
              .join(', ')}
          </span>
        }
      >
        <WhichIrons session={session} dish={dish} onIrons={(irons) => onDish((now) => ({ ironIds: irons(now.ironIds) }))} />
      </Suspense>
    </div>
  );
};

/** When it is served, or done; with over how long guests come, where they aren't drawn. */
const When = ({ run, isAway, onChange }: Omit<Props, 'session'> & { readonly isAway: boolean }) => (
  <>
    <span>{isAway ? 'done by' : run.mode === 'together' ? 'served' : 'from'}</span>
    <WhenEntry
      inSentence
      label={isAway ? 'Done by' : run.mode === 'together' ? 'Served at' : 'First plate at'}
      value={wallTime(run.serveAt, run.zone)}
      onChange={(wall) => {
        const serveAt = instantOf(wall, run.zone);
        if (serveAt !== null) onChange({ serveAt });
      }}
    />
    {run.mode === 'as-they-come' && (run.arrivals ?? []).length === 0 && (
      <>
        <span>over</span>
        <NumberEntry
          inSentence
          label="Guests arrive over, min"
          placeholder="0"
          value={run.door_s === undefined || run.door_s === 0 ? null : Math.round(run.door_s / 60)}
          min={0}
          max={720}
          mayBeEmpty
          onChange={(minutes) => onChange({ door_s: (minutes ?? 0) * 60 })}
        />
        <span>min,</span>
      </>
    )}
  </>
);
