import clsx from 'clsx';
import { CircleHelp, Ellipsis, Search } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { Link, NavLink, useLocation } from 'react-router';
import type { Door } from '../doors.ts';
import { DOORS, doorOf, PHONE_DOORS } from '../doors.ts';
import { KitchenSwitch } from './KitchenSwitch.tsx';

const MoreDoors = lazy(async () => ({ default: (await import('./MoreDoors.tsx')).MoreDoors }));

const place = 'relative flex min-h-16 flex-1 flex-col items-center justify-center gap-1 text-sm sm:min-h-[66px] sm:flex-none low:min-h-12';

/** The mark of the door that is open: beside its name, above it on a phone. */
const Here = () => (
  <span
    aria-hidden
    className="absolute inset-y-2 left-0 w-1 rounded-r bg-act max-sm:inset-x-4 max-sm:inset-y-auto max-sm:top-0 max-sm:h-1 max-sm:w-auto"
  />
);

const RailDoor = ({ door: { path, name, key, icon: Icon }, isLast }: { readonly door: Door; readonly isLast: boolean }) => (
  <NavLink
    to={path}
    aria-keyshortcuts={key}
    className={({ isActive }) =>
      clsx(place, isActive ? 'bg-page font-bold text-act' : 'text-ink hover:bg-act-soft', isLast && 'sm:mt-4 low:mt-0')
    }
  >
    {({ isActive }) => (
      <>
        {isActive && <Here />}
        <Icon aria-hidden className="size-6 low:hidden" />
        {name}
      </>
    )}
  </NavLink>
);

const nothing = (): void => undefined;

type Props = {
  /** Cook has its doors in its foot; a phone keeps its row of them. */
  readonly isCook: boolean;
  readonly onSearch?: () => void;
  readonly onHelp?: () => void;
};

/** Seven doors in the order of the work; on a phone four of them, and the rest one touch away. */
export const Rail = ({ isCook, onSearch = nothing, onHelp = nothing }: Props) => {
  const [isMore, setMore] = useState(false);
  const { pathname } = useLocation();
  const here = doorOf(pathname);
  const isBehindMore = here !== undefined && DOORS.indexOf(here) >= PHONE_DOORS;
  return (
    <nav
      aria-label="Doors"
      {...(isCook ? { 'data-appearance': 'dark' } : {})}
      className={clsx(
        'no-print flex shrink-0 bg-rail text-ink max-sm:order-last max-sm:border-t max-sm:border-line sm:w-[88px] sm:flex-col sm:overflow-y-auto',
        isCook && 'sm:hidden',
      )}
    >
      <Link
        to="/welcome"
        aria-label="Tawny Lattice: what this is"
        className="grid h-[72px] shrink-0 place-items-center max-sm:hidden low:hidden"
      >
        <img src="/icon.svg" alt="" className="size-10" />
      </Link>
      {DOORS.map((door, i) => (
        <div key={door.path} className={clsx('flex flex-1 flex-col sm:flex-none', i >= PHONE_DOORS && 'max-sm:hidden')}>
          <RailDoor door={door} isLast={i === DOORS.length - 1} />
        </div>
      ))}
      <button type="button" className={clsx(place, 'sm:hidden', isBehindMore && 'font-bold text-act')} onClick={() => setMore(true)}>
        {isBehindMore && <Here />}
        <Ellipsis aria-hidden className="size-6" />
        More
      </button>
      <div className="mt-auto flex flex-col items-stretch gap-1 pb-2 max-sm:hidden">
        <button
          type="button"
          aria-keyshortcuts="/"
          className="flex min-h-11 flex-col items-center justify-center text-sm hover:bg-act-soft"
          onClick={onSearch}
        >
          <Search aria-hidden className="size-5" />
          Search
        </button>
        <button
          type="button"
          aria-keyshortcuts="?"
          className="flex min-h-9 items-center justify-center gap-1.5 text-sm hover:bg-act-soft low:hidden"
          onClick={onHelp}
        >
          <CircleHelp aria-hidden className="size-4" />
          Help
        </button>
        <KitchenSwitch />
      </div>
      {isMore && (
        <Suspense>
          <MoreDoors onClose={() => setMore(false)} onSearch={onSearch} onHelp={onHelp} />
        </Suspense>
      )}
    </nav>
  );
};
