import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';

export type Choice<T> = { readonly value: T; readonly label: string; readonly note?: string };

/** A choice that reads as part of a sentence. */
export const InlineSelect = <T extends string | number | null>({
  label,
  value,
  choices,
  onChange,
}: {
  readonly label: string;
  readonly value: T;
  readonly choices: readonly Choice<T>[];
  readonly onChange: (value: T) => void;
}) => (
  <Listbox value={value} onChange={onChange}>
    <ListboxButton
      aria-label={`${label}: ${choices.find((choice) => choice.value === value)?.label ?? 'none'}`}
      className="inline-flex min-h-8 items-center gap-1 border-b-2 border-act/40 font-bold hover:border-act"
    >
      {choices.find((choice) => choice.value === value)?.label ?? 'choose'}
      <ChevronDown aria-hidden className="size-4 text-act" />
    </ListboxButton>
    <ListboxOptions
      anchor="bottom start"
      className="z-40 mt-1 max-h-96 min-w-56 rounded-lg border border-line bg-white p-1 shadow-lg [--anchor-gap:4px]"
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
