import type { DerivedRow } from './derived.ts';
import { keepDerived, readDerived } from './derived.ts';

const TABLE = 'answers';
/** An answer with its picture takes up to half a megabyte. */
const MOST_KEPT = 60;

/** `key`: the hash of the question and of the code that answered it, so that whoever reads it knows its shape. */
type AnswerRow = DerivedRow & { readonly answer: unknown };

/** An answer that was kept; undefined: none. */
export const keptAnswer = async (key: string): Promise<unknown> => {
  const row = await readDerived(TABLE, (answers) => answers.get(key));
  return (row as AnswerRow | undefined)?.answer;
};

/** `at`: now; the oldest go when there are many. */
export const keepAnswer = (key: string, answer: unknown, at: number): Promise<void> => {
  const row: AnswerRow = { key, at, answer };
  return keepDerived(TABLE, [row], MOST_KEPT);
};
