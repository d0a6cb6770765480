import type { Why, WhyStep } from '../../core/advise/index.ts';
import { clock, Sheet } from '../ui/index.ts';

const TITLES: Readonly<Record<Why['figure'], string>> = {
  portion: 'Why this much',
  dial: 'Why this mark',
  time: 'Why this long',
  loads: 'Why this many',
};

const WORDS: Readonly<Record<string, string>> = {
  cavity: 'room between the plates',
  expansion: 'it swells this many times before it sets',
  'poured-share': 'this share of the room is poured',
  'batter-density': 'a mL of this batter, with its air, weighs',
  'plate-temperature': 'plates at which colour and crispness come together',
  'dial-lowest-temperature': 'the lowest mark is at',
  'dial-degrees': 'from the lowest to the highest mark',
  'dial-marks': 'marks between them',
  'dial-lowest-mark': 'the lowest mark is',
  'colour-reached': 'the paler face has the wished colour after',
  'colour-given-up': 'the colour is never reached; it is as far as it gets after',
  'core-set': 'but never before the middle has set, after',
  'dried-through': 'nor before it is dry right through, after',
  bowl: 'in the bowl',
  'leaves-the-bowl': 'share that leaves bowl and ladle',
  portion: 'one load takes',
};

const SIGNS: Readonly<Record<WhyStep['op'], string>> = {
  start: '',
  times: '×',
  divide: '÷',
  plus: '+',
  minus: '−',
  'at-least': '≥',
  'at-most': '≤',
};

const shown = (value: number, unit: string): string => {
  if (unit === 's') return clock(value);
  const digits = Math.abs(value) < 10 ? 2 : Math.abs(value) < 100 ? 1 : 0;
  return `${value.toFixed(digits)} ${unit}`.trim();
};

/** The reckoning behind a figure, link by link, and what it rests on. */
export const WhySheet = ({ why, basis, onClose }: { readonly why: Why | null; readonly basis: string; readonly onClose: () => void }) => (
  <Sheet title={why === null ? '' : TITLES[why.figure]} open={why !== null} onClose={onClose}>
    {why !== null && (
      <>
        <ol className="flex flex-col gap-1">
          {why.steps.map((step) => (
            <li key={step.code} className="grid grid-cols-[1.5rem_7rem_1fr] items-baseline gap-2 border-b border-line py-1.5">
              <span className="text-center text-quiet">{SIGNS[step.op]}</span>
              <span className="figure text-right text-xl">{shown(step.value, step.unit)}</span>
              <span>{WORDS[step.code] ?? step.code}</span>
            </li>
          ))}
          <li className="grid grid-cols-[1.5rem_7rem_1fr] items-baseline gap-2 py-1.5 font-bold">
            <span className="text-center">=</span>
            <span className="figure text-right text-2xl">{shown(why.result, why.unit)}</span>
            <span />
          </li>
        </ol>
        <p className="mt-3 text-[15px] text-quiet">
          Rests on: {basis}. The model and its sources: {why.source}.
        </p>
      </>
    )}
  </Sheet>
);
