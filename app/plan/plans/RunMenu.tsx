import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { CalendarDays, CopyPlus, Ellipsis, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Run } from '../../../core/run/index.ts';

export type RunMenuProps = {
  readonly run: Run;
  readonly onNew: () => void;
  readonly onWeek: () => void;
  readonly onCopy: () => void;
  readonly onRename: (name: string) => void;
  readonly onRemove: () => void;
};

/** What can be done with the plan that is on. */
export default function RunMenu({ run, onNew, onWeek, onCopy, onRename, onRemove }: RunMenuProps) {
  return (
    <Popover className="no-print relative">
      <PopoverButton className="grid size-11 place-items-center rounded text-act hover:bg-act-soft" aria-label="This plan">
        <Ellipsis aria-hidden className="size-6" />
      </PopoverButton>
      <PopoverPanel
        anchor="bottom start"
        className="z-40 flex w-72 flex-col gap-1 rounded-lg border border-line bg-sheet p-3 shadow-lg [--anchor-gap:4px]"
      >
        {({ close }) => {
          const act = (what: () => void) => () => {
            what();
            close();
          };
          return (
            <>
              <Rename key={run.id} name={run.name} onRename={onRename} />
              <button type="button" className={ITEM} onClick={act(onCopy)}>
                <CopyPlus aria-hidden className="size-5 text-act" /> Copy to the next day
              </button>
              <button type="button" className={ITEM} onClick={act(onNew)}>
                <Plus aria-hidden className="size-5 text-act" /> New plan
              </button>
              <button type="button" className={ITEM} onClick={act(onWeek)}>
                <CalendarDays aria-hidden className="size-5 text-act" /> Plan a week
              </button>
              <button type="button" className={ITEM} onClick={act(onRemove)}>
                <Trash2 aria-hidden className="size-5 text-act" /> Remove this plan
              </button>
            </>
          );
        }}
      </PopoverPanel>
    </Popover>
  );
}

const ITEM = 'flex min-h-12 items-center gap-3 rounded px-2 text-left font-semibold hover:bg-act-soft';

const Rename = ({ name, onRename }: { readonly name: string; readonly onRename: (name: string) => void }) => {
  const [text, setText] = useState(name);
  return (
    <label className="flex flex-col gap-1 px-2 pb-2 text-[15px]">
      Name
      <input
        className="entry"
        maxLength={120}
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          // A plan without a name can't be found again: the last one stands until there is another.
          if (event.target.value.trim() !== '') onRename(event.target.value.trim());
        }}
      />
    </label>
  );
};
