import type { LoadProgress } from './loadProgress.ts';

/**
 * How long a load was closed, s, from 0 up; null: it is closed still, or its instants contradict each other because a clock was set in between.
 */
export const cookedFor_s = ({ closedAt, openedAt }: Pick<LoadProgress, 'closedAt' | 'openedAt'>): number | null =>
  closedAt === null || openedAt === null || openedAt < closedAt ? null : (openedAt - closedAt) / 1000;
