import type { LoadProgress } from '../../core/log/index.ts';
import { loadProgress, poured_g } from '../../core/log/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { OutLoad, ReportedLoad } from '../../core/run/index.ts';

/** Pieces of a load: of the moulds that were filled. */
export const piecesOf = ({ geometry }: Iron, moulds: number | undefined): number =>
  Math.round((geometry.piecesPerLoad * (moulds ?? geometry.moulds)) / geometry.moulds);

/** Pieces of it that nobody gets. */
const lostOf = (iron: Iron, { did, observations }: LoadProgress): number => {
  const moulds = new Set(observations.flatMap((o) => (o.kind === 'lost' && o.value !== 'no' ? [o.mould] : []))).size;
  return moulds === 0 ? 0 : Math.min(piecesOf(iron, did.moulds), piecesOf(iron, moulds));
};

/** Pieces of a run that came out for nobody. */
export const lostPieces = (runId: string, irons: readonly Iron[], loads: Loads): number =>
  irons.reduce(
    (sum, iron) =>
      sum +
      (loads.get(iron.id) ?? []).reduce((lost, { load, log }) => lost + (load.runId === runId ? lostOf(iron, loadProgress(log)) : 0), 0),
    0,
  );

type Loads = ReadonlyMap<string, readonly ToldLoad[]>;

/** What a run's irons have done so far, as it was told. */
export const toldOfRun = (runId: string, irons: readonly Iron[], loads: Loads): readonly ReportedLoad[] =>
  irons.flatMap((iron) =>
    (loads.get(iron.id) ?? []).flatMap(({ load, log, prediction }) => {
      if (load.runId !== runId) return [];
      const progress = loadProgress(log);
      const pieces = piecesOf(iron, progress.did.moulds) - lostOf(iron, progress);
      return [{ ironId: iron.id, pieces, progress, prediction, poured_g: prediction === null ? null : poured_g(prediction, progress) }];
    }),
  );

/** What has come out of them. */
export const outLoads = (runId: string, irons: readonly Iron[], loads: Loads): readonly OutLoad[] =>
  toldOfRun(runId, irons, loads).flatMap(({ ironId, pieces, progress: { phase, openedAt } }) =>
    phase === 'opened' && openedAt !== null ? [{ ironId, openedAt, pieces }] : [],
  );
