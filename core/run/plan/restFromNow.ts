import { earliestPour_s, takeOutTask, tasksOfSlot } from './hands.ts';
import type { HandTask } from './hands.ts';
import { piecesOfLoad, turnaround_s } from './cycle.ts';
import type { PlannedIron, Slot } from './cycle.ts';
import { PLATING_S } from '../service/arrivals.ts';

/** An iron in the middle of a morning: when the lid over what is in it is due (null: nothing is), and when it can be poured at the soonest, both epoch ms. */
export type IronNow = { readonly ironId: string; readonly openAt: number | null; readonly freeAt: number };

/** What is still to be cooked: so many loads, and when the last of it is on its plate, epoch ms. `missing`: pieces that no iron can cook. */
export type RestOfMorning = { readonly loads: number; readonly lastPlateAt: number; readonly missing: number };

const MOST_LOADS = 1000;

/**
 * The rest of a morning from what has happened: what is done stays done, what is in an iron comes out when it is due, and from there on each load goes to
 * the iron that would have it out first, with a hand for its pour and its lid. `missing`: by dish, pieces that are neither out nor in an iron.
 */
export const restFromNow = (
  irons: readonly PlannedIron[],
  missing: ReadonlyMap<string, number>,
  standing: readonly IronNow[],
  hands: number,
  now: number,
): RestOfMorning => {
  const after = (at: number): number => (at - now) / 1000;
  const states = new Map(standing.map((state) => [state.ironId, state]));
  const busy: HandTask[] = [];
  const free = new Map<string, number>();
  let last_s = 0;
  for (const iron of irons) {
    const state = states.get(iron.ironId);
    if (free.has(iron.ironId)) continue;
    if (state?.openAt == null) free.set(iron.ironId, Math.max(0, state === undefined ? iron.preheat_s : after(state.freeAt)));
    else {
      const open_s = Math.max(0, after(state.openAt));
      busy.push(takeOutTask(iron, open_s));
      free.set(iron.ironId, Math.max(open_s + turnaround_s(iron), after(state.freeAt)));
      last_s = Math.max(last_s, open_s);
    }
  }
  const left = new Map([...missing].filter(([, pieces]) => pieces > 0));
  let loads = 0;
  while (loads < MOST_LOADS) {
    const next = irons
      .filter((iron) => (left.get(iron.dishId) ?? 0) > 0)
      .map((iron, index): Slot => {
        // No first load any more: the plates have been at work.
        const pour_s = earliestPour_s({ ...iron, firstCook_s: iron.cook_s }, 2, free.get(iron.ironId) ?? 0, busy, hands);
        return { iron, index, n: 2, pour_s, open_s: pour_s + iron.cook_s };
      })
      .reduce<Slot | null>((best, slot) => (best === null || slot.open_s < best.open_s ? slot : best), null);
    if (next === null) break;
    const dish = next.iron.dishId;
    left.set(dish, (left.get(dish) ?? 0) - piecesOfLoad(next.iron, next.n));
    if ((left.get(dish) ?? 0) <= 0) left.delete(dish);
    busy.push(...tasksOfSlot(next));
    free.set(next.iron.ironId, next.open_s + turnaround_s(next.iron));
    last_s = Math.max(last_s, next.open_s);
    loads++;
  }
  const lacking = [...left.values()].reduce((sum, pieces) => sum + pieces, 0);
  const isDone = loads === 0 && busy.length === 0;
  return { loads, lastPlateAt: isDone ? now : Math.round(now + 1000 * (last_s + PLATING_S)), missing: lacking };
};
