import clsx from 'clsx';
import type { IronState, Touchable } from '../../../core/line/index.ts';
import { restFor } from '../../../core/line/index.ts';
import { cookedFor_s } from '../../../core/log/index.ts';
import type { KeyId } from '../../keys/index.ts';
import { useKey } from '../../keys/index.ts';
import { clock, grams, useSettling } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import type { Cook } from '../useCook.ts';
import { TOUCHES } from '../useCook.ts';
import { clockData, stateName } from './ironLook.ts';
import type { IronText } from '../words/ironText.ts';
import { DONE } from '../words/panelText.ts';

/** Longer clocks are written smaller. */
const clockSize = (length: number): string =>
  length <= 5 ? 'text-[min(68px,5.6vw,9.5vh)]' : length <= 6 ? 'text-[min(54px,4.6vw,8vh)]' : 'text-[min(40px,3.4vw,7vh)]';

export const IronClock = ({ state, text }: { readonly state: IronState; readonly text: IronText }) => (
  <>
    <p
      {...clockData(state, text.figure)}
      className={clsx('figure whitespace-nowrap', clockSize(text.figure.length), state.isLate && 'text-hazard')}
    >
      {text.figure}
    </p>
    <p className="text-[min(19px,1.8vw)] leading-tight text-quiet max-lg:text-[17px]" data-state={stateName(state)}>
      {text.below}
    </p>
  </>
);

const KEYS: Readonly<Partial<Record<Touchable, KeyId>>> = { pour: 'line.poured', close: 'line.closed', open: 'line.opened' };

/** The one touch that makes sense at this iron; filled once it is the thing to do. */
export const TouchButton = ({ cook, place, state }: { readonly cook: Cook; readonly place: LinePlace; readonly state: IronState }) => {
  // The second half of a double touch must not do what stands there next.
  const { isSettling, settle } = useSettling();
  const act = state.button?.act;
  const shortcut = useKey(act === undefined ? undefined : KEYS[act]);
  if (act === undefined) return <div className="h-[min(108px,12vh)] min-h-14 group-data-dense:h-14" />;
  const label = act === 'pour' ? pouredLabel(place, cook) : DONE[act];
  const isLit = state.button?.isLit === true;
  return (
    <button
      type="button"
      disabled={!cook.held || isSettling}
      aria-keyshortcuts={shortcut}
      className={clsx(
        'h-[min(108px,12vh)] min-h-14 w-full rounded-2xl group-data-dense:h-14 border-2 border-act px-1 font-display leading-none font-bold active:scale-[0.98] disabled:opacity-60',
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
        <p className="text-[15px] leading-tight text-quiet group-data-dense:hidden">
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
