import type { IronNow, RunPlan } from '../run/index.ts';
import { USUAL_CYCLE } from './lineIron.ts';
import type { PlaceAtLine } from './place.ts';

/** The irons at the line as the rest of the morning finds them. `now`: epoch ms. */
export const ironsNow = (places: readonly PlaceAtLine[], plan: Pick<RunPlan, 'preheats'>, now: number): readonly IronNow[] =>
  places.map(({ iron, progress, prediction, advice }): IronNow => {
    const { open_s, recovery_s, cook_s } = advice?.planned ?? USUAL_CYCLE;
    const best_ms = 1000 * (prediction?.cookTime_s.best ?? cook_s);
    const hotAt = plan.preheats.find(({ ironId }) => ironId === iron.id)?.to ?? now;
    if (progress?.phase === 'poured') return { ironId: iron.id, openAt: now + best_ms, freeAt: now };
    if (progress?.phase === 'cooking') return { ironId: iron.id, openAt: (progress.closedAt ?? now) + best_ms, freeAt: now };
    const backAt = progress?.phase === 'opened' ? (progress.openedAt ?? now) + 1000 * (open_s + recovery_s) : hotAt;
    return { ironId: iron.id, openAt: null, freeAt: Math.max(now, backAt) };
  });
