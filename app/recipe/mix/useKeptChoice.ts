import { useState } from 'react';
import { keepText, keptText } from '../../webStorage.ts';

/** A choice that a reload keeps, of these; until somebody chooses it is the usual one. `key`: of what it is. */
export const useKeptChoice = <T extends string>(key: string, among: readonly T[], usual: T): readonly [T, (next: T) => void] => {
  const kept = among.find((one) => one === keptText('browser', key));
  const [chosen, setChosen] = useState<{ readonly key: string; readonly value: T } | null>(null);
  const choose = (value: T): void => {
    setChosen({ key, value });
    keepText('browser', key, value);
  };
  return [chosen?.key === key ? chosen.value : (kept ?? usual), choose];
};
