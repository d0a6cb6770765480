import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { BookOpenText, Clock, CookingPot, Grid3x3, NotebookPen, Soup } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useSession } from '../../session/index.ts';
import { Sheet } from '../../ui/index.ts';
import type { SearchEntry } from './entries.ts';
import { entriesOf, foundIn } from './entries.ts';

const ICONS = { Recipe: NotebookPen, Iron: Grid3x3, Plan: Clock, Bowl: Soup, Kitchen: CookingPot, Log: BookOpenText } as Record<
  string,
  typeof Clock
>;

const Found = ({ entry: { kind, name } }: { readonly entry: SearchEntry }) => {
  const Icon = ICONS[kind] ?? Clock;
  return (
    <>
      <Icon aria-hidden className="size-6 shrink-0 text-act" />
      <span className="min-w-0 flex-1 truncate text-lg font-semibold">{name}</span>
      <span className="text-quiet">{kind}</span>
    </>
  );
};

/** One field for everything in the kitchen: recipes, irons, plans, bowls, loads of the log, settings. */
export const SearchSheet = ({ onClose }: { readonly onClose: () => void }) => {
  const session = useSession();
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const found: readonly SearchEntry[] =
    session === undefined || typed.trim() === ''
      ? []
      : [
          ...foundIn(entriesOf(session), typed),
          { id: 'log', kind: 'Log', name: `Loads with “${typed.trim()}”`, to: `/log?words=${encodeURIComponent(typed.trim())}` },
        ];
  const open = (entry: SearchEntry | null): void => {
    if (entry === null) return;
    entry.onOpen?.();
    onClose();
    void navigate(entry.to);
  };
  return (
    <Sheet title="Search" open onClose={onClose}>
      <Combobox immediate value={null} onChange={open}>
        <ComboboxInput
          // The sheet was opened to type into this.
          // eslint-disable-next-line jsx-a11y/no-autofocus
          autoFocus
          aria-label="Search this kitchen"
          placeholder="A recipe, an iron, a setting …"
          className="entry h-14 w-full text-xl"
          autoComplete="off"
          onChange={(event) => setTyped(event.target.value)}
        />
        <ComboboxOptions static className="mt-3 flex flex-col">
          {found.map((entry) => (
            <ComboboxOption
              key={entry.id}
              value={entry}
              className="flex min-h-14 cursor-pointer items-center gap-3 border-b border-line px-2 data-focus:bg-act-soft"
            >
              <Found entry={entry} />
            </ComboboxOption>
          ))}
        </ComboboxOptions>
      </Combobox>
    </Sheet>
  );
};
