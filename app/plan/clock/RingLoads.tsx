import { Pin as PinIcon } from 'lucide-react';
import { useState } from 'react';
import type { KeyboardEvent } from 'react';
import { HOUR_MS } from '../../../core/basis/index.ts';
import type { PlannedLoad } from '../../../core/run/index.ts';
import { ringPlace, ringSlots, timeOfDay, useDrag } from '../../ui/index.ts';
import type { LoadSpoke } from './clockOf.ts';
import type { ClockProps } from './clockProps.ts';
import { pinnedAt } from './pinned.ts';

/** A load is put down on whole steps; the keys go by them too. */
const STEP_MS = 15_000;
const SHIFT_STEPS = 20;

type Props = Omit<ClockProps, 'plan'> & {
  readonly spokes: readonly LoadSpoke[];
  readonly turnOf: (at: number) => number;
  readonly serveTurn: number;
};

/** The loads on the clock, to be touched, dragged along the ring, or walked through and moved by the arrow keys. */
export const RingLoads = ({ spokes, turnOf, serveTurn, ...props }: Props) => {
  const { chosen, onChoose, onMove } = props;
  const loads = spokes.flatMap((spoke) => spoke.loads);
  const slots = ringSlots(
    spokes.map((spoke) => ({ turn: turnOf(spoke.at), count: spoke.loads.length })),
    serveTurn,
  );
  const at = loads.findIndex(({ ironId, n }) => ironId === chosen?.ironId && n === chosen.n);
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    const by = { ArrowRight: 1, ArrowLeft: -1 }[event.key];
    const load = loads[at];
    const next = step === undefined ? undefined : loads[Math.min(loads.length - 1, Math.max(0, at + step))];
    if (next === undefined && (by === undefined || load === undefined)) return;
    event.preventDefault();
    if (next !== undefined) onChoose(next);
    else if (by !== undefined && load !== undefined) onMove(load, (pourAt) => pourAt + by * (event.shiftKey ? SHIFT_STEPS : 1) * STEP_MS);
  };
  return (
    <div
      role="listbox"
      aria-label="Loads: up and down to choose, left and right to move"
      aria-activedescendant={loads[at] === undefined ? undefined : idOf(loads[at])}
      tabIndex={0}
      className="no-print absolute inset-0 rounded-full"
      onKeyDown={onKeyDown}
    >
      {spokes.flatMap((spoke, s) =>
        spoke.loads.map((load, i) => (
          <Handle
            key={idOf(load)}
            load={load}
            place={ringPlace(turnOf(spoke.at), slots[s]?.[i] ?? i)}
            isChosen={loads[at] === load}
            {...props}
          />
        )),
      )}
    </div>
  );
};

const idOf = ({ ironId, n }: PlannedLoad): string => `load-${ironId}-${n}`;

type HandleProps = Omit<Props, 'spokes' | 'turnOf' | 'serveTurn'> & {
  readonly load: PlannedLoad;
  readonly place: ReturnType<typeof ringPlace>;
  readonly isChosen: boolean;
};

/** The angle of a point around the middle of the ring, as a share of a turn. */
const turnAt = (x: number, y: number, box: DOMRect): number =>
  Math.atan2(x - (box.left + box.width / 2), -(y - (box.top + box.height / 2))) / (2 * Math.PI);

/** By how much a turn went from one to another, the short way round: −½ to ½. */
const turned = (from: number, to: number): number => ((to - from + 1.5) % 1) - 0.5;

const Handle = ({ load, planned, place, isChosen, onChoose, onTry, onMove }: HandleProps) => {
  const [dragged, setDragged] = useState<number | null>(null);
  const drag = useDrag<{ readonly turn: number; readonly at: number; readonly box: DOMRect }, HTMLDivElement>({
    start: (event) => {
      onChoose(load);
      const box = (event.currentTarget.parentElement ?? event.currentTarget).getBoundingClientRect();
      return { turn: turnAt(event.clientX, event.clientY, box), at: load.pourAt, box };
    },
    move: (event, from) => {
      const by_ms = Math.round((turned(from.turn, turnAt(event.clientX, event.clientY, from.box)) * HOUR_MS) / STEP_MS) * STEP_MS;
      if ((by_ms === 0 && dragged === null) || from.at + by_ms === dragged) return;
      setDragged(from.at + by_ms);
      onTry(pinnedAt(planned.run, load, from.at + by_ms));
    },
    end: (_event, _from, isDone) => {
      onTry(null);
      setDragged(null);
      if (isDone && dragged !== null) onMove(load, () => dragged);
    },
  });
  const iron = planned.irons.find(({ id }) => id === load.ironId)?.name ?? '';
  return (
    // Chosen and moved by the keys of the list around it, which has the focus.
    // eslint-disable-next-line jsx-a11y/click-events-have-key-events, jsx-a11y/interactive-supports-focus
    <div
      id={idOf(load)}
      role="option"
      aria-selected={isChosen}
      aria-label={`Load ${load.n} on ${iron}, poured at ${timeOfDay(load.pourAt, planned.run.zone)}${load.isPinned === true ? ', kept there' : ''}`}
      data-load={`${load.ironId}/${load.n}`}
      data-pour={load.pourAt}
      className={`absolute grid aspect-square -translate-1/2 cursor-grab touch-none place-items-end ${isChosen ? 'rounded ring-3 ring-act' : ''}`}
      style={{ left: `${place.left}%`, top: `${place.top}%`, width: `${place.size * 1.1}%` }}
      {...drag.handlers}
      onClick={() => onChoose(load)}
    >
      {load.isPinned === true && <PinIcon aria-hidden className="size-4 rounded bg-sheet p-0.5 text-ink" />}
    </div>
  );
};
