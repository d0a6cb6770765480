import type { Finding } from '../basis/index.ts';
import type { Composition } from '../matter/index.ts';
import type { Leavening } from './leavening.ts';
import type { Lift } from './lift.ts';
import type { ReadLine } from './read/line.ts';

/** A formula understood: every line, the bowl as a whole, and what looks wrong. Derived, never stored. */
export type ParsedFormula = {
  readonly lines: readonly ReadLine[];
  /** Everything with a mass, known or not, g. */
  readonly totalMass_g: number;
  /** From the least to the most that the words can mean. */
  readonly totalMassRange_g: readonly [number, number];
  readonly flour_g: number;
  /** Flours and meals together 100; null without flour. Keys are ingredient ids. */
  readonly bakersPercent: Readonly<Record<string, number>> | null;
  /** Water over flour, %; and its band from the flour's own cup. */
  readonly hydration_percent: { readonly low: number; readonly usual: number; readonly high: number } | null;
  /** Of what is known; null when nothing is. */
  readonly composition: Composition | null;
  readonly leavening: Leavening;
  readonly tint: number;
  readonly lift: Lift;
  readonly findings: readonly Finding[];
};
