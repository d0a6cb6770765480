import type { LineIron } from '../../core/line/index.ts';
import { lineIrons } from '../../core/line/index.ts';
import { piecesWanted } from '../../core/run/index.ts';
import type { IronLoads, PlannedRun } from '../session/index.ts';
import { outLoads, piecesOf } from '../session/index.ts';
import type { LinePlace } from './linePlace.ts';

/** Pieces that the run wants and that are neither out nor in an iron; null: no run is planned. */
export const missingPieces = (places: readonly LinePlace[], planned: PlannedRun | null, { loads }: IronLoads): number | null => {
  if (planned?.request == null) return null;
  const { run, request, irons } = planned;
  const out = outLoads(run.id, irons, loads).reduce((sum, { pieces }) => sum + pieces, 0);
  const inIrons = places.reduce((sum, { iron, load, progress }) => {
    const isIn = load?.runId === run.id && (progress?.phase === 'poured' || progress?.phase === 'cooking');
    return sum + (isIn ? piecesOf(iron, progress.did.moulds) : 0);
  }, 0);
  return piecesWanted(request) - out - inIrons;
};

/** The irons at the line as the conductor sees them. `putOff`: irons of which somebody said "not yet", and until when (epoch ms). */
export const conductedIrons = (
  places: readonly LinePlace[],
  planned: PlannedRun | null,
  missing: number | null,
  putOff: ReadonlyMap<string, number>,
  now: number,
): readonly LineIron[] =>
  lineIrons(
    places.map(({ iron, progress, prediction, advice, turn_s, n, load }) => ({
      ironId: iron.id,
      isTurned: iron.turned,
      progress,
      best_s: prediction?.cookTime_s.best ?? null,
      planned: advice?.planned ?? null,
      turn_s,
      n,
      notBefore: putOff.get(iron.id) ?? null,
      isOfPlan: load !== null && load.runId === planned?.run.id,
    })),
    planned?.plan == null ? null : { ...planned.plan, isAsTheyCome: planned.run.mode === 'as-they-come', missing },
    now,
  );
