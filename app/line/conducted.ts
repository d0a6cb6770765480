import { TAKES_OUT, TURNAROUND } from '../../core/cook/index.ts';
import type { LineIron } from '../../core/line/index.ts';
import type { PlannedRun } from '../session/index.ts';
import type { LinePlace } from './useLine.ts';

/** Where neither a plan nor an advice says anything, s. */
const USUAL = { cook_s: 240, open_s: TURNAROUND.open_s, recovery_s: TURNAROUND.closed_s } as const;
/** So long after its last plate a plan is over: what is poured then isn't its. */
const OVER_AFTER_MS = 2 * 3_600_000;
/** A pan that is turned at once is turned this long after the lid, ms. */
const AT_ONCE_MS = 3000;

/** The irons at the line as the conductor sees them: by their loads, and before the first one by the plan. */
export const lineIrons = (places: readonly LinePlace[], planned: PlannedRun | null, now: number): readonly LineIron[] => {
  const plan = planned?.plan ?? null;
  const isOn = plan !== null && now < plan.lastPlateAt + OVER_AFTER_MS;
  return places.map((place): LineIron => {
    const { iron, progress, prediction, advice, turn_s, n, load } = place;
    const open_s = advice?.planned.open_s ?? USUAL.open_s;
    const common = { ironId: iron.id, turnAt: null, open_s, cook_s: advice?.planned.cook_s ?? USUAL.cook_s };
    if (progress?.phase === 'poured') return { ...common, state: 'poured', at: now };
    if (progress?.phase === 'cooking' && prediction !== null) {
      const closedAt = progress.closedAt ?? now;
      const turnAt = iron.turned && progress.turnedAt === null ? closedAt + (turn_s === null ? AT_ONCE_MS : 1000 * turn_s) : null;
      return { ...common, state: 'cooking', at: closedAt + 1000 * prediction.cookTime_s.best, turnAt };
    }
    const mine = isOn ? plan.loads.filter(({ ironId }) => ironId === iron.id) : [];
    // All of its loads have been poured.
    if (mine.length > 0 && load !== null && load.runId === planned?.run.id && n > mine.length) return { ...common, state: 'done', at: now };
    if (progress?.phase === 'opened') {
      const back_s = (1 - TAKES_OUT) * open_s + (advice?.planned.recovery_s ?? USUAL.recovery_s);
      return { ...common, state: 'hot', at: (progress.openedAt ?? now) + 1000 * back_s };
    }
    const heats = isOn && n === 1 ? plan.preheats.find(({ ironId }) => ironId === iron.id) : undefined;
    if (heats !== undefined && now < heats.from) return { ...common, state: 'cold', at: heats.from };
    return { ...common, state: 'hot', at: heats === undefined ? now : Math.max(heats.to, now) };
  });
};
