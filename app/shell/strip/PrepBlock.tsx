import clsx from 'clsx';
import { useState } from 'react';
import type { PrepStep } from '../../../core/lift/index.ts';
import { movedStep, stepStanding } from '../../../core/lift/index.ts';
import type { Run } from '../../../core/run/index.ts';
import { describeStored } from '../../../words/index.ts';
import { timeOfDay } from '../../look/index.ts';
import { useKitchen } from '../../store/index.ts';
import type { Span } from './window.ts';
import { place } from './window.ts';

const MINUTE_MS = 60_000;

type Props = { readonly step: PrepStep; readonly span: Span; readonly run: Run; readonly all: readonly PrepStep[] };

/** Something to be done before the pour, on the strip: dragged, or moved by the arrow keys, within what is possible. */
export const PrepBlock = ({ step, span, run, all }: Props) => {
  const kitchen = useKitchen();
  const [dragged, setDragged] = useState<{ readonly x: number; readonly at: number } | null>(null);
  const shown = dragged === null ? step : movedStep(step, dragged.at);
  const standing = stepStanding(shown);
  const save = (next: PrepStep): void =>
    void kitchen.put('runs', { ...run, prep: all.map((other) => (other.id === step.id ? next : other)) });
  const words = describeStored(step.code);
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
        onPointerDown={(event) => {
          event.stopPropagation();
          event.currentTarget.setPointerCapture(event.pointerId);
          setDragged({ x: event.clientX, at: step.at });
        }}
        onPointerMove={(event) => {
          event.stopPropagation();
          if (dragged === null) return;
          const strip = event.currentTarget.parentElement;
          const by = ((event.clientX - dragged.x) / Math.max(1, strip?.clientWidth ?? 1)) * (span.to - span.from);
          setDragged({ x: event.clientX, at: dragged.at + by });
        }}
        onPointerUp={(event) => {
          event.stopPropagation();
          if (dragged !== null && Math.abs(shown.at - step.at) > MINUTE_MS / 2)
            save({ ...shown, at: Math.round(shown.at / MINUTE_MS) * MINUTE_MS });
          setDragged(null);
        }}
        onPointerCancel={() => setDragged(null)}
        onKeyDown={(event) => {
          const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
          if (by === 0) return;
          event.preventDefault();
          save(movedStep(step, step.at + by * (event.shiftKey ? 10 : 1) * MINUTE_MS));
        }}
      >
        <span
          aria-hidden
          className={clsx('h-2 w-full rounded-sm', standing === 'good' ? 'bg-ink/75' : 'border-2 border-dashed border-ink bg-white')}
        />
      </button>
    </>
  );
};
