import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { InlineSelectProps } from './inline.ts';
import { INLINE_LOOKS } from './inline.ts';

const InlineChoices = <T extends string | number | null>({ label, look = 'text', value, choices, onChange }: InlineSelectProps<T>) => (
  <Listbox value={value} onChange={onChange}>
    <ListboxButton
      aria-label={`${label}: ${choices.find((choice) => choice.value === value)?.label ?? 'none'}`}
      className={INLINE_LOOKS[look]}
    >
      {choices.find((choice) => choice.value === value)?.label ?? 'choose'}
      <ChevronDown aria-hidden className="size-4 shrink-0 text-act" />
    </ListboxButton>
    <ListboxOptions
      anchor="bottom start"
      className="z-40 mt-1 max-h-96 min-w-56 rounded-lg border border-line bg-sheet p-1 shadow-lg [--anchor-gap:4px]"
    >
      {choices.map((choice) => (
        <ListboxOption
          key={String(choice.value)}
          value={choice.value}
          className="flex min-h-11 items-center justify-between gap-6 rounded px-3 data-focus:bg-act-soft data-selected:font-bold"
        >
          <span>{choice.label}</span>
          {choice.note !== undefined && <span className="text-sm text-quiet">{choice.note}</span>}
        </ListboxOption>
      ))}
    </ListboxOptions>
  </Listbox>
);

export default InlineChoices;
