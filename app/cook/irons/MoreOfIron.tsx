import { Undo2, X } from 'lucide-react';
import { useState } from 'react';
import type { IronState } from '../../../core/line/index.ts';
import { isAsAdvised } from '../../../core/line/index.ts';
import { poured_g, settingOf } from '../../../core/log/index.ts';
import { useKey } from '../../keys/index.ts';
import { basisInShort, clock, grams, useSettling } from '../../ui/index.ts';
import type { Cook } from '../useCook.ts';
import { heatText } from '../words/amounts.ts';
import { GREASE_WORDS } from '../words/panelText.ts';
import { IronClock, Rate, TouchButton } from './ironParts.tsx';
import { ReallyDone } from './ReallyDone.tsx';
import { Noticed, Senses } from './Senses.tsx';
import type { LinePlace } from '../line/linePlace.ts';
import { ironText } from '../words/ironText.ts';

type Props = {
  readonly cook: Cook;
  readonly place: LinePlace;
  readonly state: IronState;
  readonly now: number;
  readonly onRate: () => void;
  readonly onClose: () => void;
};

/** Everything else that can be said of one iron: what is noticed, what was really done, undo; on a phone its own button, too. */
export const MoreOfIron = ({ cook, place, state, now, onRate, onClose }: Props) => {
  const { iron, load, formula, n } = place;
  const [telling, setTelling] = useState<'this' | 'next' | null>(null);
  const { isSettling, settle } = useSettling();
  const disabled = !cook.held || isSettling;
  const text = ironText(state, { place, kit: cook.kit, zone: cook.zone, now, isReady: cook.isReady });
  return (
    <section
      aria-label={`${iron.name}: more`}
      className="flex min-h-0 min-w-0 flex-1 flex-col gap-3 overflow-y-auto bg-sheet p-5 text-ink max-md:p-3"
    >
      <header className="flex items-start gap-3">
        <div className="min-w-0 flex-1">
          <h2 className="text-2xl">{iron.name}</h2>
          <p className="truncate text-lg text-quiet">
            {formula.name} · load {load?.n ?? n}
          </p>
        </div>
        <button
          type="button"
          aria-label="Close"
          className="grid size-14 shrink-0 place-items-center rounded-lg hover:bg-track"
          onClick={onClose}
        >
          <X aria-hidden className="size-8" />
        </button>
      </header>
      <div className="flex items-center gap-4">
        <div className="text-center">
          <IronClock state={state} text={text} />
        </div>
        <div className="ml-auto w-60 max-w-[50%]">
          <TouchButton cook={cook} place={place} state={state} />
        </div>
      </div>
      {state.phase === 'cooking' && (
        <Senses
          place={place}
          disabled={disabled}
          onTouch={(event) => {
            settle();
            cook.touch(place, event);
          }}
        />
      )}
      {state.phase === 'cooking' && <Noticed place={place} />}
      <Moved place={place} />
      {state.phase === 'opened' && <Rate place={place} onRate={onRate} disabled={disabled} />}
      <Links cook={cook} place={place} state={state} onTell={setTelling} />
      <Facts cook={cook} place={place} />
      {telling !== null && <Telling cook={cook} place={place} which={telling} onClose={() => setTelling(null)} />}
    </section>
  );
};

/** What was noticed has moved its time: from when to when, and from when on a look doesn't tear it. */
const Moved = ({ place: { rescue, promised_s } }: { readonly place: LinePlace }) =>
  rescue !== null &&
  promised_s !== null && (
    <p role="status" className="text-xl font-semibold" data-figure="rescued" data-exact={rescue.open_s}>
      By its loads and what was said: {clock(rescue.open_s)} instead of {clock(promised_s)}; safe to look from{' '}
      {clock(rescue.earliestLook_s)}
    </p>
  );

const eventWord = (kind: string): string =>
  ({ signal: 'sign', logged: 'last answer', peeked: 'looked', did: 'what was done' })[kind] ?? kind;

const LINK = 'inline-flex min-h-14 items-center gap-2 rounded-xl border-2 border-line px-4 text-lg font-semibold disabled:opacity-60';

/** What can be taken back or said otherwise. */
const Links = ({
  cook,
  place,
  state,
  onTell,
}: {
  readonly cook: Cook;
  readonly place: LinePlace;
  readonly state: IronState;
  readonly onTell: (which: 'this' | 'next') => void;
}) => {
  const undoKey = useKey('line.undo');
  const { isSettling, settle } = useSettling();
  const { progress, prediction, iron, advice } = place;
  const last = progress?.lastUndoable ?? null;
  const isIn = state.phase === 'poured' || state.phase === 'cooking';
  const disabled = !cook.held || isSettling;
  return (
    <div className="flex flex-wrap gap-3">
      {last !== null && (
        <button
          type="button"
          disabled={disabled}
          aria-keyshortcuts={undoKey}
          className={LINK}
          onClick={() => {
            settle();
            cook.note(place, { kind: 'undone', data: { seq: last.seq } });
          }}
        >
          <Undo2 aria-hidden className="size-5" /> undo “{eventWord(last.kind)}”
        </button>
      )}
      {prediction !== null && progress !== null && state.phase !== 'ready' && (
        <button type="button" disabled={disabled} className={LINK} onClick={() => onTell('this')}>
          {grams(poured_g(prediction, progress))} g: change
        </button>
      )}
      {!isIn && advice !== null && (
        <button type="button" disabled={disabled} className={LINK} onClick={() => onTell('next')}>
          {isAsAdvised(cook.saidOf(iron.id)) ? 'Change the next pour' : 'The next pour is changed: edit'}
        </button>
      )}
    </div>
  );
};

/** What it is set to, how long it is good, and how sure that is. */
const Facts = ({ cook, place }: { readonly cook: Cook; readonly place: LinePlace }) => {
  const { advice, prediction, progress, isWeighing } = place;
  if (advice === null) return null;
  const grease = place.recipe?.grease ?? advice.grease;
  const { from, to } = (progress?.phase === 'cooking' ? prediction : null)?.cookTime_s ?? advice.answer.cookTime_s;
  const facts = [
    heatText(place, cook.kit.temperatureUnit),
    `good ${clock(from)}–${clock(to)}`,
    grease === 'none' ? null : GREASE_WORDS[grease],
    isWeighing ? 'taking its loads into account …' : basisInShort(advice.answer.basis),
  ].filter((fact) => fact !== null);
  return <p className="mt-auto text-lg text-quiet">{facts.join(' · ')}</p>;
};

/** Of the load that was poured, or of the one that is about to be. */
const Telling = ({
  cook,
  place,
  which,
  onClose,
}: {
  readonly cook: Cook;
  readonly place: LinePlace;
  readonly which: 'this' | 'next';
  readonly onClose: () => void;
}) => {
  const { iron, advice, progress } = place;
  const promised = which === 'next' ? null : place.prediction;
  const said = promised === null ? cook.saidOf(iron.id) : (progress?.did ?? {});
  const portion_g = promised?.portion_g ?? advice?.answer.portion_g;
  const setting = promised?.setting ?? advice?.answer.setting;
  if (portion_g === undefined || setting === undefined) return null;
  return (
    <ReallyDone
      iron={iron}
      kit={cook.kit}
      portion_g={portion_g}
      setting={settingOf({ setting }, { did: said })}
      density_gPerML={advice === null ? 1 : advice.answer.portion_g / advice.answer.portion_mL}
      scatter_g={place.onPlate?.grams ?? null}
      said={said}
      onSay={(did) => (promised === null ? cook.say(iron.id, did) : cook.note(place, { kind: 'did', data: did }))}
      onClose={onClose}
    />
  );
};
