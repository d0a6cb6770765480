import type { Hold } from '../../core/run/index.ts';

/** Where pieces wait, as it follows "waits". */
export const HOLD_WORDS: Readonly<Record<Hold, string>> = {
  rack: 'on a rack',
  dish: 'on plates',
  stack: 'in a pile',
  oven: 'in an oven at 93 °C',
};
