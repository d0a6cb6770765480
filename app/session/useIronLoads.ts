import type { Formula } from '../../core/formula/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import { LOADS_LOOKED_AT } from '../../core/lot/index.ts';
import { useQueried } from '../store/index.ts';

/** The newest loads of some irons with their logs and promises, the oldest first, and the formulas they were made from. */
export type IronLoads = { readonly loads: ReadonlyMap<string, readonly ToldLoad[]>; readonly formulas: readonly Formula[] };

/**
 * Undefined until the store has answered; of an iron that was only just asked about, nothing is there yet. Null: it isn't known yet which irons, and
 * nothing may be asked as if they had no loads.
 */
export const useIronLoads = (ironIds: readonly string[] | null): IronLoads | undefined =>
  useQueried(
    async (queries) => {
      if (ironIds === null) return null;
      const loads = new Map<string, readonly ToldLoad[]>();
      for (const ironId of ironIds) loads.set(ironId, await queries.withPromises(await queries.loadsOfIron(ironId, LOADS_LOOKED_AT)));
      const revisions = new Map(
        [...loads.values()].flat().flatMap(({ prediction: p }) => (p === null ? [] : [[`${p.formulaId}/${p.formulaRev}`, p] as const])),
      );
      const formulas = await Promise.all([...revisions.values()].map((p) => queries.revision('formulas', p.formulaId, p.formulaRev)));
      return { loads, formulas: formulas.filter((formula) => formula !== null) };
    },
    ironIds === null ? 'loads of none yet' : `loads of ${ironIds.join(' ')}`,
    true,
  ) ?? undefined;
