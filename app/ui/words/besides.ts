import type { BesideKind } from '../../../core/run/index.ts';

/** What goes with it, as it is called for. */
export const BESIDE_WORDS: Readonly<Record<BesideKind, string>> = {
  'butter-out': 'Butter out of the cold',
  compote: 'Compote on',
  'plates-warm': 'Plates into the warm',
  'cream-whipped': 'Whip the cream',
  'savoury-plates': 'Lay the savoury plates',
  'syrup-warm': 'Warm the syrup',
  'ice-cream': 'Scoop the ice cream',
};
