import { useSyncExternalStore } from 'react';
import type { Act } from '../../../core/line/index.ts';
import { Listeners } from '../../listeners.ts';
import { keepJson, keptJson } from '../../webStorage.ts';

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
  const found = keptJson('tab', KEY) as Partial<Hand> | null;
  const part = PARTS.find((one) => one === found?.part);
  return part === undefined ? ALONE : { part, name: typeof found?.name === 'string' ? found.name.slice(0, LONGEST_NAME) : '' };
};

let kept: Hand | null = null;
const hand = (): Hand => (kept ??= read());

export const setHand = (changes: Partial<Hand>): void => {
  const next = { ...hand(), ...changes };
  kept = { ...next, name: next.name.trim().slice(0, LONGEST_NAME) };
  keepJson('tab', KEY, kept);
  listeners.tell();
};

export const useHand = (): Hand => useSyncExternalStore(listeners.subscribe, hand);
