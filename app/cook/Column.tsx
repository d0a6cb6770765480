import { beginsAnother, isAsAdvised, isSpread, restFor } from '../../core/line/index.ts';
import clsx from 'clsx';
import { Undo2 } from './icons.ts';
import type { CSSProperties } from 'react';
import { memo, useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import { nearestScoop } from '../../core/kit/index.ts';
import { cookedFor_s, poured_g, settingOf } from '../../core/log/index.ts';
import type { Did, LoadProgress, NewLoadEvent } from '../../core/log/index.ts';
import type { Grease } from '../../core/plate/index.ts';
import { useKey } from '../keys/index.ts';
import { basisInShort, clock, dialMarkText, grams, temperature, TOPPING_WORDS, useSettling } from '../ui/index.ts';
import { describeSentence } from '../../words/index.ts';
import { Cooking } from './Cooking.tsx';
import { IronState } from './IronState.tsx';
import { ReallyDone } from './ReallyDone.tsx';
import { BigButton, Stage } from './Stage.tsx';
import { RisingColour, Since, useStage } from './times.tsx';
import type { LinePlace } from './linePlace.ts';

type Props = {
  readonly place: LinePlace;
  readonly kit: Kit;
  readonly zone: string;
  readonly disabled: boolean;
  /** The plan is ready: before that nobody knows how large a bowl is begun. */
  readonly isReady: boolean;
  /** The answer to another takes its place. */
  readonly isHidden: boolean;
  /** Said before the pour; it goes with the pour into the book. */
  readonly said: Did;
  readonly onSaid: (ironId: string, did: Did) => void;
  readonly onPour: (place: LinePlace) => void;
  readonly onTouch: (place: LinePlace, event: NewLoadEvent) => void;
  /** Asks how what came out of this iron was. */
  readonly onAsk: (loadId: string) => void;
};

/** By iron, the opened load that was left behind: a look at another station doesn't bring it back. */
const LEFT_BEHIND = new Map<string, string>();

/** One iron: fills with the colour the load inside has by now. Drawn anew when something happens; what shows time ticks by itself. */
export const Column = memo((props: Props) => {
  const { place, kit, said, onSaid, onPour, onTouch, onAsk } = props;
  const { iron, load, progress, prediction, n } = place;
  // "Next load" leaves the opened one behind before the next is poured.
  const [leftBehind, setLeftBehind] = useState(() => LEFT_BEHIND.get(iron.id) ?? null);
  const { isSettling, settle } = useSettling();
  const [telling, setTelling] = useState(false);
  const undoKey = useKey('line.undo');
  const disabled = props.disabled || isSettling;
  const current = load !== null && load.id !== leftBehind ? load : null;
  const phase = current === null ? 'ready' : (progress?.phase ?? 'ready');
  const times = current === null || progress === null || prediction === null ? null : { progress, cookTime_s: prediction.cookTime_s };
  const stage = useStage(times, kit.cueBefore_s);
  const touch = (event: NewLoadEvent): void => {
    settle();
    onTouch(place, event);
  };
  const isDue = stage !== null && stage !== 'early';
  return (
    <section
      aria-label={iron.name}
      hidden={props.isHidden}
      data-iron={iron.id}
      data-phase={phase}
      data-load={current?.id ?? ''}
      data-events={current === null ? 0 : place.log.length}
      data-stage={stage ?? ''}
      className={clsx(
        'relative isolate flex min-w-0 flex-1 flex-col gap-2 overflow-y-auto border-r-2 border-bench-deep px-4 py-3 stacked:min-h-[70vh]',
        isDue ? 'text-ink' : 'text-white',
      )}
      // Words over the rising colour stand on their own dark ground until the whole column has it.
      style={{ '--ground': isDue ? 'transparent' : 'color-mix(in srgb, var(--color-bench) 88%, transparent)' } as CSSProperties}
    >
      {times !== null && prediction !== null && phase === 'cooking' && <RisingColour times={times} prediction={prediction} stage={stage} />}
      <header className="flex items-baseline justify-between gap-2">
        <h2 className="on-ground text-2xl">{iron.name}</h2>
        <p className="on-ground shrink-0">load {current?.n ?? n}</p>
      </header>
      <p className="on-ground -mt-2 max-w-full shrink-0 truncate text-[15px]">{place.formula.name}</p>
      {place.holds.length > 0 && (
        <p className="on-ground -mt-1 text-[15px] font-semibold" data-figure="holds">
          on its plates: {place.holds.map((id) => TOPPING_WORDS[id]).join(', ')}
        </p>
      )}
      {phase === 'ready' && <IronState ironId={iron.id} zone={props.zone} />}
      {phase === 'ready' && (
        <Ready
          place={place}
          kit={kit}
          said={said}
          disabled={disabled}
          isReady={props.isReady}
          onPour={() => {
            settle();
            onPour(place);
          }}
          onTell={() => setTelling(true)}
        />
      )}
      {phase === 'poured' && (
        <Stage word="poured" figure={<Since at={progress?.pouredAt ?? null} />} below={afterPour(place)}>
          <BigButton label="Closed" keyId="line.closed" disabled={disabled} onClick={() => touch({ kind: 'closed', data: {} })} />
        </Stage>
      )}
      {phase === 'cooking' && times !== null && (
        <Cooking place={place} times={times} stage={stage ?? 'early'} zone={props.zone} disabled={disabled} onTouch={touch} />
      )}
      {phase === 'opened' && current !== null && progress !== null && (
        <div className="flex shrink-0 grow flex-col gap-3">
          <OpenedAfter progress={progress} prediction={prediction} />
          <IronState ironId={iron.id} zone={props.zone} />
          <p className="text-lg">Onto a rack, never a stack: steam softens what lies close.</p>
          <button
            type="button"
            disabled={disabled}
            className="min-h-20 rounded-lg border-2 border-white/70 font-display text-2xl font-bold"
            onClick={() => place.load !== null && onAsk(place.load.id)}
          >
            {progress.observations.length === 0 ? 'How was it?' : 'Said; change it'}
          </button>
          <div className="mt-auto">
            {!place.isRemoved && (
              <BigButton
                label="Next load"
                disabled={disabled}
                onClick={() => {
                  settle();
                  LEFT_BEHIND.set(iron.id, current.id);
                  setLeftBehind(current.id);
                }}
              />
            )}
          </div>
        </div>
      )}
      {current !== null && (
        <div className="flex justify-between gap-x-4 text-[15px]">
          {progress?.lastUndoable != null && (
            <button
              type="button"
              disabled={disabled}
              className="on-ground inline-flex min-h-11 items-center gap-2 self-start font-semibold underline underline-offset-4"
              aria-keyshortcuts={undoKey}
              onClick={() => progress.lastUndoable !== null && touch({ kind: 'undone', data: { seq: progress.lastUndoable.seq } })}
            >
              <Undo2 aria-hidden className="size-5" /> undo “{eventWord(progress.lastUndoable.kind)}”
            </button>
          )}
          {prediction !== null && phase !== 'ready' && (
            <button
              type="button"
              disabled={disabled}
              className="on-ground min-h-11 font-semibold underline underline-offset-4"
              onClick={() => setTelling(true)}
            >
              {grams(poured_g(prediction, progress ?? { did: {} }))} g: change
            </button>
          )}
        </div>
      )}
      {telling && (
        <Telling
          place={place}
          kit={kit}
          promised={current === null ? null : prediction}
          said={current === null ? said : (progress?.did ?? {})}
          onSay={(did) => (current === null ? onSaid(iron.id, did) : touch({ kind: 'did', data: did }))}
          onClose={() => setTelling(false)}
        />
      )}
    </section>
  );
});
Column.displayName = 'Column';

const GREASE_WORDS: Readonly<Record<Exclude<Grease, 'none'>, string>> = {
  'every-load': 'Grease both plates, thinly: the batter is lean',
  'first-load': 'Grease both plates, this once: then the batter does it',
  'every-pocket': 'Coat every pocket, thinly',
  film: 'A film of fat, this once: this batter sticks',
};

const eventWord = (kind: string): string =>
  ({ signal: 'sign', logged: 'last answer', peeked: 'looked', did: 'what was done' })[kind] ?? kind;

type TellingProps = {
  readonly place: LinePlace;
  readonly kit: Kit;
  /** For the load that is in the iron; null: one is about to be poured, as advised. */
  readonly promised: LinePlace['prediction'];
  readonly said: Did;
  readonly onSay: (did: Did) => void;
  readonly onClose: () => void;
};

/** Of the load that is in the iron, or of the one that is about to be poured. */
const Telling = ({ place, kit, promised, said, onSay, onClose }: TellingProps) => {
  const { iron, advice } = place;
  const portion_g = promised?.portion_g ?? advice?.answer.portion_g;
  const setting = promised?.setting ?? advice?.answer.setting;
  if (portion_g === undefined || setting === undefined) return null;
  return (
    <ReallyDone
      iron={iron}
      kit={kit}
      portion_g={portion_g}
      setting={settingOf({ setting }, { did: said })}
      density_gPerML={advice === null ? 1 : advice.answer.portion_g / advice.answer.portion_mL}
      scatter_g={place.onPlate?.grams ?? null}
      said={said}
      onSay={onSay}
      onClose={onClose}
    />
  );
};

/** What comes between the pour and the lid. */
const afterPour = (place: LinePlace): string => {
  const { onPlate } = place;
  const first = [
    isSpread(place) ? 'spread it to the edges, it doesn’t run there by itself' : null,
    onPlate === null ? null : `scatter ${grams(onPlate.grams)} g of ${TOPPING_WORDS[onPlate.toppingId]}`,
  ].filter((part) => part !== null);
  if (first.length === 0) return 'Close the lid; the time runs from there';
  const words = `${first.join('; ')}, then close: the time runs from there`;
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}`;
};

/** How long it was in. Nothing is said where a clock that was set makes it less than nothing. */
const OpenedAfter = ({ progress, prediction }: { readonly progress: LoadProgress; readonly prediction: LinePlace['prediction'] }) => {
  const cooked_s = cookedFor_s(progress);
  return (
    cooked_s !== null && (
      <p className="text-lg">
        opened after <b className="figure text-3xl">{clock(cooked_s)}</b>
        {prediction !== null && <span> · meant {clock(prediction.cookTime_s.best)}</span>}
      </p>
    )
  );
};

/** Less than a teaspoonful is no news, g. */
const NEWS_FROM_G = 4;
const WHY_CHANGED = { missing: 'a corner was missing', leaked: 'it ran out at the rim' } as const;

/** A portion that isn't the last load's any more is announced, with what it was and why. */
const PortionChange = ({ place: { load, advice, prediction, progress, iron, formula } }: { readonly place: LinePlace }) => {
  if (load === null || advice === null || prediction === null || prediction.formulaId !== formula.id) return null;
  const was_g = prediction.portion_g / iron.geometry.moulds;
  const { dose_g } = advice.answer;
  if (Math.abs(dose_g - was_g) < NEWS_FROM_G) return null;
  const fill = progress?.observations.findLast(({ kind }) => kind === 'fill');
  const why = fill?.kind === 'fill' && fill.value !== 'full' ? WHY_CHANGED[fill.value] : 'what you said of its loads';
  return (
    <p role="status" className="text-lg font-semibold" data-figure="portion was" data-exact={was_g}>
      {grams(dose_g)} g, was {grams(was_g)} g: {why}
    </p>
  );
};

type ReadyProps = {
  readonly place: LinePlace;
  readonly kit: Kit;
  readonly said: Did;
  readonly disabled: boolean;
  readonly isReady: boolean;
  readonly onPour: () => void;
  readonly onTell: () => void;
};

const Ready = ({ place, kit, said, disabled, isReady, onPour, onTell }: ReadyProps) => {
  const { advice, iron, isWeighing } = place;
  if (place.failure !== null)
    return (
      <p role="alert" className="text-xl">
        Nothing can be said of the next load: {describeSentence(place.failure)}.
      </p>
    );
  if (advice === null || !isReady) return <p className="text-xl">Getting ready …</p>;
  const { answer } = advice;
  const { moulds } = iron.geometry;
  const scoop = nearestScoop(answer.portion_mL / moulds, kit.scoops);
  const { setting } = answer;
  const rest = restFor(place, said);
  const heat =
    setting.chosen === 'fixed'
      ? 'when its light goes out'
      : setting.dial !== null
        ? `dial ${dialMarkText(setting.dial)}`
        : temperature(setting.temperature_C, kit.temperatureUnit);
  return (
    <Stage
      word={moulds > 1 ? `pour into each of ${moulds}` : 'pour'}
      figure={grams(answer.dose_g)}
      unit="g"
      below={scoop === null ? `${Math.round(answer.portion_mL / moulds)} mL` : `${scoop.count} × ${scoop.name.toLowerCase()}`}
    >
      <p className="text-lg">
        {heat} · then {clock(answer.cookTime_s.best)} closed
      </p>
      {place.isTrial && <p className="text-lg font-semibold">a trial load: rate it afterwards</p>}
      {place.wipeBefore && <p className="text-lg font-semibold">wipe the plates first</p>}
      {place.onPlate !== null && (
        <p className="text-lg">
          then scatter {grams(place.onPlate.grams)} g of {TOPPING_WORDS[place.onPlate.toppingId]}
        </p>
      )}
      {advice.grease !== 'none' && <p className="text-lg">{GREASE_WORDS[advice.grease]}</p>}
      <p className="text-[15px] text-white/80">{isWeighing ? 'Taking its loads into account …' : basisInShort(answer.basis)}</p>
      <PortionChange place={place} />
      <button type="button" className="min-h-11 self-start text-lg font-semibold underline underline-offset-4" onClick={onTell}>
        {isAsAdvised(said) ? 'Change' : 'Changed: edit'}
      </button>
      {beginsAnother(place) && <p className="text-lg font-semibold">The bowl is empty: this begins another</p>}
      {rest !== null && (
        <p className="text-lg font-semibold" data-figure="last pour" data-exact={rest.grams}>
          The bowl has {grams(rest.grams)} g to pour:{' '}
          {moulds > 1 ? `fill ${rest.moulds} of ${moulds}` : 'one smaller piece, it is done sooner'}
        </p>
      )}
      <BigButton
        label={
          rest !== null
            ? `Poured the rest, ${grams(rest.grams)} g`
            : said.portion === undefined
              ? 'Poured'
              : `Poured ${grams(said.portion.grams)} g`
        }
        keyId="line.poured"
        disabled={disabled}
        onClick={onPour}
      />
    </Stage>
  );
};
