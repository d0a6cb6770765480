import clsx from 'clsx';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import type { CookState, IronState } from '../../core/line/index.ts';
import { hasLoadIn } from '../../core/line/index.ts';
import { useNow } from '../clock/index.ts';
import type { Session } from '../session/index.ts';
import { useAskedJumps } from '../session/index.ts';
import { BesidesDue } from './asked/BesidesDue.tsx';
import { BowlsOver } from './asked/BowlsOver.tsx';
import { Doubt } from './asked/Doubt.tsx';
import { Missed } from './asked/Missed.tsx';
import { CueAnnouncer } from './cues/CueAnnouncer.tsx';
import { TapForSound } from './cues/TapForSound.tsx';
import { Foot } from './foot/Foot.tsx';
import { Chip } from './irons/Chip.tsx';
import { Column } from './irons/Column.tsx';
import { MoreOfIron } from './irons/MoreOfIron.tsx';
import type { LinePlace } from './line/linePlace.ts';
import { NowPanel } from './panel/NowPanel.tsx';
import { PlatesPanel } from './panel/PlatesPanel.tsx';
import { RatePanel } from './rate/RatePanel.tsx';
import { useSimulated } from './simulated/useSimulated.tsx';
import type { Cook } from './useCook.ts';
import { useCook } from './useCook.ts';
import { useCookKeys } from './useCookKeys.ts';
import { useIsPhone } from './useIsPhone.ts';

const TICK_MS = 250;

/** What is open over the irons: more of one of them, or how its last load was (as it stood when that was asked). */
type Over = { readonly what: 'more' | 'rate'; readonly place: LinePlace } | null;

/** The cooking instrument: the one thing to do, every iron, and how the morning stands; nothing of it scrolls. */
export const CookInstrument = ({ session }: { readonly session: Session }) => {
  const [search] = useSearchParams();
  const cook = useCook(session, search.get('iron'));
  useCookKeys(cook);
  if (!cook.isLoaded) return null;
  return (
    <div data-appearance={cook.kit.isLineLight === true ? 'light' : 'dark'} data-cook className="flex h-full flex-col bg-page text-ink">
      <h1 className="sr-only">Cook</h1>
      <Asked cook={cook} />
      {cook.places.length === 0 ? (
        <p className="flex-1 p-8 text-xl">No iron here yet. Choose irons for your plan, or start a load from Iron.</p>
      ) : (
        <Instrument cook={cook} />
      )}
      {cook.held && cook.places.some(hasLoadIn) && <TapForSound />}
      {cook.doubted !== null && <Doubt cook={cook} place={cook.doubted} />}
    </div>
  );
};

/** What has to be answered, above everything else and never instead of it. */
const Asked = ({ cook }: { readonly cook: Cook }) => {
  const isClockAsked = useAskedJumps().length > 0;
  const { held, places, zone, planned } = cook;
  return (
    <>
      {!held && (
        <div role="status" className="flex flex-wrap items-center gap-4 bg-sheet px-5 py-2 text-lg">
          Another tab is cooking. Here you can only watch.
          <button type="button" className="button-act" onClick={cook.takeOver}>
            Take over here
          </button>
        </div>
      )}
      {/* What was missed may not have been: first it is asked what the clock did. */}
      {!isClockAsked && <Missed places={places} zone={zone} disabled={!held} onTouch={cook.note} />}
      <BowlsOver places={places} zone={zone} disabled={!held} />
      {planned !== null && <BesidesDue planned={planned} />}
    </>
  );
};

const Instrument = ({ cook }: { readonly cook: Cook }) => {
  const now = useNow(TICK_MS);
  const { hand } = cook;
  const shown = cook.stateAt(now);
  const seen = useSimulated(cook);
  const isPhone = useIsPhone();
  const [over, setOver] = useState<Over>(null);
  const ironId = over?.place.iron.id;
  const place = placeOver(cook.places, over);
  const state = shown.irons.find((one) => one.ironId === ironId);
  const isOpen = place !== null && state !== undefined;
  return (
    <>
      <div className="flex min-h-0 flex-1 gap-0.5 max-md:flex-col">
        {hand.part === 'plates' ? (
          <PlatesPanel session={cook.session} planned={cook.planned} places={cook.places} />
        ) : (
          <NowPanel cook={cook} panel={shown.panel} now={now} overdue={overdue(shown)} isRow={isPhone && isOpen} />
        )}
        {isOpen && over !== null && <OverIrons cook={cook} over={over} place={place} state={state} now={now} onOver={setOver} />}
        <Irons isHidden={isOpen} isPhone={isPhone} cook={cook} irons={shown.irons} now={now} seen={seen} onOver={setOver} />
      </div>
      <CueAnnouncer cook={cook} irons={shown.irons} />
      <Foot cook={cook} hidden={isOpen ? shown.irons.filter((one) => one.ironId !== ironId) : NONE} />
    </>
  );
};

/**
 * The place that is open over the irons. A load goes on being rated when the next one is in its iron already; one whose opening was taken back doesn't.
 * Null: nothing is open.
 */
const placeOver = (places: readonly LinePlace[], over: Over): LinePlace | null => {
  if (over === null) return null;
  const now = places.find(({ iron }) => iron.id === over.place.iron.id) ?? null;
  if (over.what === 'more') return now;
  const isStillIn = now?.load?.id === over.place.load?.id;
  if (!isStillIn) return over.place;
  return now?.progress?.phase === 'opened' ? now : null;
};

const NONE: readonly IronState[] = [];
const overdue = ({ irons }: CookState): number => irons.filter(({ left_s }) => left_s !== null && left_s <= 0).length;

type OverProps = {
  readonly cook: Cook;
  readonly over: NonNullable<Over>;
  readonly place: LinePlace;
  readonly state: IronState;
  readonly now: number;
  readonly onOver: (over: Over) => void;
};

const OverIrons = ({ cook, over: { what }, place, state, now, onOver }: OverProps) =>
  what === 'more' ? (
    <MoreOfIron
      cook={cook}
      place={place}
      state={state}
      now={now}
      onRate={() => onOver({ what: 'rate', place })}
      onClose={() => onOver(null)}
    />
  ) : (
    <RatePanel key={place.load?.id} cook={cook} place={place} onDone={() => onOver(null)} />
  );

type IronsProps = {
  /** Something is open over them. */
  readonly isHidden: boolean;
  readonly isPhone: boolean;
  readonly cook: Cook;
  readonly irons: readonly IronState[];
  readonly now: number;
  readonly seen: ReadonlyMap<string, ReactNode>;
  readonly onOver: (over: Over) => void;
};

/** More than this many irons side by side stand in two rows. */
const MOST_IN_A_ROW = 4;
const MOST_CHIPS_IN_A_ROW = 3;

const Irons = ({ isHidden, isPhone, cook, irons, now, seen, onOver }: IronsProps) => {
  const most = isPhone ? MOST_CHIPS_IN_A_ROW : MOST_IN_A_ROW;
  const rows = Math.ceil(irons.length / most);
  const columns = Math.ceil(irons.length / rows);
  return (
    <div
      className={clsx('min-h-0 min-w-0 gap-0.5', isHidden ? 'hidden' : 'grid', isPhone ? 'shrink-0 gap-2 p-2' : 'flex-1')}
      style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`, gridTemplateRows: `repeat(${rows}, minmax(0, 1fr))` }}
    >
      {irons.map((state) => {
        const place = cook.places.find(({ iron }) => iron.id === state.ironId);
        if (place === undefined) return null;
        const props = { cook, place, state, now, seen: seen.get(state.ironId) ?? null };
        const open = (what: 'more' | 'rate'): void => onOver({ what, place });
        return isPhone ? (
          <Chip key={state.ironId} {...props} onOpen={open} />
        ) : (
          <Column key={state.ironId} {...props} isDense={rows > 1} onMore={() => open('more')} onRate={() => open('rate')} />
        );
      })}
    </div>
  );
};
