import { useState } from 'react';
import { missedTouch } from '../../../core/line/index.ts';
import type { NewLoadEvent } from '../../../core/log/index.ts';
import { useNow } from '../../clock/index.ts';
import { duration, timeOfDay } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';

type Props = {
  readonly places: readonly LinePlace[];
  readonly zone: string;
  readonly disabled: boolean;
  readonly onTouch: (place: LinePlace, event: NewLoadEvent, at?: number) => void;
};

const TICK_MS = 5000;
const DONE = { open: 'opened', close: 'closed' } as const;

/** What must have been missed while the device slept or nobody touched: asked once for each load, and never in the way of what is to be done now. */
export const Missed = ({ places, zone, disabled, onTouch }: Props) => {
  const now = useNow(TICK_MS);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const missed = places.flatMap((place) => {
    const { load, progress, prediction } = place;
    if (load === null || progress === null || left.has(load.id)) return [];
    const touch = missedTouch(progress, prediction?.cookTime_s.best ?? null, now);
    return touch === null ? [] : [{ place, load, touch }];
  });
  return (
    <>
      {missed.map(({ place, load, touch: { act, dueAt } }) => (
        <div
          key={load.id}
          role="status"
          data-missed={place.iron.id}
          className="flex flex-wrap items-center gap-x-4 gap-y-1 bg-sheet px-5 py-2 text-lg text-ink"
        >
          <span>
            {place.iron.name} {act === 'open' ? 'was due' : 'was poured, its lid due,'} at <b>{timeOfDay(dueAt, zone)}</b>,{' '}
            {duration((now - dueAt) / 1000)} ago.
          </span>
          <button
            type="button"
            disabled={disabled}
            className={PRESS}
            onClick={() => onTouch(place, { kind: DONE[act], data: {} }, Math.round(dueAt))}
          >
            {act === 'open' ? 'Opened then' : 'Closed then'}
          </button>
          <button type="button" disabled={disabled} className={PRESS} onClick={() => onTouch(place, { kind: DONE[act], data: {} })}>
            Just now
          </button>
          <button type="button" className={PRESS} onClick={() => setLeft(new Set([...left, load.id]))}>
            {act === 'open' ? 'It is still in' : 'It is still open'}
          </button>
        </div>
      ))}
    </>
  );
};

const PRESS = 'min-h-16 rounded-lg border-2 border-act px-4 font-semibold text-act disabled:opacity-60';
