import * as z from 'zod';

const Id = z.string().min(1).max(64);

/** What a cook has settled on for one iron with one formula, whatever is advised; null: as advised. */
export const OwnWay = z.object({
  ironId: Id,
  formulaId: Id,
  /** All moulds together. */
  portion_g: z.number().min(1).max(6000).nullable(),
  setting: z.object({ temperature_C: z.number().min(100).max(300), dial: z.number().min(-1000).max(1000).nullable() }).nullable(),
});
export type OwnWay = z.infer<typeof OwnWay>;

type Ways = readonly OwnWay[];

/** What was settled on for this pair; null: nothing. */
export const ownWayOf = (ways: Ways, { ironId, formulaId }: Pick<OwnWay, 'ironId' | 'formulaId'>): OwnWay | null =>
  ways.find((way) => way.ironId === ironId && way.formulaId === formulaId) ?? null;

/** With this one instead of the one before; one that settles nothing is let go. */
export const withOwnWay = (ways: Ways, way: OwnWay): OwnWay[] => [
  ...ways.filter((other) => other.ironId !== way.ironId || other.formulaId !== way.formulaId),
  ...(way.portion_g === null && way.setting === null ? [] : [way]),
];
