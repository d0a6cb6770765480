import type { Random } from '../core/basis/index.ts';
import { clamp } from '../core/basis/index.ts';
import type { Advice } from '../core/advise/index.ts';
import type { Observation } from '../core/log/index.ts';
import { tawnyStepOf } from '../core/matter/index.ts';
import { simulate, UNSCALED } from '../core/plate/index.ts';

/** How a real iron differs from its preset. The book's predictions don't know these. */
export type HiddenTruth = {
  readonly cavity: number;
  readonly plates_K: number;
  readonly contact: number;
  readonly browning: number;
  /** The hinge side or the upper face browns more, steps. */
  readonly upperDarker: number;
  /** It doesn't stand level: batter runs there. */
  readonly runsTo?: 'hinge';
};

/** Words of a cook who looks at what came out of a finer simulation with these truths, with human scatter. */
export const cookForReal = (
  advice: Advice,
  truth: HiddenTruth,
  openedAfter_s: number,
  random: Random,
): { observations: Observation[]; tawny: number } => {
  const { iron, room_C } = advice.request;
  const hotter = advice.setting.temperature_C + truth.plates_K + 3 * random.normal();
  const plates = { lower_C: hotter, upper_C: hotter + 1, lowerSensor_C: hotter, upperSensor_C: hotter + 1 };
  const { trace } = simulate({
    machine: advice.machine,
    batter: advice.batter,
    portion_kg: advice.portion.portion_g / 1000,
    plates,
    setting_C: hotter,
    room_C,
    duration_s: openedAfter_s + 2,
    scales: { ...UNSCALED, contact: truth.contact, browning: truth.browning },
    cells: 32,
    refine: 2,
  });
  const second = Math.min(trace.seconds, Math.round(openedAfter_s));
  const seen = (lightness: number, extra: number): number =>
    tawnyStepOf(lightness, advice.batter.rawLightness) + extra + 0.25 * random.normal();
  const lower = seen(trace.lowerLightness[second] ?? 80, 0);
  const upper = seen(trace.upperLightness[second] ?? 80, truth.upperDarker);
  const share = 1 / truth.cavity + 0.03 * random.normal();
  const observations: Observation[] = [];
  for (let mould = 0; mould < iron.geometry.moulds; mould++)
    observations.push(...mouldWords(mould, share, lower, upper, advice, second, random).map((said) => placed(said, truth)));
  return { observations, tawny: (lower + upper) / 2 };
};

/** Where something was missing or leaked is seen only where it is always the same place. */
const placed = (said: Observation, { runsTo }: HiddenTruth): Observation => {
  if (said.kind !== 'fill' || said.value === 'full' || runsTo === undefined) return said;
  return { ...said, at: said.value === 'leaked' ? runsTo : said.mould % 2 === 0 ? 'front-left' : 'front-right' };
};

const step = (value: number): number => clamp(Math.round(value), 1, 8);

const mouldWords = (
  mould: number,
  share: number,
  lower: number,
  upper: number,
  advice: Advice,
  second: number,
  random: Random,
): Observation[] => {
  const fill = share < 0.93 ? 'missing' : share > 1.12 ? 'leaked' : 'full';
  const words: Observation[] = [
    { kind: 'fill', mould, value: fill },
    { kind: 'tawny', mould, side: 'lower', value: step(lower) },
    { kind: 'tawny', mould, side: 'upper', value: step(upper) },
    { kind: 'crisp', mould, value: clamp(Math.round(advice.cooked.crisp + 0.5 * random.normal()), 1, 5) },
    { kind: 'stuck', mould, value: random.next() < 0.04 ? 'upper' : 'no' },
  ];
  if (fill === 'missing') words.push({ kind: 'missing_share', mould, value: clamp(Math.round((1 - share) * 20) / 20, 0.05, 0.5) });
  if (fill === 'leaked')
    words.push({ kind: 'leaked_g', mould, value: 5 * Math.max(1, Math.round((share - 1.1) * advice.portion.dose_g * 0.2)) });
  if (random.next() < 0.3) {
    const loss = advice.waterLoss * (0.9 + 0.2 * random.next());
    words.push({ kind: 'mass_g', mould, value: Math.round(advice.portion.dose_g * Math.min(1, share) * (1 - loss)) });
  }
  const isSet = second >= (advice.cooked.moments.coreSet_s ?? 0);
  words.push({ kind: 'crumb', mould, value: isSet ? random.pick(['soft', 'airy', 'soft']) : 'dense' });
  return words;
};
