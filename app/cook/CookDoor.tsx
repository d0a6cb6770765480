import clsx from 'clsx';
import { useCallback, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, useSearchParams } from 'react-router';
import { pourTowardsOn } from '../../core/book/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { USUAL_CYCLE, countdown, hasLoadIn, isImplausibleOpening, missingPieces, pouredNow } from '../../core/line/index.ts';
import type { Did, NewLoadEvent } from '../../core/log/index.ts';
import { clock, useNow } from '../clock/index.ts';
import { useGuard } from '../ui/index.ts';
import { keptRehearsal } from '../rehearsal/index.ts';
import type { Session } from '../session/index.ts';
import { useAskedJumps, useRunPlan, useSession } from '../session/index.ts';
import type { KeyId } from '../keys/index.ts';
import { keyOf, PAGE_KEYS } from '../keys/index.ts';
import { useKitchen } from '../store/index.ts';
import { AnswerPanel } from './AnswerPanel.tsx';
import { BowlsOver } from './BowlsOver.tsx';
import { Column } from './Column.tsx';
import { Doubt } from './Doubt.tsx';
import { ACTS_OF, useHand } from './hand.ts';
import { ConductingContext } from './IronState.tsx';
import { Missed } from './Missed.tsx';
import { wakeSound } from './sound.ts';
import { SimulatedKitchen } from './SimulatedKitchen.tsx';
import { TapForSound } from './TapForSound.tsx';
import { useCues } from './useCues.ts';
import { useFolds } from './useFolds.ts';
import { useHeldLine } from './useHeldLine.ts';
import { usePlanReady } from './usePlanReady.ts';
import type { LinePlace } from './linePlace.ts';
import { NowPanel } from './NowPanel.tsx';
import { PlatesPanel } from './PlatesPanel.tsx';
import { Replan } from './Replan.tsx';
import { Side } from './Side.tsx';
import { useLine } from './useLine.ts';
import { useRescues } from './useRescues.ts';
import { useWakeLock } from './useWakeLock.ts';

export const CookDoor = () => {
  const session = useSession();
  if (session === undefined) return null;
  return session.formula === null || session.everyIron.length === 0 ? (
    <section className="max-w-xl p-8">
      <h1 className="text-3xl">Cook begins with a pour</h1>
      <p className="mt-3 text-lg">With an iron and a recipe, Cook says what to do next and when to open.</p>
      <Link to="/setup" className="button-act mt-5">
        Begin
      </Link>
    </section>
  ) : (
    <Line session={session} />
  );
};

const AS_ADVISED: Did = {};
/** "Not yet" holds for so long; the other irons go on meanwhile. */
const PUT_OFF_MS = 90_000;
/** For as long as the load that is left out would have kept it. */
const cycleOf_ms = ({ advice }: LinePlace): number => {
  const { cook_s, open_s, recovery_s } = advice?.planned ?? USUAL_CYCLE;
  return 1000 * (cook_s + open_s + recovery_s);
};
const nowOf = (): number => clock.now();
const OPENED: NewLoadEvent = { kind: 'opened', data: {} };
const isImplausible = ({ progress, prediction }: LinePlace): boolean =>
  progress?.closedAt != null &&
  prediction !== null &&
  isImplausibleOpening((clock.now() - progress.closedAt) / 1000, prediction.cookTime_s.best);

const Line = ({ session }: { readonly session: Session }) => {
  const { kit, run } = session;
  const kitchen = useKitchen();
  const [search] = useSearchParams();
  const planned = useRunPlan(session);
  const isReady = usePlanReady(planned);
  const hand = useHand();
  const isClockAsked = useAskedJumps().length > 0;
  const line = useLine(session, search.get('iron'), planned, hand.name);
  const places = useRescues(session, line.places);
  const { held, takeOver } = useHeldLine(hand.part === 'all' ? kitchen.name : `${kitchen.name}:${hand.part}`);
  useCues(places, kit.cueBefore_s, kit.isSpoken === true, nowOf);
  useWakeLock(places.some(({ progress }) => progress?.phase === 'cooking'));
  const { pour, append, log } = line;
  // By iron: a button and a key pour the same.
  const [saidBy, setSaidBy] = useState<Readonly<Record<string, Did>>>({});
  const onSaid = useCallback((ironId: string, did: Did): void => setSaidBy((before) => ({ ...before, [ironId]: did })), []);
  const onPour = useCallback(
    (place: LinePlace): void => {
      wakeSound();
      void pour(place, pouredNow(place, saidBy[place.iron.id] ?? AS_ADVISED));
      onSaid(place.iron.id, AS_ADVISED);
    },
    [pour, saidBy, onSaid],
  );
  const onTouch = useCallback(
    ({ load }: LinePlace, event: NewLoadEvent, at?: number): void => {
      wakeSound();
      if (load !== null) void append(load, event, at);
    },
    [append],
  );
  const onLog = useCallback(
    ({ load }: LinePlace, events: readonly NewLoadEvent[]): void => {
      if (load !== null) void log(load, events);
    },
    [log],
  );
  const [doubted, setDoubted] = useState<LinePlace | null>(null);
  /** A touch by a finger or a key: one that can hardly be meant is asked about first. */
  const onFinger = useCallback(
    (place: LinePlace, event: NewLoadEvent, at?: number): void => {
      if (event.kind === 'opened' && at === undefined && isImplausible(place)) setDoubted(place);
      else onTouch(place, event, at);
    },
    [onTouch],
  );
  const { loads: toldLoads } = session.ironLoads;
  const towards = useMemo(
    () =>
      new Map(
        [...toldLoads].flatMap(([ironId, loads]) => {
          const said = pourTowardsOn(loads);
          return said === null ? [] : [[ironId, said.towards] as const];
        }),
      ),
    [toldLoads],
  );
  const missing = useMemo(() => missingPieces(places, planned, session), [places, planned, session]);
  const folds = useFolds(session, planned);
  const [putOff, setPutOff] = useState<ReadonlyMap<string, number>>(new Map());
  const putOffFor = (ironId: string, ms: number): void => setPutOff((before) => new Map([...before, [ironId, clock.now() + ms]]));
  const conducting = useMemo(() => ({ places, planned, missing, putOff, isReady }), [places, planned, missing, putOff, isReady]);
  /** The load whose piece is being held against the bands; the next one in the iron ends that. */
  const [askedId, setAskedId] = useState<string | null>(null);
  const answered = places.find(({ load, progress }) => load !== null && load.id === askedId && progress?.phase === 'opened') ?? null;
  useLineKeys(places, held, isReady, kit, onPour, onFinger);
  // A second touch of the panel is the first one's echo: by then something else stands there.
  const guard = useGuard();
  const onGuardedPour = guard(onPour);
  const onGuardedTouch = guard(onFinger);
  const guardedFolds = { due: folds.due, fold: guard(folds.fold) };
  if (!line.ready) return null;
  return (
    <div className={clsx('flex h-full flex-col bg-bench text-white', kit.isLineLight === true ? 'bench-light' : 'on-dark')}>
      <h1 className="sr-only">Cook</h1>
      {keptRehearsal() !== null && held && (
        <SimulatedKitchen conducting={conducting} folds={folds} onPour={onPour} onTouch={onTouch} onLog={onLog} />
      )}
      {!held && (
        <div role="status" className="flex flex-wrap items-center gap-4 bg-white px-5 py-2 text-ink">
          Another tab is cooking. Here you can only watch.
          <button type="button" className="button-act" onClick={takeOver}>
            Take over here
          </button>
        </div>
      )}
      {/* What was missed may not have been: first it is asked what the clock did. */}
      {!isClockAsked && <Missed places={places} zone={run?.zone ?? kit.zone} disabled={!held} onTouch={onTouch} />}
      <BowlsOver places={places} zone={run?.zone ?? kit.zone} disabled={!held} />
      <div className="flex min-h-0 flex-1 flex-col stacked:overflow-y-auto">
        <div className="flex min-h-0 flex-1 stacked:flex-none stacked:flex-col">
          {places.length === 0 && <p className="p-8 text-xl">No iron here yet. Choose irons for your plan, or start a load from Iron.</p>}
          {places.length > 0 && hand.part === 'plates' && <PlatesPanel session={session} planned={planned} places={places} />}
          {places.length > 0 && hand.part !== 'plates' && (
            <NowPanel
              conducting={conducting}
              folds={guardedFolds}
              does={ACTS_OF[hand.part]}
              kit={kit}
              towards={towards}
              disabled={!held}
              onPour={onGuardedPour}
              onTouch={onGuardedTouch}
              onPutOff={guard((ironId: string) => putOffFor(ironId, PUT_OFF_MS))}
              onSkip={guard((place: LinePlace) => putOffFor(place.iron.id, cycleOf_ms(place)))}
            />
          )}
          {answered !== null && (
            <AnswerPanel
              key={answered.load?.id}
              place={answered}
              disabled={!held}
              onSay={(said) =>
                onLog(
                  answered,
                  said.map((data) => ({ kind: 'logged', data })),
                )
              }
              onNotOpened={() => {
                const opened = answered.log.findLast(({ kind }) => kind === 'opened');
                if (opened !== undefined) onTouch(answered, { kind: 'undone', data: { seq: opened.seq } });
                setAskedId(null);
              }}
              onDone={() => setAskedId(null)}
            />
          )}
          <ConductingContext value={conducting}>
            {places.map((place) => (
              <Column
                key={place.iron.id}
                place={place}
                kit={kit}
                zone={run?.zone ?? kit.zone}
                disabled={!held}
                isReady={isReady}
                said={saidBy[place.iron.id] ?? AS_ADVISED}
                onSaid={onSaid}
                onPour={onPour}
                onTouch={onFinger}
                onAsk={setAskedId}
                isHidden={answered !== null}
              />
            ))}
          </ConductingContext>
        </div>
        <Side session={session} planned={planned} places={places} poured={line.poured}>
          <Replan planned={planned} places={places} missing={missing} />
        </Side>
      </div>
      {held && places.some(hasLoadIn) && <TapForSound />}
      {doubted !== null && (
        <Doubt
          place={doubted}
          zone={run?.zone ?? kit.zone}
          onOpened={(at) => {
            onTouch(doubted, OPENED, at);
            setDoubted(null);
          }}
          onStillClosed={() => setDoubted(null)}
        />
      )}
      <CueAnnouncer places={places} cueBefore_s={kit.cueBefore_s} />
    </div>
  );
};

/** p, c, o and u (or what the cook has put in their place) act on the iron that they make sense for: the first in that phase. A key that is held counts once. */
const useLineKeys = (
  places: readonly LinePlace[],
  held: boolean,
  isReady: boolean,
  kit: Kit,
  pour: (place: LinePlace) => void,
  touch: (place: LinePlace, event: NewLoadEvent) => void,
): void => {
  // Each key for itself: one after another may come as quickly as fingers are.
  const guards = { p: useGuard(), c: useGuard(), o: useGuard(), u: useGuard() };
  const letter = (id: KeyId): string => keyOf(id, kit) ?? '';
  const options = { ...PAGE_KEYS, enabled: held && keyOf('line.poured', kit) !== null };
  const onKey = (key: keyof typeof guards, act: () => void) => {
    const guarded = guards[key](act);
    return (event: KeyboardEvent): void => {
      if (!event.repeat) guarded();
    };
  };
  useHotkeys(
    letter('line.poured'),
    onKey('p', () => {
      const place = places.find((one) => !hasLoadIn(one) && !one.isRemoved);
      if (place !== undefined && isReady) pour(place);
    }),
    options,
  );
  useHotkeys(
    letter('line.closed'),
    onKey('c', () => {
      const place = places.find(({ progress }) => progress?.phase === 'poured');
      if (place !== undefined) touch(place, { kind: 'closed', data: {} });
    }),
    options,
  );
  useHotkeys(
    letter('line.opened'),
    onKey('o', () => {
      const cooking = places.filter(({ progress }) => progress?.phase === 'cooking');
      const place = cooking.sort((a, b) => dueAt(a) - dueAt(b))[0];
      if (place !== undefined) touch(place, { kind: 'opened', data: {} });
    }),
    options,
  );
  useHotkeys(
    letter('line.undo'),
    onKey('u', () => {
      const touched = places.filter(({ progress }) => progress?.lastUndoable != null);
      const place = touched.sort((a, b) => (b.progress?.lastUndoable?.at ?? 0) - (a.progress?.lastUndoable?.at ?? 0))[0];
      const last = place?.progress?.lastUndoable;
      if (place !== undefined && last != null) touch(place, { kind: 'undone', data: { seq: last.seq } });
    }),
    options,
  );
};

const dueAt = ({ progress, prediction }: LinePlace): number => (progress?.closedAt ?? 0) + (prediction?.cookTime_s.best ?? 0) * 1000;

const STAGE_TICK_MS = 500;

/** Says it once at the cue and once at the time, not every second. */
const CueAnnouncer = ({ places, cueBefore_s }: { readonly places: readonly LinePlace[]; readonly cueBefore_s: number }) => {
  const now = useNow(STAGE_TICK_MS);
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
