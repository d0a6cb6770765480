import { DayPicker } from 'react-day-picker';
import { enGB } from 'react-day-picker/locale';

/** One month, Monday first; arrows and Page keys move about in it. */
export const Calendar = ({ day, onDay }: { readonly day: Date; readonly onDay: (day: Date) => void }) => (
  <DayPicker
    mode="single"
    required
    // It opens where it was asked for: the keys go on from there.
    // eslint-disable-next-line jsx-a11y/no-autofocus
    autoFocus
    locale={enGB}
    weekStartsOn={1}
    showOutsideDays
    selected={day}
    defaultMonth={day}
    onSelect={onDay}
    classNames={{
      months: 'relative',
      nav: 'absolute right-0 top-0 flex',
      button_previous: 'grid size-11 place-items-center rounded hover:bg-act-soft',
      button_next: 'grid size-11 place-items-center rounded hover:bg-act-soft',
      chevron: 'size-4 fill-act',
      month_caption: 'flex h-11 items-center pl-2 font-display text-lg font-bold',
      weekday: 'w-11 pb-1 text-sm font-normal text-quiet',
      day: 'p-0 text-center',
      day_button: 'size-11 rounded font-semibold hover:bg-act-soft',
      selected: '[&>button]:bg-act [&>button]:text-page',
      today: '[&>button]:underline [&>button]:underline-offset-4',
      outside: 'text-quiet',
    }}
  />
);
