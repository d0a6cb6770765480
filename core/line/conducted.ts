import type { Lot } from '../log/index.ts';
import type { ToldLoad } from '../lot/index.ts';
import type { Iron } from '../plate/index.ts';
import type { Run, RunPlan, RunRequest } from '../run/index.ts';
import { outLoads, piecesOf, piecesOfDish } from '../run/index.ts';
import type { LineIron } from './conductor.ts';
import type { MissingPieces } from './lineIron.ts';
import { lineIrons } from './lineIron.ts';
import type { PlaceAtLine } from './place.ts';
import { hasLoadIn } from './place.ts';
import { tooDark_s } from './tooDark.ts';

/** A run with its plan, and what that was made from; null: it isn't made yet. */
export type PlannedMorning = {
  readonly run: Run;
  readonly irons: readonly Iron[];
  readonly plan: RunPlan | null;
  readonly request: RunRequest | null;
};

/** By dish, pieces that the run wants and that are neither out nor in an iron; null: no run is planned. */
export const missingPieces = (
  places: readonly PlaceAtLine[],
  planned: PlannedMorning | null,
  told: { readonly runLoads: readonly ToldLoad[]; readonly lots: readonly Lot[] },
): MissingPieces | null => {
  if (planned?.request == null) return null;
  const { run, request, irons } = planned;
  const out = outLoads(run, irons, told);
  return new Map(
    request.dishes.map((dish) => {
      const done = out.reduce((sum, { dishId, pieces }) => sum + (dishId === dish.dishId ? pieces : 0), 0);
      const inIrons = places.reduce((sum, place) => {
        const { iron, load, dishId, progress } = place;
        const isIn = load?.runId === run.id && !load.isTrial && dishId === dish.dishId && hasLoadIn(place);
        return sum + (isIn ? piecesOf(iron, progress?.did.moulds) : 0);
      }, 0);
      return [dish.dishId, piecesOfDish(dish) - done - inIrons];
    }),
  );
};

/**
 * What is in an iron is always conducted. A next load isn't where nobody knows how it is to be poured (its column says why), or the iron was removed;
 * and none is before the plan is ready: an order that is taken back ten seconds later is no order.
 */
const isConducted = (place: PlaceAtLine, isPlanReady: boolean): boolean =>
  hasLoadIn(place) || (isPlanReady && place.failure === null && !place.isRemoved);

/** What the conductor goes by: one and the same for the panel, for every iron and for simulated hands. */
export type Conducting<P extends PlaceAtLine = PlaceAtLine, M extends PlannedMorning = PlannedMorning> = {
  readonly places: readonly P[];
  readonly planned: M | null;
  /** Pieces that are wanted and neither out nor in an iron; null: no run is planned. */
  readonly missing: MissingPieces | null;
  /** Irons of which somebody said "not yet", and until when, epoch ms. */
  readonly putOff: ReadonlyMap<string, number>;
  /** The plan is ready; until then nothing new is begun. */
  readonly isReady: boolean;
};

/** The irons at the line as the conductor sees them. */
export const conductedIrons = ({ places, planned, missing, putOff, isReady }: Conducting, now: number): readonly LineIron[] =>
  lineIrons(
    places
      .filter((place) => isConducted(place, isReady))
      .map(({ iron, progress, prediction, advice, turn_s, n, load }) => ({
        ironId: iron.id,
        isTurned: iron.turned,
        progress,
        best_s: prediction?.cookTime_s.best ?? null,
        tooDark_s: prediction === null ? null : tooDark_s(prediction),
        planned: advice?.planned ?? null,
        turn_s,
        n,
        notBefore: putOff.get(iron.id) ?? null,
        isOfPlan: load !== null && load.runId === planned?.run.id,
      })),
    planned?.plan == null ? null : { ...planned.plan, isAsTheyCome: planned.run.mode === 'as-they-come', missing },
    now,
  );
