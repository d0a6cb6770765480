import { useCallback, useState } from 'react';
import { keepText, keptText } from '../../webStorage.ts';

const keyOf = (name: string): string => `draft ${name}`;

/** Puts a text into a draft that no page shows yet. */
export const draftText = (name: string, text: string): void => keepText('tab', keyOf(name), text);

/** Text that is being written: a stray tap beside the sheet or a reload doesn't lose it. Empty: nothing is kept. */
export const useDraft = (name: string): readonly [string, (text: string) => void] => {
  const [text, setText] = useState(() => keptText('tab', keyOf(name)) ?? '');
  const write = useCallback(
    (next: string) => {
      setText(next);
      keepText('tab', keyOf(name), next === '' ? null : next);
    },
    [name],
  );
  return [text, write];
};
