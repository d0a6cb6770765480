import type { ReheaterId } from '../../../core/kit/index.ts';
import { clock } from './format.ts';

export const REHEATER_WORDS: Readonly<Record<ReheaterId, string>> = {
  toaster: 'toaster',
  oven: 'oven',
  'air-oven': 'air oven',
  iron: 'iron itself',
  pan: 'pan, turned every minute',
};

/** Appliances differ: said to so many seconds. */
const STEP_S = 10;
export const reheatClock = (seconds: number): string => clock(Math.round(seconds / STEP_S) * STEP_S);
