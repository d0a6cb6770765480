import { useCallback, useMemo, useState } from 'react';
import type { Towards } from '../../core/book/index.ts';
import { pourTowardsOn } from '../../core/book/index.ts';
import type { ActPanel, CookState } from '../../core/line/index.ts';
import { cookState, isImplausibleOpening, missingPieces, pouredNow, USUAL_CYCLE } from '../../core/line/index.ts';
import type { Did, NewLoadEvent } from '../../core/log/index.ts';
import { clock } from '../clock/index.ts';
import type { Session } from '../session/index.ts';
import { useRunPlan } from '../session/index.ts';
import { useKitchen } from '../store/index.ts';
import { useGuard } from '../ui/index.ts';
import { useCues } from './cues/useCues.ts';
import { wakeSound } from './cues/sound.ts';
import { ACTS_OF, useHand } from './line/hand.ts';
import type { LinePlace } from './line/linePlace.ts';
import { useFolds } from './line/useFolds.ts';
import { useHeldLine } from './line/useHeldLine.ts';
import { useLine } from './line/useLine.ts';
import { useRecipesAtLine } from './line/useRecipesAtLine.ts';
import { usePlanReady } from './line/usePlanReady.ts';
import { useRescues } from './line/useRescues.ts';
import { useWakeLock } from './line/useWakeLock.ts';

const AS_ADVISED: Did = {};
/** "Not yet" holds for so long; the other irons go on meanwhile. */
const PUT_OFF_MS = 90_000;
/** For as long as the load that is left out would have kept it. */
const cycleOf_ms = ({ advice }: LinePlace): number => {
  const { cook_s, open_s, recovery_s } = advice?.planned ?? USUAL_CYCLE;
  return 1000 * (cook_s + open_s + recovery_s);
};
const nowOf = (): number => clock.now();

const isImplausible = ({ progress, prediction }: LinePlace): boolean =>
  progress?.closedAt != null &&
  prediction !== null &&
  isImplausibleOpening((clock.now() - progress.closedAt) / 1000, prediction.cookTime_s.best);

/** What was said of the next pour of each iron before it: a button and a key pour the same. */
const useSaid = () => {
  const [saidBy, setSaidBy] = useState<Readonly<Record<string, Did>>>({});
  const say = useCallback((ironId: string, did: Did): void => setSaidBy((before) => ({ ...before, [ironId]: did })), []);
  return { saidOf: (ironId: string): Did => saidBy[ironId] ?? AS_ADVISED, say };
};

/** Irons of which somebody said "not yet" or "skip", and until when. */
const usePutOff = () => {
  const [putOff, setPutOff] = useState<ReadonlyMap<string, number>>(new Map());
  const putOffFor = (ironId: string, ms: number): void => setPutOff((before) => new Map([...before, [ironId, clock.now() + ms]]));
  return { putOff, putOffFor };
};

/** Where each iron's loads say to pour, off the middle. */
const useTowards = ({ ironLoads: { loads } }: Session): ReadonlyMap<string, Towards> =>
  useMemo(
    () =>
      new Map(
        [...loads].flatMap(([ironId, told]) => {
          const said = pourTowardsOn(told);
          return said === null ? [] : [[ironId, said.towards] as const];
        }),
      ),
    [loads],
  );

/** Everything Cook works with: what is at the irons, what is planned, and every touch. */
export const useCook = (session: Session, askedIronId: string | null) => {
  const { kit } = session;
  const kitchen = useKitchen();
  const planned = useRunPlan(session);
  const isReady = usePlanReady(planned);
  const hand = useHand();
  const line = useLine(session, askedIronId, planned, hand.name);
  const places = useRecipesAtLine(useRescues(session, line.places));
  const { held, takeOver } = useHeldLine(hand.part === 'all' ? kitchen.name : `${kitchen.name}:${hand.part}`);
  useCues(places, kit.cueBefore_s, kit.isSpoken === true, nowOf);
  useWakeLock(places.some(({ progress }) => progress?.phase === 'cooking'));
  const { saidOf, say } = useSaid();
  const { putOff, putOffFor } = usePutOff();
  const [doubted, setDoubted] = useState<LinePlace | null>(null);
  const missing = useMemo(() => missingPieces(places, planned, session), [places, planned, session]);
  const folds = useFolds(session, planned);
  const conducting = useMemo(() => ({ places, planned, missing, putOff, isReady }), [places, planned, missing, putOff, isReady]);
  const towards = useTowards(session);
  // A second touch of the panel is the first one's echo: by then something else stands there.
  const guard = useGuard();
  const pour = (place: LinePlace): void => {
    wakeSound();
    void line.pour(place, pouredNow(place, saidOf(place.iron.id)));
    say(place.iron.id, AS_ADVISED);
  };
  const note = ({ load }: LinePlace, event: NewLoadEvent, at?: number): void => {
    wakeSound();
    if (load !== null) void line.append(load, event, at);
  };
  /** The lid was closed at `closedAt` (epoch ms), and the touch for it came late; it is open now. */
  const closedEarlier = ({ load, log: events }: LinePlace, closedAt: number): void => {
    const closed = events.findLast(({ kind }) => kind === 'closed');
    if (load === null || closed === undefined) return;
    void line.log(load, [{ kind: 'undone', data: { seq: closed.seq } }, { ...TOUCHES.close, at: Math.round(closedAt) }, TOUCHES.open]);
  };
  const log = ({ load }: LinePlace, events: readonly NewLoadEvent[]): void => {
    if (load !== null) void line.log(load, events);
  };
  /** A touch by a finger or a key: one that can hardly be meant is asked about first. */
  const touch = (place: LinePlace, event: NewLoadEvent): void => {
    if (event.kind === 'opened' && isImplausible(place)) setDoubted(place);
    else note(place, event);
  };
  const panelTouch = guard(({ due, button }: ActPanel): void => {
    const place = places.find(({ iron }) => iron.id === due.ironId);
    if (button === 'fold') folds.fold(due.dishId ?? '');
    if (place === undefined || button === null || button === 'fold') return;
    if (button === 'pour') pour(place);
    else touch(place, TOUCHES[button]);
  });
  /** What Cook shows at `now`, epoch ms: the one source of panel, irons, cues and keys. */
  const stateAt = (now: number): CookState =>
    cookState(conducting, now, { does: ACTS_OF[hand.part], folds: folds.due, cueBefore_s: kit.cueBefore_s });
  return {
    session,
    kit,
    zone: session.run?.zone ?? kit.zone,
    planned,
    places,
    isReady,
    hand,
    held,
    takeOver,
    poured: line.poured,
    isLoaded: line.ready,
    /** Something was poured this morning: what comes before the first pour has been said. */
    hasPoured: places.some(({ load }) => load !== null),
    missing,
    folds,
    conducting,
    stateAt,
    towards,
    saidOf,
    say,
    pour,
    touch,
    note,
    closedEarlier,
    log,
    panelTouch,
    putOff: guard((ironId: string): void => putOffFor(ironId, PUT_OFF_MS)),
    skip: guard((place: LinePlace): void => putOffFor(place.iron.id, cycleOf_ms(place))),
    doubted,
    endDoubt: (): void => setDoubted(null),
  };
};

export const TOUCHES = {
  close: { kind: 'closed', data: {} },
  turn: { kind: 'turned', data: {} },
  open: { kind: 'opened', data: {} },
} as const satisfies Readonly<Record<string, NewLoadEvent>>;

export type Cook = ReturnType<typeof useCook>;
