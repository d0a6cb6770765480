import type { Load, LoadEvent, LoadProgress, Lot } from '../../log/index.ts';
import { loadProgress, poured_g } from '../../log/index.ts';
import type { ToldLoad } from '../../lot/index.ts';
import type { Iron } from '../../plate/index.ts';
import type { OutLoad } from './count.ts';
import type { ReportedLoad } from './report.ts';
import type { Run } from '../run.ts';

/** Pieces of a load: of the moulds that were filled. */
export const piecesOf = ({ geometry }: Iron, moulds: number | undefined): number =>
  Math.round((geometry.piecesPerLoad * (moulds ?? geometry.moulds)) / geometry.moulds);

/** Pieces of it that nobody gets. */
const lostOf = (iron: Iron, { did, observations }: LoadProgress): number => {
  const moulds = new Set(observations.flatMap((o) => (o.kind === 'lost' && o.value !== 'no' ? [o.mould] : []))).size;
  return moulds === 0 ? 0 : Math.min(piecesOf(iron, did.moulds), piecesOf(iron, moulds));
};

/** What the kitchen knows of a run: its loads as they were told, and the bowls. */
export type ToldOfRun = { readonly runLoads: readonly ToldLoad[]; readonly lots: readonly Lot[] };

/** A log that stays the same is reckoned once: a long morning has hundreds of loads, and each touch changes one of them. */
const reckoned = new WeakMap<readonly LoadEvent[], LoadProgress>();
const progressOf = (log: readonly LoadEvent[]): LoadProgress => {
  const known = reckoned.get(log) ?? loadProgress(log);
  reckoned.set(log, known);
  return known;
};

/** Which dish of the run a load was of: by what was in its bowl; of a bowl that is long gone, the first that this iron cooks. */
const dishOfLoad = ({ dishes }: Run, { ironId, lotId }: Load, lots: readonly Lot[]): string => {
  const formulaId = lots.find(({ id }) => id === lotId)?.formulaId;
  const onIron = dishes.filter(({ ironIds }) => ironIds.includes(ironId));
  const dish = dishes.length === 1 ? dishes[0] : (onIron.find((one) => one.formulaId === formulaId) ?? onIron[0] ?? dishes[0]);
  return dish?.id ?? '';
};

/** Loads of this run among what is known, each with its iron. */
const mineOf = (run: Run, irons: readonly Iron[], { runLoads }: ToldOfRun): readonly (ToldLoad & { readonly iron: Iron })[] =>
  runLoads.flatMap((told) => {
    const iron = told.load.runId === run.id ? irons.find(({ id }) => id === told.load.ironId) : undefined;
    return iron === undefined ? [] : [{ ...told, iron }];
  });

/** Pieces of a run that came out for nobody, by dish. */
export const lostPieces = (run: Run, irons: readonly Iron[], told: ToldOfRun): ReadonlyMap<string, number> => {
  const lost = new Map<string, number>();
  for (const { load, log, iron } of mineOf(run, irons, told)) {
    const pieces = load.isTrial ? 0 : lostOf(iron, progressOf(log));
    const dishId = pieces === 0 ? '' : dishOfLoad(run, load, told.lots);
    if (pieces > 0) lost.set(dishId, (lost.get(dishId) ?? 0) + pieces);
  }
  return lost;
};

/** What a run's irons have done so far, as it was told. */
export const toldOfRun = (run: Run, irons: readonly Iron[], told: ToldOfRun): readonly (ReportedLoad & { readonly lotId: string })[] =>
  mineOf(run, irons, told).map(({ load, log, prediction, iron }) => {
    const progress = progressOf(log);
    const pieces = load.isTrial ? 0 : piecesOf(iron, progress.did.moulds) - lostOf(iron, progress);
    const poured = prediction === null ? null : poured_g(prediction, progress);
    return { ironId: iron.id, lotId: load.lotId, dishId: dishOfLoad(run, load, told.lots), pieces, progress, prediction, poured_g: poured };
  });

/** What has come out of them. */
export const outLoads = (run: Run, irons: readonly Iron[], told: ToldOfRun): readonly OutLoad[] =>
  toldOfRun(run, irons, told).flatMap(({ ironId, dishId, pieces, progress: { phase, openedAt } }) =>
    phase === 'opened' && openedAt !== null ? [{ ironId, dishId, openedAt, pieces }] : [],
  );
