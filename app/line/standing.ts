import { loadProgress } from '../../core/log/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { HoldCourse, InLoad, OutLoad, Standing } from '../../core/run/index.ts';
import { crispAfter } from '../../core/run/index.ts';
import type { LinePlace } from './useLine.ts';

export type PlacedCrisp = HoldCourse & { readonly ironId: string };

/** Pieces of a load: of the moulds that were filled. */
const piecesOf = ({ geometry }: Iron, moulds: number | undefined): number =>
  Math.round((geometry.piecesPerLoad * (moulds ?? geometry.moulds)) / geometry.moulds);

/** What this run's irons have given so far. */
export const outLoads = (runId: string, irons: readonly Iron[], loads: ReadonlyMap<string, readonly ToldLoad[]>): readonly OutLoad[] =>
  irons.flatMap((iron) =>
    (loads.get(iron.id) ?? []).flatMap(({ load, log }) => {
      if (load.runId !== runId) return [];
      const { phase, openedAt, did } = loadProgress(log);
      return phase === 'opened' && openedAt !== null ? [{ ironId: iron.id, openedAt, pieces: piecesOf(iron, did.moulds) }] : [];
    }),
  );

/** What is in them now. */
export const inLoads = (runId: string, places: readonly LinePlace[]): readonly InLoad[] =>
  places.flatMap(({ iron, load, progress, prediction }) =>
    load?.runId === runId && progress?.phase === 'cooking' && progress.closedAt !== null && prediction !== null
      ? [{ ironId: iron.id, openAt: progress.closedAt + 1000 * prediction.cookTime_s.best, pieces: piecesOf(iron, progress.did.moulds) }]
      : [],
  );

/** How crisp the piece is that lies there longest; null: none does, or nothing is known of it. */
export const crispOfOldest = ({ oldest }: Standing, courses: readonly PlacedCrisp[]): number | null => {
  const course = courses.find(({ ironId }) => ironId === oldest?.ironId);
  return oldest === null || course === undefined ? null : crispAfter(course, oldest.age_s);
};
