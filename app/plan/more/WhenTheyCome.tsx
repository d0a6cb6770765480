import { ChartNoAxesColumn, ClipboardList } from 'lucide-react';
import { useState } from 'react';
import type { Arrival, Run } from '../../../core/run/index.ts';
import { areOrders } from '../../../core/run/index.ts';
import { nextOrder, Orders } from './Orders.tsx';
import type { ChangeRun } from '../change.ts';
import { withGuests } from '../change.ts';
import { NumberEntry, timeOfDay, useDrag } from '../../ui/index.ts';

const QUARTER_S = 900;
/** More columns than this are too narrow for a finger. */
const MOST_COLUMNS = 16;
const USUAL_DOOR_S = 3600;
const BAR_PX = 96;
const MOST_PEOPLE = 2000;

const within = (people: number): number => Math.max(0, Math.min(MOST_PEOPLE, Math.round(people)));
const sumOf = (arrivals: readonly Arrival[]): number => arrivals.reduce((sum, { people }) => sum + people, 0);

type Props = { readonly run: Run; readonly onChange: ChangeRun };

/** So many guests in equal parts over the time that the door is open. */
const evenly = (people: number, door_s: number): readonly Arrival[] => {
  const columns = Math.max(2, Math.min(MOST_COLUMNS, Math.ceil(door_s / QUARTER_S)));
  const step_s = Math.max(QUARTER_S, Math.ceil(door_s / columns / QUARTER_S) * QUARTER_S);
  return Array.from({ length: columns }, (_, i) => ({
    after_s: i * step_s,
    people: Math.floor(((i + 1) * people) / columns) - Math.floor((i * people) / columns),
  }));
};

/** As they come: the door's hour drawn, a bar for each quarter of it; each is dragged, moved by keys, or typed. */
export const WhenTheyCome = ({ run, onChange }: Props) => {
  const arrivals = run.arrivals ?? [];
  const people = run.dishes[0]?.people ?? 0;
  // `version`: what a bar changes is another entry than what is being typed.
  const [chosen, setChosen] = useState({ column: 0, version: 0 });
  if (run.mode !== 'as-they-come') return null;
  if (areOrders(run)) return <Orders run={run} onChange={onChange} />;
  if (arrivals.length === 0)
    return (
      <>
        <button
          type="button"
          className="no-print inline-flex min-h-11 items-center gap-2 font-semibold text-act underline underline-offset-2"
          onClick={() =>
            onChange({ arrivals: [...evenly(people, run.door_s === undefined || run.door_s === 0 ? USUAL_DOOR_S : run.door_s)] })
          }
        >
          <ChartNoAxesColumn aria-hidden className="size-5" /> Draw when guests arrive
        </button>
        <button
          type="button"
          className="no-print inline-flex min-h-11 items-center gap-2 font-semibold text-act underline underline-offset-2"
          // The first order is of everybody: nobody who was counted is lost.
          onClick={() => onChange((now) => ({ arrivals: [{ ...nextOrder([]), people: within(now.dishes[0]?.people ?? 0) }] }))}
        >
          <ClipboardList aria-hidden className="size-5" /> Write down orders
        </button>
      </>
    );
  const step_s = (arrivals[1]?.after_s ?? QUARTER_S) - (arrivals[0]?.after_s ?? 0);
  const take = (change: (before: readonly Arrival[]) => readonly Arrival[]): void =>
    onChange((now) => {
      const changed = change(now.arrivals ?? []);
      return { arrivals: [...changed], ...withGuests(now, Math.max(1, within(sumOf(changed)))) };
    });
  const put = (column: number, people: (before: number) => number): void =>
    take((before) => before.map((arrival, i) => (i === column ? { ...arrival, people: within(people(arrival.people)) } : arrival)));
  const timeAt = (after_s: number): string => timeOfDay(run.serveAt + 1000 * after_s, run.zone);
  const drawn = sumOf(arrivals);
  const most = Math.max(4, ...arrivals.map(({ people }) => people));
  return (
    <fieldset className="no-print flex w-full flex-wrap items-end gap-x-4 gap-y-2">
      <legend className="sr-only">When they come</legend>
      <div className="flex max-w-full items-end gap-1 overflow-x-auto pb-1">
        {arrivals.map(({ after_s, people }, i) => (
          <Column
            key={after_s}
            time={timeAt(after_s)}
            people={people}
            most={most}
            isChosen={chosen.column === i}
            onChoose={() => setChosen((before) => ({ ...before, column: i }))}
            onChange={(value) => {
              setChosen((before) => ({ column: i, version: before.version + 1 }));
              put(i, value);
            }}
          />
        ))}
      </div>
      <NumberEntry
        key={`${chosen.column} ${chosen.version}`}
        narrow
        label={`Guests at ${timeAt(arrivals[chosen.column]?.after_s ?? 0)}`}
        value={arrivals[chosen.column]?.people ?? 0}
        min={0}
        max={MOST_PEOPLE}
        whole
        onChange={(value) => value !== null && put(chosen.column, () => value)}
      />
      {drawn !== people && (
        <p className="pb-2.5 text-[15px]" role="status">
          Drawn for {drawn}; {people} come in the same way.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-2">
        {arrivals.length < MOST_COLUMNS && (
          <button
            type="button"
            className="button-plain"
            onClick={() => take((before) => [...before, { after_s: (before.at(-1)?.after_s ?? 0) + step_s, people: 0 }])}
          >
            {Math.round(step_s / 60)} minutes longer
          </button>
        )}
        {arrivals.length > 2 && (
          <button
            type="button"
            className="button-plain"
            onClick={() => {
              setChosen({ column: 0, version: 0 });
              take((before) => before.slice(0, -1));
            }}
          >
            Shorter
          </button>
        )}
        <button
          type="button"
          className="button-plain"
          onClick={() => onChange({ arrivals: undefined, door_s: arrivals.at(-1)?.after_s ?? USUAL_DOOR_S })}
        >
          Evenly instead
        </button>
      </div>
    </fieldset>
  );
};

type ColumnProps = {
  readonly time: string;
  readonly people: number;
  readonly most: number;
  readonly isChosen: boolean;
  readonly onChoose: () => void;
  readonly onChange: (people: (before: number) => number) => void;
};

const Column = ({ time, people, most, isChosen, onChoose, onChange }: ColumnProps) => {
  const [dragged, setDragged] = useState<number | null>(null);
  const shown = dragged ?? people;
  const drag = useDrag<{ readonly y: number; readonly most: number }, HTMLDivElement>({
    start: (event) => {
      onChoose();
      const foot = event.currentTarget.getBoundingClientRect().bottom;
      setDragged(within(((foot - event.clientY) / BAR_PX) * most));
      return { y: foot, most };
    },
    move: (event, from) => setDragged(within(((from.y - event.clientY) / BAR_PX) * from.most)),
    end: (_event, _from, isDone) => {
      setDragged(null);
      if (isDone && dragged !== null && dragged !== people) onChange(() => dragged);
    },
  });
  return (
    <div className="flex w-12 flex-col items-center">
      <span className="font-bold">{shown}</span>
      <div
        role="slider"
        tabIndex={0}
        aria-label={`Guests at ${time}`}
        aria-valuenow={shown}
        aria-valuemin={0}
        aria-valuemax={MOST_PEOPLE}
        className={`flex w-full cursor-ns-resize touch-none flex-col justify-end border-b-2 border-ink bg-sheet ${isChosen ? 'ring-2 ring-act' : ''}`}
        onFocus={onChoose}
        style={{ height: BAR_PX }}
        {...drag.handlers}
        onKeyDown={(event) => {
          const by = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1, PageUp: 5, PageDown: -5 }[event.key];
          if (by === undefined) return;
          event.preventDefault();
          onChange((before) => before + by);
        }}
      >
        <div className="bg-act" style={{ height: `${Math.min(100, (100 * shown) / most)}%` }} />
      </div>
      <span className="text-sm text-quiet">{time}</span>
    </div>
  );
};
