import { useCallback, useState } from 'react';
import { keepJson, keptJson } from '../webStorage.ts';
import type { DoorPath } from '../keys/index.ts';

/** What to try first at each door. */
export const HINTS: Readonly<Partial<Record<DoorPath, string>>> = {
  '/plan': 'Change anything underlined; the times follow. Drag a piece on the clock to move its load.',
  '/recipe': 'Touch a line to change it. The card shows what the recipe does on your iron.',
  '/iron': 'Drag the colour: dial, pour and time follow.',
  '/larder': 'Touch anything on a board to use it, label it or throw it away.',
  '/log': 'Left half: what we expected. Right half: how it came out.',
  '/kitchen': 'Pick a section. Each field saves as you leave it.',
};

const KEY = 'tawny-lattice-hints-seen';

const seen = (): readonly string[] => {
  const kept = keptJson('browser', KEY);
  return Array.isArray(kept) ? kept.filter((one): one is string => typeof one === 'string') : [];
};

/** Which hints were read; read once they don't come again, until they are asked for. */
export const useHints = () => {
  const [read, setRead] = useState(seen);
  const keep = useCallback((next: readonly string[]) => {
    keepJson('browser', KEY, next);
    setRead(next);
  }, []);
  return {
    hintFor: (path: DoorPath | undefined): string | null => (path === undefined || read.includes(path) ? null : (HINTS[path] ?? null)),
    gotIt: (path: DoorPath) => keep([...read, path]),
    again: () => keep([]),
  };
};
