import type { Iron } from '../../../core/plate/index.ts';

export type Lattice = Iron['geometry']['lattice'];

/** A pocket by its place on the face. */
export type Pocket = { readonly row: number; readonly column: number };

/** Distance of a pocket's middle from the middle of the face, 1 at the rim. */
export const reach = ({ rows, columns }: Lattice, { row, column }: Pocket): number =>
  Math.hypot(((column + 0.5) / columns) * 2 - 1, ((row + 0.5) / rows) * 2 - 1);

/** The pockets of a face: round ones lose those whose middle is further out than `most`. */
export const pocketsOf = (lattice: Lattice, most: number): readonly Pocket[] =>
  Array.from({ length: lattice.rows * lattice.columns }, (_, i) => ({
    row: Math.floor(i / lattice.columns),
    column: i % lattice.columns,
  })).filter((pocket) => lattice.outline === 'square' || reach(lattice, pocket) <= most);
