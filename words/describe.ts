import type { Code, Coded } from '../core/basis/index.ts';
import { SENTENCES } from './dictionary.ts';

/** A finding, failure or reading note in words. */
export const describeCode = <C extends Code>({ code, fields }: Pick<Coded<C>, 'code' | 'fields'>): string =>
  // Which sentence belongs to which fields is what the dictionary’s type says.
  (SENTENCES[code] as (f: typeof fields) => string)(fields);

/** A code as it is stored, without fields. One that no version has ever heard of is shown as it is: better odd than lost. */
export const describeStored = (code: string): string => {
  const sentence = Object.hasOwn(SENTENCES, code) ? (SENTENCES as Readonly<Record<string, (f: object) => string>>)[code] : undefined;
  return sentence === undefined || sentence.length > 0 ? code : sentence({});
};

/** The same as the start of a sentence. */
export const describeSentence = (spoken: Coded): string => {
  const text = describeCode(spoken);
  return text.charAt(0).toUpperCase() + text.slice(1);
};
