import { useCallback, useState } from 'react';
import { keepText, keptText } from '../../webStorage.ts';

/** Whether a folded part of a page is open: kept in this browser, so that who wants it once has it again. */
export const useFolded = (name: string): readonly [boolean, (open: boolean) => void] => {
  const key = `tawny-lattice-open-${name}`;
  const [isOpen, setOpen] = useState(() => keptText('browser', key) === 'yes');
  const set = useCallback(
    (open: boolean) => {
      setOpen(open);
      keepText('browser', key, open ? 'yes' : null);
    },
    [key],
  );
  return [isOpen, set];
};
