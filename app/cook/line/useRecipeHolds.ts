import { useActs } from '../../session/index.ts';
import { useSettled } from '../../store/index.ts';
import type { LinePlace } from './linePlace.ts';

/** The places with what their recipes say of opening: not before so long. */
export const useRecipeHolds = (places: readonly LinePlace[]): readonly LinePlace[] => {
  const acts = useActs(places.map(({ formula }) => formula));
  return useSettled(
    places.map((place, i) => ({
      ...place,
      notBefore_s: acts[i]?.find(({ notBefore_s }) => notBefore_s !== undefined)?.notBefore_s ?? null,
    })),
  );
};
