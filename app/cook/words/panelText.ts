import type { Towards } from '../../../core/book/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import type { Act, ActPanel, DueAct } from '../../../core/line/index.ts';
import { isSpread, shownLeft_s } from '../../../core/line/index.ts';
import type { Did } from '../../../core/log/index.ts';
import type { Grease } from '../../../core/plate/index.ts';
import { clock, grams, timeOfDay, TOPPING_WORDS, TOWARDS } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import { amountOf, changedPortion, restText } from './amounts.ts';

/** What the panel says: never more than fits one screen read from a metre and a half. */
export type PanelText = {
  readonly state: 'Late' | 'Now' | 'Next';
  readonly verb: string;
  readonly name: string;
  readonly figure: string;
  readonly unit: string;
  /** Why, or what else the hand has to know: one line in bold. */
  readonly reason: string;
  /** What else there is to it, a line each. */
  readonly notes: readonly string[];
  readonly then: string;
};

const VERBS: Readonly<Record<Act, string>> = {
  fold: 'Fold',
  pour: 'Pour',
  close: 'Close',
  turn: 'Turn',
  open: 'Open',
  'switch-on': 'Switch on',
};
export const DONE = { pour: 'Poured', close: 'Closed', turn: 'Turned', open: 'Opened', fold: 'Folded' } as const;

/** A countdown to the second is for what comes soon, s. */
const FAR_S = 3600;
/** "in 0:41", or when, where that is far off. */
const inWords = (at: number, now: number, zone: string): string =>
  (at - now) / 1000 > FAR_S ? `at ${timeOfDay(at, zone)}` : `in ${clock(shownLeft_s((at - now) / 1000))}`;
/** The same as a figure. */
export const untilFigure = (at: number, now: number, zone: string): string =>
  (at - now) / 1000 > FAR_S ? timeOfDay(at, zone) : clock(shownLeft_s((at - now) / 1000));

/** What the panel is told beside what is due. */
export type PanelContext = {
  readonly place: LinePlace | undefined;
  readonly kit: Pick<Kit, 'scoops' | 'zone'>;
  readonly now: number;
  readonly towards: Towards | undefined;
  /** What was said of the next pour before it. */
  readonly said: Did;
  readonly nameOf: (act: DueAct) => string;
  /** Other lids wait as well. */
  readonly isOneOfSeveral: boolean;
};

/** Everything the panel says of an act. */
export const panelText = (panel: ActPanel, context: PanelContext): PanelText => {
  const { due, isLate, isAtHand, then } = panel;
  const { now, kit, nameOf } = context;
  const isPour = due.act === 'pour' && isAtHand;
  const amount = isPour && context.place !== undefined ? amountOf(context.place, kit) : null;
  const isTimed =
    !(due.act === 'pour' && due.at <= now) && due.act !== 'close' && !(due.act === 'fold' && isAtHand) && !(isPour && amount !== null);
  return {
    state: isLate ? 'Late' : isAtHand ? 'Now' : 'Next',
    verb: VERBS[due.act],
    name: nameOf(due),
    figure:
      amount === null
        ? isTimed
          ? untilFigure(due.at, now, kit.zone)
          : ''
        : amount.scoops === null
          ? grams(amount.dose_g)
          : scoopsFigure(amount.moulds, amount.scoops.count),
    unit: amount === null ? '' : (amount.scoops?.name ?? 'g'),
    ...saidOf(panel, context),
    then:
      then === null
        ? ''
        : `then ${VERBS[then.act].toLowerCase()} ${nameOf(then)}${then.at - now > SOON_MS ? ` ${inWords(then.at, now, kit.zone)}` : ''}`,
  };
};

const SOON_MS = 3000;
const scoopsFigure = (moulds: number, count: number): string => (moulds > 1 ? `${moulds} × ${count}` : String(count));

const saidOf = (panel: ActPanel, context: PanelContext): Pick<PanelText, 'reason' | 'notes'> => {
  const { due, isAtHand } = panel;
  const { place } = context;
  if (due.act === 'fold') return { reason: 'what was kept back of the foam', notes: ['whip it again if it has wept; then pour on'] };
  if (place === undefined) return { reason: '', notes: [] };
  if (due.act === 'open') return { reason: openReason(panel, context), notes: [] };
  if (due.act === 'pour') return isAtHand ? pourText(place, context) : { reason: waitReason(place), notes: [] };
  if (due.act === 'close') return { reason: closeReason(place), notes: [] };
  return { reason: due.act === 'turn' ? 'over, at once, with both hands' : 'it has to be hot in time', notes: [] };
};

/** A recipe's own words as far as a panel has room for them; null: it has none. */
const inShort = (words: string | null | undefined): string | null =>
  words == null ? null : words.length <= MOST_LETTERS ? words : `${words.slice(0, words.lastIndexOf(' ', MOST_LETTERS))} …`;
const MOST_LETTERS = 64;

/** "Not before", where the recipe has it and it isn't over. */
const recipeHolds = (place: LinePlace | undefined, now: number): string | null => {
  const closedAt = place?.progress?.closedAt;
  const held_s = place?.recipe?.notBefore_s ?? 0;
  return closedAt != null && now < closedAt + 1000 * held_s ? `your recipe: not before ${clock(held_s)}` : null;
};

const openReason = ({ isLate, darkIn_s, because }: ActPanel, { place, isOneOfSeveral, now }: PanelContext): string => {
  const name = place?.iron.name ?? '';
  if (because === 'can-be-saved') return `${name} first: it can still be saved`;
  if (!isLate) return recipeHolds(place, now) ?? inShort(place?.recipe?.out) ?? 'onto a rack, never a stack';
  if (darkIn_s === null) return 'open it now';
  if (darkIn_s === 0) return 'too dark by now: open it all the same';
  const dark = `too dark in ${darkIn_s < 100 ? `${Math.ceil(darkIn_s)}\u00a0s` : clock(darkIn_s)}`;
  return isOneOfSeveral ? `${name} first: ${dark}` : dark;
};

const waitReason = ({ iron, n }: LinePlace): string => (n === 1 ? 'once it is hot' : `once ${iron.name} is hot again`);

const closeReason = (place: LinePlace): string => {
  const { onPlate } = place;
  if (onPlate !== null) return `first scatter ${grams(onPlate.grams)}\u00a0g of ${TOPPING_WORDS[onPlate.toppingId]}`;
  const over = inShort(place.recipe?.over);
  if (over !== null) return over;
  return isSpread(place) ? 'spread it to the edges first' : 'the time runs from the lid';
};

/** Short: at the iron. */
export const GREASE_WORDS: Readonly<Record<Exclude<Grease, 'none'>, string>> = {
  'every-load': 'grease both plates thinly',
  'first-load': 'grease both plates, this once',
  'every-pocket': 'coat every pocket thinly',
  film: 'a film of fat, this once',
};

const pourText = (place: LinePlace, { kit, towards, said }: PanelContext): Pick<PanelText, 'reason' | 'notes'> => {
  const amount = amountOf(place, kit);
  if (place.over !== null) return { reason: 'from another bowl: this one is over its limit', notes: [] };
  if (amount === null || place.advice === null) return { reason: 'working it out …', notes: [] };
  const grease = place.recipe?.grease ?? place.advice.grease;
  const where =
    amount.moulds > 1 ? `into each of ${amount.moulds}` : towards === undefined ? 'into the middle' : `a little ${TOWARDS[towards]}`;
  const filled = amount.scoops === null || amount.scoops.after === '' ? '' : `, ${amount.scoops.after}`;
  return {
    reason: `${amount.scoops === null ? '' : `${grams(amount.dose_g)}\u00a0g `}${where}${filled}`,
    notes: [
      inShort(place.recipe?.under),
      restText(place, said),
      changedPortion(place)?.text ?? null,
      place.wipeBefore ? 'wipe the plates first' : null,
      place.isTrial ? 'a trial: rate it afterwards' : null,
      // Once: what comes with every load is known by then.
      grease === 'none' || (place.n > 1 && grease !== 'every-load') ? null : GREASE_WORDS[grease],
    ]
      .filter((note) => note !== null)
      .slice(0, MOST_NOTES),
  };
};

/** More wouldn't fit a phone. */
const MOST_NOTES = 2;
