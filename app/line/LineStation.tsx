import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useSearchParams } from 'react-router';
import { countdown } from '../../core/line/index.ts';
import { circuitFindings } from '../../core/kit/index.ts';
import { Findings, grams } from '../look/index.ts';
import type { Session } from '../session/index.ts';
import { useSession } from '../session/index.ts';
import { STATION_KEYS } from '../shell/keys.ts';
import { useKitchen, useRows } from '../store/index.ts';
import { Column } from './Column.tsx';
import type { Jump } from './jumps.ts';
import { wakeSound } from './sound.ts';
import { SteadyClock } from './steadyClock.ts';
import { useCues } from './useCues.ts';
import { useHeldLine } from './useHeldLine.ts';
import type { LinePlace } from './useLine.ts';
import { useLine } from './useLine.ts';
import { useRescues } from './useRescues.ts';
import { useWakeLock } from './useWakeLock.ts';

const TICK_MS = 200;

export const LineStation = () => {
  const session = useSession();
  if (session === undefined) return null;
  return session.formula === null ? (
    <p className="p-8 text-xl">Write a batter first, then choose an iron: the line begins with a pour.</p>
  ) : (
    <Line session={session} />
  );
};

/** Ticks by the steady clock and tells of jumps of the wall clock. */
const useTicks = (clock: SteadyClock, onJump: (jump_ms: number) => void): number => {
  const [now, setNow] = useState(() => clock.now());
  const told = useRef(onJump);
  useEffect(() => {
    told.current = onJump;
  });
  useEffect(() => {
    const tick = (): void => {
      const jump = clock.takeJump();
      if (jump !== 0) told.current(jump);
      setNow(clock.now());
    };
    const timer = setInterval(tick, TICK_MS);
    // A sleeping tab ticks late; looking at it must not wait for the next tick.
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [clock]);
  return now;
};

const Line = ({ session }: { readonly session: Session }) => {
  const { kit, run } = session;
  const kitchen = useKitchen();
  const [search] = useSearchParams();
  const clock = useMemo(() => new SteadyClock(), []);
  const nowOf = useCallback(() => clock.now(), [clock]);
  const [jumps, setJumps] = useState<ReadonlyMap<string, readonly Jump[]>>(new Map());
  const line = useLine(session, search.get('iron'), nowOf, jumps);
  const { append, pour } = line;
  const places = useRescues(session, line.places);
  const [jumped, setJumped] = useState<number | null>(null);
  const { held, takeOver } = useHeldLine(kitchen.name);
  const now = useTicks(clock, (jump_ms) => {
    setJumped(jump_ms);
    if (!held) return;
    // Running loads remember the jump, so that a reload reads their instants rightly.
    const at = Math.round(clock.now());
    const running = places.flatMap(({ load, progress }) => (load !== null && progress?.phase !== 'opened' ? [load] : []));
    setJumps(
      (before) => new Map([...before, ...running.map((load) => [load.id, [...(before.get(load.id) ?? []), { at, jump_ms }]] as const)]),
    );
    for (const load of running) void append(load, { kind: 'corrected', data: { jump_ms } }, at);
  });
  useCues(places, kit.cueBefore_s, nowOf);
  useWakeLock(places.some(({ progress }) => progress?.phase === 'cooking'));
  const touch = (act: () => void) => () => {
    wakeSound();
    act();
  };
  useLineKeys(
    places,
    held,
    (place) => void pour(place),
    (place, kind) => {
      wakeSound();
      if (place.load === null) return;
      if (kind !== 'undone') void append(place.load, { kind, data: {} });
      else if (place.progress?.lastUndoable != null) void append(place.load, { kind, data: { seq: place.progress.lastUndoable.seq } });
    },
  );
  if (!line.ready) return null;
  return (
    <div className="on-dark flex h-full flex-col bg-bench text-white">
      <h1 className="sr-only">The line</h1>
      {!held && (
        <div role="status" className="flex flex-wrap items-center gap-4 bg-white px-5 py-2 text-ink">
          Another tab holds the line; here it is only shown.
          <button type="button" className="button-act" onClick={takeOver}>
            Take over here
          </button>
        </div>
      )}
      {jumped !== null && (
        <div role="alert" className="flex flex-wrap items-center gap-4 bg-white px-5 py-2 text-ink">
          The device’s clock jumped by {Math.round(jumped / 1000)} s. The countdowns went on as if it hadn’t; opening times are on the new
          clock.
          <button type="button" className="button-plain" onClick={() => setJumped(null)}>
            Good
          </button>
        </div>
      )}
      <div className="flex min-h-0 flex-1 max-sm:flex-col max-sm:overflow-y-auto">
        {places.length === 0 && (
          <p className="p-8 text-xl">No iron at the line. Choose irons for the run, or start a load from the Iron station.</p>
        )}
        {places.map((place) => (
          <Column
            key={place.iron.id}
            place={place}
            kit={kit}
            zone={run?.zone ?? kit.zone}
            now={now}
            disabled={!held}
            onPour={touch(() => void pour(place))}
            onSay={(load, event) => touch(() => void append(load, event))()}
          />
        ))}
        <Side session={session} places={places} />
      </div>
      <CueAnnouncer places={places} cueBefore_s={kit.cueBefore_s} now={now} />
    </div>
  );
};

/** p, c, o and u act on the iron that they make sense for: the first in that phase. */
const useLineKeys = (
  places: readonly LinePlace[],
  held: boolean,
  pour: (place: LinePlace) => void,
  say: (place: LinePlace, kind: 'closed' | 'opened' | 'undone') => void,
): void => {
  const options = { ...STATION_KEYS, enabled: held };
  useHotkeys(
    'p',
    () => {
      const place = places.find(({ load, progress }) => load === null || progress?.phase === 'opened');
      if (place !== undefined) pour(place);
    },
    options,
  );
  useHotkeys(
    'c',
    () => {
      const place = places.find(({ progress }) => progress?.phase === 'poured');
      if (place !== undefined) say(place, 'closed');
    },
    options,
  );
  useHotkeys(
    'o',
    () => {
      const cooking = places.filter(({ progress }) => progress?.phase === 'cooking');
      const place = cooking.sort((a, b) => dueAt(a) - dueAt(b))[0];
      if (place !== undefined) say(place, 'opened');
    },
    options,
  );
  useHotkeys(
    'u',
    () => {
      const touched = places.filter(({ progress }) => progress?.lastUndoable != null);
      const place = touched.sort((a, b) => (b.progress?.lastUndoable?.at ?? 0) - (a.progress?.lastUndoable?.at ?? 0))[0];
      if (place !== undefined) say(place, 'undone');
    },
    options,
  );
};

const dueAt = ({ progress, prediction }: LinePlace): number => (progress?.closedAt ?? 0) + (prediction?.cookTime_s.best ?? 0) * 1000;

/** Says it once at the cue and once at the time, not every second. */
const CueAnnouncer = ({
  places,
  cueBefore_s,
  now,
}: {
  readonly places: readonly LinePlace[];
  readonly cueBefore_s: number;
  readonly now: number;
}) => {
  const words = places.flatMap(({ iron, progress, prediction }) => {
    const stage = progress === null || prediction === null ? null : countdown(progress, prediction.cookTime_s, cueBefore_s, now)?.stage;
    if (stage === 'cue') return [`${iron.name}: open in ${cueBefore_s} seconds`];
    if (stage === 'open') return [`Open ${iron.name} now`];
    return stage === 'late' ? [`${iron.name} is late`] : [];
  });
  return (
    <div className="sr-only" aria-live="assertive">
      {words.join('. ')}
    </div>
  );
};

const Side = ({ session, places }: { readonly session: Session; readonly places: readonly LinePlace[] }) => {
  const lots = useRows('lots') ?? [];
  const loads = useRows('loads') ?? [];
  const predictions = useRows('predictions') ?? [];
  const lotIds = new Set(places.flatMap(({ load }) => (load === null ? [] : [load.lotId])));
  const findings = circuitFindings(
    places.map(({ iron }) => iron),
    session.kit.circuits,
  );
  return (
    <aside aria-label="The bowl and the cautions" className="flex w-64 shrink-0 flex-col gap-5 bg-bench-deep p-5 max-sm:w-full">
      {lots
        .filter((lot) => lotIds.has(lot.id))
        .map((lot) => {
          const mine = loads.filter((load) => load.lotId === lot.id);
          const used = mine.reduce((sum, load) => sum + (predictions.find((p) => p.id === load.predictionId)?.portion_g ?? 0), 0);
          return (
            <div key={lot.id}>
              <h2 className="text-lg">{lot.name}</h2>
              <p>
                <b className="figure text-4xl">{grams(Math.max(0, lot.mass_g - used))}</b> g left
              </p>
              <p className="text-[15px] text-white/80">
                {mine.length} {mine.length === 1 ? 'load' : 'loads'} poured
              </p>
            </div>
          );
        })}
      <div className="text-ink">
        <Findings findings={findings} />
      </div>
      <p className="mt-auto text-[15px] text-white/80">
        Plates and steam burn: hot metal at 65–70 °C in one second (ISO 13732-1). Open away from you. No metal forks on coated plates.
      </p>
    </aside>
  );
};
