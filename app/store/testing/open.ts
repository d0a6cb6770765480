import { KitchenDatabase } from '../database.ts';
import { Kitchen, openKitchen } from '../kitchen.ts';
import { Problems } from '../problems.ts';
import { Queries } from '../queries.ts';
import { ROW_CHECKS } from '../rowChecks.ts';

/** A kitchen in a store of its own. */
export const openedKitchen = async (name: string): Promise<Kitchen> => {
  const opened = await openKitchen(name);
  if (!opened.ok) throw new Error(opened.trouble.message);
  return opened.kitchen;
};

/** Another tab on the same store. */
export const anotherTab = (kitchen: Kitchen): Kitchen => new Kitchen(kitchen.name, new KitchenDatabase(kitchen.name), ROW_CHECKS);

export const queriesOf = (kitchen: Kitchen): { readonly queries: Queries; readonly problems: Problems } => {
  const problems = new Problems();
  return { problems, queries: new Queries(kitchen, problems) };
};

export const quotaError = (): Error => Object.assign(new Error('full'), { name: 'QuotaExceededError' });
