import type { Kit } from '../../../core/kit/index.ts';
import { restFor } from '../../../core/line/index.ts';
import type { Did } from '../../../core/log/index.ts';
import type { ScoopsText } from '../../ui/index.ts';
import { dialMarkText, grams, scoopsFor, temperature } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';

/** What goes into an iron at its next pour: in scoops where there are any, and always in grams. */
export type Amount = {
  readonly dose_g: number;
  readonly moulds: number;
  readonly scoops: ScoopsText | null;
  /** "2 ladles", "4 × 1 ladle", "138 g". */
  readonly short: string;
};

/** Null: nobody knows yet. */
export const amountOf = ({ advice, iron }: LinePlace, kit: Pick<Kit, 'scoops'>): Amount | null => {
  if (advice === null) return null;
  const { moulds } = iron.geometry;
  const { dose_g, portion_mL } = advice.answer;
  const scoops = scoopsFor(portion_mL / moulds, kit.scoops);
  const one = scoops === null ? `${grams(dose_g)}\u00a0g` : `${scoops.count}\u00a0${scoops.name}`;
  return { dose_g, moulds, scoops, short: moulds > 1 ? `${moulds} × ${one}` : one };
};

/** What is set on the iron for its next load. */
export const heatText = ({ advice }: LinePlace, unit: Kit['temperatureUnit']): string => {
  if (advice === null) return '';
  const { setting } = advice.answer;
  if (setting.chosen === 'fixed') return 'when its light goes out';
  return setting.dial !== null ? `dial ${dialMarkText(setting.dial)}` : temperature(setting.temperature_C, unit);
};

/** The last of the bowl, before it is poured; null: it holds a whole load. */
export const restText = (place: LinePlace, said: Did): string | null => {
  const rest = restFor(place, said);
  if (rest === null) return null;
  const { moulds } = place.iron.geometry;
  return `${grams(rest.grams)}\u00a0g to pour: ${moulds > 1 ? `fill ${rest.moulds} of ${moulds}` : 'one smaller piece, done sooner'}`;
};

/** Less than a teaspoonful is no news, g. */
const NEWS_FROM_G = 4;
const WHY_CHANGED = { missing: 'a corner was missing', leaked: 'it ran out at the rim' } as const;

/** A portion that isn't the last load's any more, with what it was and why; null: it is the same. */
export const changedPortion = (place: LinePlace): { readonly was_g: number; readonly text: string } | null => {
  const { load, advice, prediction, progress, iron, formula } = place;
  if (load === null || advice === null || prediction === null || prediction.formulaId !== formula.id || progress?.phase !== 'opened')
    return null;
  const was_g = prediction.portion_g / iron.geometry.moulds;
  const { dose_g } = advice.answer;
  if (Math.abs(dose_g - was_g) < NEWS_FROM_G) return null;
  const fill = progress.observations.findLast(({ kind }) => kind === 'fill');
  const why = fill?.kind === 'fill' && fill.value !== 'full' ? WHY_CHANGED[fill.value] : 'what you said of its loads';
  return { was_g, text: `${grams(dose_g)}\u00a0g, was ${grams(was_g)}: ${why}` };
};
