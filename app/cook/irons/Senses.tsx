import { CloudFog, Eye, Lightbulb, Volume2, Wind } from 'lucide-react';
import { useState } from 'react';
import type { NewLoadEvent } from '../../../core/log/index.ts';
import { clock, inkOn, LinkButton, tawnyCss } from '../../ui/index.ts';
import { Nose } from './icons.ts';
import type { LinePlace } from '../line/linePlace.ts';

const LOOKS = [
  { seen: 'pale', word: 'pale', step: 1.5 },
  { seen: 'half', word: 'half', step: 2.7 },
  { seen: 'nearly', word: 'nearly', step: 3.7 },
  { seen: 'dark', word: 'dark', step: 5 },
] as const;

type Props = { readonly place: LinePlace; readonly disabled: boolean; readonly onTouch: (event: NewLoadEvent) => void };

const SENSES = [
  { icon: Wind, label: 'steam is down', signal: 'steam-down' },
  { icon: Nose, label: 'it smells', signal: 'smells' },
  { icon: Volume2, label: 'it beeped', signal: 'beeped' },
  { icon: Lightbulb, label: 'its light', signal: 'light' },
  { icon: CloudFog, label: 'still steaming', signal: 'steaming' },
] as const;

/** Whether this iron has such a signal: a steam that goes on long after the load is done says nothing. */
const says = ({ iron, advice }: LinePlace, signal: (typeof SENSES)[number]['signal']): boolean =>
  signal === 'light' ? iron.signals.light : signal === 'steam-down' || signal === 'steaming' ? advice?.answer.steamDown_s !== null : true;

const PRESS =
  'flex min-h-16 items-center justify-center gap-2 rounded-xl border-2 border-line px-2 text-lg leading-tight font-semibold active:scale-[0.98] disabled:opacity-60';

/** What can be noticed of a load that cooks without taking it out; each moves its time at once. */
export const Senses = ({ place, disabled, onTouch }: Props) => {
  const [looking, setLooking] = useState(false);
  if (looking)
    return (
      <div role="group" aria-label="How brown was the paler side?" className="grid grid-cols-2 gap-3">
        <p className="col-span-2 text-lg font-semibold">How brown was the paler side?</p>
        {LOOKS.map(({ seen, word, step }) => (
          <button
            key={seen}
            type="button"
            disabled={disabled}
            className="min-h-16 rounded-xl border-2 border-ink px-1 text-xl font-bold"
            style={{ background: tawnyCss(step), color: inkOn(step) }}
            onClick={() => {
              onTouch({ kind: 'peeked', data: { seen } });
              setLooking(false);
            }}
          >
            {word}
          </button>
        ))}
        <LinkButton onClick={() => setLooking(false)}>I didn’t look</LinkButton>
      </div>
    );
  return (
    <div role="group" aria-label="What do you notice?" className="grid grid-cols-2 gap-3">
      {SENSES.filter(({ signal }) => says(place, signal)).map(({ icon: Icon, label, signal }) => (
        <button
          key={signal}
          type="button"
          disabled={disabled}
          className={PRESS}
          onClick={() => onTouch({ kind: 'signal', data: { signal } })}
        >
          <Icon aria-hidden className="size-6 shrink-0" />
          {label}
        </button>
      ))}
      <button type="button" disabled={disabled} className={PRESS} onClick={() => setLooking(true)}>
        <Eye aria-hidden className="size-6 shrink-0" />
        looked
      </button>
    </div>
  );
};

const SIGNAL_WORDS: Readonly<Record<string, string>> = {
  'steam-down': 'steam down',
  smells: 'smelt',
  beeped: 'beeped',
  light: 'light',
  steaming: 'still steaming',
};

/** What was noticed so far, with its time in the iron. */
export const Noticed = ({ place: { progress } }: { readonly place: LinePlace }) => {
  const closedAt = progress?.closedAt ?? 0;
  const said = [
    ...(progress?.signals ?? []).map(({ signal, at }) => ({ word: SIGNAL_WORDS[signal] ?? signal, at })),
    ...(progress?.peeks ?? []).map(({ at, seen }) => ({ word: seen === null ? 'looked' : `looked ${seen}`, at })),
  ].sort((a, b) => a.at - b.at);
  if (said.length === 0) return null;
  return <p className="text-lg">{said.map(({ word, at }) => `${word} ${clock((at - closedAt) / 1000)}`).join(' · ')}</p>;
};
