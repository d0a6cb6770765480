import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Outlet, useLocation, useNavigate } from 'react-router';
import type { RunningLoad } from '../../core/line/index.ts';
import { Banners } from './Banners.tsx';
import { keptRehearsal } from '../rehearsal/kept.ts';
import { useNow } from '../clock/index.ts';
import { SessionContext, useClockJumps, useKnownRows, useLoadsInIrons, useSession, useSessionOfStore } from '../session/index.ts';
import { loadIsRunning } from './update.ts';
import { Contained } from './Contained.tsx';
import { STATION_KEYS } from '../keys/index.ts';
import { Rail } from './Rail.tsx';
import { STATIONS } from './stations.ts';
import { Strip } from './strip/Strip.tsx';

const RehearsalBar = lazy(async () => ({ default: (await import('../rehearsal/RehearsalBar.tsx')).RehearsalBar }));
const KeysSheet = lazy(async () => ({ default: (await import('./KeysSheet.tsx')).KeysSheet }));

const NO_LOADS: readonly RunningLoad[] = [];
const RUNNING_TICK_MS = 30_000;
/** A load that nobody opened by then was forgotten: it holds nothing up. */
const FORGOTTEN_MS = 12 * 3_600_000;

/** What every station works on is asked of the store once, here. */
export const Shell = () => {
  useClockJumps();
  const now = useNow(RUNNING_TICK_MS);
  const inIrons = useLoadsInIrons(now) ?? NO_LOADS;
  const isRunning = inIrons.some(({ load, progress }) => progress.phase !== 'opened' && now - load.startedAt < FORGOTTEN_MS);
  useEffect(() => loadIsRunning(isRunning), [isRunning]);
  const session = useSessionOfStore();
  useKnownRows(session, inIrons);
  return (
    <SessionContext value={session}>
      <Frame />
    </SessionContext>
  );
};

/** Stations that need neither iron nor batter. */
const WITHOUT_QUESTIONS: ReadonlySet<string> = new Set(['/begin', '/kit', '/practice']);

/** Strip on top, stations at the side, the station in the middle. */
const Frame = () => {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [keysOpen, setKeysOpen] = useState(false);
  const session = useSession();
  const wasAsked = useRef(false);
  // A kitchen with nothing in it opens where its first questions are; once, so that they can be left.
  const isNew = session !== undefined && session.everyIron.length === 0 && session.everyFormula.length === 0;
  useEffect(() => {
    if (!isNew || wasAsked.current) return;
    wasAsked.current = true;
    if (!WITHOUT_QUESTIONS.has(pathname)) void navigate('/begin', { replace: true });
  }, [isNew, pathname, navigate]);
  useHotkeys(
    STATIONS.map((station) => station.key),
    (event) => {
      const station = STATIONS.find(({ key }) => key === event.key.toLowerCase());
      if (station !== undefined) void navigate(station.path);
    },
    STATION_KEYS,
  );
  useHotkeys('?', () => setKeysOpen(true), { ...STATION_KEYS, useKey: true });
  const isBench = pathname === '/line' && session?.kit.isLineLight !== true;
  const name = STATIONS.find(({ path }) => path === pathname)?.name ?? (pathname === '/begin' ? 'Begin' : '');
  useEffect(() => {
    document.title = name === '' ? 'Tawny Lattice' : `${name} · Tawny Lattice`;
  }, [name]);
  return (
    <div className="flex h-full flex-col">
      <a href="#station" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-white focus:p-3">
        To the station
      </a>
      {keptRehearsal() !== null && (
        <Suspense>
          <RehearsalBar />
        </Suspense>
      )}
      <Contained>
        <Strip isBench={isBench} />
      </Contained>
      <Banners />
      <div className="flex min-h-0 flex-1 max-sm:flex-col">
        <Rail isBench={isBench} />
        <main id="station" tabIndex={-1} aria-label={name} className="min-w-0 flex-1 overflow-y-auto outline-none">
          <Outlet />
        </main>
      </div>
      {keysOpen && (
        <Suspense>
          <KeysSheet open onClose={() => setKeysOpen(false)} />
        </Suspense>
      )}
    </div>
  );
};
