import type { OwnWay } from './kit.ts';

type Ways = readonly OwnWay[];

/** What was settled on for this pair; null: nothing. */
export const ownWayOf = (ways: Ways, { ironId, formulaId }: Pick<OwnWay, 'ironId' | 'formulaId'>): OwnWay | null =>
  ways.find((way) => way.ironId === ironId && way.formulaId === formulaId) ?? null;

/** With this one instead of the one before; one that settles nothing is let go. */
export const withOwnWay = (ways: Ways, way: OwnWay): OwnWay[] => [
  ...ways.filter((other) => other.ironId !== way.ironId || other.formulaId !== way.formulaId),
  ...(way.portion_g === null && way.setting === null && way.cookTime_s === null ? [] : [way]),
];
