import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { CalendarDays } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { calendarDay } from '../words/format.ts';

const Calendar = lazy(async () => ({ default: (await import('./Calendar.tsx')).Calendar }));

type Props = {
  readonly label: string;
  /** "YYYY-MM-DD"; empty: any day. */
  readonly value: string;
  readonly onChange: (day: string) => void;
  /** What stands before the day; left out: the label. */
  readonly shown?: string;
  /** No day at all, in words. */
  readonly none?: string;
};

const two = (n: number): string => String(n).padStart(2, '0');

/** A day from the same calendar as everywhere, or any. */
export const DayEntry = ({ label, value, onChange, shown = label, none = 'any day' }: Props) => (
  <Popover className="relative">
    <PopoverButton aria-label={`${label}: ${value === '' ? none : value}`} className="entry flex h-11 items-center gap-2 font-bold">
      <CalendarDays aria-hidden className="size-5 text-act" />
      {shown} {value === '' ? '–' : calendarDay(value)}
    </PopoverButton>
    <PopoverPanel anchor={{ to: 'bottom start', gap: 4, padding: 8 }} className="z-30 rounded-lg border border-line bg-sheet p-3 shadow-xl">
      {({ close }) => (
        <>
          <Suspense fallback={<p className="size-80" />}>
            <Calendar
              day={value === '' ? new Date() : new Date(`${value}T12:00:00`)}
              onDay={(chosen) => {
                onChange(`${chosen.getFullYear()}-${two(chosen.getMonth() + 1)}-${two(chosen.getDate())}`);
                close();
              }}
            />
          </Suspense>
          <button
            type="button"
            className="min-h-11 font-semibold text-act underline"
            onClick={() => {
              onChange('');
              close();
            }}
          >
            {none}
          </button>
        </>
      )}
    </PopoverPanel>
  </Popover>
);
