import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useState } from 'react';
import type { Ingredient } from '../../../core/matter/index.ts';
import { INGREDIENTS } from '../../../core/matter/index.ts';

/** "What is this?": the cook's answer where the words were not understood. */
export const IngredientPicker = ({
  about,
  own,
  onPick,
}: {
  readonly about: string;
  readonly own: readonly Ingredient[];
  readonly onPick: (ingredient: Ingredient) => void;
}) => {
  const [wanted, setWanted] = useState('');
  const needle = wanted.trim().toLowerCase();
  const found = [...own, ...INGREDIENTS]
    .filter(({ name, aliases }) => needle === '' || name.toLowerCase().includes(needle) || aliases.some((alias) => alias.includes(needle)))
    .slice(0, 40);
  return (
    <Combobox<Ingredient | null> immediate value={null} onChange={(picked) => picked !== null && onPick(picked)}>
      <ComboboxInput
        aria-label={`What is “${about}”?`}
        placeholder="what is this?"
        className="entry w-44 border-dashed text-[15px]"
        onChange={(event) => setWanted(event.target.value)}
      />
      <ComboboxOptions
        anchor="bottom start"
        className="z-40 max-h-80 w-64 overflow-auto rounded-lg border border-line bg-sheet p-1 shadow-lg empty:hidden"
      >
        {found.map((ingredient) => (
          <ComboboxOption key={ingredient.id} value={ingredient} className="flex min-h-11 items-center rounded px-3 data-focus:bg-act-soft">
            {ingredient.name}
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
};
