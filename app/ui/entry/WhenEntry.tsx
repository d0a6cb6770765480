import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { CalendarDays, ChevronDown } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { INLINE_LOOKS, SENTENCE_FIELD } from './inline.ts';

const Calendar = lazy(async () => ({ default: (await import('./Calendar.tsx')).Calendar }));

type Props = {
  readonly label: string;
  /** "YYYY-MM-DDTHH:mm", as the clock on the kitchen's wall shows it. */
  readonly value: string;
  readonly onChange: (wall: string) => void;
  /** "Tue 1 Dec at 7:15" within a large sentence; its label is read to a screen reader only. */
  readonly inSentence?: boolean;
};

const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' });
const STEP_MIN = 5;
const DAY_MIN = 24 * 60;

/** "7:15", "7.15", "0715" and "7" are times; null: not one. */
export const timeTyped = (text: string): string | null => {
  const parts = /^\s*(\d{1,2})(?:\s*[:.h]\s*(\d{2})|(\d{2}))?\s*(am|pm)?\s*$/i.exec(text);
  if (parts === null) return null;
  const [, hourText, split, glued, half] = parts;
  const minute = Number(split ?? glued ?? 0);
  const hour = half === undefined ? Number(hourText) : (Number(hourText) % 12) + (half.toLowerCase() === 'pm' ? 12 : 0);
  return hour > 23 || minute > 59 ? null : `${String(hour).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
};

const minutesOf = (wall: string): number => 60 * Number(wall.slice(11, 13)) + Number(wall.slice(14, 16));

const stepped = (time: string, by_min: number): string => {
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  const at = (hour * 60 + minute + by_min + DAY_MIN) % DAY_MIN;
  return `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`;
};

/** A day from a calendar and a time that is typed, in the kitchen's own 24 hours. Arrow keys move the time by five minutes. */
export const WhenEntry = ({ label, value, onChange, inSentence = false }: Props) => {
  const [day = '', time = ''] = value.split('T');
  const [typed, setTyped] = useState<string | null>(null);
  const [isWrong, setIsWrong] = useState(false);
  const [asked, setAsked] = useState<string | null>(null);
  const date = new Date(`${day}T12:00:00`);
  const commit = (text: string): void => {
    const read = timeTyped(text);
    setIsWrong(read === null);
    if (read === null) return;
    setTyped(null);
    if (read === time) return;
    setAsked(`${day}T${read}`);
    onChange(`${day}T${read}`);
  };
  // In the night in which the clocks go forward an hour isn't there.
  const isSkipped = asked !== null && asked !== value && asked.slice(0, 10) === day && Math.abs(minutesOf(asked) - minutesOf(value)) === 60;
  return (
    <div role="group" aria-label={label} className={inSentence ? 'relative inline-block' : 'flex flex-col gap-1 text-[15px]'}>
      {!inSentence && <span aria-hidden>{label}</span>}
      <div className={inSentence ? 'flex flex-wrap items-baseline gap-x-2.5' : 'flex'}>
        <Popover className="relative">
          <PopoverButton
            className={
              inSentence ? INLINE_LOOKS.sentence : 'entry flex h-14 items-center gap-2 rounded-r-none border-r-0 text-xl font-bold'
            }
            aria-label={`${label}, day`}
          >
            {!inSentence && <CalendarDays aria-hidden className="size-5 text-act" />}
            {Number.isNaN(date.getTime()) ? '–' : DAY.format(new Date(`${day}T12:00:00Z`))}
            {inSentence && <ChevronDown aria-hidden className="size-5 text-act" />}
          </PopoverButton>
          <PopoverPanel
            anchor={{ to: 'bottom start', gap: 4, padding: 8 }}
            className="z-30 rounded-lg border border-line bg-sheet p-3 shadow-xl"
          >
            {({ close }) => (
              <Suspense fallback={<p className="size-80" />}>
                <Calendar
                  day={date}
                  onDay={(chosen) => {
                    const two = (n: number): string => String(n).padStart(2, '0');
                    onChange(`${chosen.getFullYear()}-${two(chosen.getMonth() + 1)}-${two(chosen.getDate())}T${time}`);
                    close();
                  }}
                />
              </Suspense>
            )}
          </PopoverPanel>
        </Popover>
        {inSentence && <span>at</span>}
        <input
          aria-label={`${label}, time`}
          aria-invalid={isWrong}
          className={inSentence ? `${SENTENCE_FIELD} w-[4.6ch]` : 'entry h-14 w-24 rounded-l-none text-center text-xl font-bold'}
          inputMode="numeric"
          autoComplete="off"
          maxLength={8}
          value={typed ?? time.replace(/^0(?=\d)/, '')}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => typed !== null && commit(typed)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit(event.currentTarget.value);
            if (event.key === 'Escape' && typed !== null) {
              event.preventDefault();
              setTyped(null);
              setIsWrong(false);
            }
            if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
            event.preventDefault();
            setTyped(null);
            onChange(`${day}T${stepped(timeTyped(event.currentTarget.value) ?? time, event.key === 'ArrowUp' ? STEP_MIN : -STEP_MIN)}`);
          }}
        />
      </div>
      {isSkipped && (
        <span role="status">
          The clocks change that night: there is no {asked.slice(11)}, so {time} was taken
        </span>
      )}
      {isWrong && <span role="alert">A time from 0:00 to 23:59</span>}
    </div>
  );
};
