import { NavLink } from 'react-router';
import { LinkButton, Sheet } from '../ui/index.ts';
import { DOORS, PHONE_DOORS } from '../doors.ts';
import { KitchenSwitch } from './KitchenSwitch.tsx';

type Props = { readonly onClose: () => void; readonly onSearch: () => void; readonly onHelp: () => void };

/** On a phone: the doors that aren't at the lower edge, search, keys, and whose kitchen is open. */
export const MoreDoors = ({ onClose, onSearch, onHelp }: Props) => (
  <Sheet title="More" open onClose={onClose}>
    <ul className="flex flex-col">
      {DOORS.slice(PHONE_DOORS).map(({ path, name, icon: Icon }) => (
        <li key={path} className="border-b border-line">
          <NavLink to={path} onClick={onClose} className="flex min-h-16 items-center gap-4 font-display text-2xl font-bold">
            <Icon aria-hidden className="size-7 text-act" />
            {name}
          </NavLink>
        </li>
      ))}
    </ul>
    <div className="mt-4 flex flex-col items-start gap-1">
      <LinkButton
        onClick={() => {
          onClose();
          onSearch();
        }}
      >
        Search
      </LinkButton>
      <LinkButton
        onClick={() => {
          onClose();
          onHelp();
        }}
      >
        Help
      </LinkButton>
      <KitchenSwitch onDone={onClose} />
    </div>
  </Sheet>
);
