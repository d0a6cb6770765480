import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/react';
import type { ReactNode } from 'react';

/** Views of one thing: by arrow keys and by touch. */
export const Tabs = ({
  tabs,
  label,
}: {
  readonly tabs: readonly { readonly name: string; readonly panel: ReactNode }[];
  readonly label: string;
}) => (
  <TabGroup>
    <TabList aria-label={label} className="flex flex-wrap gap-x-6 border-b border-line">
      {tabs.map(({ name }) => (
        <Tab
          key={name}
          className="min-h-11 border-b-3 border-transparent text-lg font-semibold text-quiet data-selected:border-act data-selected:text-ink forced-colors:border-[Canvas] forced-colors:data-selected:border-[Highlight]"
        >
          {name}
        </Tab>
      ))}
    </TabList>
    <TabPanels className="pt-4">
      {tabs.map(({ name, panel }) => (
        <TabPanel key={name}>{panel}</TabPanel>
      ))}
    </TabPanels>
  </TabGroup>
);

type ChipsProps<T> = {
  readonly label: string;
  readonly chips: readonly { readonly value: T; readonly name: string; readonly picture?: ReactNode }[];
  readonly chosen: readonly T[];
  readonly onToggle: (value: T) => void;
};

/** Some of several, each with its picture: a touch puts it in, the next takes it out. */
export const Chips = <T extends string | number>({ label, chips, chosen, onToggle }: ChipsProps<T>) => (
  <div role="group" aria-label={label} className="flex flex-wrap gap-x-6 gap-y-2">
    {chips.map(({ value, name, picture }) => {
      const isOn = chosen.includes(value);
      return (
        <button
          key={value}
          type="button"
          aria-pressed={isOn}
          onClick={() => onToggle(value)}
          className={`inline-flex min-h-11 items-center gap-2.5 border-b-3 font-display text-2xl font-bold ${isOn ? 'border-band' : 'border-transparent text-quiet forced-colors:border-[Canvas] [&_svg]:opacity-40'}`}
        >
          {picture}
          {name}
        </button>
      );
    })}
  </div>
);

/** A board with what stands on it, the first to go at the left. */
export const Shelf = ({ name, children }: { readonly name: string; readonly children: ReactNode }) => (
  <section aria-label={name} className="flex flex-col">
    <div className="flex min-h-28 flex-wrap items-end gap-6 px-4">{children}</div>
    <div aria-hidden className="h-3 rounded-sm bg-band" />
    <h3 className="mt-1 text-lg">{name}</h3>
  </section>
);
