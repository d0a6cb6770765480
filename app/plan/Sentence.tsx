import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import { instantOf, wallTime } from '../../core/basis/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { Dish, Run } from '../../core/run/index.ts';
import { isPutAway } from '../../core/run/index.ts';
import type { Session } from '../session/index.ts';
import { InlineSelect, NumberEntry, Piece, WhenEntry } from '../ui/index.ts';
import type { ChangeRun } from './change.ts';
import { changeDish } from './change.ts';
import { HowMany, PiecesEach } from './DishAmounts.tsx';
import { DishIrons } from './DishIrons.tsx';

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
        choices={session.formulas.map(({ id, name, family }) => ({ value: id, label: name, note: family }))}
        onChange={(formulaId) => onDish({ formulaId })}
      />
      <span>on</span>
      <WhichIrons session={session} dish={dish} onIrons={(irons) => onDish((now) => ({ ironIds: irons(now.ironIds) }))} />
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

type IronsProps = {
  readonly session: Session;
  readonly dish: Dish;
  readonly onIrons: (change: (ironIds: readonly string[]) => string[]) => void;
};

const USUAL_STEP = 4;
/** More than so many irons are counted, not named. */
const MOST_NAMED = 3;

const IronName = ({ iron }: { readonly iron: Iron }) => (
  <span className="inline-flex items-center gap-2">
    <Piece lattice={iron.geometry.lattice} hollow={iron.kind === 'ball pan'} step={USUAL_STEP} count={iron.geometry.moulds} size={28} />
    {iron.name}
  </span>
);

/** The irons of the dish, drawn and named; touched, they can be chosen. */
const WhichIrons = ({ session, dish, onIrons }: IronsProps) => {
  const chosen = session.irons.filter(({ id }) => dish.ironIds.includes(id));
  return (
    <Popover className="relative">
      <PopoverButton
        aria-label={`Irons: ${chosen.map(({ name }) => name).join(', ') || 'none'}`}
        className="inline-flex min-h-11 flex-wrap items-center gap-x-5 border-b-3 border-band px-0.5 text-left font-bold hover:border-act"
      >
        {chosen.slice(0, MOST_NAMED).map((iron) => (
          <IronName key={iron.id} iron={iron} />
        ))}
        {chosen.length > MOST_NAMED && `and ${chosen.length - MOST_NAMED} more`}
        {chosen.length === 0 && 'no iron yet'}
        <ChevronDown aria-hidden className="-ml-3 size-5 text-act" />
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: 'bottom start', gap: 6, padding: 8 }}
        className="z-40 max-w-[min(36rem,92vw)] rounded-xl border border-line bg-sheet p-4 shadow-xl"
      >
        <DishIrons session={session} dish={dish} onIrons={onIrons} />
      </PopoverPanel>
    </Popover>
  );
};
