import type { Kit } from '../kit/index.ts';
import { formOf } from '../kit/index.ts';

/** How full a jug stands at most: a batter that still rises needs half of it (*common practice*). */
export const JUG_FILL = { rising: 0.5, still: 0.75 } as const;

export type InJugs = { readonly jug: Kit['bowls'][number]; readonly count: number; readonly fill: number };

/**
 * So many jugs of one size for so much batter, mL, none fuller than it may be: of the largest that don't stand half empty. Null: there is no jug, or no
 * batter. How many of a size there are nobody says: the count is for the cook to judge.
 */
export const inJugs = (bowls: Kit['bowls'], volume_mL: number, isRising: boolean): InJugs | null => {
  if (!(volume_mL > 0)) return null;
  const fill = isRising ? JUG_FILL.rising : JUG_FILL.still;
  const needs = bowls
    .filter((bowl) => formOf(bowl) === 'jug')
    .map((jug) => ({ jug, count: Math.ceil(volume_mL / (fill * jug.volume_mL)), fill }));
  return needs.sort((a, b) => a.count - b.count || a.jug.volume_mL - b.jug.volume_mL)[0] ?? null;
};
