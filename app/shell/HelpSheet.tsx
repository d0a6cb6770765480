import { keyHelp, SEARCH_KEY } from '../keys/index.ts';
import { useKit } from '../store/index.ts';
import { LinkButton, Sheet } from '../ui/index.ts';
import { DOORS } from '../doors.ts';
import { HINTS } from './hints.ts';

const MORE: readonly (readonly [string, string])[] = [
  [SEARCH_KEY, 'search'],
  ['?', 'this help'],
  ['← →', 'a second earlier or later; a step paler or darker'],
  ['Enter', 'the big button of the page, when it has the focus'],
  ['Esc', 'close a sheet'],
];

const Key = ({ children }: { readonly children: string }) => (
  <kbd className="rounded border border-line bg-page px-2 py-0.5 font-display font-bold">{children}</kbd>
);

type Props = { readonly open: boolean; readonly onClose: () => void; readonly onHints: () => void };

/** What each door is for, and every key. */
export const HelpSheet = ({ open, onClose, onHints }: Props) => (
  <Sheet title="Help" open={open} onClose={onClose}>
    <dl className="flex flex-col gap-2">
      {DOORS.flatMap(({ path, name }) => {
        const hint = HINTS[path];
        return hint === undefined
          ? []
          : [
              <div key={path}>
                <dt className="font-display text-lg font-bold">{name}</dt>
                <dd>{hint}</dd>
              </div>,
            ];
      })}
    </dl>
    <LinkButton onClick={onHints}>Show the hints again</LinkButton>
    <h3 className="mt-5 mb-2 text-xl">Keys</h3>
    <dl className="grid grid-cols-[auto_1fr] items-center gap-x-4 gap-y-2">
      {[
        ...DOORS.map(({ key, name }) => [key, name] as const),
        ...MORE,
        ...keyHelp(useKit()).map(({ key, where, what }) => [key, `${where}: ${what}`] as const),
      ].map(([key, what]) => (
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
