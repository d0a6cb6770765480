import { meanOrNull } from '../basis/index.ts';
import type { LoadProgress, Prediction } from '../log/index.ts';
import type { Symptom } from './symptoms.ts';

/** Off its promise by so many steps a cook sees it; the faces by so many from one another; crisp by so many, 1–5 (*common practice*). */
const SEEN_STEPS = 1.25;
const SIDES_STEPS = 2;
const SEEN_CRISP = 1.5;

/** What the log of a load already says was wrong with it, in the words of `SYMPTOMS`; against what was promised, where that counts. */
export const symptomsIn = (
  { observations }: Pick<LoadProgress, 'observations'>,
  prediction: Pick<Prediction, 'tawnyStep' | 'crisp'> | null,
): readonly Symptom[] => {
  const side = (which: 'lower' | 'upper'): number | null =>
    meanOrNull(observations.flatMap((o) => (o.kind === 'tawny' && o.side === which ? [o.value] : [])));
  const [lower, upper] = [side('lower'), side('upper')];
  const step = meanOrNull([lower, upper].filter((value) => value !== null));
  const off = step === null || prediction === null ? 0 : step - prediction.tawnyStep;
  const crisp = meanOrNull(observations.flatMap((o) => (o.kind === 'crisp' ? [o.value] : [])));
  const says = (is: (o: LoadProgress['observations'][number]) => boolean): boolean => observations.some(is);
  const found: readonly (readonly [Symptom, boolean])[] = [
    ['pale', off <= -SEEN_STEPS],
    ['too-dark', off >= SEEN_STEPS],
    ['sides-differ', lower !== null && upper !== null && Math.abs(lower - upper) >= SIDES_STEPS],
    ['soft-at-once', crisp !== null && prediction !== null && prediction.crisp - crisp >= SEEN_CRISP],
    ['dense', says((o) => o.kind === 'crumb' && o.value === 'dense')],
    ['tough', says((o) => o.kind === 'crumb' && o.value === 'chewy')],
    ['corners-missing', says((o) => o.kind === 'fill' && o.value === 'missing')],
    ['leaked', says((o) => o.kind === 'fill' && o.value === 'leaked')],
    ['stuck', says((o) => o.kind === 'stuck' && o.value !== 'no')],
    ['torn', says((o) => o.kind === 'lost' && o.value === 'torn')],
  ];
  return found.flatMap(([symptom, isSo]) => (isSo ? [symptom] : []));
};
