import type { ToldLoad } from '../lot/index.ts';
import { LOADS_LOOKED_AT } from '../lot/index.ts';
import type { KitchenRows } from './intake.ts';

/** The newest loads of an iron among a kitchen's rows, the oldest first, each with its log and what was promised. */
export const loadsOfIron = (
  { loads, loadEvents, predictions }: Pick<KitchenRows, 'loads' | 'loadEvents' | 'predictions'>,
  ironId: string,
): readonly ToldLoad[] => {
  const newest = loads
    .filter((load) => load.ironId === ironId)
    .sort((a, b) => a.startedAt - b.startedAt)
    .slice(-LOADS_LOOKED_AT);
  return newest.map((load) => ({
    load,
    log: loadEvents
      .filter(({ loadId }) => loadId === load.id)
      .sort((a, b) => a.seq - b.seq)
      .map(({ event }) => event),
    prediction: predictions.find(({ id }) => id === load.predictionId) ?? null,
  }));
};
