import type { LoadProgress } from '../log/index.ts';
import type { Act, DueAct, DueFold, FirstBecause, LineIron } from './conductor.ts';
import { conduct } from './conductor.ts';
import type { Conducting } from './conducted.ts';
import { conductedIrons } from './conducted.ts';
import type { Countdown } from './countdown.ts';
import { countdown } from './countdown.ts';
import type { PlaceAtLine } from './place.ts';
import { hasLoadIn } from './place.ts';

/** What a touch at an iron can say. */
export type Touchable = 'pour' | 'close' | 'turn' | 'open';

/** How dark an overdue load is: too dark in so many seconds, or already (0); null: it isn't overdue, or nobody can say. */
export type DarkIn = number | null;

export type ActPanel = {
  readonly kind: 'act';
  readonly due: DueAct;
  /** Until then, s; negative: it is overdue since then. */
  readonly left_s: number;
  /** It is the thing to do, and can be touched here. */
  readonly isAtHand: boolean;
  readonly isLate: boolean;
  readonly darkIn_s: DarkIn;
  readonly because: FirstBecause | null;
  readonly then: DueAct | null;
  /** The touch that is offered; null: none yet. */
  readonly button: Touchable | 'fold' | null;
};

/** The one thing to do next over all irons, for the hands before this screen. */
export type Panel = ActPanel | { readonly kind: 'getting-ready' } | { readonly kind: 'nothing'; readonly isForOthers: boolean };

/** What an iron that nothing is in waits for. `hand`: for a lid that comes first. */
export type WaitsFor = NonNullable<LineIron['waitsFor']> | 'switch-on' | 'hand';

/** One iron as it is shown. */
export type IronState = {
  readonly ironId: string;
  readonly phase: LoadProgress['phase'];
  /** While it cooks: until it is opened, s; negative: overdue since then. */
  readonly left_s: number | null;
  readonly stage: Countdown['stage'] | null;
  readonly isLate: boolean;
  readonly darkIn_s: DarkIn;
  /** It is the panel's thing to do. */
  readonly isNext: boolean;
  readonly waits: { readonly for: WaitsFor; readonly until: number } | null;
  /** Nothing more is planned for it. */
  readonly isDone: boolean;
  /** The one touch that makes sense here; lit: it is the thing to do now. Null: none does. */
  readonly button: { readonly act: Touchable; readonly isLit: boolean } | null;
};

/** Everything that Cook shows of one moment: what stands above other doors, its panel and its irons all come from here. */
export type CookState = { readonly panel: Panel; readonly irons: readonly IronState[] };

export type CookStateOptions = {
  /** The acts of whoever stands before this screen; left out: all. */
  readonly does?: ReadonlySet<Act>;
  readonly folds?: readonly DueFold[];
  /** So long before the moment it is announced, s. */
  readonly cueBefore_s: number;
};

/**
 * So long before it is due an act is shown as the thing to do, ms. A pour that is early brings two lids together: it waits. A lid is opened in its last
 * seconds by whoever stands there.
 */
const AT_HAND_MS: Readonly<Record<Act, number>> = { pour: 1000, close: 0, turn: 8000, open: 20_000, 'switch-on': 20_000, fold: 0 };
/** Less isn't called late, s. */
const LATE_S = 3;
/** Overdue, and the recipe doesn't keep it in for longer: before its own "not before" nothing is called late. */
const isLateAt = (place: PlaceAtLine | undefined, left_s: number, now: number): boolean => {
  const closedAt = place?.progress?.closedAt;
  const heldUntil = closedAt == null || place?.recipe?.notBefore_s == null ? null : closedAt + 1000 * place.recipe.notBefore_s;
  return left_s < -LATE_S && (heldUntil === null || now >= heldUntil);
};

/**
 * What Cook shows at `now` (epoch ms). Pure: the panel and every iron are read from one order of what is due, so they can't say different things.
 *
 * @param conducting What is in the irons, what is planned, and what was put off.
 */
export const cookState = (conducting: Conducting, now: number, { does, folds = [], cueBefore_s }: CookStateOptions): CookState => {
  const irons = conductedIrons(conducting, now);
  const { places, missing, isReady } = conducting;
  const options = { folds: isReady ? folds : [], ...(does === undefined ? {} : { does }) };
  const { next, then, because } = conduct(irons, now, options);
  const every = conduct(irons, now, { folds: options.folds }).acts;
  const lineIronOf = (id: string): LineIron | undefined => irons.find(({ ironId }) => ironId === id);
  const panel: Panel =
    next === null
      ? isReady
        ? { kind: 'nothing', isForOthers: every.length > 0 && missing !== null && [...missing.values()].some((pieces) => pieces > 0) }
        : { kind: 'getting-ready' }
      : panelOf(
          next,
          then,
          because,
          now,
          lineIronOf(next.ironId),
          places.find(({ iron }) => iron.id === next.ironId),
        );
  const states = places.map((place) => {
    const { id } = place.iron;
    const pour = every.find(({ act, ironId }) => act === 'pour' && ironId === id);
    return ironState(place, lineIronOf(id), pour?.at ?? null, panel, isReady, cueBefore_s, now);
  });
  return { panel, irons: states };
};

const darkIn = (iron: LineIron | undefined, now: number): DarkIn =>
  iron?.tooDarkAt === undefined || iron.at > now ? null : Math.max(0, (iron.tooDarkAt - now) / 1000);

const panelOf = (
  due: DueAct,
  then: DueAct | null,
  because: FirstBecause | null,
  now: number,
  iron: LineIron | undefined,
  place: PlaceAtLine | undefined,
): ActPanel => {
  const left_s = (due.at - now) / 1000;
  // Nobody knows yet how much: it isn't announced before that.
  const isKnown = due.act !== 'pour' || place?.advice != null;
  const isAtHand = isKnown && due.at - now <= AT_HAND_MS[due.act];
  const isLate = due.act === 'open' && isLateAt(place, left_s, now);
  const canTouch = isAtHand && due.act !== 'switch-on';
  return {
    kind: 'act',
    due,
    left_s,
    isAtHand,
    isLate,
    darkIn_s: due.act === 'open' ? darkIn(iron, now) : null,
    because,
    then,
    button: canTouch ? due.act : null,
  };
};

/** What is poured from, and how much, has to be known; and one that was removed isn't poured again. */
const canPour = ({ advice, failure, isRemoved }: PlaceAtLine, isReady: boolean): boolean =>
  isReady && advice !== null && failure === null && !isRemoved;

/** The touch that makes sense at an iron, whoever is asked next. */
const touchAt = (place: PlaceAtLine, iron: LineIron | undefined, isReady: boolean, now: number): Touchable | null => {
  if (place.progress?.phase === 'poured') return 'close';
  if (place.progress?.phase !== 'cooking') return canPour(place, isReady) ? 'pour' : null;
  // One that is due is opened, turned or not.
  return iron?.turnAt == null || iron.at <= now ? 'open' : 'turn';
};

const waitsOf = (iron: LineIron | undefined, pourAt: number | null, now: number): IronState['waits'] => {
  if (iron === undefined) return null;
  if (iron.state === 'cold') return { for: 'switch-on', until: iron.at };
  if (iron.state !== 'hot') return null;
  if (iron.at > now && iron.waitsFor !== undefined) return { for: iron.waitsFor, until: iron.at };
  return pourAt !== null && pourAt - now > AT_HAND_MS.pour ? { for: 'hand', until: pourAt } : null;
};

const ironState = (
  place: PlaceAtLine,
  iron: LineIron | undefined,
  pourAt: number | null,
  panel: Panel,
  isReady: boolean,
  cueBefore_s: number,
  now: number,
): IronState => {
  const { progress, prediction } = place;
  const running = progress === null || prediction === null ? null : countdown(progress, prediction.cookTime_s, cueBefore_s, now);
  const act = touchAt(place, iron, isReady, now);
  const isNext = panel.kind === 'act' && panel.due.ironId === place.iron.id && panel.isAtHand;
  return {
    ironId: place.iron.id,
    phase: progress?.phase ?? 'ready',
    left_s: running?.left_s ?? null,
    stage: running?.stage ?? null,
    isLate: running !== null && isLateAt(place, running.left_s, now),
    darkIn_s: darkIn(iron, now),
    isNext,
    waits: hasLoadIn(place) ? null : waitsOf(iron, pourAt, now),
    isDone: iron?.state === 'done',
    button: act === null ? null : { act, isLit: isNext && panel.button === act },
  };
};

/** Whole seconds as a clock shows them: one that isn't due yet never shows 0:00, nor does one that is overdue. */
export const shownLeft_s = (left_s: number): number => (left_s > 0 ? Math.ceil(left_s) : Math.floor(left_s) + 0);
