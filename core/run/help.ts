import type { RunPlan, RunRequest } from './plan.ts';
import { planRun } from './plan.ts';

/** What would make a morning shorter, and by how much; each found by planning it again. */
export type Help = { readonly what: 'hands' | 'iron'; readonly ironId: string | null; readonly sooner_s: number };

/** Less isn't worth a word. */
const LEAST_S = 60;

const length_s = ({ lastPlateAt, firstPourAt }: RunPlan): number => (lastPlateAt - firstPourAt) / 1000;

/** The most helpful first. One more pair of hands; one more of each iron. */
export const whatWouldHelp = (request: RunRequest, plan: RunPlan): readonly Help[] => {
  const without = { ...request, batter_g: null, others: request.others?.map((dish) => ({ ...dish, batter_g: null })) };
  const now_s = length_s(plan);
  const tried: Help[] = [
    { what: 'hands', ironId: null, sooner_s: now_s - length_s(planRun({ ...without, hands: (request.hands ?? 1) + 1 })) },
    ...[...new Set(request.irons.map(({ ironId }) => ironId))].map((ironId): Help => {
      const more = request.irons.filter((iron) => iron.ironId === ironId).map((iron) => ({ ...iron, ironId: `${ironId}/more` }));
      return { what: 'iron', ironId, sooner_s: now_s - length_s(planRun({ ...without, irons: [...request.irons, ...more] })) };
    }),
  ];
  return tried.filter(({ sooner_s }) => sooner_s >= LEAST_S).sort((a, b) => b.sooner_s - a.sooner_s);
};
