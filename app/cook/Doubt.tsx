import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useEffect } from 'react';
import { useNow } from '../clock/index.ts';
import { duration, timeOfDay, useSettling } from '../ui/index.ts';
import type { LinePlace } from './linePlace.ts';

type Props = {
  readonly place: LinePlace;
  readonly zone: string;
  readonly onOpened: (at?: number) => void;
  readonly onStillClosed: () => void;
};

const TICK_MS = 1000;

/** A touch that can hardly be meant is asked about, over everything else and in large type, before it is believed. */
export const Doubt = ({ place: { iron, progress, prediction }, zone, onOpened, onStillClosed }: Props) => {
  const now = useNow(TICK_MS);
  // The second half of a double touch must not answer it.
  const { isSettling, settle } = useSettling();
  useEffect(settle, [settle]);
  const closedAt = progress?.closedAt ?? now;
  const dueAt = Math.round(closedAt + 1000 * (prediction?.cookTime_s.best ?? 0));
  return (
    <Dialog open role="alertdialog" onClose={onStillClosed} className="relative z-50">
      <div className="fixed inset-0 flex items-center justify-center bg-bench-deep/95 p-6">
        <DialogPanel className="flex w-full max-w-3xl flex-col gap-6 text-white">
          <DialogTitle className="font-display text-[clamp(32px,6vw,64px)] leading-tight font-bold">
            {iron.name} opened after {duration((now - closedAt) / 1000)}?
          </DialogTitle>
          <button type="button" className="min-h-24 rounded-xl bg-white font-display text-3xl font-bold text-ink" onClick={onStillClosed}>
            Still closed
          </button>
          <div className="grid gap-4 sm:grid-cols-2">
            <button type="button" disabled={isSettling} className={OTHER} onClick={() => onOpened()}>
              Opened now
            </button>
            {dueAt < now && (
              <button type="button" disabled={isSettling} className={OTHER} onClick={() => onOpened(dueAt)}>
                Opened at {timeOfDay(dueAt, zone)}
              </button>
            )}
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
};

const OTHER = 'min-h-20 rounded-xl border-2 border-white/70 text-2xl font-semibold';
