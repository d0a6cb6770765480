import { MINUTE_MS } from '../../../core/basis/index.ts';
import clsx from 'clsx';
import { useState } from 'react';
import type { PrepStep } from '../../../core/lift/index.ts';
import { movedStep, stepStanding } from '../../../core/lift/index.ts';
import type { Run } from '../../../core/run/index.ts';
import { withDish } from '../../../core/run/index.ts';
import { describeStored } from '../../../words/index.ts';
import { timeOfDay, useDrag } from '../../ui/index.ts';
import { commands, useDo } from '../../store/index.ts';
import type { Span } from './timeWindow.ts';
import { place } from './timeWindow.ts';

type Props = {
  readonly step: PrepStep;
  readonly span: Span;
  readonly run: Run;
  readonly dishId: string;
  readonly all: readonly PrepStep[];
};

/** Something to be done before the pour, on the strip: dragged, or moved by the arrow keys, within what is possible. */
export const PrepBlock = ({ step, span, run, dishId, all }: Props) => {
  const carryOut = useDo();
  const [dragged, setDragged] = useState<number | null>(null);
  const shown = dragged === null ? step : movedStep(step, dragged);
  const standing = stepStanding(shown);
  const save = (next: PrepStep): void =>
    void carryOut(
      commands.changeRun(run.id, (now) => {
        return withDish(now, dishId, ({ prep: laid }) => ({
          prep: (laid.length > 0 ? laid : [...all]).map((other) => (other.id === step.id ? next : other)),
        }));
      }),
    );
  const words = describeStored(step.code);
  const drag = useDrag<{ readonly x: number; readonly at: number }, HTMLButtonElement>({
    start: (event) => ({ x: event.clientX, at: step.at }),
    move: (event, from) => {
      const width = Math.max(1, event.currentTarget.parentElement?.clientWidth ?? 1);
      setDragged(from.at + ((event.clientX - from.x) / width) * (span.to - span.from));
    },
    end: (_event, _from, isDone) => {
      if (isDone && Math.abs(shown.at - step.at) > MINUTE_MS / 2) save({ ...shown, at: Math.round(shown.at / MINUTE_MS) * MINUTE_MS });
      setDragged(null);
    },
    // The strip beneath it moves by itself.
    isOnTop: true,
  });
  const percent = Math.max(0.6, place(span, shown.at + shown.duration_s * 1000) - place(span, shown.at));
  return (
    <>
      {dragged !== null && (
        <span
          aria-hidden
          className="absolute top-5 h-1.5 bg-band"
          style={{ left: `${place(span, step.soft[0])}%`, width: `${place(span, step.soft[1]) - place(span, step.soft[0])}%` }}
        />
      )}
      <button
        type="button"
        title={`${words}, ${timeOfDay(shown.at, run.zone)}`}
        aria-label={`${words}, ${timeOfDay(shown.at, run.zone)}: move with the arrow keys`}
        data-prep={step.code}
        className="absolute top-1 flex h-6 min-w-6 cursor-ew-resize touch-none items-end"
        style={{ left: `${place(span, shown.at)}%`, width: `${percent}%` }}
        {...drag.handlers}
        onKeyDown={(event) => {
          const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
          if (by === 0) return;
          event.preventDefault();
          save(movedStep(step, step.at + by * (event.shiftKey ? 10 : 1) * MINUTE_MS));
        }}
      >
        <span
          aria-hidden
          className={clsx('h-2 w-full rounded-sm', standing === 'good' ? 'bg-ink/75' : 'border-2 border-dashed border-ink bg-sheet')}
        />
      </button>
    </>
  );
};
