import type { HoldCourse, InLoad, Standing } from '../run/index.ts';
import { crispAfter, piecesOf } from '../run/index.ts';
import type { PlaceAtLine } from './place.ts';

export type PlacedCrisp = Pick<HoldCourse, 'crisp'> & { readonly ironId: string };

/** What is in the irons now. */
export const inLoads = (runId: string, places: readonly PlaceAtLine[]): readonly InLoad[] =>
  places.flatMap(({ iron, dishId, load, progress, prediction }) =>
    load?.runId === runId && !load.isTrial && progress?.phase === 'cooking' && progress.closedAt !== null && prediction !== null
      ? [
          {
            ironId: iron.id,
            dishId,
            openAt: progress.closedAt + 1000 * prediction.cookTime_s.best,
            pieces: piecesOf(iron, progress.did.moulds),
          },
        ]
      : [],
  );

/** How crisp the piece is that lies there longest; null: none does, or nothing is known of it. */
export const crispOfOldest = ({ oldest }: Standing, courses: readonly PlacedCrisp[]): number | null => {
  const course = courses.find(({ ironId }) => ironId === oldest?.ironId);
  return oldest === null || course === undefined ? null : crispAfter(course, oldest.age_s);
};
