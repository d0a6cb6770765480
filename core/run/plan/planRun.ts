import type { PlannedIron } from './cycle.ts';
import type { Finding } from '../../basis/index.ts';
import { doorOf_s, piecesOfDish } from '../service/arrivals.ts';
import { choicesOn } from './circuits.ts';
import type { RunPlan, RunRequest } from './plan.ts';
import { planOnAll } from './plan.ts';
import type { WantedPieces } from './schedule.ts';
import { leastSpan_s } from './schedule.ts';
import { PATIENCE_S, servedBy } from '../service/service.ts';

/** So many combinations of irons are planned whole; of more, those that could be over soonest. */
const PLANNED_CHOICES = 6;

const length_ms = ({ firstPourAt, lastPlateAt }: RunPlan): number => lastPlateAt - firstPourAt;

/**
 * A morning on as many of its irons as the circuits carry at once (see `choicesOn`): of every choice the plan that cooks most and is over soonest. What is
 * left off for that comes as `iron-left-off`; the rest as in `planOnAll`.
 */
export const planRun = (request: RunRequest): RunPlan => {
  const { irons, circuits = [] } = request;
  const choices = choicesOn(irons, circuits);
  const [only] = choices;
  if (only === undefined || (choices.length === 1 && only.off.length === 0)) return planInTime(request);
  const dishes = request.dishes.map((dish): WantedPieces => ({ dishId: dish.dishId, pieces: piecesOfDish(dish), due_s: () => 0 }));
  const tried = choices
    .map(({ ironIds, off }) => ({ off, on: irons.filter(({ ironId }) => ironIds.has(ironId)) }))
    .sort((a, b) => leastSpan_s(dishes, a.on, request.hands ?? 1) - leastSpan_s(dishes, b.on, request.hands ?? 1))
    .slice(0, PLANNED_CHOICES)
    .map(({ off, on }) => ({ off, plan: planInTime({ ...request, irons: on }) }));
  const { off, plan } = tried.reduce((best, one) =>
    one.plan.pieces > best.plan.pieces || (one.plan.pieces === best.plan.pieces && length_ms(one.plan) < length_ms(best.plan) - 1)
      ? one
      : best,
  );
  const said = off.map(({ ironId, circuit }): Finding => ({
    code: 'iron-left-off',
    level: 'warning',
    fields: { iron: nameOf(irons, ironId), circuit, limit_W: circuits.find(({ name }) => name === circuit)?.limit_W ?? 0 },
  }));
  return { ...plan, findings: [...plan.findings, ...said] };
};

/** Cooked for a rush so long ahead at the most: what waits longer isn't what it was (*common practice*; crispness on a rack, see plate.md). */
const AHEAD_S = [0, 240, 480, 720, 960, 1200] as const;
/** A wait that is shorter by less isn't worth older pieces, s. */
const WORTH_S = 30;

/** Where guests come over a time: cooked no further ahead than it takes that nobody waits over `PATIENCE_S`, or else as far as it spares waiting. */
const planInTime = (request: RunRequest): RunPlan => {
  if (request.ahead_s !== undefined || doorOf_s(request) === 0) return planOnAll(request);
  let best: { readonly plan: RunPlan; readonly wait_s: number } | null = null;
  for (const ahead_s of AHEAD_S) {
    const plan = planOnAll({ ...request, ahead_s });
    const wait_s = servedBy(plan, request).longestWait_s;
    if (best === null || wait_s < best.wait_s - WORTH_S) best = { plan, wait_s };
    if (best.wait_s <= PATIENCE_S) break;
  }
  return best!.plan;
};

const nameOf = (irons: readonly PlannedIron[], id: string): string => irons.find(({ ironId }) => ironId === id)?.name ?? id;
