import clsx from 'clsx';
import { NavLink } from 'react-router';
import { useKitchenChoice } from '../store/index.ts';
import { STATIONS } from './stations.ts';

/** The demo is a kitchen of its own: it can be left and come back to without touching the cook's. */
const KitchenSwitch = () => {
  const { isDemo, choose } = useKitchenChoice();
  return (
    <button
      type="button"
      onClick={() => choose(!isDemo)}
      title={
        isDemo
          ? 'Everything in the demo kitchen is invented; what you change in it stays apart from your own.'
          : 'The invented kitchen, as you left it'
      }
      className={clsx(
        'flex min-h-14 flex-col items-center justify-center border-line px-1 text-center text-[13px] leading-tight sm:border-t',
        isDemo ? 'bg-act-soft' : '',
      )}
    >
      <span className={isDemo ? 'font-bold' : ''}>{isDemo ? 'Demo' : 'My kitchen'}</span>
      <span className="text-act underline underline-offset-2">{isDemo ? 'to mine' : 'to the demo'}</span>
    </button>
  );
};

/** The stations, grouped by when they are used: before, at the hot iron, after. */
export const Rail = ({ isBench }: { readonly isBench: boolean }) => (
  <nav
    aria-label="Stations"
    className={clsx(
      'no-print flex shrink-0 overflow-x-auto border-line bg-page max-sm:order-last max-sm:border-t sm:w-[84px] sm:flex-col sm:overflow-y-auto sm:border-r',
      isBench && 'bench-round',
    )}
  >
    {STATIONS.map(({ path, name, key, icon: Icon, group }, index) => (
      <NavLink
        key={path}
        to={path}
        aria-keyshortcuts={key}
        className={({ isActive }) =>
          clsx(
            'relative flex min-h-14 flex-1 flex-col items-center justify-center gap-0.5 px-2 py-1.5 text-sm sm:min-h-[60px] sm:flex-none',
            isActive ? 'bg-sheet font-bold text-act' : 'text-ink hover:bg-act-soft',
            group === 'kit' && 'sm:mt-auto',
            index > 0 && STATIONS[index - 1]?.group !== group && group !== 'kit' && 'sm:mt-2 sm:border-t sm:border-line',
          )
        }
      >
        {({ isActive }) => (
          <>
            {isActive && (
              <span
                aria-hidden
                className="absolute inset-y-0 left-0 w-1 bg-act max-sm:inset-x-0 max-sm:inset-y-auto max-sm:top-0 max-sm:h-1 max-sm:w-auto"
              />
            )}
            <Icon aria-hidden className="size-5" />
            {name}
          </>
        )}
      </NavLink>
    ))}
    <KitchenSwitch />
  </nav>
);
