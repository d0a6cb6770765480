import type { Kit } from './kit.ts';

type Bowl = Kit['bowls'][number];

/** A jug pours and measures and is too narrow to whisk in. What nobody said goes by its name. */
export const formOf = ({ form, name }: Bowl): 'bowl' | 'jug' => form ?? (/\b(?:jug|pitcher)\b/i.test(name) ? 'jug' : 'bowl');

/** What liquids are filled into to a mark, mL: the largest jug there is; null without one. */
export const largestJug = (bowls: Kit['bowls']): Bowl | null =>
  bowls.filter((bowl) => formOf(bowl) === 'jug').sort((a, b) => b.volume_mL - a.volume_mL)[0] ?? null;

/**
 * The bowl to whip `needs_mL` in: the smallest that holds it, of metal, glass or glaze before plastic (which holds fat), never a jug where there is
 * a bowl. Where none is large enough, the largest. Null without any.
 */
export const bowlForFoam = (bowls: Kit['bowls'], needs_mL: number): Bowl | null => {
  const round = bowls.filter((bowl) => formOf(bowl) === 'bowl');
  const bySize = [...(round.length > 0 ? round : bowls)].sort((a, b) => a.volume_mL - b.volume_mL);
  const clean = bySize.filter(({ material }) => material !== 'plastic');
  const holds = ({ volume_mL }: Bowl): boolean => volume_mL >= needs_mL;
  return clean.find(holds) ?? bySize.find(holds) ?? clean.at(-1) ?? bySize.at(-1) ?? null;
};
