import { expansion, meanThickness_m, plateMachine } from '../plate/index.ts';
import type { Advice } from './advice.ts';
import { POURABLE_SHARE } from '../formula/index.ts';

/** One link of a reckoning: the running value is taken, and `op` applied with `value`. */
export type WhyStep = {
  readonly code: string;
  readonly op: 'start' | 'times' | 'divide' | 'plus' | 'minus' | 'at-least' | 'at-most';
  readonly value: number;
  readonly unit: string;
};

/** How a figure came about. Folding `steps` gives `result`. */
export type Why = {
  readonly figure: 'portion' | 'dial' | 'time' | 'loads';
  readonly steps: readonly WhyStep[];
  readonly result: number;
  readonly unit: string;
  readonly source: string;
};

const OPERATIONS: Readonly<Record<WhyStep['op'], (running: number, value: number) => number>> = {
  start: (_, value) => value,
  times: (running, value) => running * value,
  divide: (running, value) => running / value,
  plus: (running, value) => running + value,
  minus: (running, value) => running - value,
  'at-least': Math.max,
  'at-most': Math.min,
};

/** The figure again, from the values that the chain shows. */
export const recompute = (steps: readonly WhyStep[]): number =>
  steps.reduce((running, step) => OPERATIONS[step.op](running, step.value), NaN);

const chain = (figure: Why['figure'], unit: string, source: string, steps: readonly WhyStep[]): Why => ({
  figure,
  unit,
  source,
  steps,
  result: recompute(steps),
});

const start = (code: string, value: number, unit: string): WhyStep => ({ code, op: 'start', value, unit });

/** The chains behind an advice's figures. */
export const whyChains = (a: Advice): Why[] => {
  const { iron } = a.request;
  const { pour, geometry, control } = iron;
  const density: WhyStep = { code: 'batter-density', op: 'times', value: a.batter.density_gPerML, unit: 'g/mL' };
  const volume: WhyStep =
    pour.rule === 'share-of-cavity'
      ? { code: 'poured-share', op: 'times', value: pour.share, unit: '' }
      : { code: 'expansion', op: 'divide', value: expansion(a.batter, meanThickness_m(plateMachine(iron))), unit: '' };
  const chains = [chain('portion', 'g', 'docs/models/portion.md', [start('cavity', geometry.cavity_mL, 'mL'), volume, density])];
  if (control.type === 'dial')
    chains.push(
      chain('dial', 'mark', 'docs/models/plate.md', [
        start('plate-temperature', a.setting.temperature_C, '°C'),
        { code: 'dial-lowest-temperature', op: 'minus', value: control.atMin_C, unit: '°C' },
        { code: 'dial-degrees', op: 'divide', value: control.atMax_C - control.atMin_C, unit: '°C' },
        { code: 'dial-marks', op: 'times', value: control.max - control.min, unit: 'marks' },
        { code: 'dial-lowest-mark', op: 'plus', value: control.min, unit: 'mark' },
      ]),
    );
  chains.push(timeChain(a));
  chains.push(
    chain('loads', '', 'docs/models/portion.md', [
      start('bowl', a.request.reading.totalMass_g, 'g'),
      { code: 'leaves-the-bowl', op: 'times', value: POURABLE_SHARE, unit: '' },
      { code: 'portion', op: 'divide', value: a.even?.portion_g ?? a.portion.portion_g, unit: 'g' },
    ]),
  );
  return chains;
};

/** The best moment is when the colour is there, but never before the core has set. */
const timeChain = (a: Advice): Why => {
  const { window, moments } = a.cooked;
  const ready: WhyStep[] = [];
  if (moments.coreSet_s !== null) ready.push({ code: 'core-set', op: 'at-least', value: moments.coreSet_s, unit: 's' });
  if (a.request.iron.dryThrough && moments.driedThrough_s !== null)
    ready.push({ code: 'dried-through', op: 'at-least', value: moments.driedThrough_s, unit: 's' });
  return chain('time', 's', 'docs/models/plate.md', [
    start(window.reachesColour ? 'colour-reached' : 'colour-given-up', window.colour_s, 's'),
    ...ready,
  ]);
};
