import type { LoadProgress } from './loadProgress.ts';
import type { Prediction } from './prediction.ts';

type Promised = Pick<Prediction, 'portion_g' | 'setting'>;
type Said = Pick<LoadProgress, 'did'>;

/** What was really poured, all moulds together, g: as somebody said, or else as it was promised. */
export const poured_g = ({ portion_g }: Pick<Promised, 'portion_g'>, { did }: Said): number => did.portion?.grams ?? portion_g;

/** The same as if every mould had been filled like those that were: what the iron felt of a part load. `moulds`: of the iron. */
export const pouredAsWhole_g = (promised: Pick<Promised, 'portion_g'>, said: Said, moulds: number): number =>
  (poured_g(promised, said) * moulds) / Math.min(moulds, said.did.moulds ?? moulds);

/** What the iron was really set to: as somebody said, or else as it was promised. */
export const settingOf = ({ setting }: Pick<Promised, 'setting'>, { did }: Said): Promised['setting'] => did.setting ?? setting;
