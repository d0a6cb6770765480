import { useKit } from '../store/index.ts';
import type { KeyId } from './table.ts';
import { announced, keyOf } from './table.ts';

/** What a button announces as its key: the one that is listened to in this kitchen. */
export const useKey = (id: KeyId): string | undefined => announced(keyOf(id, useKit()));
