import { latestPour_s, tasksOfSlot } from './hands.ts';
import type { HandTask } from './hands.ts';
import { changeOver_s, cookOf_s, turnaround_s } from './cycle.ts';
import type { Slot } from './cycle.ts';
import { inOrder } from './schedule.ts';

/**
 * The same loads as late as the last lid allows, the last first: an iron with little to do begins later, and its pieces wait less. It is done one load of
 * its own before the last lid of all: one that is lost can still be made good. `latestOut_s`: where each has a moment of its own by which it is to be out.
 */
export const asLateAsCan = (
  slots: readonly Slot[],
  hands: number,
  blocked: readonly HandTask[] = [],
  latestOut_s: ReadonlyMap<Slot, number> | null = null,
): readonly Slot[] => {
  const end_s = Math.max(0, ...slots.map(({ open_s }) => open_s));
  const placed = [...slots];
  const tasks = placed.map(tasksOfSlot);
  /** By place and load, where each stands in `placed`. */
  const at = new Map(placed.map(({ index, n }, i) => [`${index}/${n}`, i]));
  const lastFirst = placed.map((_, i) => i).sort((a, b) => slots[b]!.open_s - slots[a]!.open_s);
  for (const i of lastFirst) {
    const { iron, index, n, pour_s, open_s } = placed[i]!;
    const after = at.get(`${index}/${n + 1}`);
    const next = after === undefined ? undefined : placed[after];
    const cook_s = cookOf_s(iron, n);
    const before_s = next === undefined ? Infinity : next.pour_s - changeOver_s(iron, next.iron) - turnaround_s(iron) - cook_s;
    const inTime_s = latestOut_s === null ? end_s - turnaround_s(iron) - iron.cook_s : (latestOut_s.get(slots[i]!) ?? open_s);
    const latest_s = latestOut_s === null && next !== undefined ? before_s : Math.min(before_s, Math.max(open_s, inTime_s) - cook_s);
    // Most irons go on without a pause: there is nothing to move.
    if (latest_s <= pour_s + 1) continue;
    const [from_s, to_s] = [pour_s - iron.open_s, latest_s + cook_s + iron.open_s];
    const busy: HandTask[] = [];
    const consider = (task: HandTask): void => {
      if (task.to_s > from_s && task.from_s < to_s) busy.push(task);
    };
    blocked.forEach(consider);
    tasks.forEach((both, other) => {
      if (other !== i) both.forEach(consider);
    });
    const moved_s = latestPour_s(iron, n, latest_s, busy, hands);
    if (moved_s === null || moved_s <= pour_s) continue;
    placed[i] = { iron, index, n, pour_s: moved_s, open_s: moved_s + cook_s };
    tasks[i] = tasksOfSlot(placed[i]);
  }
  return inOrder(placed);
};
