import { DAY_MS, instantOf, wallTime } from '../../core/basis/index.ts';
import type { Run } from '../../core/run/index.ts';
import { freeName, plainDish } from '../../core/run/index.ts';
import type { Session } from './useSession.ts';
import { newId } from '../store/index.ts';

/** A run nobody has planned yet: tomorrow at 07:15, of what is on the bench. */
export const freshRun = ({ kit, formula, iron, workspace, runs }: Session, now: number): Run => {
  const tomorrow = wallTime(now + DAY_MS, kit.zone).slice(0, 10);
  return {
    id: newId(),
    name: freeName('Breakfast', runs),
    zone: kit.zone,
    mode: 'together',
    serveAt: instantOf(`${tomorrow}T07:15`, kit.zone) ?? now + DAY_MS / 2,
    dishes: [
      {
        ...plainDish({
          id: newId(),
          formulaId: formula?.id ?? '',
          ironIds: iron === null ? [] : [iron.id],
          batter_C: workspace.batter_C,
        }),
        target: workspace.target,
      },
    ],
  };
};
