import { keyHelp, SEARCH_KEY } from '../keys/index.ts';
import { Sheet } from '../ui/index.ts';
import { useKit } from '../store/index.ts';
import { DOORS } from './doors.ts';

const MORE: readonly (readonly [string, string])[] = [
  [SEARCH_KEY, 'search'],
  ['?', 'these keys'],
  ['← →', 'a second earlier or later, on a scrubber; a step paler or darker, on the aim'],
  ['Enter', 'the big button of the page, when it has the focus'],
  ['Esc', 'close a sheet'],
];

const Key = ({ children }: { readonly children: string }) => (
  <kbd className="rounded border border-line bg-page px-2 py-0.5 font-display font-bold">{children}</kbd>
);

export const KeysSheet = ({ open, onClose }: { readonly open: boolean; readonly onClose: () => void }) => (
  <Sheet title="Keys" open={open} onClose={onClose}>
    <dl className="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-2">
      {DOORS.map(({ key, name }) => (
        <div key={key} className="contents">
          <dt>
            <Key>{key}</Key>
          </dt>
          <dd>{name}</dd>
        </div>
      ))}
      {[...MORE, ...keyHelp(useKit()).map(({ key, where, what }) => [key, `${where}: ${what}`] as const)].map(([key, what]) => (
        <div key={what} className="contents">
          <dt>
            <Key>{key}</Key>
          </dt>
          <dd>{what}</dd>
        </div>
      ))}
    </dl>
  </Sheet>
);
