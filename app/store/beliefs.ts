import type { BelievedIron } from '../../core/advise/index.ts';
import { keepDerived, readDerived } from './derived.ts';

const TABLE = 'beliefs';
const MOST_KEPT = 400;

/** What was found of an iron, by the hash of the question. Undefined: never found yet, lost, or not told in time. Null: those loads say nothing. */
export const keptBelief = async (key: string): Promise<BelievedIron | null | undefined> => {
  const stored = await readDerived(TABLE, (beliefs) => beliefs.get(key));
  if (stored === undefined) return undefined;
  const { BeliefRow } = await import('./beliefRow.ts');
  const row = BeliefRow.safeParse(stored);
  return row.success ? row.data.believed : undefined;
};

/** `at`: now; the oldest go when there are many. */
export const keepBelief = (key: string, believed: BelievedIron | null, at: number): Promise<void> => {
  const row = { key, at, believed };
  return keepDerived(TABLE, [row], MOST_KEPT);
};
