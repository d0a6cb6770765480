import type { Run } from '../../core/run/index.ts';
import { replaceAll } from './exchange.ts';
import type { Workspace } from './database.ts';
import type { Kitchen } from './kitchen.ts';
import { openKitchen } from './kitchen.ts';
import { REHEARSAL } from './names.ts';
import { Problems } from './problems.ts';
import { Queries } from './queries.ts';

/** What the irons have learned is in their newest loads; older ones stay behind. */
const MOST_LOADS = 400;
const MOST_LOTS = 60;

/**
 * A copy of the kitchen for a rehearsal of `run`: what there is, what was learned, and nothing of that morning itself. What happens in it never touches
 * the kitchen. False: the browser has no room for it.
 */
export const copyForRehearsal = async (kitchen: Kitchen, run: Run, workspace: Workspace): Promise<boolean> => {
  const { database } = kitchen;
  const queries = new Queries(kitchen, new Problems());
  const [kits, ingredients, newest, lots] = await Promise.all([
    queries.all('kits'),
    queries.all('ingredients'),
    queries.newestLoads(0, MOST_LOADS),
    queries.newestLots(MOST_LOTS),
  ]);
  const loads = newest.filter(({ runId }) => runId !== run.id);
  const lotIds = [...new Set([...loads.map(({ lotId }) => lotId), ...lots.map(({ id }) => id)])];
  const [logs, predictions, everyLot] = await Promise.all([
    queries.logs(
      'loadEvents',
      loads.map(({ id }) => id),
    ),
    queries.predictions(loads.map(({ predictionId }) => predictionId)),
    queries.lots(lotIds),
  ]);
  const opened = await openKitchen(REHEARSAL);
  if (!opened.ok) return false;
  const copy = opened.kitchen.database;
  try {
    await replaceAll(copy, {
      kits,
      ingredients,
      irons: await database.rows('irons').toArray(),
      formulas: await database.rows('formulas').toArray(),
      weighings: [],
      weighEvents: [],
      lots: everyLot.map(({ events: _, ...header }) => header),
      lotEvents: everyLot.flatMap(({ id, events }) => events.map((event) => ({ lotId: id, seq: event.seq, event }))),
      predictions: [...predictions.values()],
      loads,
      loadEvents: [...logs].flatMap(([loadId, events]) => events.map((event) => ({ loadId, seq: event.seq, event }))),
      runs: [run],
      keepItems: [],
      practices: [],
      photos: [],
    });
    await copy.rows('workspaces').put({ ...workspace, runId: run.id });
    return true;
  } catch {
    return false;
  } finally {
    copy.close();
  }
};
