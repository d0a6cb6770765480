import type { FILLS, Observation } from './loadEvent.ts';

/** How full a load was: the worst that was said counts, one leaking mould is a leaking load. Null: nothing was said. */
export const worstFill = (observations: readonly Observation[]): (typeof FILLS)[number] | null => {
  const said = observations.flatMap((o) => (o.kind === 'fill' ? [o.value] : []));
  return said.find((value) => value === 'leaked') ?? said.find((value) => value === 'missing') ?? said[0] ?? null;
};
