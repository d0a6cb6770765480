import { runToEnd } from '../../basis/index.ts';
import { doorOf_s } from '../service/arrivals.ts';
import type { RunPlan, RunRequest } from './plan.ts';
import { planRun } from './planRun.ts';
import { servedBy } from '../service/service.ts';

/**
 * What would help a morning, and by how much; each found by planning it again. Served together: it is over so much sooner; as they come: whoever waits
 * longest waits so much less. `earlier`: begun ten minutes before; `slower`: the same guests over half an hour more.
 */
export type Help = { readonly what: 'hands' | 'iron' | 'earlier' | 'slower'; readonly ironId: string | null; readonly sooner_s: number };

/** Less isn't worth a word. */
const LEAST_S = 60;
const EARLIER_S = 600;
const SLOWER_S = 1800;

/** What is to be made less: the whole length, or the longest wait. */
const costOf_s = (plan: RunPlan, request: RunRequest): number =>
  request.mode === 'together' ? (plan.lastPlateAt - plan.firstPourAt) / 1000 : servedBy(plan, request).longestWait_s;

/** The most helpful first. */
export const whatWouldHelp = (request: RunRequest, plan: RunPlan): readonly Help[] => runToEnd(whatWouldHelpInSteps(request, plan));

/** The same, giving way between plans. */
export function* whatWouldHelpInSteps(request: RunRequest, plan: RunPlan): Generator<void, readonly Help[]> {
  // Another morning has its loads elsewhere: what was put somewhere isn't asked of it.
  const free = { ...request, pins: [], dishes: request.dishes.map((dish) => ({ ...dish, batter_g: null })) };
  const now_s = costOf_s(plan, request);
  const tried: Help[] = [];
  const tryWith = (what: Help['what'], ironId: string | null, changes: Partial<RunRequest>): void => {
    const other = { ...free, ...changes };
    tried.push({ what, ironId, sooner_s: now_s - costOf_s(planRun(other), other) });
  };
  tryWith('hands', null, { hands: (request.hands ?? 1) + 1 });
  yield;
  for (const ironId of new Set(request.irons.map((iron) => iron.ironId))) {
    const more = request.irons.filter((iron) => iron.ironId === ironId).map((iron) => ({ ...iron, ironId: `${ironId}/more` }));
    tryWith('iron', ironId, { irons: [...request.irons, ...more] });
    yield;
  }
  if (request.mode === 'as-they-come') {
    tryWith('earlier', null, { slack_s: (request.slack_s ?? 0) + EARLIER_S });
    yield;
    const door_s = doorOf_s(request);
    const stretch = (door_s + SLOWER_S) / Math.max(1, door_s);
    const arrivals = request.arrivals?.map(({ after_s, people }) => ({ after_s: after_s * stretch, people }));
    tryWith('slower', null, { door_s: door_s + SLOWER_S, ...(arrivals === undefined ? {} : { arrivals }) });
  }
  return tried.filter(({ sooner_s }) => sooner_s >= LEAST_S).sort((a, b) => b.sooner_s - a.sooner_s);
}
