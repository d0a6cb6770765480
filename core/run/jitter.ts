import { seededRandom } from '../basis/index.ts';
import { FOLD_S } from '../lift/index.ts';
import type { RunPlan, RunRequest } from './plan.ts';
import type { PlannedIron } from './schedule.ts';
import { dishIdOf } from './ownDish.ts';
import { cookOf_s, pourTask, takeOutTask } from './schedule.ts';

/** A load's own time is off by so much where nothing is known of the iron, in its logarithm; hands by so much of their time (*common practice*). */
const USUAL_TIME_SD = 0.06;
const HAND_SD = 0.25;
/** One load in so many is lost and cooked again. */
const LOST = 0.03;

const MORNINGS = 200;
const SEED = 4711;

export type Jittered = {
  /** Last plate after the plan's, s: in the middle morning, and in nine of ten at the most. */
  readonly p50_s: number;
  readonly p90_s: number;
  /** Mornings in which a load was lost, share. */
  readonly lost: number;
};

/** A load to be cooked on its iron; `planned_s`: not poured before, s from the first pour. */
type Job = { readonly iron: PlannedIron; readonly n: number; readonly planned_s: number };

/**
 * The plan played two hundred times: cook times, hands and luck scatter, and whoever holds the hand does what is due first. How late the last plate is
 * then. The same plan gives the same figures.
 */
export const jittered = (plan: RunPlan, { irons, hands = 1 }: Pick<RunRequest, 'irons' | 'hands'>): Jittered => {
  const jobs = plan.loads.flatMap((load): Job[] => {
    const { ironId, n, pourAt } = load;
    const iron = irons.find((one) => one.ironId === ironId && dishIdOf(one) === load.dishId);
    return iron === undefined ? [] : [{ iron, n, planned_s: (pourAt - plan.firstPourAt) / 1000 }];
  });
  const folds = plan.bowls.flatMap(({ foldAt }) => (foldAt === null ? [] : [(foldAt - plan.firstPourAt) / 1000]));
  const planned_s = Math.max(0, ...jobs.map(({ iron, n, planned_s: at }) => at + cookOf_s(iron, n)));
  const random = seededRandom(SEED);
  const ends: number[] = [];
  let lostMornings = 0;
  for (let morning = 0; morning < MORNINGS; morning++) {
    const queues = new Map<string, Job[]>();
    for (const job of jobs) queues.set(job.iron.ironId, [...(queues.get(job.iron.ironId) ?? []), job]);
    const played = playedOnce(queues, folds, hands, random);
    ends.push(played.end_s - planned_s);
    if (played.lost > 0) lostMornings++;
  }
  ends.sort((a, b) => a - b);
  const at = (share: number): number => ends[Math.min(ends.length - 1, Math.floor(share * ends.length))] ?? 0;
  return { p50_s: at(0.5), p90_s: at(0.9), lost: lostMornings / MORNINGS };
};

type Task =
  | { readonly what: 'pour' | 'take-out'; readonly ironId: string; readonly ready_s: number; readonly job: Job }
  | { readonly what: 'fold'; readonly ready_s: number };

const playedOnce = (
  queues: ReadonlyMap<string, readonly Job[]>,
  folds: readonly number[],
  hands: number,
  random: ReturnType<typeof seededRandom>,
): { readonly end_s: number; readonly lost: number } => {
  const rest = new Map([...queues].map(([id, jobs]) => [id, [...jobs]]));
  const handFree = Array.from({ length: hands }, () => 0);
  const waiting: Task[] = [...rest].flatMap(([ironId, jobs]): Task[] => {
    const job = jobs.shift();
    return job === undefined ? [] : [{ ironId, what: 'pour', ready_s: job.planned_s - length(pourTask(job.iron, 0)), job }];
  });
  waiting.push(...folds.map((ready_s): Task => ({ what: 'fold', ready_s })));
  let [end_s, lost] = [0, 0];
  while (waiting.length > 0) {
    // What has been ready longest is done first.
    waiting.sort((a, b) => a.ready_s - b.ready_s);
    const task = waiting.shift()!;
    const hand = handFree.indexOf(Math.min(...handFree));
    const from_s = Math.max(task.ready_s, handFree[hand] ?? 0);
    if (task.what === 'fold') {
      handFree[hand] = from_s + FOLD_S * Math.max(0.4, 1 + HAND_SD * random.normal());
      continue;
    }
    const { iron, n } = task.job;
    const usual_s = length(task.what === 'pour' ? pourTask(iron, 0) : takeOutTask(iron, 0));
    const done_s = from_s + usual_s * Math.max(0.4, 1 + HAND_SD * random.normal());
    handFree[hand] = done_s;
    if (task.what === 'pour') {
      const cook_s = cookOf_s(iron, n) * Math.exp((iron.timeSd ?? USUAL_TIME_SD) * random.normal());
      waiting.push({ ...task, what: 'take-out', ready_s: done_s + cook_s });
      continue;
    }
    end_s = Math.max(end_s, from_s);
    const queue = rest.get(task.ironId) ?? [];
    if (random.next() < LOST) {
      lost++;
      queue.push({ ...task.job, n: n + 1, planned_s: 0 });
    }
    const next = queue.shift();
    const again_s = from_s + iron.open_s + iron.recovery_s - length(pourTask(iron, 0));
    if (next !== undefined)
      waiting.push({
        ironId: task.ironId,
        what: 'pour',
        ready_s: Math.max(again_s, next.planned_s - length(pourTask(iron, 0))),
        job: next,
      });
  }
  return { end_s, lost };
};

const length = ({ from_s, to_s }: { readonly from_s: number; readonly to_s: number }): number => to_s - from_s;
