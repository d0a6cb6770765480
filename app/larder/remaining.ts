import { HOUR_MS } from '../../core/basis/index.ts';

/** How long something is still good, in words. */
export const remaining = (until: number, now: number): string => {
  const hours = (until - now) / HOUR_MS;
  if (hours < 0) return 'over';
  if (hours < 48) return `${Math.floor(hours)} h left`;
  return `${Math.floor(hours / 24)} days left`;
};
