import { pourTask, takeOutTask } from './hands.ts';
import type { PlannedIron } from './cycle.ts';
import { FOLD_S } from '../../lift/index.ts';
import type { RunPlan } from './plan.ts';

/** What keeps a hand from one instant to another, epoch ms. */
export type HandSpan = { readonly act: 'pour' | 'take-out' | 'fold'; readonly from: number; readonly to: number };

/** Everything that a plan's hands do at the irons and bowls, in order. */
export const handSpans = (plan: Pick<RunPlan, 'loads' | 'bowls'>, irons: readonly PlannedIron[]): readonly HandSpan[] =>
  [
    ...plan.loads.flatMap((load): HandSpan[] => {
      const iron = irons.find((one) => one.ironId === load.ironId && one.dishId === load.dishId);
      if (iron === undefined) return [];
      const [pour, out] = [pourTask(iron, 0), takeOutTask(iron, 0)];
      return [
        { act: 'pour', from: load.pourAt + 1000 * pour.from_s, to: load.pourAt + 1000 * pour.to_s },
        { act: 'take-out', from: load.openAt + 1000 * out.from_s, to: load.openAt + 1000 * out.to_s },
      ];
    }),
    ...plan.bowls.flatMap(({ foldAt }): HandSpan[] => (foldAt === null ? [] : [{ act: 'fold', from: foldAt, to: foldAt + 1000 * FOLD_S }])),
  ].sort((a, b) => a.from - b.from);
