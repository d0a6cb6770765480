import { useKit } from '../store/index.ts';
import type { KeyId } from './table.ts';
import { announced, keyOf } from './table.ts';

/** What a button announces as its key: the one that is listened to in this kitchen. `id` left out: it has none. */
export const useKey = (id: KeyId | undefined): string | undefined => {
  const kit = useKit();
  return id === undefined ? undefined : announced(keyOf(id, kit));
};
