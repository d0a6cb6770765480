import type { Act } from './act.ts';
import type { Lift } from '../lift.ts';

/** Beaten for less, and until nothing that is named, eggs and sugar are mixed, not whipped (*common practice*). */
const FOAM_FROM_S = 180;

/** Eggs become a foam only where they are whipped: how far, or how long, says which. */
const liftOfWhip = ({ what, until, place, time_s }: Act): Lift | null => {
  if (what === 'whites') return 'folded';
  if (what !== 'whole-eggs' && what !== 'yolks') return null;
  if (until === 'ribbon' || place === 'hot-water') return 'ribbon';
  if (until === 'frothy') return 'frothed';
  return until !== undefined || (time_s?.[1] ?? 0) >= FOAM_FROM_S ? 'whole-egg' : null;
};

/** Of several the first that is said here counts: whites are folded in whatever else is beaten. */
const STRONGEST: readonly Lift[] = ['ribbon', 'folded', 'whole-egg', 'frothed'];

/** How the steps lift the batter; null: they don't say. Yeast among the lines has its own word (see `detectLift`). */
export const liftOfActs = (acts: readonly Act[]): Lift | null => {
  const said = acts.filter(({ kind }) => kind === 'whip').map(liftOfWhip);
  return STRONGEST.find((lift) => said.includes(lift)) ?? null;
};
