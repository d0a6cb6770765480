import { useQueries } from '@tanstack/react-query';
import type { Act, Formula } from '../../core/formula/index.ts';

const NONE: readonly Act[] = [];

/** What recipes ask for, in the order of the formulas; of one that isn't read yet nothing. */
export const useActs = (formulas: readonly Formula[]): readonly (readonly Act[])[] =>
  useQueries({
    queries: formulas.map((formula) => ({
      queryKey: ['acts', formula.id, formula.rev, formula.steps, formula.acts ?? null],
      queryFn: async (): Promise<readonly Act[]> => (await import('./readActs.ts')).actsOf(formula),
      staleTime: Infinity,
    })),
    combine: (results) => results.map(({ data }) => data ?? NONE),
  });
