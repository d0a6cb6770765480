import clsx from 'clsx';
import { Eye, Nose, Undo2, Volume2, Wind } from './icons.ts';
import type { CSSProperties } from 'react';
import { useState } from 'react';
import type { Kit } from '../../core/kit/index.ts';
import { nearestScoop } from '../../core/kit/index.ts';
import type { Load, NewLoadEvent } from '../../core/log/index.ts';
import { countdown } from '../../core/line/index.ts';
import type { Grease } from '../../core/plate/index.ts';
import { clock, dialMarkText, grams, inkOn, tawnyCss, temperature, timeWithSeconds } from '../look/index.ts';
import { LogPanel } from './LogPanel.tsx';
import type { LinePlace } from './useLine.ts';

type Props = {
  readonly place: LinePlace;
  readonly kit: Kit;
  readonly zone: string;
  readonly now: number;
  readonly disabled: boolean;
  readonly onPour: () => void;
  readonly onSay: (load: Load, event: NewLoadEvent) => void;
};

/** One iron: fills with the colour the load inside has by now. */
export const Column = (props: Props) => {
  const { place, now, kit, disabled, onSay } = props;
  const { iron, load, progress, prediction, n } = place;
  // "Next load" leaves the opened one behind before the next is poured.
  const [leftBehind, setLeftBehind] = useState<string | null>(null);
  const [looking, setLooking] = useState(false);
  const current = load !== null && load.id !== leftBehind ? load : null;
  const phase = current === null ? 'ready' : (progress?.phase ?? 'ready');
  const count =
    current === null || progress === null || prediction === null ? null : countdown(progress, prediction.cookTime_s, kit.cueBefore_s, now);
  const share = count === null || prediction === null ? 0 : Math.min(1, Math.max(0, count.elapsed_s / prediction.cookTime_s.best));
  const step = prediction === null ? 1 : 1 + (prediction.tawnyStep - 1) * share;
  const isDue = count !== null && count.stage !== 'early';
  return (
    <section
      aria-label={iron.name}
      data-iron={iron.id}
      data-phase={phase}
      data-load={current?.id ?? ''}
      data-events={current === null ? 0 : place.log.length}
      data-stage={count?.stage ?? ''}
      className={clsx(
        'relative isolate flex min-w-0 flex-1 flex-col gap-3 border-r-2 border-bench-deep p-5 max-sm:min-h-[70vh]',
        isDue ? 'text-ink' : 'text-white',
      )}
      // Words over the rising colour stand on their own dark ground until the whole column has it.
      style={{ '--ground': isDue ? 'transparent' : 'rgb(36 41 45 / 0.88)' } as CSSProperties}
    >
      <div
        aria-hidden
        className="absolute inset-x-0 bottom-0 -z-10"
        style={{ height: `${100 * share}%`, background: tawnyCss(Math.min(step, 4.9)) }}
      />
      {isDue && (
        <div
          aria-hidden
          className={clsx('absolute inset-0 -z-10 border-8', count.stage === 'late' ? 'border-hazard' : 'border-white')}
          style={{ background: tawnyCss(Math.min(step, 4.9)) }}
        />
      )}
      <header className="flex items-baseline justify-between gap-2">
        <h2 className="on-ground text-[28px]">{iron.name}</h2>
        <p className="on-ground text-right">
          load {current?.n ?? n}
          <br />
          {place.formula.name}
        </p>
      </header>
      {phase === 'ready' && <Ready {...props} />}
      {phase === 'poured' && current !== null && (
        <Stage word="poured" figure={clock((now - (progress?.pouredAt ?? now)) / 1000)} below="Close the lid; the time runs from there">
          <BigButton label="Closed" keyHint="c" disabled={disabled} onClick={() => onSay(current, { kind: 'closed', data: {} })} />
        </Stage>
      )}
      {phase === 'cooking' && current !== null && count !== null && prediction !== null && (
        <Stage
          word={{ early: 'cooking', cue: 'get ready', open: 'open now', late: 'late: open' }[count.stage]}
          figure={clock(count.left_s)}
          below={`Open at ${timeWithSeconds((progress?.closedAt ?? now) + prediction.cookTime_s.best * 1000, props.zone)}`}
          timer
        >
          <p className="on-ground text-[15px]">
            good {clock(prediction.cookTime_s.from)}–{clock(prediction.cookTime_s.to)} · now {clock(count.elapsed_s)}
          </p>
          {looking ? (
            <div role="group" aria-label="How brown was the paler side?" className="grid grid-cols-2 gap-3">
              {LOOKS.map(({ seen, word, step: shade }) => (
                <button
                  key={seen}
                  type="button"
                  disabled={disabled}
                  className="min-h-16 rounded-lg border-2 border-white px-1 text-xl font-bold"
                  style={{ background: tawnyCss(shade), color: inkOn(shade) }}
                  onClick={() => {
                    onSay(current, { kind: 'peeked', data: { seen } });
                    setLooking(false);
                  }}
                >
                  {word}
                </button>
              ))}
            </div>
          ) : (
            <div className="grid grid-cols-2 gap-3">
              <SignalButton
                icon={Wind}
                label="steam is down"
                disabled={disabled}
                onClick={() => onSay(current, { kind: 'signal', data: { signal: 'steam-down' } })}
              />
              <SignalButton
                icon={Nose}
                label="it smells"
                disabled={disabled}
                onClick={() => onSay(current, { kind: 'signal', data: { signal: 'smells' } })}
              />
              <SignalButton
                icon={Volume2}
                label="it beeped"
                disabled={disabled}
                onClick={() => onSay(current, { kind: 'signal', data: { signal: 'beeped' } })}
              />
              <SignalButton icon={Eye} label="looked" disabled={disabled} onClick={() => setLooking(true)} />
            </div>
          )}
          {looking ? (
            <button
              type="button"
              className="on-ground min-h-11 self-start font-semibold underline underline-offset-4"
              onClick={() => setLooking(false)}
            >
              I didn’t look
            </button>
          ) : place.rescue !== null && place.promised_s !== null ? (
            <p className="on-ground text-[15px]" role="status" data-figure="rescued" data-exact={place.rescue.open_s}>
              By its loads and what you noticed: <b>{clock(place.rescue.open_s)}</b> instead of {clock(place.promised_s)}; safe to look from{' '}
              {clock(place.rescue.earliestLook_s)}
            </p>
          ) : (
            <Said place={place} />
          )}
          <BigButton label="Opened" keyHint="o" disabled={disabled} onClick={() => onSay(current, { kind: 'opened', data: {} })} />
        </Stage>
      )}
      {phase === 'opened' && current !== null && progress !== null && (
        <div className="flex min-h-0 flex-1 flex-col gap-3">
          <p className="text-lg">
            opened after{' '}
            <b className="figure text-3xl">{clock(((progress.openedAt ?? 0) - (progress.closedAt ?? progress.openedAt ?? 0)) / 1000)}</b>
            {prediction !== null && <span> · meant {clock(prediction.cookTime_s.best)}</span>}
          </p>
          <LogPanel
            key={current.id}
            moulds={iron.geometry.moulds}
            observations={progress.observations}
            disabled={disabled}
            onSay={(said) => said.forEach((data) => onSay(current, { kind: 'logged', data }))}
          />
          <div className="mt-auto">
            <BigButton label="Next load" keyHint="" disabled={disabled} onClick={() => setLeftBehind(current.id)} />
          </div>
        </div>
      )}
      {current !== null && progress?.lastUndoable != null && (
        <button
          type="button"
          disabled={disabled}
          className="on-ground inline-flex min-h-11 items-center gap-2 self-start font-semibold underline underline-offset-4"
          aria-keyshortcuts="u"
          onClick={() => progress.lastUndoable !== null && onSay(current, { kind: 'undone', data: { seq: progress.lastUndoable.seq } })}
        >
          <Undo2 aria-hidden className="size-5" /> undo “{eventWord(progress.lastUndoable.kind)}”
        </button>
      )}
    </section>
  );
};

const GREASE_WORDS: Readonly<Record<Exclude<Grease, 'none'>, string>> = {
  'every-load': 'Grease both plates, thinly: the batter is lean',
  'first-load': 'Grease both plates, this once: then the batter does it',
  'every-pocket': 'Coat every pocket, thinly',
  film: 'A film of fat, this once: this batter sticks',
};

const LOOKS = [
  { seen: 'pale', word: 'pale', step: 1.5 },
  { seen: 'half', word: 'half', step: 2.7 },
  { seen: 'nearly', word: 'nearly', step: 3.7 },
  { seen: 'dark', word: 'dark', step: 5 },
] as const;

const eventWord = (kind: string): string => ({ signal: 'sign', logged: 'last answer', peeked: 'looked' })[kind] ?? kind;

const Ready = ({ place, kit, disabled, onPour }: Props) => {
  const { advice, iron } = place;
  if (advice === null) return <p className="text-xl">Reckoning …</p>;
  const { answer } = advice;
  const { moulds } = iron.geometry;
  const scoop = nearestScoop(answer.portion_mL / moulds, kit.scoops);
  const { setting } = answer;
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
      {advice.grease !== 'none' && <p className="text-lg">{GREASE_WORDS[advice.grease]}</p>}
      <BigButton label="Poured" keyHint="p" disabled={disabled} onClick={onPour} />
    </Stage>
  );
};

type StageProps = {
  readonly word: string;
  readonly figure: string;
  readonly unit?: string;
  readonly below: string;
  readonly timer?: boolean;
  readonly children: React.ReactNode;
};

const Stage = ({ word, figure, unit, below, timer = false, children }: StageProps) => (
  <div className="flex min-h-0 flex-1 flex-col gap-3">
    <p className="on-ground text-2xl">{word}</p>
    <p
      className="figure on-ground text-[clamp(96px,min(10vw,14.5vh),132px)] leading-[0.9]"
      role={timer ? 'timer' : undefined}
      data-countdown={timer ? figure : undefined}
    >
      {figure}
      {unit !== undefined && <span className="ml-2 text-4xl">{unit}</span>}
    </p>
    <p className="on-ground text-xl">{below}</p>
    <div className="mt-auto flex flex-col gap-3">{children}</div>
  </div>
);

const BigButton = ({
  label,
  keyHint,
  disabled,
  onClick,
}: {
  readonly label: string;
  readonly keyHint: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
}) => (
  <button
    type="button"
    disabled={disabled}
    aria-keyshortcuts={keyHint === '' ? undefined : keyHint}
    className="min-h-20 w-full rounded-lg bg-act font-display text-[28px] font-bold text-white shadow-[0_0_0_2px_rgb(255_255_255/0.5)] active:scale-[0.99] disabled:bg-[#6c787a]"
    onClick={onClick}
  >
    {label}
  </button>
);

const SignalButton = ({
  icon: Icon,
  label,
  disabled,
  onClick,
}: {
  readonly icon: typeof Wind;
  readonly label: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
}) => (
  <button
    type="button"
    disabled={disabled}
    className="flex min-h-16 items-center justify-center gap-2 rounded-lg bg-white px-2 leading-tight font-semibold text-ink active:scale-[0.98] disabled:opacity-60"
    onClick={onClick}
  >
    <Icon aria-hidden className="size-5 shrink-0" />
    {label}
  </button>
);

const SIGNAL_WORDS: Readonly<Record<string, string>> = { 'steam-down': 'steam down', smells: 'smelt', beeped: 'beeped' };

/** What was noticed so far, with its time in the iron. */
const Said = ({ place: { progress } }: { readonly place: LinePlace }) => {
  const closedAt = progress?.closedAt ?? 0;
  const said = [
    ...(progress?.signals ?? []).map(({ signal, at }) => ({ word: SIGNAL_WORDS[signal] ?? signal, at })),
    ...(progress?.peeks ?? []).map(({ at, seen }) => ({ word: seen === null ? 'looked' : `looked ${seen}`, at })),
  ].sort((a, b) => a.at - b.at);
  if (said.length === 0) return null;
  return <p className="on-ground text-[15px]">{said.map(({ word, at }) => `${word} ${clock((at - closedAt) / 1000)}`).join(' · ')}</p>;
};
