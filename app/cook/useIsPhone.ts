import { useSyncExternalStore } from 'react';

/** Narrower than two hands: as the style sheet's `md`. */
const query = typeof matchMedia === 'undefined' ? null : matchMedia('(width < 48rem)');
const subscribe = (tell: () => void): (() => void) => {
  query?.addEventListener('change', tell);
  return () => query?.removeEventListener('change', tell);
};

/** True where irons don't fit side by side. */
export const useIsPhone = (): boolean => useSyncExternalStore(subscribe, () => query?.matches === true);
