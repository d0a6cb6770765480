import type { RunRequest } from './plan.ts';
import { planRun } from './planRun.ts';

/** What a power cut does to the morning: everything so much later, or on without the irons that are off. */
export type AfterPowerCut = { readonly late_s: number; readonly without: readonly string[] };

/**
 * Irons that were off for `off_s` are hot again after as long once more at most, and never later than from cold (an iron that idles takes less than half of
 * its watts, see plate.md). Either all wait for that, or the others go on alone: whichever is over sooner. `off`: ids of the irons that are off.
 */
export const afterPowerCut = (request: RunRequest, off: readonly string[], off_s: number): AfterPowerCut => {
  const isOff = (ironId: string): boolean => off.includes(ironId);
  const reheats_s = Math.min(off_s, Math.max(0, ...request.irons.map((iron) => (isOff(iron.ironId) ? iron.preheat_s : 0))));
  const wait: AfterPowerCut = { late_s: Math.ceil((off_s + reheats_s) / 60) * 60, without: [] };
  const others = request.irons.filter(({ ironId }) => !isOff(ironId));
  if (others.length === 0 || others.length === request.irons.length) return others.length === 0 ? wait : { late_s: 0, without: [] };
  const plan = planRun(request);
  const alone = planRun({ ...request, irons: others });
  const longer_s = (alone.lastPlateAt - alone.firstPourAt - (plan.lastPlateAt - plan.firstPourAt)) / 1000;
  // A dish that only those irons cook would not be cooked at all.
  const isWhole =
    alone.pieces >= plan.pieces &&
    new Set(alone.loads.map(({ dishId }) => dishId)).size === new Set(plan.loads.map(({ dishId }) => dishId)).size;
  return isWhole && longer_s < wait.late_s ? { late_s: Math.max(0, Math.ceil(longer_s / 60) * 60), without: [...off] } : wait;
};
