import type { Session } from './useSession.ts';

type OneChoice = { readonly value: string; readonly label: string; readonly note: string };

/** The recipes to choose from, each with its family. */
export const recipeChoices = ({ formulas }: Pick<Session, 'formulas'>): readonly OneChoice[] =>
  formulas.map(({ id, name, family }) => ({ value: id, label: name, note: family }));

/** The irons to choose from, each with its kind. */
export const ironChoices = ({ irons }: Pick<Session, 'irons'>): readonly OneChoice[] =>
  irons.map(({ id, name, kind }) => ({ value: id, label: name, note: kind }));
