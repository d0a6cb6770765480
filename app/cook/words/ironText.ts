import type { Kit } from '../../../core/kit/index.ts';
import type { IronState, WaitsFor } from '../../../core/line/index.ts';
import { isSpread, shownLeft_s } from '../../../core/line/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, grams, timeWithSeconds, timeOfDay, TOPPING_WORDS } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import { amountOf } from './amounts.ts';
import { untilFigure } from './panelText.ts';

/** What one iron says: its figure, one line of what that is, and what comes then. */
export type IronText = {
  readonly figure: string;
  readonly below: string;
  readonly label: string;
  readonly then: string;
};

const WAITS: Readonly<Record<WaitsFor, string>> = {
  heat: 'heating, hot at',
  recovery: 'hot again at',
  plan: 'waits for its time,',
  'put-off': 'put off until',
  'switch-on': 'cold, switch on at',
  hand: 'hot, waits for a lid until',
};
/** A minute is near enough for what isn't counted in seconds. */
const BY_MINUTE: ReadonlySet<WaitsFor> = new Set(['heat', 'plan', 'switch-on']);

type Context = {
  readonly place: LinePlace;
  readonly kit: Pick<Kit, 'scoops'>;
  readonly zone: string;
  readonly now: number;
  readonly isReady: boolean;
};

/** What an iron says at `now`, epoch ms. */
export const ironText = (state: IronState, context: Context): IronText => {
  const { place, now } = context;
  if (state.phase === 'cooking') return cookingText(state, context);
  if (state.phase === 'poured')
    return { figure: clock((now - (place.progress?.pouredAt ?? now)) / 1000), below: 'lid open', label: 'now', then: beforeLid(place) };
  return emptyText(state, context);
};

const cookingText = ({ left_s, isLate }: IronState, { place, kit, zone }: Context): IronText => {
  const { progress, prediction, rescue, promised_s, iron } = place;
  const openAt = (progress?.closedAt ?? 0) + 1000 * (prediction?.cookTime_s.best ?? 0);
  const isTurnDue = iron.turned && progress?.turnedAt === null;
  const turn = isTurnDue ? (place.turn_s === null ? 'turn it at once' : `turn it at ${clock(place.turn_s)}`) : null;
  const next = amountOf(place, kit);
  return {
    figure: clock(shownLeft_s(left_s ?? 0)),
    below: `${isLate ? 'was' : 'opens'} ${timeWithSeconds(openAt, zone)}`,
    label: turn === null ? (rescue === null ? 'then pour' : 'moved') : 'first',
    then: turn ?? (rescue !== null && promised_s !== null ? `${clock(rescue.open_s)}, was ${clock(promised_s)}` : (next?.short ?? '')),
  };
};

const emptyText = (state: IronState, { place, kit, zone, now, isReady }: Context): IronText => {
  if (place.failure !== null) return { figure: '–', below: describeSentence(place.failure), label: '', then: '' };
  if (place.isRemoved) return { figure: 'Out', below: 'no longer in the kitchen', label: '', then: '' };
  const amount = isReady ? amountOf(place, kit) : null;
  if (amount === null || place.advice === null) return { figure: '…', below: 'getting ready', label: '', then: '' };
  const pour = {
    label: state.waits === null ? 'then close for' : 'then pour',
    then: state.waits === null ? clock(place.advice.answer.cookTime_s.best) : amount.short,
  };
  if (state.isDone) return { figure: 'Off', below: 'nothing more is planned', ...pour };
  if (state.waits === null) return { figure: 'Hot', below: place.isTrial ? 'ready: a trial load' : 'ready to pour', ...pour };
  const { for: what, until } = state.waits;
  return {
    figure: untilFigure(until, now, zone),
    below: `${WAITS[what]} ${BY_MINUTE.has(what) ? timeOfDay(until, zone) : timeWithSeconds(until, zone)}`,
    ...pour,
  };
};

/** What comes between the pour and the lid. */
const beforeLid = (place: LinePlace): string => {
  const { onPlate } = place;
  if (onPlate !== null) return `scatter ${grams(onPlate.grams)}\u00a0g ${TOPPING_WORDS[onPlate.toppingId]}`;
  return isSpread(place) ? 'spread it to the edges' : 'close the lid';
};
