import type { Act, ActKind } from '../formula/index.ts';
import type { Grease } from '../plate/index.ts';

/** What a recipe asks for at the iron, in its own words where they have to be done; nulls: it doesn't say. */
export type RecipeAtLine = {
  /** "Not before 5 minutes", s from the closed lid. */
  readonly notBefore_s: number | null;
  readonly grease: Grease | null;
  /** Onto the plate before the pour. */
  readonly under: string | null;
  /** Onto the batter before the lid. */
  readonly over: string | null;
  /** As soon as the lid is open: shaped, stacked, cooled. */
  readonly out: string | null;
};

export const NO_RECIPE: RecipeAtLine = { notBefore_s: null, grease: null, under: null, over: null, out: null };

const GREASE: Readonly<Record<NonNullable<Act['every']>, Grease>> = { load: 'every-load', first: 'first-load', never: 'none' };
const OUT: ReadonlySet<ActKind> = new Set(['shape', 'cool-piece']);

/** What of a recipe's acts is done at the iron. */
export const recipeAtLine = (acts: readonly Act[]): RecipeAtLine => {
  const words = (test: (act: Act) => boolean): string | null => {
    const found = acts.filter(test).map((act) => act.words.replace(/[.\s]+$/, ''));
    return found.length === 0 ? null : found.join('. ');
  };
  const every = acts.find(({ kind, every: how }) => kind === 'grease' && how !== undefined)?.every;
  return {
    notBefore_s: acts.find(({ notBefore_s }) => notBefore_s !== undefined)?.notBefore_s ?? null,
    grease: every === undefined ? null : GREASE[every],
    under: words(({ kind, side }) => kind === 'scatter' && side === 'under'),
    over: words(({ kind, side }) => kind === 'scatter' && side === 'over'),
    out: words(({ kind }) => OUT.has(kind)),
  };
};
