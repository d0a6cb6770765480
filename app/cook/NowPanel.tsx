import clsx from 'clsx';
import { useEffect } from 'react';
import type { Towards } from '../../core/book/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { nearestScoop } from '../../core/kit/index.ts';
import type { Act, DueAct } from '../../core/line/index.ts';
import { conduct, conductedIrons, isSpread } from '../../core/line/index.ts';
import type { NewLoadEvent } from '../../core/log/index.ts';
import { useNow } from '../clock/index.ts';
import { clock, grams, timeOfDay, TOPPING_WORDS, TOWARDS } from '../ui/index.ts';
import type { PlannedRun } from '../session/index.ts';
import { dishName, keepConducted } from '../session/index.ts';
import type { LineConducting, LinePlace } from './linePlace.ts';
import type { Folds } from './useFolds.ts';

type Props = {
  readonly conducting: LineConducting;
  readonly folds: Folds;
  /** The acts of whoever stands before this screen. */
  readonly does: ReadonlySet<Act>;
  readonly kit: Kit;
  readonly disabled: boolean;
  /** Where its loads say to pour, off the middle. */
  readonly towards: ReadonlyMap<string, Towards>;
  readonly onPour: (place: LinePlace) => void;
  readonly onTouch: (place: LinePlace, event: NewLoadEvent) => void;
  /** This iron's next load waits: it isn't hot yet, or is left out for now. */
  readonly onPutOff: (ironId: string) => void;
  /** This iron's next load is left out; the others make it good. */
  readonly onSkip: (place: LinePlace) => void;
};

const TICK_MS = 500;
/** So long before it is due an act is shown as the thing to do, and can be touched here, ms. A pour that is early brings two lids together: it waits. */
const AT_HAND_MS: Readonly<Record<Exclude<Act, 'fold'>, number>> = { pour: 1000, close: 0, turn: 8000, open: 20_000, 'switch-on': 20_000 };

/** A countdown to the second is for what comes soon. */
const FAR_S = 3600;

const VERBS: Readonly<Record<Act, string>> = {
  fold: 'Fold',
  pour: 'Pour',
  close: 'Close',
  turn: 'Turn',
  open: 'Open',
  'switch-on': 'Switch on',
};
const DONE: Readonly<Record<Exclude<Act, 'switch-on' | 'fold'>, string>> = {
  pour: 'Poured',
  close: 'Closed',
  turn: 'Turned',
  open: 'Opened',
};

/** One thing to do next over all irons, seen from a metre: verb, iron, how long; and what comes after it. */
export const NowPanel = ({ conducting, folds, does, kit, towards, disabled, onPour, onTouch, onPutOff, onSkip }: Props) => {
  const now = useNow(TICK_MS);
  const { places, planned, missing, isReady } = conducting;
  const { next, then } = conduct(conductedIrons(conducting, now), now, { does, folds: isReady ? folds.due : [] });
  const place = places.find(({ iron }) => iron.id === next?.ironId);
  useEffect(() =>
    keepConducted(next === null || place === undefined ? null : { what: `${VERBS[next.act]} ${place.iron.name}`, at: next.at }),
  );
  useEffect(() => () => keepConducted(null), []);
  const nameOf = ({ act, ironId, dishId }: DueAct): string =>
    act === 'fold' ? foldWords(planned, dishId ?? '') : (places.find(({ iron }) => iron.id === ironId)?.iron.name ?? '');
  if (next?.act === 'fold')
    return (
      <section
        aria-label="Do next"
        data-act="fold"
        data-for={next.dishId}
        data-at-hand={next.at <= now}
        className={`${FRAME} ${next.at <= now ? 'bg-act' : ''}`}
      >
        <p className="text-2xl text-white/90 low:text-lg low:leading-none">{next.at <= now ? 'now' : 'wait'}</p>
        <p className="font-display text-[clamp(40px,min(5.2vw,11vh),76px)] leading-none font-bold break-words">Fold {nameOf(next)}</p>
        {next.at > now && <p className="figure text-[clamp(64px,min(8.5vw,20vh),120px)] leading-none">{clock((next.at - now) / 1000)}</p>}
        <p className="text-2xl low:text-lg">what was kept back of the foam, whipped anew if it has wept; then pour on</p>
        {then !== null && (
          <p className="text-xl text-white/85 low:text-lg">
            then {VERBS[then.act].toLowerCase()} {nameOf(then)}
          </p>
        )}
        <div className="mt-auto flex min-h-24 gap-3 low:min-h-16">
          <button
            type="button"
            disabled={disabled}
            className="min-h-24 w-full low:min-h-16 rounded-xl bg-white font-display text-4xl font-bold text-ink active:scale-[0.99] disabled:opacity-60"
            onClick={() => folds.fold(next.dishId ?? '')}
          >
            Folded
          </button>
        </div>
      </section>
    );
  if (!isReady && next === null)
    return (
      <section aria-label="Do next" data-act="getting-ready" className={FRAME}>
        <p className="font-display text-4xl font-bold">Getting ready …</p>
        <p className="text-xl">Working out your plan. The first order comes when it is done.</p>
      </section>
    );
  if (next === null || place === undefined)
    return (
      <section aria-label="Do next" className={FRAME}>
        <p className="font-display text-4xl font-bold">Nothing to do</p>
        <p className="text-xl">
          {missing !== null && [...missing.values()].some((pieces) => pieces > 0)
            ? 'Nothing for you right now. The other screens have work.'
            : 'Everything planned is done. You can still pour at any iron.'}
        </p>
      </section>
    );
  const left_s = (next.at - now) / 1000;
  const isAtHand = next.at - now <= AT_HAND_MS[next.act];
  const isLate = next.act === 'open' && left_s < -3;
  const press = (): void => {
    if (next.act === 'pour') onPour(place);
    else if (next.act !== 'switch-on' && next.act !== 'fold')
      onTouch(place, { kind: { close: 'closed', turn: 'turned', open: 'opened' }[next.act], data: {} } as NewLoadEvent);
  };
  return (
    <section
      aria-label="Do next"
      data-act={next.act}
      data-for={next.ironId}
      data-at-hand={isAtHand}
      className={`${FRAME} ${isLate ? 'bg-hazard' : isAtHand ? 'bg-act' : ''}`}
    >
      <p className="text-2xl text-white/90 low:text-lg low:leading-none">{isAtHand ? 'now' : 'wait'}</p>
      <p className="font-display text-[clamp(40px,min(5.2vw,11vh),76px)] leading-none font-bold break-words">
        {/* A name of two short words stays together. */}
        {VERBS[next.act]} {place.iron.name.length <= 10 ? place.iron.name.replaceAll(' ', '\u00a0') : place.iron.name}
      </p>
      <p className={clsx('figure leading-none', left_s > FAR_S ? 'text-5xl' : 'text-[clamp(64px,min(8.5vw,20vh),120px)]')}>
        {isAtHand && next.act === 'pour' && place.advice !== null ? (
          <>
            {grams(place.advice.answer.dose_g)} <span className="text-4xl">g</span>
          </>
        ) : next.act === 'close' ? (
          ''
        ) : left_s > FAR_S ? (
          `at ${timeOfDay(next.at, kit.zone)}`
        ) : (
          clock(left_s)
        )}
      </p>
      <p className="text-2xl low:text-lg">
        {next.act === 'switch-on' && left_s > FAR_S
          ? 'Your plan starts then. You can cook one now.'
          : note(next, place, kit.scoops, towards.get(next.ironId))}
      </p>
      {then !== null && (
        <p className="text-xl text-white/85 low:text-lg">
          then {VERBS[then.act].toLowerCase()} {nameOf(then)}
          {then.at - now > 3000 &&
            ((then.at - now) / 1000 > FAR_S ? ` at ${timeOfDay(then.at, kit.zone)}` : ` in ${clock((then.at - now) / 1000)}`)}
        </p>
      )}
      {/* Always at the same place; empty while there is nothing to touch. */}
      <div className="mt-auto flex min-h-24 gap-3 low:min-h-16">
        {next.act === 'pour' && isAtHand && (
          <button
            type="button"
            disabled={disabled}
            aria-label={`Not yet: ${place.iron.name}`}
            className="min-h-24 shrink-0 rounded-xl border-2 border-white/70 px-4 text-xl font-semibold low:min-h-16 disabled:opacity-60"
            onClick={() => onPutOff(place.iron.id)}
          >
            Not yet
          </button>
        )}
        {next.act === 'pour' && isAtHand && (
          <button
            type="button"
            disabled={disabled}
            aria-label={`Skip this one: ${place.iron.name}`}
            className="min-h-24 shrink-0 rounded-xl border-2 border-white/70 px-4 text-xl font-semibold low:min-h-16 disabled:opacity-60"
            onClick={() => onSkip(place)}
          >
            Skip
          </button>
        )}
        {next.act !== 'switch-on' && isAtHand && (
          <button
            type="button"
            // Nothing can be poured before it is known how much.
            disabled={disabled || (next.act === 'pour' && place.advice === null)}
            aria-label={`${DONE[next.act]}: ${place.iron.name}`}
            className="min-h-24 w-full low:min-h-16 rounded-xl bg-white font-display text-4xl font-bold text-ink active:scale-[0.99] disabled:opacity-60"
            onClick={press}
          >
            {DONE[next.act]}
          </button>
        )}
      </div>
    </section>
  );
};

/** "the next part", and of what where there are several dishes. */
const foldWords = (planned: PlannedRun | null, dishId: string): string => {
  const of = planned === null ? null : dishName(planned, dishId);
  return of === null ? 'the next part' : `the next part of ${of}`;
};

export const FRAME =
  'flex w-[38%] min-w-80 shrink-0 flex-col gap-3 overflow-y-auto border-r-4 border-bench-deep p-5 max-lg:w-[44%] stacked:w-full stacked:min-w-0 low:min-h-[calc(100dvh-84px)] low:gap-1 low:p-3';

/** What else the hand has to know at that moment. */
const note = ({ act }: DueAct, place: LinePlace, scoops: Kit['scoops'], towards: Towards | undefined): string => {
  const { advice, onPlate, iron, wipeBefore, isTrial } = place;
  const moulds = iron.geometry.moulds;
  if (act === 'pour' && place.over !== null) return 'from another bowl: this one is over its limit';
  if (act === 'pour' && advice !== null) {
    const scoop = nearestScoop(advice.answer.portion_mL / moulds, scoops);
    return [
      isTrial ? 'a trial load' : null,
      wipeBefore ? 'wipe the plates first' : null,
      scoop === null ? null : `${scoop.count} × ${scoop.name.toLowerCase()}`,
      moulds > 1 ? `into each of ${moulds}` : towards === undefined ? 'into the middle' : null,
      towards === undefined ? null : `a little ${TOWARDS[towards]}`,
    ]
      .filter((part) => part !== null)
      .join(', ');
  }
  if (act === 'close')
    return onPlate !== null
      ? `scatter ${grams(onPlate.grams)} g of ${TOPPING_WORDS[onPlate.toppingId]} first`
      : isSpread(place)
        ? 'spread it to the edges first'
        : 'the time runs from the lid';
  if (act === 'open') return 'onto a rack, never a stack';
  return act === 'turn' ? 'over, at once, with both hands' : 'it has to be hot in time';
};
