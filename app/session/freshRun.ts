import { DAY_MS } from '../../core/basis/index.ts';
import type { Run } from '../../core/run/index.ts';
import { freeName, instantOf, wallTime } from '../../core/run/index.ts';
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
    people: 4,
    piecesPerPerson: 1,
    ironIds: iron === null ? [] : [iron.id],
    formulaId: formula?.id ?? '',
    target: workspace.target,
    batter_C: workspace.batter_C,
    prep: [],
    batter_g: null,
  };
};
