import { pourTask, takeOutTask } from './hands.ts';
import { cookOf_s, piecesOfLoad } from './cycle.ts';
import type { PlannedIron } from './cycle.ts';
import type { Random } from '../../basis/index.ts';
import { runToEnd, seededRandom, sum } from '../../basis/index.ts';
import { FOLD_S } from '../../lift/index.ts';
import type { RunPlan, RunRequest } from './plan.ts';
import { servedBy } from '../service/service.ts';

/** How far off an iron is where nothing is known of it, and how far each of its loads besides, both in the logarithm of the time (*common practice*). */
const USUAL_TIME_SD = 0.08;
const LOAD_SD = 0.04;
/** Heating up takes longer or shorter by so much, in its logarithm (*common practice*). */
const HEATS_SD = 0.12;
/** Hands take longer or shorter by so much of their time, and come so long after they are needed, s (*common practice*). */
const HAND_SD = 0.25;
const HAND_COMES_S = { least: 1, most: 4 } as const;
/** Between an open lid and the next pour a hand comes twice: to pour, and to close. */
const COMES_TO_POUR = 2;
/** One load in so many is lost and cooked again (*common practice*). */
const LOST = 0.03;

const MORNINGS = 200;
const SEED = 4711;

/** Of two hundred mornings: as it is in one of ten, in the middle one, and in nine of ten at the most. */
export type Spread = { readonly p10: number; readonly p50: number; readonly p90: number };

export type Jittered = {
  /** Last lid after the plan's, s. */
  readonly late_s: Spread;
  /** From sitting down to the last of one's pieces, s: whoever waits longest. */
  readonly waits_s: Spread;
  /** Pieces that nobody eats: lost ones, and what is over. */
  readonly wasted: Spread;
  /** Mornings in which a load was lost, share. */
  readonly lost: number;
};

type Morning = { readonly late_s: number; readonly waits_s: number; readonly wasted: number; readonly isLost: boolean };

/** A load to be cooked on its iron; `planned_s`: when, s from the first pour; `waits`: not before, even if its iron is free.  */
type Job = { readonly iron: PlannedIron; readonly n: number; readonly planned_s: number; readonly waits: boolean };

/**
 * The plan played two hundred times: irons, loads, hands and luck scatter, and whoever holds the hand does what is due first. How late the last lid is then,
 * who waits, what is wasted. The same plan gives the same figures.
 */
export const jittered = (plan: RunPlan, request: RunRequest): Jittered => runToEnd(jitteredInSteps(plan, request));

/** The same, giving way between mornings. */
export function* jitteredInSteps(plan: RunPlan, request: RunRequest): Generator<void, Jittered> {
  const { irons } = request;
  const hands = handsOf(request, plan.firstPourAt);
  const jobs = plan.loads.flatMap((load): Job[] => {
    const { ironId, n, pourAt } = load;
    const iron = irons.find((one) => one.ironId === ironId && one.dishId === load.dishId);
    const waits = request.mode === 'as-they-come' || load.isPinned === true;
    return iron === undefined ? [] : [{ iron, n, planned_s: (pourAt - plan.firstPourAt) / 1000, waits }];
  });
  const folds = plan.bowls.flatMap(({ foldAt }) => (foldAt === null ? [] : [(foldAt - plan.firstPourAt) / 1000]));
  const planned_s = Math.max(0, ...jobs.map(({ iron, n, planned_s: at }) => at + cookOf_s(iron, n)));
  const queues = new Map<string, Job[]>();
  for (const job of jobs) queues.set(job.iron.ironId, [...(queues.get(job.iron.ironId) ?? []), job]);
  const wanted = sum(request.dishes.map(({ people, piecesPerPerson, kept = 0 }) => people * piecesPerPerson - kept));
  const random = seededRandom(SEED);
  const mornings: Morning[] = [];
  for (let morning = 0; morning < MORNINGS; morning++) {
    yield;
    const played = playedOnce(queues, folds, hands, random);
    const loads = played.map(({ job, at_s, isLost }) => ({
      ironId: job.iron.ironId,
      dishId: job.iron.dishId,
      openAt: plan.firstPourAt + 1000 * at_s,
      pieces: isLost ? 0 : piecesOfLoad(job.iron, job.n),
    }));
    const cooked = sum(played.map(({ job }) => piecesOfLoad(job.iron, job.n)));
    mornings.push({
      late_s: Math.max(0, ...played.map(({ at_s }) => at_s)) - planned_s,
      waits_s: servedBy({ loads }, request).longestWait_s,
      wasted: Math.max(0, cooked - wanted),
      isLost: played.some(({ isLost }) => isLost),
    });
  }
  const spread = (of: (one: Morning) => number): Spread => {
    const sorted = mornings.map(of).sort((a, b) => a - b);
    const at = (share: number): number => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
    return { p10: at(0.1), p50: at(0.5), p90: at(0.9) };
  };
  return {
    late_s: spread(({ late_s }) => late_s),
    waits_s: spread(({ waits_s }) => waits_s),
    wasted: spread(({ wasted }) => wasted),
    lost: mornings.filter(({ isLost }) => isLost).length / MORNINGS,
  };
}

/** A pair of hands: when it is free next, and from when to when it is there at all, s from the first pour. */
type Hand = { readonly from_s: number; readonly until_s: number };

const handsOf = ({ hands = 1, helper }: RunRequest, firstPourAt: number): readonly Hand[] => [
  ...Array.from({ length: hands }, (): Hand => ({ from_s: -Infinity, until_s: Infinity })),
  ...(helper == null ? [] : [{ from_s: (helper.from - firstPourAt) / 1000, until_s: (helper.until - firstPourAt) / 1000 }]),
];

type Task =
  | { readonly what: 'pour' | 'take-out'; readonly ironId: string; readonly ready_s: number; readonly job: Job }
  | { readonly what: 'fold'; readonly ready_s: number };

type Lid = { readonly job: Job; readonly at_s: number; readonly isLost: boolean };

/** Every lid of one morning. */
const playedOnce = (
  queues: ReadonlyMap<string, readonly Job[]>,
  folds: readonly number[],
  hands: readonly Hand[],
  random: Random,
): readonly Lid[] => {
  const rest = new Map([...queues].map(([id, jobs]) => [id, [...jobs]]));
  const handFree = hands.map(({ from_s }) => from_s);
  /** From when each can be at something that is ready then; a helper who has gone: never. */
  const comesAt_s = (ready_s: number): readonly number[] =>
    handFree.map((free_s, i) => {
      const at_s = Math.max(ready_s, free_s);
      return at_s < hands[i]!.until_s ? at_s : Infinity;
    });
  /** How slow each iron is this morning. */
  const slow = new Map([...queues].map(([id, [job]]) => [id, Math.exp((job?.iron.timeSd ?? USUAL_TIME_SD) * random.normal())]));
  const comes_s = (times: number): number => times * (HAND_COMES_S.least + (HAND_COMES_S.most - HAND_COMES_S.least) * random.next());
  const scattered = (usual_s: number): number => usual_s * Math.max(0.4, 1 + HAND_SD * random.normal());
  const waiting: Task[] = [...rest].flatMap(([ironId, jobs]): Task[] => {
    const job = jobs.shift();
    if (job === undefined) return [];
    const hot_s = job.planned_s + job.iron.preheat_s * (Math.exp(HEATS_SD * random.normal()) - 1);
    return [{ ironId, what: 'pour', ready_s: Math.max(hot_s, job.planned_s) - length(pourTask(job.iron, 0)), job }];
  });
  waiting.push(...folds.map((ready_s): Task => ({ what: 'fold', ready_s })));
  const lids: Lid[] = [];
  while (waiting.length > 0) {
    // What has been ready longest is done first.
    waiting.sort((a, b) => a.ready_s - b.ready_s);
    const task = waiting.shift()!;
    const at_s = comesAt_s(task.ready_s);
    const free = at_s.map((at, i) => (at === Math.min(...at_s) ? handFree[i]! : Infinity));
    // Of those who could come as soon, whoever has been free longest.
    const hand = free.indexOf(Math.min(...free));
    const from_s = at_s[hand]! + comes_s(1);
    if (task.what === 'fold') {
      handFree[hand] = from_s + scattered(FOLD_S);
      continue;
    }
    const { iron, n } = task.job;
    const usual_s = length(task.what === 'pour' ? pourTask(iron, 0) : takeOutTask(iron, 0));
    const done_s = from_s + scattered(usual_s) + (task.what === 'pour' ? comes_s(COMES_TO_POUR - 1) : 0);
    handFree[hand] = done_s;
    if (task.what === 'pour') {
      // The first load is opened when it was said; from then on it is known how the iron is.
      const iron_ = n === 1 ? 1 : (slow.get(task.ironId) ?? 1);
      waiting.push({ ...task, what: 'take-out', ready_s: done_s + cookOf_s(iron, n) * iron_ * Math.exp(LOAD_SD * random.normal()) });
      continue;
    }
    const isLost = random.next() < LOST;
    lids.push({ job: task.job, at_s: from_s, isLost });
    const queue = rest.get(task.ironId) ?? [];
    if (isLost) queue.push({ ...task.job, n: n + 1, planned_s: 0, waits: false });
    const next = queue.shift();
    if (next === undefined) continue;
    const again_s = done_s + iron.recovery_s;
    const wanted_s = next.waits ? next.planned_s - length(pourTask(iron, 0)) : -Infinity;
    waiting.push({ ironId: task.ironId, what: 'pour', ready_s: Math.max(again_s, wanted_s), job: next });
  }
  return lids;
};

const length = ({ from_s, to_s }: { readonly from_s: number; readonly to_s: number }): number => to_s - from_s;
