import type { Observation } from '../log/index.ts';
import type { Piece } from './trueIron.ts';

/** What whoever takes a piece out says of it: whole steps, as a cook would. */
export const saidOf = ({ lower, upper, fill, lost }: Piece, moulds: number): readonly Observation[] =>
  Array.from({ length: moulds }, (_, mould): Observation[] => [
    { kind: 'fill', mould, value: fill },
    { kind: 'tawny', mould, side: 'upper', value: Math.round(upper) },
    { kind: 'tawny', mould, side: 'lower', value: Math.round(lower) },
    ...(lost === null ? [] : [{ kind: 'lost', mould, value: lost } as const]),
  ]).flat();
