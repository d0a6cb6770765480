import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { CircleHelp, Menu as MenuIcon, Search, SlidersHorizontal, VolumeX } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useOutletContext } from 'react-router';
import type { IronState } from '../../../core/line/index.ts';
import { shownLeft_s } from '../../../core/line/index.ts';
import type { OpenSheets } from '../../doors.ts';
import { DOORS } from '../../doors.ts';
import { clock, grams, timeOfDay } from '../../ui/index.ts';
import { silencedBy } from '../cues/sound.ts';
import { isPlateLate, useStanding } from '../line/useStanding.ts';
import type { Cook } from '../useCook.ts';
import { ReplanLinks, ReplanSheet, useReplan } from '../change/Replan.tsx';
import { useBowls, useShort } from './bowls.ts';
import { CookSettings } from './CookSettings.tsx';
import { StandingSheet } from './StandingSheet.tsx';

type Props = {
  readonly cook: Cook;
  /** Irons whose clocks are hidden by what is open over them. */
  readonly hidden: readonly IronState[];
};

type Open = 'standing' | 'settings' | null;

/** One slim line under the irons: out, batter left, last plate; doors at its left, what changed and the sound at its right. */
export const Foot = ({ cook, hidden }: Props) => {
  const [open, setOpen] = useState<Open>(null);
  const silenced = useSilenced();
  const replan = useReplan(cook);
  return (
    <footer
      aria-label="How the morning stands"
      className="flex h-14 shrink-0 items-center gap-x-6 bg-page px-4 text-ink max-md:h-12 max-md:gap-x-3 max-md:px-2"
    >
      <DoorsMenu />
      <button
        type="button"
        className="flex min-h-11 min-w-0 flex-1 items-center gap-x-8 text-lg whitespace-nowrap max-lg:gap-x-5 max-md:justify-around max-md:gap-x-3 max-md:text-base"
        onClick={() => setOpen('standing')}
      >
        <span className="sr-only">How it stands:</span>
        <Figures cook={cook} hidden={hidden} />
      </button>
      <div className="flex gap-5 max-md:hidden">
        <ReplanLinks replan={replan} />
      </div>
      <button
        type="button"
        aria-label="Sound, keys and light"
        title="Sound, keys and light"
        className="flex min-h-11 min-w-11 items-center justify-center gap-2 rounded-lg text-base"
        onClick={() => setOpen('settings')}
      >
        {silenced !== null && <span className="max-lg:sr-only">{WHY[silenced]}</span>}
        {silenced === null ? <SlidersHorizontal aria-hidden className="size-6" /> : <VolumeX aria-hidden className="size-6" />}
      </button>
      {open === 'standing' && <StandingSheet cook={cook} replan={replan} onClose={() => setOpen(null)} />}
      <ReplanSheet replan={replan} cook={cook} />
      {open === 'settings' && (
        <CookSettings kit={cook.kit} irons={cook.places.map(({ iron }) => iron.name)} onClose={() => setOpen(null)} />
      )}
    </footer>
  );
};

const WHY = { 'no-sound': 'no sound in this browser', 'not-touched': 'tap for sound' } as const;
/** How often it is looked whether the browser lets anything be heard. */
const LOOK_MS = 2000;
const useSilenced = (): ReturnType<typeof silencedBy> => {
  const [silenced, setSilenced] = useState(silencedBy);
  useEffect(() => {
    const timer = setInterval(() => setSilenced(silencedBy()), LOOK_MS);
    return () => clearInterval(timer);
  }, []);
  return silenced;
};

const IN_MENU = 'flex min-h-14 items-center gap-3 rounded-lg px-5 text-left text-xl data-focus:bg-act-soft';
const SHEETS = [
  { sheet: 'search', name: 'Search', icon: Search },
  { sheet: 'help', name: 'Help', icon: CircleHelp },
] as const;

/** There is no rail at Cook: the other doors are one touch away. A phone keeps its own row of them. */
const DoorsMenu = () => {
  const openSheet = useOutletContext<OpenSheets>();
  return (
    <nav aria-label="Doors" className="max-sm:hidden">
      <Menu>
        <MenuButton className="flex min-h-11 items-center gap-2 text-lg font-semibold">
          <MenuIcon aria-hidden className="size-6" /> Doors
        </MenuButton>
        <MenuItems
          anchor={{ to: 'top start', gap: 8, padding: 8 }}
          className="z-30 flex flex-col rounded-xl border border-line bg-sheet p-2 text-ink shadow-xl"
        >
          {DOORS.filter(({ path }) => path !== '/cook').map(({ path, name, icon: Icon }) => (
            <MenuItem key={path}>
              <Link to={path} className={IN_MENU}>
                <Icon aria-hidden className="size-6" /> {name}
              </Link>
            </MenuItem>
          ))}
          {SHEETS.map(({ sheet, name, icon: Icon }) => (
            <MenuItem key={sheet}>
              <button type="button" className={IN_MENU} onClick={() => openSheet(sheet)}>
                <Icon aria-hidden className="size-6" /> {name}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
    </nav>
  );
};

const Figures = ({ cook, hidden }: Props) => {
  const { session, planned, places, poured } = cook;
  const standing = useStanding(session, planned, places);
  const bowls = useBowls(places, poured);
  const short_g = useShort(cook, bowls);
  const left_g = bowls.reduce((sum, bowl) => sum + bowl.left_g, 0);
  return (
    <>
      {standing !== null && (
        <span>
          <b className="figure text-xl" data-figure="out" data-exact={standing.out}>
            {standing.out}
          </b>{' '}
          of {standing.wanted} <span className={hidden.length > 0 ? 'max-md:hidden' : undefined}>out</span>
        </span>
      )}
      {hidden.length > 0 && <Hidden cook={cook} hidden={hidden} />}
      {hidden.length === 0 && bowls.length > 0 && (
        <span>
          <b className="figure text-xl" data-figure="left_g" data-exact={left_g}>
            {grams(left_g)}
          </b>
          {'\u00a0'}g <span className="max-md:hidden">batter</span>
          {short_g !== null && (
            <span data-figure="short_g" data-exact={short_g} className={short_g > 0 ? 'font-bold text-hazard' : 'max-md:hidden'}>
              , {short_g > 0 ? `${grams(short_g)}\u00a0g short` : 'enough'}
            </span>
          )}
        </span>
      )}
      {hidden.length === 0 && <Plates cook={cook} standing={standing} />}
    </>
  );
};

const Plates = ({ cook: { planned }, standing }: { readonly cook: Cook; readonly standing: ReturnType<typeof useStanding> }) => {
  if (planned === null) return null;
  const { run } = planned;
  if (standing === null || standing.out >= standing.wanted)
    return (
      <span>
        serve{' '}
        <b className="figure text-xl" data-figure="serve at" data-exact={run.serveAt}>
          {timeOfDay(run.serveAt, run.zone)}
        </b>
      </span>
    );
  return (
    <span className={isPlateLate(standing) ? 'font-semibold text-hazard' : undefined}>
      last plate <b className="figure text-xl">{timeOfDay(standing.lastPlateAt, run.zone)}</b>
    </span>
  );
};

const MOST_HIDDEN = 2;
/** The clocks of the irons that something is open over; the most urgent first. */
const Hidden = ({ cook, hidden }: Props) => (
  <>
    {hidden
      .filter(({ left_s }) => left_s !== null)
      .sort((a, b) => (a.left_s ?? 0) - (b.left_s ?? 0))
      .slice(0, MOST_HIDDEN)
      .map(({ ironId, left_s, isLate }) => (
        <span key={ironId} className={isLate ? 'text-hazard' : undefined}>
          {cook.places.find(({ iron }) => iron.id === ironId)?.iron.name}{' '}
          <b className="figure text-xl">{clock(shownLeft_s(left_s ?? 0))}</b>
        </span>
      ))}
  </>
);
