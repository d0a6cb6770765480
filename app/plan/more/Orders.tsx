import { instantOf, wallTime } from '../../../core/basis/index.ts';
import { Plus, Trash2 } from 'lucide-react';
import type { Arrival, Run, RunRequest } from '../../../core/run/index.ts';
import { ordersOf } from '../../../core/run/index.ts';
import { NumberEntry, timeOfDay, WhenEntry } from '../../ui/index.ts';
import type { ChangeRun } from '../change.ts';
import { withGuests } from '../change.ts';

const MOST_ORDERS = 48;
const MOST_PEOPLE = 2000;
const MOST_AFTER_S = 12 * 3600;
const APART_S = 300;
const NOTHING_OUT: ReadonlyMap<string, number> = new Map();

type Props = { readonly run: Run; readonly onChange: ChangeRun };

const sumOf = (arrivals: readonly Arrival[]): number => arrivals.reduce((sum, { people }) => sum + people, 0);

/** Another order, five minutes after the last. */
export const nextOrder = (before: readonly Arrival[]): Arrival => ({
  after_s: before.length === 0 ? 0 : Math.min(MOST_AFTER_S, Math.max(...before.map(({ after_s }) => after_s)) + APART_S),
  people: 2,
  name: `Order ${before.length + 1}`,
});

/** Orders by name: who, how many, when. */
export const Orders = ({ run, onChange }: Props) => {
  const arrivals = run.arrivals ?? [];
  const people = run.dishes[0]?.people ?? 0;
  const take = (change: (before: readonly Arrival[]) => readonly Arrival[]): void =>
    onChange((now) => {
      const changed = change(now.arrivals ?? []);
      return { arrivals: changed.length === 0 ? undefined : [...changed], ...withGuests(now, Math.max(1, sumOf(changed))) };
    });
  const set = (place: number, changes: Partial<Arrival>): void =>
    take((before) => before.map((arrival, i) => (i === place ? { ...arrival, ...changes } : arrival)));
  return (
    <fieldset className="no-print flex w-full flex-col gap-2">
      <legend className="mb-1">Orders</legend>
      <ol className="flex flex-col gap-2">
        {arrivals.map(({ after_s, people, name = '' }, i) => (
          <li key={i} className="flex flex-wrap items-end gap-x-3 gap-y-1">
            <label className="flex flex-col gap-1 text-[15px]">
              Who
              <input
                className="entry h-14 w-48"
                maxLength={60}
                key={name}
                defaultValue={name}
                onBlur={(event) => {
                  const typed = event.target.value.trim();
                  if (typed !== '' && typed !== name) set(i, { name: typed });
                }}
              />
            </label>
            <NumberEntry
              key={`${i} ${arrivals.length}`}
              label="people"
              value={people}
              min={0}
              max={MOST_PEOPLE}
              whole
              onChange={(value) => value !== null && set(i, { people: value })}
            />
            <WhenEntry
              label={`Order ${i + 1} at`}
              value={wallTime(run.serveAt + 1000 * after_s, run.zone)}
              onChange={(wall) => {
                const at = instantOf(wall, run.zone);
                if (at !== null) set(i, { after_s: Math.max(0, Math.min(MOST_AFTER_S, Math.round((at - run.serveAt) / 1000))) });
              }}
            />
            <button
              type="button"
              aria-label={`Take ${name} out`}
              className="grid size-14 place-items-center"
              onClick={() => take((before) => before.filter((_, at) => at !== i))}
            >
              <Trash2 aria-hidden className="size-5" />
            </button>
          </li>
        ))}
      </ol>
      {sumOf(arrivals) !== people && (
        <p className="text-[15px]" role="status">
          Orders for {sumOf(arrivals)}; the plan is for {people}, who come in the same way.
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        {arrivals.length < MOST_ORDERS && (
          <button type="button" className="button-plain" onClick={() => take((before) => [...before, nextOrder(before)])}>
            <Plus aria-hidden className="size-5" /> Another order
          </button>
        )}
        <button type="button" className="button-plain" onClick={() => onChange({ arrivals: undefined })}>
          No names
        </button>
      </div>
    </fieldset>
  );
};

/** Only on paper: who gets how many, when, and a box to tick. */
export const OrderCard = ({ run, request }: { readonly run: Run; readonly request: RunRequest }) => {
  const orders = ordersOf(request, NOTHING_OUT);
  if (orders.length === 0) return null;
  return (
    <section aria-label="Orders on paper" className="hidden break-before-page print:block">
      <h2 className="text-xl">{run.name}, orders</h2>
      <ol className="mt-2 grid grid-cols-[auto_auto_auto_1fr] gap-x-4">
        {orders.map(({ name, at, pieces }, i) => (
          <li key={i} className="col-span-4 grid grid-cols-subgrid items-baseline border-b border-line py-0.5">
            <span aria-hidden className="inline-block size-3.5 border border-ink" />
            <b>{timeOfDay(at, run.zone)}</b>
            <span>{pieces}</span>
            <span>{name}</span>
          </li>
        ))}
      </ol>
    </section>
  );
};
