import type { Formula, ParsedFormula } from '../../core/formula/index.ts';
import { batterKeeps_h, readFormula } from '../../core/formula/index.ts';
import type { Judged } from '../../core/keep/index.ts';
import { judgedHere } from './judged.ts';
import type { Session } from './useSession.ts';

/** A formula read as this kitchen measures. Apart from the session: the first paint needs no ingredients. */
export const readingOf = (session: Pick<Session, 'readSettings'>, formula: Formula): ParsedFormula =>
  readFormula(formula, session.readSettings);

/** How this kitchen judges batter of a formula; undefined: its formula is gone. */
export const judgedBatter = (session: Pick<Session, 'kit' | 'readSettings'>, formula: Formula | undefined): Judged => ({
  ...judgedHere(session),
  form: formula !== undefined && readingOf(session, formula).lift === 'yeasted' ? 'yeasted-batter' : 'batter',
  recipe_h: formula === undefined ? null : batterKeeps_h(formula.steps),
});
