/** How full a full load was: its edges rounded or sharp, or a bead at the rim. */
export const EDGES = ['rounded', 'sharp', 'bead'] as const;
export type Edges = (typeof EDGES)[number];
