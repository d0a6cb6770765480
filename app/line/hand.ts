import { useSyncExternalStore } from 'react';
import type { Act } from '../../core/line/index.ts';
import { Listeners } from '../listeners.ts';

export const PARTS = ['all', 'pours', 'takes-out', 'plates'] as const;
export type Part = (typeof PARTS)[number];

/** Whose hand this screen is: what it does of the acts at the irons, and whose name goes into the log. Of this tab alone. */
export type Hand = { readonly part: Part; readonly name: string };

/** What each part of the work is made of; switching on belongs to whoever takes out. */
export const ACTS_OF: Readonly<Record<Part, ReadonlySet<Act>>> = {
  all: new Set<Act>(['switch-on', 'fold', 'pour', 'close', 'turn', 'open']),
  pours: new Set<Act>(['fold', 'pour', 'close']),
  'takes-out': new Set<Act>(['switch-on', 'turn', 'open']),
  // At the table: nothing at the irons.
  plates: new Set<Act>(),
};

export const PART_WORDS: Readonly<Record<Part, string>> = {
  all: 'everything',
  pours: 'folds, pours and closes',
  'takes-out': 'opens and takes out',
  plates: 'plates and carries',
};

const KEY = 'tawny-lattice-hand';
const LONGEST_NAME = 40;
const ALONE: Hand = { part: 'all', name: '' };
const listeners = new Listeners();

const read = (): Hand => {
  try {
    const found = JSON.parse(sessionStorage.getItem(KEY) ?? 'null') as Partial<Hand> | null;
    const part = PARTS.find((one) => one === found?.part);
    return part === undefined ? ALONE : { part, name: typeof found?.name === 'string' ? found.name.slice(0, LONGEST_NAME) : '' };
  } catch {
    return ALONE;
  }
};

let kept: Hand | null = null;
const hand = (): Hand => (kept ??= read());

export const setHand = (changes: Partial<Hand>): void => {
  const next = { ...hand(), ...changes };
  kept = { ...next, name: next.name.trim().slice(0, LONGEST_NAME) };
  try {
    sessionStorage.setItem(KEY, JSON.stringify(kept));
  } catch {
    // It lasts as long as the page.
  }
  listeners.tell();
};

export const useHand = (): Hand => useSyncExternalStore(listeners.subscribe, hand);
