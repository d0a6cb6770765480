import clsx from 'clsx';
import { Ellipsis } from 'lucide-react';
import type { ReactNode } from 'react';
import type { IronState } from '../../../core/line/index.ts';
import { restFor } from '../../../core/line/index.ts';
import { clock, grams, TOPPING_WORDS } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import type { Cook } from '../useCook.ts';
import { changedPortion, heatText, restText } from '../words/amounts.ts';
import type { IronText } from '../words/ironText.ts';
import { ironText } from '../words/ironText.ts';
import { Drawing } from './Drawing.tsx';
import { ironData, ironGround } from './ironLook.ts';
import { IronClock, Rate, TouchButton } from './ironParts.tsx';

type Props = {
  readonly cook: Cook;
  readonly place: LinePlace;
  readonly state: IronState;
  readonly now: number;
  readonly onMore: () => void;
  readonly onRate: () => void;
  /** There are two rows of irons: each keeps to what it must say. */
  readonly isDense: boolean;
  /** What a rehearsal lets be seen, heard and smelt of it. */
  readonly seen: ReactNode;
};

/** One iron: what is in it, its clock, what comes then, and one button that is always at the same place. Nothing scrolls. */
export const Column = ({ cook, place, state, now, onMore, onRate, isDense, seen }: Props) => {
  const { iron } = place;
  const text = ironText(state, { place, kit: cook.kit, zone: cook.zone, now, isReady: cook.isReady });
  return (
    <section
      {...ironData(place, state)}
      data-dense={isDense || undefined}
      className={clsx('group relative flex min-h-0 min-w-0 flex-col gap-1 p-3 text-center text-ink', ironGround(state))}
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
      <IronClock state={state} text={text} />
      <Then cook={cook} place={place} text={text} />
      {seen !== null && <p className="min-h-[2.6em] text-[15px] leading-tight text-quiet">{seen}</p>}
      <div className="mt-auto flex shrink-0 flex-col gap-2 pt-1">
        {state.phase === 'opened' && <Rate place={place} onRate={onRate} disabled={!cook.held} />}
        <TouchButton cook={cook} place={place} state={state} />
      </div>
    </section>
  );
};

/** What comes then, or what has changed: a portion, a time that was moved, the last of the bowl, what the plates have seen. */
const Then = ({ cook, place, text }: { readonly cook: Cook; readonly place: LinePlace; readonly text: IronText }) => {
  const changed = changedPortion(place);
  const isIn = place.progress?.phase === 'cooking' || place.progress?.phase === 'poured';
  const rest = isIn ? null : restText(place, cook.saidOf(place.iron.id));
  const isMoved = isIn && place.rescue !== null;
  return (
    <div className="min-h-[3.6em] shrink-0 text-[17px] leading-tight group-data-dense:min-h-0 low:hidden">
      <p className="text-quiet group-data-dense:hidden">{text.label}</p>
      <p
        className="font-display text-[min(26px,2.2vw)] leading-tight font-bold group-data-dense:line-clamp-1 group-data-dense:text-[18px] max-lg:text-[21px]"
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
    <p className="text-[15px] text-quiet group-data-dense:hidden" data-next-load>
      {grams(dose_g)}
      {'\u00a0'}g · {heatText(place, cook.kit.temperatureUnit)} · {clock(cookTime_s.best)}
      {onPlate !== null && ` · then scatter ${grams(onPlate.grams)}\u00a0g of ${TOPPING_WORDS[onPlate.toppingId]}`}
    </p>
  );
};
