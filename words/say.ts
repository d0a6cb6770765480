import type { Fields } from './dictionary.ts';
import { SENTENCES } from './dictionary.ts';

/** A finding, failure or reading note in words. An unknown code is shown as it is: better odd than lost. */
export const say = ({ code, fields }: { readonly code: string; readonly fields: Fields }): string => SENTENCES[code]?.(fields) ?? code;

/** The same as the start of a sentence. */
export const sayAloud = (spoken: Parameters<typeof say>[0]): string => {
  const text = say(spoken);
  return text.charAt(0).toUpperCase() + text.slice(1);
};
