import { seededRandom } from '../basis/index.ts';
import type { Conducted, DueAct, DueFold, LineIron, LinePlan } from '../line/index.ts';
import { conduct, lineIrons } from '../line/index.ts';
import type { LoadEvent, LoadProgress } from '../log/index.ts';
import { loadProgress } from '../log/index.ts';
import type { PlannedIron, RunPlan, RunRequest } from '../run/index.ts';
import { piecesOfDish, piecesOfLoad, planRun, servedBy } from '../run/index.ts';
import { actTime_s, reaction_s } from './hands.ts';
import type { BelievedIron, Piece } from './trueIron.ts';
import { pieceAt, trueIronOf } from './trueIron.ts';

/** Who decides what is done next: the line's own conductor, or a cook with a kitchen timer for each iron. */
export type Conductor = (
  irons: readonly LineIron[],
  now: number,
  also?: { readonly folds: readonly DueFold[] },
) => Pick<Conducted, 'next' | 'then'>;

export type PlayedLoad = {
  readonly ironId: string;
  readonly dishId: string;
  readonly pouredAt: number;
  readonly openedAt: number;
  readonly pieces: number;
  /** After its promised moment, s. */
  readonly lidLate_s: number;
  /** Nobody gets it. */
  readonly isLost: boolean;
  readonly piece: Piece;
};

export type PlayedMorning = {
  readonly loads: readonly PlayedLoad[];
  /** Pours on an iron that the line took for hot before its time. */
  readonly tooEarly: number;
  readonly lost: number;
  readonly pieces: number;
  /** Minutes that guests sat without all of theirs, all guests together. */
  readonly waited_min: number;
};

type Played = {
  readonly ironId: string;
  /** As it cooks the load that is in it or comes next. */
  iron: PlannedIron;
  log: LoadEvent[];
  n: number;
  heatsFrom: number | null;
  /** The light is still on: not before. */
  notBefore: number;
  /** Its times over what is believed, as far as its loads have shown. */
  known: number;
};

/** How a morning is played; left out: the line's own conductor, nothing learned, and no luck. */
export type Playing = {
  readonly conductor?: Conductor;
  /** What the first load shows of an iron's time is used from the second on, as the line does. */
  readonly learns?: boolean;
  /** Of loads that tear or fall, whatever their colour. */
  readonly lostShare?: number;
};

const MOST_STEPS = 20_000;
/** A hand that finds the light still on comes back after so long, ms. */
const COMES_BACK_MS = 10_000;

/**
 * A morning played by one pair of hands in a simulated kitchen: `conductor` says what is next, the irons are what `seed` makes of them. A load that is
 * lost is cooked once more by whichever iron is free.
 */
export const playMorning = (
  request: RunRequest,
  plan: RunPlan,
  believed: readonly BelievedIron[],
  seed: number,
  { conductor = conduct, learns = false, lostShare = 0 }: Playing = {},
): PlayedMorning => {
  const random = seededRandom(seed);
  /** How this iron cooks its load `n`: what is made good after the last is of the dish that lacks most. */
  const cooks = (ironId: string, n: number, lacks: ReadonlyMap<string, number>): PlannedIron | undefined => {
    const mine = request.irons.filter((iron) => iron.ironId === ironId);
    const dishId = plan.loads.find((load) => load.ironId === ironId && load.n === n)?.dishId;
    const most = [...mine].sort((a, b) => (lacks.get(b.dishId) ?? 0) - (lacks.get(a.dishId) ?? 0))[0];
    return mine.find((iron) => iron.dishId === dishId) ?? most;
  };
  const irons = [...new Set(plan.loads.map(({ ironId }) => ironId))].flatMap((ironId): Played[] => {
    const iron = cooks(ironId, 1, new Map());
    return iron === undefined ? [] : [{ ironId, iron, log: [], n: 1, heatsFrom: null, notBefore: -Infinity, known: 1 }];
  });
  const out: PlayedLoad[] = [];
  /** What is still to be folded, in its order. */
  const folds = plan.bowls
    .flatMap(({ dishId, foldAt }): DueFold[] => (foldAt === null ? [] : [{ dishId, at: foldAt }]))
    .sort((a, b) => a.at - b.at);
  let tooEarly = 0;
  let now = plan.startAt - 60_000;
  for (let step = 0; step < MOST_STEPS; step++) {
    const missing = new Map(
      request.dishes.map((dish) => {
        const done = out.reduce((sum, { dishId, pieces }) => sum + (dishId === dish.dishId ? pieces : 0), 0);
        const inIrons = irons.reduce(
          (sum, played) => sum + (isIn(played) && played.iron.dishId === dish.dishId ? piecesOfLoad(played.iron, played.n) : 0),
          0,
        );
        return [dish.dishId, piecesOfDish(dish) - done - inIrons] as const;
      }),
    );
    for (const played of irons) if (!isIn(played)) played.iron = cooks(played.ironId, played.n, missing) ?? played.iron;
    const seen = seenBy(irons, { ...plan, isAsTheyCome: request.mode === 'as-they-come', missing }, now);
    const { next } = conductor(seen, now, { folds: folds.slice(0, 1) });
    if (next === null) break;
    if (next.at > now) {
      now = next.at;
      // It is asked again then: what comes meanwhile comes first.
      continue;
    }
    if (next.act === 'fold') {
      folds.shift();
      now += 1000 * (reaction_s(random) + actTime_s('fold', 0, random));
      continue;
    }
    const played = irons.find(({ iron }) => iron.ironId === next.ironId);
    const line = seen.find(({ ironId }) => ironId === next.ironId);
    if (played === undefined || line === undefined) break;
    const { iron } = played;
    const from = now + 1000 * reaction_s(random);
    const to = from + 1000 * actTime_s(next.act, iron.open_s, random);
    const truth = trueIronOf(seed, iron.ironId);
    const belief = believed.find(({ ironId, dishId }) => ironId === iron.ironId && dishId === iron.dishId);
    if (belief === undefined) break;
    if (next.act === 'pour' && played.n === 1) {
      played.heatsFrom ??= from - 1000 * belief.preheat_s;
      const hotAt = played.heatsFrom + 1000 * belief.preheat_s * truth.heats;
      if (from < hotAt) {
        // The light is still on.
        played.notBefore = Math.min(hotAt, from + COMES_BACK_MS);
        now = from;
        continue;
      }
    }
    now = to;
    const event = (kind: 'poured' | 'closed' | 'turned' | 'opened', at: number): LoadEvent => ({
      kind,
      at: Math.round(at),
      seq: played.log.length,
      data: {},
    });
    if (next.act === 'switch-on') played.heatsFrom = from;
    if (next.act === 'pour') {
      if (from < line.at) tooEarly++;
      played.log = [event('poured', from)];
    }
    if (next.act === 'close') played.log.push(event('closed', from));
    if (next.act === 'turn') played.log.push(event('turned', from));
    if (next.act === 'open') {
      const closedAt = loadProgress(played.log).closedAt ?? from;
      played.log.push(event('opened', from));
      const pouredAt = loadProgress(played.log).pouredAt ?? closedAt;
      const load = {
        loadId: `${seed}/${iron.ironId}/${played.n}`,
        poured_g: iron.portion_g,
        setting_C: belief.setting_C,
        heated: 1,
        stood_s: (pouredAt - plan.firstPourAt) / 1000,
      };
      const piece = pieceAt(truth, belief, load, (from - closedAt) / 1000);
      const isLost = piece.lost !== null || (lostShare > 0 && random.next() < lostShare);
      if (learns) played.known = truth.cooks;
      const lidLate_s = Math.max(0, (from - line.at) / 1000);
      out.push({
        ironId: iron.ironId,
        dishId: iron.dishId,
        pouredAt,
        openedAt: from,
        pieces: isLost ? 0 : piecesOfLoad(iron, played.n),
        lidLate_s,
        isLost,
        piece,
      });
      played.n++;
    }
  }
  const { meanWait_s } = servedBy({ loads: out.map((load) => ({ ...load, openAt: load.openedAt })) }, request);
  return {
    loads: out,
    tooEarly,
    lost: out.filter(({ isLost }) => isLost).length,
    pieces: out.reduce((sum, { pieces }) => sum + pieces, 0),
    waited_min: (meanWait_s * request.dishes.reduce((sum, { people }) => sum + people, 0)) / 60,
  };
};

const progressOf = ({ log }: Played): LoadProgress | null => (log.length === 0 ? null : loadProgress(log));
const isIn = (played: Played): boolean => {
  const phase = progressOf(played)?.phase;
  return phase === 'poured' || phase === 'cooking';
};

const seenBy = (irons: readonly Played[], plan: LinePlan, now: number): readonly LineIron[] => {
  const seen = lineIrons(
    irons.map((played) => {
      const { iron, n } = played;
      const progress = progressOf(played);
      const cook_s = played.known * (n === 1 ? (iron.firstCook_s ?? iron.cook_s) : iron.cook_s);
      return {
        ironId: iron.ironId,
        isTurned: false,
        progress,
        best_s: isIn(played) ? cook_s : null,
        planned: { cook_s, open_s: iron.open_s, recovery_s: iron.recovery_s },
        turn_s: null,
        n,
        notBefore: played.notBefore,
        isOfPlan: progress !== null,
      };
    }),
    plan,
    now,
  );
  return seen.map((line, i) => {
    const { n, log, heatsFrom } = irons[i]!;
    if (line.state !== 'hot') return line;
    // Nobody has switched it on yet, however late it is.
    return n === 1 && log.length === 0 && heatsFrom === null ? { ...line, state: 'cold', at: Math.min(line.at, now) } : line;
  });
};

/**
 * A cook with a kitchen timer for each iron: what rings is opened, whatever is free and hot is poured at once, whatever will ring meanwhile.
 */
export const byTimers: Conductor = (irons, now) => {
  const due = (one: LineIron): DueAct | null => {
    if (one.state === 'poured') return { act: 'close', ironId: one.ironId, at: now };
    if (one.state === 'cooking') return { act: 'open', ironId: one.ironId, at: Math.max(now, one.at) };
    if (one.state === 'hot') return { act: 'pour', ironId: one.ironId, at: Math.max(now, one.at) };
    return one.state === 'cold' ? { act: 'switch-on', ironId: one.ironId, at: Math.max(now, one.at) } : null;
  };
  const [next, then] = irons.flatMap((one) => due(one) ?? []).sort((a, b) => a.at - b.at || (a.act === 'close' ? -1 : 0));
  return { next: next ?? null, then: then ?? null };
};

/** How such a cook plans it: equal shares, counted back by the cook times and an open lid, and nothing for recovery or a hand that is busy. */
export const planByTimers = (request: RunRequest): RunPlan =>
  planRun({ ...request, irons: request.irons.map((iron) => ({ ...iron, recovery_s: 0 })), hands: request.irons.length });
