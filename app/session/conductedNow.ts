import { useSyncExternalStore } from 'react';
import { Listeners } from '../listeners.ts';

/** What the line says is next: the strip above it says the same. Null: no line is open, or nothing is to be done. */
export type ConductedNow = { readonly what: string; readonly at: number };

let current: ConductedNow | null = null;
const listeners = new Listeners();

export const keepConducted = (next: ConductedNow | null): void => {
  if (next?.what === current?.what && next?.at === current?.at) return;
  current = next;
  listeners.tell();
};

export const useConductedNow = (): ConductedNow | null => useSyncExternalStore(listeners.subscribe, () => current);
