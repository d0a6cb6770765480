import { lazy, Suspense, useEffect, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Outlet, useLocation, useNavigate } from 'react-router';
import { Banners } from './Banners.tsx';
import { SessionContext, useClockJumps, useSessionOfStore } from '../session/index.ts';
import { Contained } from './Contained.tsx';
import { STATION_KEYS } from './keys.ts';
import { Rail } from './Rail.tsx';
import { STATIONS } from './stations.ts';
import { Strip } from './strip/Strip.tsx';

const KeysSheet = lazy(async () => ({ default: (await import('./KeysSheet.tsx')).KeysSheet }));

/** What every station works on is asked of the store once, here. */
export const Shell = () => {
  useClockJumps();
  return (
    <SessionContext value={useSessionOfStore()}>
      <Frame />
    </SessionContext>
  );
};

/** Strip on top, stations at the side, the station in the middle. */
const Frame = () => {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const [keysOpen, setKeysOpen] = useState(false);
  useHotkeys(
    STATIONS.map((station) => station.key),
    (event) => {
      const station = STATIONS.find(({ key }) => key === event.key.toLowerCase());
      if (station !== undefined) void navigate(station.path);
    },
    STATION_KEYS,
  );
  useHotkeys('?', () => setKeysOpen(true), { ...STATION_KEYS, useKey: true });
  const name = STATIONS.find(({ path }) => path === pathname)?.name ?? '';
  useEffect(() => {
    document.title = name === '' ? 'Tawny Lattice' : `${name} · Tawny Lattice`;
  }, [name]);
  return (
    <div className="flex h-full flex-col">
      <a href="#station" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-white focus:p-3">
        To the station
      </a>
      <Contained>
        <Strip />
      </Contained>
      <Banners />
      <div className="flex min-h-0 flex-1 max-sm:flex-col">
        <Rail />
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
