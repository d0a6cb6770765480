import { useSyncExternalStore } from 'react';
import { keepText, keptText } from '../webStorage.ts';

/** How the pages look: as the device is set, or as it was chosen here. Cook has its own ground. */
export const APPEARANCES = ['system', 'light', 'dark'] as const;
export type Appearance = (typeof APPEARANCES)[number];

const KEY = 'tawny-lattice-appearance';
const listeners = new Set<() => void>();

const chosen = (): Appearance => APPEARANCES.find((one) => one === keptText('browser', KEY)) ?? 'system';

const paint = (): void => {
  const appearance = chosen();
  const isDark = appearance === 'dark' || (appearance === 'system' && window.matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset['appearance'] = isDark ? 'dark' : 'light';
};

/** Paints the page as it was chosen, and again when the device changes. Called once, before anything is drawn. */
export const startAppearance = (): void => {
  paint();
  window.matchMedia('(prefers-color-scheme: dark)').addEventListener('change', paint);
};

const choose = (appearance: Appearance): void => {
  keepText('browser', KEY, appearance === 'system' ? null : appearance);
  paint();
  for (const listener of listeners) listener();
};

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useAppearance = (): readonly [Appearance, (appearance: Appearance) => void] => [
  useSyncExternalStore(subscribe, chosen),
  choose,
];
