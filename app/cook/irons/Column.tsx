import clsx from 'clsx';
import { Ellipsis } from 'lucide-react';
import type { ReactNode } from 'react';
import type { IronState, Touchable } from '../../../core/line/index.ts';
import { restFor } from '../../../core/line/index.ts';
import { cookedFor_s } from '../../../core/log/index.ts';
import type { KeyId } from '../../keys/index.ts';
import { useKey } from '../../keys/index.ts';
import { clock, grams, TOPPING_WORDS, useSettling } from '../../ui/index.ts';
import { TOUCHES } from '../useCook.ts';
import type { Cook } from '../useCook.ts';
import { changedPortion, heatText, restText } from '../words/amounts.ts';
import { ironText } from '../words/ironText.ts';
import type { IronText } from '../words/ironText.ts';
import { DONE } from '../words/panelText.ts';
import { Drawing } from './Drawing.tsx';
import type { LinePlace } from '../line/linePlace.ts';

type Props = {
  readonly cook: Cook;
  readonly place: LinePlace;
  readonly state: IronState;
  readonly now: number;
  readonly onMore: () => void;
  readonly onRate: () => void;
  /** What a rehearsal lets be seen, heard and smelt of it. */
  readonly seen: ReactNode;
};

/** One iron: what is in it, its clock, what comes then, and one button that is always at the same place. Nothing scrolls. */
export const Column = ({ cook, place, state, now, onMore, onRate, seen }: Props) => {
  const { iron, load, log } = place;
  const text = ironText(state, { place, kit: cook.kit, zone: cook.zone, now, isReady: cook.isReady });
  return (
    <section
      aria-label={iron.name}
      data-iron={iron.id}
      data-phase={state.phase}
      data-load={load?.id ?? ''}
      data-events={load === null ? 0 : log.length}
      data-stage={state.stage ?? ''}
      data-late={state.isLate}
      className={clsx(
        'relative flex min-h-0 min-w-0 flex-col gap-1 p-3 text-center text-ink',
        state.isLate ? 'bg-hazard-soft outline-4 -outline-offset-4 outline-late' : state.isNext ? 'bg-act-soft' : 'bg-sheet',
      )}
    >
      <header className="flex items-start gap-1 text-left">
        <h2 className="line-clamp-2 min-w-0 flex-1 text-[min(28px,2.4vw)] leading-tight max-lg:text-[22px]">{iron.name}</h2>
        <button
          type="button"
          aria-label={`More: ${iron.name}`}
          className="-mt-1 -mr-1 grid size-11 shrink-0 place-items-center rounded-lg hover:bg-track"
          onClick={onMore}
        >
          <Ellipsis aria-hidden className="size-7" />
        </button>
      </header>
      {(cook.planned?.dishes.length ?? 0) > 1 && <p className="-mt-1 truncate text-left text-[15px] text-quiet">{place.formula.name}</p>}
      <Drawing place={place} state={state} />
      <Clock state={state} text={text} />
      <Then cook={cook} place={place} text={text} />
      {seen !== null && <p className="min-h-[2.6em] text-[15px] leading-tight text-quiet">{seen}</p>}
      <div className="mt-auto flex shrink-0 flex-col gap-2 pt-1">
        {state.phase === 'opened' && <Rate place={place} onRate={onRate} disabled={!cook.held} />}
        <TouchButton cook={cook} place={place} state={state} />
      </div>
    </section>
  );
};

/** Longer clocks are written smaller. */
const clockSize = (length: number): string =>
  length <= 5 ? 'text-[min(68px,5.6vw,9.5vh)]' : length <= 6 ? 'text-[min(54px,4.6vw,8vh)]' : 'text-[min(40px,3.4vw,7vh)]';

export const Clock = ({ state, text }: { readonly state: IronState; readonly text: IronText }) => (
  <>
    <p
      role={state.phase === 'cooking' ? 'timer' : undefined}
      data-countdown={state.phase === 'cooking' ? text.figure : undefined}
      className={clsx('figure whitespace-nowrap', clockSize(text.figure.length), state.isLate && 'text-hazard')}
    >
      {text.figure}
    </p>
    <p
      className="text-[min(19px,1.8vw)] leading-tight text-quiet max-lg:text-[17px]"
      data-state={state.waits?.for ?? (state.isDone ? 'done' : state.phase)}
    >
      {text.below}
    </p>
  </>
);

/** What comes then, or what has changed: a portion, a time that was moved, the last of the bowl, what the plates have seen. */
const Then = ({ cook, place, text }: { readonly cook: Cook; readonly place: LinePlace; readonly text: IronText }) => {
  const changed = changedPortion(place);
  const isIn = place.progress?.phase === 'cooking' || place.progress?.phase === 'poured';
  const rest = isIn ? null : restText(place, cook.saidOf(place.iron.id));
  const isMoved = isIn && place.rescue !== null;
  return (
    <div className="min-h-[3.6em] text-[17px] leading-tight low:hidden">
      <p className="text-quiet">{text.label}</p>
      <p
        className="font-display text-[min(26px,2.2vw)] leading-tight font-bold max-lg:text-[21px]"
        {...(isMoved ? { role: 'status', 'data-figure': 'rescued', 'data-exact': place.rescue.open_s } : {})}
      >
        {text.then}
      </p>
      {!isIn && <NextLoad cook={cook} place={place} />}
      {changed !== null && (
        <p role="status" className="text-[15px] font-semibold" data-figure="portion was" data-exact={changed.was_g}>
          {changed.text}
        </p>
      )}
      {rest !== null && (
        <p className="text-[15px] font-semibold" data-figure="last pour" data-exact={restFor(place, cook.saidOf(place.iron.id))?.grams}>
          {rest}
        </p>
      )}
      {place.holds.length > 0 && (
        <p className="text-[15px] font-semibold" data-figure="holds">
          on its plates: {place.holds.map((id) => TOPPING_WORDS[id]).join(', ')}
        </p>
      )}
    </div>
  );
};

/** The next load in figures: grams into each mould, what is set, how long it is closed, and what is scattered in. */
const NextLoad = ({ cook, place }: { readonly cook: Cook; readonly place: LinePlace }) => {
  const { advice, onPlate } = place;
  if (advice === null || !cook.isReady) return null;
  const { dose_g, cookTime_s } = advice.answer;
  return (
    <p className="text-[15px] text-quiet" data-next-load>
      {grams(dose_g)}
      {'\u00a0'}g · {heatText(place, cook.kit.temperatureUnit)} · {clock(cookTime_s.best)}
      {onPlate !== null && ` · then scatter ${grams(onPlate.grams)}\u00a0g of ${TOPPING_WORDS[onPlate.toppingId]}`}
    </p>
  );
};

const KEYS: Readonly<Partial<Record<Touchable, KeyId>>> = { pour: 'line.poured', close: 'line.closed', open: 'line.opened' };

/** The one touch that makes sense at this iron; filled once it is the thing to do. */
export const TouchButton = ({ cook, place, state }: Pick<Props, 'cook' | 'place' | 'state'>) => {
  // The second half of a double touch must not do what stands there next.
  const { isSettling, settle } = useSettling();
  const act = state.button?.act;
  const shortcut = useKey(act === undefined ? undefined : KEYS[act]);
  if (act === undefined) return <div className="h-[min(108px,12vh)] min-h-14" />;
  const label = act === 'pour' ? pouredLabel(place, cook) : DONE[act];
  const isLit = state.button?.isLit === true;
  return (
    <button
      type="button"
      disabled={!cook.held || isSettling}
      aria-keyshortcuts={shortcut}
      className={clsx(
        'h-[min(108px,12vh)] min-h-14 w-full rounded-2xl border-2 border-act px-1 font-display leading-none font-bold active:scale-[0.98] disabled:opacity-60',
        label.length > 10 ? 'text-xl' : 'text-[min(30px,2.6vw)] max-lg:text-[26px]',
        isLit ? 'bg-act text-page' : 'text-act',
      )}
      onClick={() => {
        settle();
        if (act === 'pour') cook.pour(place);
        else cook.touch(place, TOUCHES[act]);
      }}
    >
      {label}
    </button>
  );
};

/** What "Poured" says where it isn't a whole load as advised. */
const pouredLabel = (place: LinePlace, cook: Cook): string => {
  const said = cook.saidOf(place.iron.id);
  const rest = restFor(place, said);
  if (rest !== null) return `Poured the rest, ${grams(rest.grams)}\u00a0g`;
  return said.portion === undefined ? DONE.pour : `Poured ${grams(said.portion.grams)}\u00a0g`;
};

/** How what came out was, and how long it was in. */
export const Rate = ({
  place: { progress, prediction },
  onRate,
  disabled,
}: {
  readonly place: LinePlace;
  readonly onRate: () => void;
  readonly disabled: boolean;
}) => {
  const cooked_s = progress === null ? null : cookedFor_s(progress);
  const isSaid = (progress?.observations.length ?? 0) > 0;
  return (
    <div>
      {cooked_s !== null && (
        <p className="text-[15px] leading-tight text-quiet">
          opened after {clock(cooked_s)}
          {prediction !== null && `, plan ${clock(prediction.cookTime_s.best)}`}
        </p>
      )}
      <button
        type="button"
        disabled={disabled}
        className={clsx(
          'min-h-14 w-full rounded-2xl border-2 font-display text-xl font-bold',
          isSaid ? 'border-line text-quiet' : 'border-ink',
        )}
        onClick={onRate}
      >
        {isSaid ? 'Change the rating' : 'How was it?'}
      </button>
    </div>
  );
};
