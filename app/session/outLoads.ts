import type { Load, LoadProgress, Lot } from '../../core/log/index.ts';
import { loadProgress, poured_g } from '../../core/log/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { OutLoad, ReportedLoad, Run } from '../../core/run/index.ts';
import { dishesOf, OWN_DISH } from '../../core/run/index.ts';
import type { Session } from './useSession.ts';

/** Pieces of a load: of the moulds that were filled. */
export const piecesOf = ({ geometry }: Iron, moulds: number | undefined): number =>
  Math.round((geometry.piecesPerLoad * (moulds ?? geometry.moulds)) / geometry.moulds);

/** Pieces of it that nobody gets. */
const lostOf = (iron: Iron, { did, observations }: LoadProgress): number => {
  const moulds = new Set(observations.flatMap((o) => (o.kind === 'lost' && o.value !== 'no' ? [o.mould] : []))).size;
  return moulds === 0 ? 0 : Math.min(piecesOf(iron, did.moulds), piecesOf(iron, moulds));
};

/** What is asked of the kitchen to know what a run's irons did. */
type Told = Pick<Session, 'ironLoads' | 'lots'>;

/** Which dish of the run a load was of: by what was in its bowl; of a bowl that is long gone, the first that this iron cooks. */
const dishOfLoad = (run: Run, { ironId, lotId }: Load, lots: readonly Lot[]): string => {
  const dishes = dishesOf(run);
  if (dishes.length === 1) return OWN_DISH;
  const formulaId = lots.find(({ id }) => id === lotId)?.formulaId;
  const onIron = dishes.filter(({ ironIds }) => ironIds.includes(ironId));
  return (onIron.find((dish) => dish.formulaId === formulaId) ?? onIron[0])?.id ?? OWN_DISH;
};

/** Pieces of a run that came out for nobody, by dish. */
export const lostPieces = (run: Run, irons: readonly Iron[], { ironLoads, lots }: Told): ReadonlyMap<string, number> => {
  const lost = new Map<string, number>();
  for (const iron of irons)
    for (const { load, log } of ironLoads.loads.get(iron.id) ?? []) {
      const pieces = load.runId === run.id && !load.isTrial ? lostOf(iron, loadProgress(log)) : 0;
      const dishId = pieces === 0 ? '' : dishOfLoad(run, load, lots);
      if (pieces > 0) lost.set(dishId, (lost.get(dishId) ?? 0) + pieces);
    }
  return lost;
};

/** What a run's irons have done so far, as it was told. */
export const toldOfRun = (
  run: Run,
  irons: readonly Iron[],
  { ironLoads, lots }: Told,
): readonly (ReportedLoad & { readonly dishId: string; readonly lotId: string })[] =>
  irons.flatMap((iron) =>
    (ironLoads.loads.get(iron.id) ?? []).flatMap(({ load, log, prediction }) => {
      if (load.runId !== run.id) return [];
      const progress = loadProgress(log);
      const pieces = load.isTrial ? 0 : piecesOf(iron, progress.did.moulds) - lostOf(iron, progress);
      const poured = prediction === null ? null : poured_g(prediction, progress);
      return [{ ironId: iron.id, lotId: load.lotId, dishId: dishOfLoad(run, load, lots), pieces, progress, prediction, poured_g: poured }];
    }),
  );

/** What has come out of them. */
export const outLoads = (run: Run, irons: readonly Iron[], told: Told): readonly (OutLoad & { readonly dishId: string })[] =>
  toldOfRun(run, irons, told).flatMap(({ ironId, dishId, pieces, progress: { phase, openedAt } }) =>
    phase === 'opened' && openedAt !== null ? [{ ironId, dishId, openedAt, pieces }] : [],
  );
