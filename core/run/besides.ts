/** What goes with it and is done by whoever has a moment, each with its usual lead before it is served and how long it takes, s (*common practice*). */
export const BESIDES = {
  'butter-out': { before_s: 3600, takes_s: 60 },
  compote: { before_s: 2700, takes_s: 1500 },
  'plates-warm': { before_s: 1200, takes_s: 60 },
  'cream-whipped': { before_s: 900, takes_s: 300 },
  'savoury-plates': { before_s: 900, takes_s: 600 },
  'syrup-warm': { before_s: 600, takes_s: 300 },
  'ice-cream': { before_s: 60, takes_s: 60 },
} as const;
export type BesideKind = keyof typeof BESIDES;
export const BESIDE_KINDS = Object.keys(BESIDES) as [BesideKind, ...BesideKind[]];

/** One of them in a run: so long before it is served; `done`: somebody has done it. */
export type Beside = { readonly kind: BesideKind; readonly before_s: number; readonly done?: boolean | undefined };

/** When it is begun, epoch ms. */
export const besideAt = ({ before_s }: Beside, serveAt: number): number => serveAt - 1000 * before_s;
