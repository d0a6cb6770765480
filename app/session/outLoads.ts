import { loadProgress } from '../../core/log/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { OutLoad } from '../../core/run/index.ts';

/** Pieces of a load: of the moulds that were filled. */
export const piecesOf = ({ geometry }: Iron, moulds: number | undefined): number =>
  Math.round((geometry.piecesPerLoad * (moulds ?? geometry.moulds)) / geometry.moulds);

/** What a run's irons have given so far. */
export const outLoads = (runId: string, irons: readonly Iron[], loads: ReadonlyMap<string, readonly ToldLoad[]>): readonly OutLoad[] =>
  irons.flatMap((iron) =>
    (loads.get(iron.id) ?? []).flatMap(({ load, log }) => {
      if (load.runId !== runId) return [];
      const { phase, openedAt, did } = loadProgress(log);
      return phase === 'opened' && openedAt !== null ? [{ ironId: iron.id, openedAt, pieces: piecesOf(iron, did.moulds) }] : [];
    }),
  );
