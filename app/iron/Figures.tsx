import { useState } from 'react';
import type { Why } from '../../core/advise/index.ts';
import { priorOf } from '../../core/plate/index.ts';
import { NORMAL_P90 } from '../../core/basis/index.ts';
import type { Kit, ScoopAdvice } from '../../core/kit/index.ts';
import { nearestScoop } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { clock, dialMarkText, grams, temperature, temperatureApart } from '../ui/index.ts';
import type { AdviceReply } from '../workers/index.ts';
import { WhySheet } from './WhySheet.tsx';

type Props = {
  readonly reply: AdviceReply;
  readonly iron: Iron;
  readonly kit: Kit;
  readonly basis: string;
  /** The portion is the cook's own: nothing of it is guessed. */
  readonly isOwn: boolean;
};

/** The three figures to act on, each with its band and its why. */
export const Figures = ({ reply, iron, kit, basis, isOwn }: Props) => {
  const [why, setWhy] = useState<Why | null>(null);
  const { answer } = reply;
  const ask = (figure: Why['figure']) => () => setWhy(reply.why.find((chain) => chain.figure === figure) ?? null);
  const { moulds } = iron.geometry;
  const scoop = nearestScoop(answer.portion_mL / moulds, kit.scoops);
  const unit = kit.temperatureUnit;
  const { setting } = answer;
  /** Eight in ten irons of which no more is known, or as its loads leave it open, lie within these. */
  const known = reply.believed?.spread ?? priorOf(iron);
  const plateBand_K = NORMAL_P90 * known.plates_K;
  const portionBand = NORMAL_P90 * known.cavity;
  return (
    <>
      <div className="grid grid-cols-1 gap-x-6 gap-y-3 sm:grid-cols-3">
        {setting.chosen === 'fixed' ? (
          <Block
            title="Nothing to set"
            value={temperature(answer.plateTemperature_C, unit)}
            figure="plateTemperature_C"
            exact={answer.plateTemperature_C}
            note="when its light goes out"
            band="portion, wait and preheat are all there is"
          />
        ) : setting.dial !== null ? (
          <Block
            title="Set the dial to"
            value={dialMarkText(setting.dial)}
            figure="dial"
            exact={setting.dial}
            note={`≈ ${temperature(setting.temperature_C, unit)}`}
            band={`plates ${temperature(answer.plateTemperature_C, unit)} at the pour, ± ${temperatureApart(plateBand_K, unit)}`}
            onWhy={ask('dial')}
          />
        ) : (
          <Block
            title={iron.control.type === 'hob' ? 'Pour when the plates have' : 'Set the iron to'}
            value={temperature(setting.temperature_C, unit)}
            figure="setting_C"
            exact={setting.temperature_C}
            note=""
            band={`plates ${temperature(answer.plateTemperature_C, unit)} at the pour, ± ${temperatureApart(plateBand_K, unit)}`}
          />
        )}
        <Block
          title={moulds > 1 ? `Pour, into each of ${moulds}` : 'Pour'}
          value={grams(answer.dose_g)}
          figure="dose_g"
          exact={answer.dose_g}
          unit="g"
          note={scoop === null ? '' : scoopWords(scoop)}
          band={`${moulds > 1 ? `${grams(answer.portion_g)} g a load, ` : ''}${Math.round(answer.portion_mL)} mL; ${isOwn ? 'your own' : `${grams((1 - portionBand) * answer.dose_g)}–${grams((1 + portionBand) * answer.dose_g)} g ${reply.believed === null ? 'by 8 in 10 such irons' : 'by what its loads say'}`}`}
          onWhy={ask('portion')}
        />
        <Block
          title="Open after"
          value={clock(answer.cookTime_s.best)}
          figure="cookTime_s.best"
          exact={answer.cookTime_s.best}
          unit="min"
          note=""
          band={`${good(answer.cookTime_s)}; unsure ${clock(answer.cookTimeBand_s.p10)}–${clock(answer.cookTimeBand_s.p90)}`}
          onWhy={ask('time')}
        />
      </div>
      <WhySheet why={why} basis={basis} onClose={() => setWhy(null)} />
    </>
  );
};

/** The whole seconds between which it is good; where what has to happen first comes last, there is only one. */
const good = ({ from, to }: AdviceReply['answer']['cookTime_s']): string =>
  Math.round(from) === Math.round(to) ? `good only at ${clock(from)}` : `good ${clock(from)}–${clock(to)}`;

/** "2 × ladle", with how far off it is when that would be seen on the plate. */
const scoopWords = ({ count, name, off }: ScoopAdvice): string => {
  const percent = Math.round(100 * off);
  const difference = Math.abs(percent) < 4 ? '' : `, ${Math.abs(percent)}\u00a0% ${percent > 0 ? 'over' : 'short'}`;
  return `${count} × ${name.toLowerCase()}${difference}`;
};

type BlockProps = {
  readonly title: string;
  readonly value: string;
  readonly unit?: string;
  readonly figure: string;
  readonly exact: number;
  readonly note: string;
  readonly band: string;
  readonly onWhy?: () => void;
};

const Block = ({ title, value, unit, figure, exact, note, band, onWhy }: BlockProps) => (
  <div className="border-l-3 border-ink pl-4">
    <p className="text-[15px] text-quiet">{title}</p>
    <p className="flex flex-wrap items-baseline gap-x-2">
      <span className="whitespace-nowrap">
        <span className="figure text-[56px]" data-figure={figure} data-exact={exact}>
          {value}
        </span>
        {unit !== undefined && <span className="ml-2 font-display text-xl font-semibold">{unit}</span>}
      </span>
      <span className="font-display text-xl font-semibold">{note}</span>
    </p>
    <p className="text-[15px]">
      {band}{' '}
      {onWhy !== undefined && (
        <button
          type="button"
          className="min-h-6 font-semibold text-act underline underline-offset-2"
          aria-label={`Why ${title.toLowerCase()} ${value}?`}
          onClick={onWhy}
        >
          why?
        </button>
      )}
    </p>
  </div>
);
