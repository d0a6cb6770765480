import { useState } from 'react';
import type { NewLoadEvent } from '../../core/log/index.ts';
import { clock, inkOn, tawnyCss, timeWithSeconds } from '../ui/index.ts';
import { Eye, Nose, Volume2, Wind } from './icons.ts';
import { BigButton, Stage } from './Stage.tsx';
import type { CookStage, CookTimes } from './times.tsx';
import { Countdown, Elapsed } from './times.tsx';
import type { LinePlace } from './linePlace.ts';

const LOOKS = [
  { seen: 'pale', word: 'pale', step: 1.5 },
  { seen: 'half', word: 'half', step: 2.7 },
  { seen: 'nearly', word: 'nearly', step: 3.7 },
  { seen: 'dark', word: 'dark', step: 5 },
] as const;

type Props = {
  readonly place: LinePlace;
  readonly times: CookTimes;
  readonly stage: CookStage;
  readonly zone: string;
  readonly disabled: boolean;
  readonly onTouch: (event: NewLoadEvent) => void;
};

/** A load in the iron: until when, what was noticed, and the touch that opens it. */
export const Cooking = ({ place, times, stage, zone, disabled, onTouch }: Props) => {
  const [looking, setLooking] = useState(false);
  const { cookTime_s, progress } = times;
  return (
    <Stage
      word={{ early: 'cooking', cue: 'get ready', open: 'open now', late: 'late: open' }[stage]}
      figure={<Countdown times={times} />}
      below={progress.closedAt === null ? '' : `Open at ${timeWithSeconds(progress.closedAt + cookTime_s.best * 1000, zone)}`}
      timer
    >
      {place.iron.turned &&
        (progress.turnedAt === null ? (
          <button
            type="button"
            disabled={disabled}
            className="min-h-16 rounded-lg bg-white px-2 text-xl font-bold text-ink active:scale-[0.98] disabled:opacity-60"
            onClick={() => onTouch({ kind: 'turned', data: {} })}
          >
            Turned (turn it {place.turn_s === null ? 'at once' : `after ${clock(place.turn_s)}`})
          </button>
        ) : (
          <p className="on-ground text-lg font-semibold">
            turned after {clock((progress.turnedAt - (progress.closedAt ?? progress.turnedAt)) / 1000)}
          </p>
        ))}
      <p className="on-ground text-[15px]">
        good {clock(cookTime_s.from)}–{clock(cookTime_s.to)} · now <Elapsed times={times} />
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
                onTouch({ kind: 'peeked', data: { seen } });
                setLooking(false);
              }}
            >
              {word}
            </button>
          ))}
        </div>
      ) : (
        <div className="grid grid-cols-2 gap-3">
          {/* Where the steam goes on long after the load is done it says nothing, and isn’t asked about. */}
          {place.advice?.answer.steamDown_s !== null && (
            <SignalButton
              icon={Wind}
              label="steam is down"
              disabled={disabled}
              onClick={() => onTouch({ kind: 'signal', data: { signal: 'steam-down' } })}
            />
          )}
          <SignalButton
            icon={Nose}
            label="it smells"
            disabled={disabled}
            onClick={() => onTouch({ kind: 'signal', data: { signal: 'smells' } })}
          />
          <SignalButton
            icon={Volume2}
            label="it beeped"
            disabled={disabled}
            onClick={() => onTouch({ kind: 'signal', data: { signal: 'beeped' } })}
          />
          <SignalButton icon={Eye} label="looked" disabled={disabled} onClick={() => setLooking(true)} />
        </div>
      )}
      {/* Room for what comes to stand here, so that no button moves under a finger. */}
      <div className="min-h-11">
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
            By its loads and what was said: <b>{clock(place.rescue.open_s)}</b> instead of {clock(place.promised_s)}; safe to look from{' '}
            {clock(place.rescue.earliestLook_s)}
          </p>
        ) : (
          <Said place={place} />
        )}
      </div>
      <BigButton label="Opened" keyId="line.opened" disabled={disabled} onClick={() => onTouch({ kind: 'opened', data: {} })} />
    </Stage>
  );
};

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
    className="flex min-h-16 items-center justify-center gap-x-2 rounded-lg bg-white px-1 leading-tight max-xl:flex-col font-semibold text-ink active:scale-[0.98] disabled:opacity-60"
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
