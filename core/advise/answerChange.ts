import type { PlainCode, Result } from '../basis/index.ts';
import { canonicalJson, success } from '../basis/index.ts';
import { settingRange } from '../plate/index.ts';
import type { Advice } from './advice.ts';
import { adviseInSteps } from './advise.ts';
import type { CookMemory } from '../cook/index.ts';
import type { AdviceRequest } from './request.ts';

/** What may have been changed, in the order in which the changes are followed: the wish first. */
export const CHANGED_INPUTS = [
  'tawny',
  'crisp',
  'lightness',
  'setting_C',
  'portion_g',
  'overfill',
  'batter_C',
  'load',
  'preheat_s',
  'delay_s',
  'turn_s',
  'onPlate',
  'airFraction',
  'altitude_m',
  'room_C',
  'reading',
  'iron',
] as const;
export type ChangedInput = (typeof CHANGED_INPUTS)[number];

export type Quantity = 'setting' | 'portion' | 'time';

/** One figure of the answer that moved: °C (the dial says its own mark), g a load, s. */
export type ChangedFigure = {
  readonly quantity: Quantity;
  readonly from: number;
  readonly to: number;
  readonly dial: readonly [number, number] | null;
  /** Why it moved: `moved-…`. */
  readonly because: PlainCode;
};

export type AnswerChange = {
  readonly mover: ChangedInput;
  readonly from: number | null;
  readonly to: number | null;
  readonly figures: readonly ChangedFigure[];
};

/** Less than that isn't a move: K, share of the portion, s and share of the time. */
const MOVED = { setting_K: 0.6, portion: 0.004, time_s: 1.5, time: 0.005 } as const;

const valueOf = (request: AdviceRequest, mover: ChangedInput): unknown =>
  mover === 'tawny' || mover === 'crisp' ? request.target[mover] : request[mover];

const withValue = (request: AdviceRequest, mover: ChangedInput, from: AdviceRequest): AdviceRequest =>
  mover === 'tawny' || mover === 'crisp'
    ? { ...request, target: { ...request.target, [mover]: from.target[mover] } }
    : { ...request, [mover]: from[mover] };

const numberOr = (value: unknown): number | null => (typeof value === 'number' ? value : null);

/**
 * What each change of the wish or the conditions moved, and why: the changes are followed one after another, so that their parts add up to
 * the whole difference exactly. Where the answer fails half-way, that change is told together with the next. Gives way between cooks.
 * Errors: those of `advise`, for either end.
 */
export function* answerChanges(
  before: AdviceRequest,
  after: AdviceRequest,
  memory?: CookMemory,
): Generator<void, Result<readonly AnswerChange[]>> {
  const first = yield* adviseInSteps(before, memory);
  if (!first.ok) return first;
  const changed = CHANGED_INPUTS.filter((mover) => canonicalJson(valueOf(before, mover)) !== canonicalJson(valueOf(after, mover)));
  const moves: AnswerChange[] = [];
  let request = before;
  let advice = first.value;
  for (const [i, mover] of changed.entries()) {
    request = withValue(request, mover, after);
    // Another bowl or iron cooks other loads: what is remembered is of the old one.
    const next = yield* adviseInSteps(request, mover === 'tawny' || mover === 'crisp' ? memory : undefined);
    if (!next.ok) {
      if (i === changed.length - 1) return next;
      continue;
    }
    moves.push({
      mover,
      from: numberOr(valueOf(before, mover)),
      to: numberOr(valueOf(after, mover)),
      figures: movedFigures(mover, advice, next.value),
    });
    advice = next.value;
  }
  return success(moves);
}

const movedFigures = (mover: ChangedInput, a: Advice, b: Advice): ChangedFigure[] => {
  const found: ChangedFigure[] = [];
  const add = (quantity: Quantity, from: number, to: number, least: number, dial: ChangedFigure['dial'] = null): void => {
    if (Math.abs(to - from) >= least) found.push({ quantity, from, to, dial, because: reason(mover, quantity, to > from, a, b) });
  };
  const dials = [a.setting.dial, b.setting.dial] as const;
  if (settingRange(b.request.iron) !== null)
    add(
      'setting',
      a.setting.temperature_C,
      b.setting.temperature_C,
      MOVED.setting_K,
      dials[0] === null || dials[1] === null ? null : [dials[0], dials[1]],
    );
  add('portion', a.portion.portion_g, b.portion.portion_g, MOVED.portion * a.portion.portion_g);
  add('time', a.cooked.window.best_s, b.cooked.window.best_s, Math.max(MOVED.time_s, MOVED.time * a.cooked.window.best_s));
  return found;
};

const reason = (mover: ChangedInput, quantity: Quantity, isMore: boolean, a: Advice, b: Advice): PlainCode => {
  const settingMoved_K = b.setting.temperature_C - a.setting.temperature_C;
  const isWish = mover === 'tawny' || mover === 'crisp' || mover === 'setting_C' || mover === 'iron';
  if (quantity === 'setting' && !isWish) return 'moved-keeps-both';
  switch (mover) {
    case 'tawny':
      if (quantity === 'setting') return isMore ? 'moved-hotter-less-drying' : 'moved-cooler-more-drying';
      if (b.cooked.window.fromBecause === 'core-set' && b.cooked.window.best_s > b.cooked.window.colour_s + 1)
        return 'moved-waits-for-core';
      // Hotter plates may bring more colour in less time.
      return settingMoved_K > MOVED.setting_K && !isMore ? 'moved-hotter-quicker' : isMore ? 'moved-browns-longer' : 'moved-browns-shorter';
    case 'crisp':
      if (quantity === 'setting') return isMore ? 'moved-hotter-less-drying' : 'moved-cooler-more-drying';
      return isMore ? 'moved-cooler-slower' : 'moved-hotter-quicker';
    case 'lightness':
      if (quantity === 'portion') return isMore ? 'moved-more-weighs-more' : 'moved-less-weighs-less';
      return isMore ? 'moved-more-cooks-longer' : 'moved-less-cooks-sooner';
    case 'setting_C':
      if (quantity === 'setting') return 'moved-as-you-set';
      return isMore ? 'moved-cooler-slower' : 'moved-hotter-quicker';
    case 'portion_g':
      return quantity === 'portion' ? 'moved-as-you-pour' : isMore ? 'moved-more-cooks-longer' : 'moved-less-cooks-sooner';
    case 'overfill':
      return quantity === 'portion' ? 'moved-by-taste' : isMore ? 'moved-more-cooks-longer' : 'moved-less-cooks-sooner';
    case 'batter_C':
      return quantity === 'portion' ? 'moved-swells-otherwise' : isMore ? 'moved-colder-batter' : 'moved-warmer-batter';
    case 'load':
    case 'preheat_s':
      return isMore === (quantity === 'time') ? 'moved-plates-cooler' : 'moved-plates-hotter';
    case 'onPlate':
      return quantity === 'portion' ? 'moved-takes-room' : isMore ? 'moved-more-cooks-longer' : 'moved-less-cooks-sooner';
    case 'airFraction':
      return quantity === 'portion' ? 'moved-other-air' : isMore ? 'moved-more-cooks-longer' : 'moved-less-cooks-sooner';
    case 'altitude_m':
      return 'moved-thinner-air';
    case 'delay_s':
    case 'room_C':
      return 'moved-plates-otherwise';
    case 'turn_s':
      return 'moved-sides-otherwise';
    case 'reading':
      return 'moved-other-batter';
    case 'iron':
      return 'moved-other-iron';
  }
};
