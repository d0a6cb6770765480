import type { Formula, ParsedFormula } from '../../core/formula/index.ts';
import { readFormula } from '../../core/formula/index.ts';
import type { Session } from './useSession.ts';

/** A formula read as this kitchen measures. Apart from the session: the first paint needs no ingredients. */
export const readingOf = (session: Pick<Session, 'readSettings'>, formula: Formula): ParsedFormula =>
  readFormula(formula, session.readSettings);
