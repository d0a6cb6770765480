import type { ReactNode } from 'react';
import { useState } from 'react';
import type { Why } from '../../core/advise/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { clock, dialMarkText, DialOf, grams, LidClock, Scoops, scoopsFor, temperature } from '../ui/index.ts';
import type { AdviceReply } from '../workers/index.ts';
import { WhySheet } from './WhySheet.tsx';

type Props = { readonly reply: AdviceReply; readonly iron: Iron; readonly kit: Kit; readonly basis: string };

/** Dial, scoops and minutes: each a verb, its picture, the figure, one line, and why. */
export const ThreeFigures = ({ reply, iron, kit, basis }: Props) => {
  const [why, setWhy] = useState<Why | null>(null);
  const { answer } = reply;
  const ask =
    (figure: Why['figure']): (() => void) =>
    () =>
      setWhy(reply.why.find((chain) => chain.figure === figure) ?? null);
  const { moulds } = iron.geometry;
  const scoops = scoopsFor(answer.portion_mL / moulds, kit.scoops);
  const { best, from, to } = answer.cookTime_s;
  const pour = `${grams(answer.dose_g)} g${moulds > 1 ? ` into each of ${moulds}` : ''}`;
  return (
    <div className="flex flex-col divide-y divide-line">
      <Heat reply={reply} iron={iron} unit={kit.temperatureUnit} onWhy={ask('dial')} />
      <Row
        verb="Pour"
        picture={<Scoops count={scoops === null ? 1 : scoops.count} label={pour} />}
        value={scoops === null ? grams(answer.dose_g) : String(scoops.count)}
        unit={scoops === null ? 'g' : scoops.name}
        note={scoops === null ? (moulds > 1 ? `into each of ${moulds}` : '') : `${pour}${scoops.after === '' ? '' : `, ${scoops.after}`}`}
        figure="dose_g"
        exact={answer.dose_g}
        onWhy={ask('portion')}
      />
      <Row
        verb="Open after"
        picture={<LidClock best_s={best} good_s={[from, to]} label={`Open after ${clock(best)}`} />}
        value={clock(best)}
        note={Math.round(from) === Math.round(to) ? `good only at ${clock(from)}` : `good between ${clock(from)} and ${clock(to)}`}
        figure="cookTime_s.best"
        exact={best}
        onWhy={ask('time')}
      />
      <WhySheet why={why} basis={basis} onClose={() => setWhy(null)} />
    </div>
  );
};

type HeatProps = { readonly reply: AdviceReply; readonly iron: Iron; readonly unit: Kit['temperatureUnit']; readonly onWhy: () => void };

/** What is set on the iron: a mark, a temperature, or nothing but a light to wait for. */
const Heat = ({ reply: { answer }, iron, unit, onWhy }: HeatProps) => {
  const { setting } = answer;
  if (setting.chosen === 'fixed')
    return (
      <Row
        verb="Nothing to set"
        picture={<LightOn />}
        value={temperature(answer.plateTemperature_C, unit)}
        note="pour when its light goes out"
        figure="plateTemperature_C"
        exact={answer.plateTemperature_C}
      />
    );
  if (setting.dial === null)
    return (
      <Row
        verb={iron.control.type === 'hob' ? 'Pour when the plates have' : 'Set the iron to'}
        picture={<LightOn />}
        value={temperature(setting.temperature_C, unit)}
        note=""
        figure="setting_C"
        exact={setting.temperature_C}
      />
    );
  const max = iron.control.type === 'dial' ? iron.control.max : 6;
  return (
    <Row
      verb="Set the dial"
      picture={<DialOf iron={iron} dial={setting.dial} />}
      value={dialMarkText(setting.dial)}
      unit={`of ${dialMarkText(max)}`}
      note={`about ${temperature(setting.temperature_C, unit)}`}
      figure="dial"
      exact={setting.dial}
      onWhy={onWhy}
    />
  );
};

/** An iron without a dial: its light. */
const LightOn = () => (
  <svg viewBox="0 0 120 120" aria-hidden className="size-28 shrink-0 max-sm:size-20">
    <circle cx={60} cy={60} r={22} fill="var(--color-ink)" />
    {Array.from({ length: 8 }, (_, i) => (
      <line
        key={i}
        x1={60}
        y1={26}
        x2={60}
        y2={14}
        stroke="var(--color-ink)"
        strokeWidth={5}
        strokeLinecap="round"
        transform={`rotate(${45 * i} 60 60)`}
      />
    ))}
  </svg>
);

type RowProps = {
  readonly verb: string;
  readonly picture: ReactNode;
  readonly value: string;
  readonly unit?: string;
  readonly note: string;
  readonly figure: string;
  readonly exact: number;
  readonly onWhy?: () => void;
};

const Row = ({ verb, picture, value, unit, note, figure, exact, onWhy }: RowProps) => (
  <div className="flex items-center gap-6 py-2.5">
    {picture}
    <div className="min-w-0 flex-1">
      <p className="text-[17px] font-semibold">{verb}</p>
      <p className="figure text-[58px] max-sm:text-5xl">
        <span data-figure={figure} data-exact={exact}>
          {value}
        </span>
        {unit !== undefined && <span className="text-[0.5em]">{`\u00a0${unit}`}</span>}
      </p>
      <p className="text-[17px] text-quiet">{note}</p>
    </div>
    {onWhy !== undefined && (
      <button
        type="button"
        className="min-h-11 min-w-11 self-end font-semibold text-act underline decoration-band decoration-2 underline-offset-4"
        aria-label={`Why ${verb.toLowerCase()} ${value}?`}
        onClick={onWhy}
      >
        Why?
      </button>
    )}
  </div>
);
