import { Pin as PinIcon } from 'lucide-react';
import { useState } from 'react';
import type { Pin, PlannedLoad, RunPlan } from '../../../core/run/index.ts';
import { timeOfDay, useDrag } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import type { ChosenLoad } from '../clock/pinned.ts';
import { pinnedAt } from '../clock/pinned.ts';

/** A load is put down on whole steps; the keys go by them too. */
const STEP_MS = 15_000;
const SHIFT_STEPS = 20;
/** More than so many loads are too narrow to be grabbed one by one. */
const MOST_HANDLES = 90;

type Props = {
  readonly planned: PlannedRun;
  readonly plan: RunPlan;
  readonly chosen: ChosenLoad | null;
  /** Where a load lies in the picture, in per cent of it. */
  readonly placeOf: (load: PlannedLoad) => { readonly left: number; readonly top: number; readonly width: number; readonly height: number };
  /** Of the whole picture's width. */
  readonly msPerShare: number;
  readonly onChoose: (load: ChosenLoad) => void;
  /** While it is dragged; null: no more. */
  readonly onTry: (pins: readonly Pin[] | null) => void;
  /** Put for good: from where it was to where it is. */
  readonly onMove: (load: PlannedLoad, at: (pourAt: number) => number) => void;
};

/** Every load can be dragged to where it is wanted, or moved by the arrow keys. */
export const LoadHandles = ({ plan, ...props }: Props) =>
  plan.loads.length <= MOST_HANDLES &&
  // By iron, not by time: what is dragged past another must not change places with it under the finger.
  [...plan.loads]
    .sort((a, b) => a.ironId.localeCompare(b.ironId) || a.n - b.n)
    .map((load) => <Handle key={`${load.ironId}/${load.n}`} load={load} {...props} />);

const Handle = ({
  load,
  planned,
  chosen,
  placeOf,
  msPerShare,
  onChoose,
  onTry,
  onMove,
}: Omit<Props, 'plan'> & { readonly load: PlannedLoad }) => {
  const [dragged, setDragged] = useState<number | null>(null);
  const drag = useDrag<{ readonly x: number; readonly width: number; readonly at: number; readonly msPerShare: number }, HTMLButtonElement>(
    {
      start: (event) => {
        onChoose(load);
        return { x: event.clientX, width: Math.max(1, event.currentTarget.parentElement?.clientWidth ?? 1), at: load.pourAt, msPerShare };
      },
      move: (event, from) => {
        const moved = Math.round((((event.clientX - from.x) / from.width) * from.msPerShare) / STEP_MS) * STEP_MS;
        if (moved === 0 && dragged === null) return;
        if (from.at + moved === dragged) return;
        setDragged(from.at + moved);
        onTry(pinnedAt(planned.run, load, from.at + moved));
      },
      end: (_event, _from, isDone) => {
        onTry(null);
        setDragged(null);
        if (isDone && dragged !== null) onMove(load, () => dragged);
      },
    },
  );
  const { left, top, width, height } = placeOf(load);
  const iron = planned.irons.find(({ id }) => id === load.ironId)?.name ?? '';
  const isChosen = chosen?.ironId === load.ironId && chosen.n === load.n;
  return (
    <button
      type="button"
      className={`no-print absolute flex cursor-grab touch-none items-start justify-end rounded ${isChosen ? 'ring-3 ring-act' : ''}`}
      style={{ left: `${left}%`, top: `${top}%`, width: `${width}%`, height: `${height}%` }}
      aria-label={`Load ${load.n} on ${iron}, poured at ${timeOfDay(load.pourAt, planned.run.zone)}${load.isPinned === true ? ', kept there' : ''}: move with the arrow keys`}
      aria-pressed={isChosen}
      data-load={`${load.ironId}/${load.n}`}
      data-pour={load.pourAt}
      {...drag.handlers}
      onClick={() => onChoose(load)}
      onKeyDown={(event) => {
        const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
        if (by === 0) return;
        event.preventDefault();
        onMove(load, (pourAt) => pourAt + by * (event.shiftKey ? SHIFT_STEPS : 1) * STEP_MS);
      }}
    >
      {load.isPinned === true && <PinIcon aria-hidden className="m-0.5 size-4 rounded bg-sheet p-0.5 text-ink" />}
    </button>
  );
};
