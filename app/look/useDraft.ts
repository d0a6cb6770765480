import { useCallback, useState } from 'react';

const keyOf = (name: string): string => `draft ${name}`;

const kept = (name: string): string => {
  try {
    return sessionStorage.getItem(keyOf(name)) ?? '';
  } catch {
    return '';
  }
};

/** Text that is being written: a stray tap beside the sheet or a reload doesn't lose it. Empty: nothing is kept. */
export const useDraft = (name: string): readonly [string, (text: string) => void] => {
  const [text, setText] = useState(() => kept(name));
  const write = useCallback(
    (next: string) => {
      setText(next);
      try {
        if (next === '') sessionStorage.removeItem(keyOf(name));
        else sessionStorage.setItem(keyOf(name), next);
      } catch {
        // No room, or not allowed: it is still on the screen.
      }
    },
    [name],
  );
  return [text, write];
};
