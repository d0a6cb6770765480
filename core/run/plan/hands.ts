import { TAKES_OUT } from '../../cook/index.ts';
import type { PlannedIron, Slot } from './cycle.ts';
import { cookOf_s } from './cycle.ts';

/** A hand that is busy: seconds from the first pour. */
export type HandTask = { readonly from_s: number; readonly to_s: number };

export const pourTask = ({ open_s }: PlannedIron, pour_s: number): HandTask => ({
  from_s: pour_s - (1 - TAKES_OUT) * open_s,
  to_s: pour_s,
});
export const takeOutTask = ({ open_s }: PlannedIron, opened_s: number): HandTask => ({
  from_s: opened_s,
  to_s: opened_s + TAKES_OUT * open_s,
});

/** What a load wants of a hand. */
export const tasksOfSlot = ({ iron, pour_s, open_s }: Slot): readonly HandTask[] => [pourTask(iron, pour_s), takeOutTask(iron, open_s)];

const overlaps = (a: HandTask, b: HandTask): boolean => a.from_s < b.to_s - 1e-9 && b.from_s < a.to_s - 1e-9;

/** When a hand is free for this task at the earliest, as an offset of the task; 0: as it is. */
const waitForHand_s = (task: HandTask, busy: readonly HandTask[], hands: number): number => {
  const others = busy.filter((other) => overlaps(task, other));
  if (others.length < hands) return 0;
  // At the most crowded moment of the task too few are free: until the first of them is.
  for (const { from_s } of [task, ...others]) {
    const at = Math.max(from_s, task.from_s);
    const meanwhile = others.filter((other) => other.from_s <= at + 1e-9 && other.to_s > at + 1e-9);
    if (meanwhile.length >= hands) return Math.min(...meanwhile.map(({ to_s }) => to_s)) - task.from_s;
  }
  return 0;
};

/** The first moment from `from_s` on at which this load can be poured so that a hand is there for the pour, and again for the open lid. */
export const earliestPour_s = (iron: PlannedIron, n: number, from_s: number, busy: readonly HandTask[], hands: number): number => {
  const cook_s = cookOf_s(iron, n);
  let pour_s = from_s;
  // Every wait passes at least one task.
  for (let tries = 0; tries <= 2 * busy.length + 2; tries++) {
    const wait = Math.max(
      waitForHand_s(pourTask(iron, pour_s), busy, hands),
      waitForHand_s(takeOutTask(iron, pour_s + cook_s), busy, hands),
    );
    if (wait <= 0) return pour_s;
    pour_s += wait;
  }
  return pour_s;
};

/** The last moment up to `to_s` at which this load can be poured so that a hand is there for the pour, and again for the open lid; null: there is none. */
export const latestPour_s = (iron: PlannedIron, n: number, to_s: number, busy: readonly HandTask[], hands: number): number | null => {
  const cook_s = cookOf_s(iron, n);
  const takeOut_s = TAKES_OUT * iron.open_s;
  const isFree = (pour_s: number): boolean =>
    waitForHand_s(pourTask(iron, pour_s), busy, hands) <= 1e-9 && waitForHand_s(takeOutTask(iron, pour_s + cook_s), busy, hands) <= 1e-9;
  // A task ends as another begins, or it is as late as it may be.
  const moments = [to_s, ...busy.flatMap((task) => [task.from_s, task.from_s - takeOut_s - cook_s])];
  return (
    moments
      .filter((moment_s) => moment_s <= to_s)
      .sort((a, b) => b - a)
      .find(isFree) ?? null
  );
};
