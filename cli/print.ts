import type { AdviceAnswer } from '../core/advise/index.ts';
import type { RecipeFile } from '../core/formula/index.ts';
import { describeStored } from '../words/index.ts';
import { nearestStep } from '../core/matter/index.ts';

const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

const counted = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;

const makes = ({ loads, pieces, leftover_g, even, part }: AdviceAnswer): string => {
  const count = `${counted(loads, 'load')}, ${counted(pieces, 'piece')}`;
  if (even !== null) return `${count}: all of it at ${Math.round(even.portion_g)} g a load`;
  if (part !== null) return `${count}: the last with ${counted(part.moulds, 'mould')} filled; ${Math.round(leftover_g)} g over`;
  return `${count}, ${Math.round(leftover_g)} g over`;
};

/** The answer for a person at a terminal. */
export const inWords = (a: AdviceAnswer): string => {
  const { cookTime_s: t, cookTimeBand_s: band, setting } = a;
  const dial = setting.dial === null ? '' : `, dial ${setting.dial.toFixed(1)}`;
  return [
    `Pour     ${Math.round(a.portion_g)} g (${Math.round(a.portion_mL)} mL) a load, ${Math.round(a.dose_g)} g a mould`,
    `Heat     ${setting.chosen === 'fixed' ? 'nothing to set' : `${Math.round(setting.temperature_C)} °C${dial}`}; plates at ${Math.round(a.plateTemperature_C)} °C when you pour`,
    `Open     after ${clock(t.best)} (good from ${clock(t.from)} to ${clock(t.to)}; 8 in 10 between ${clock(band.p10)} and ${clock(band.p90)})`,
    `Expect   step ${a.tawnyStep.toFixed(1)} ${nearestStep(a.tawnyStep).name}, crisp ${a.crisp.toFixed(1)}, ${Math.round(100 * a.waterLoss_fraction)} % lost, ${a.pieceMass_g.toFixed(0)} g a piece`,
    `Makes    ${makes(a)}`,
    `Basis    ${a.basis === null ? 'estimate: nothing cooked on this iron yet' : `${a.basis.loads === 0 ? 'a teaspoon' : a.basis.loads === 1 ? '1 load' : `${a.basis.loads} loads`} on this iron${a.basis.chance === null ? '' : `; ${Math.round(10 * a.basis.chance)} of 10 come out right`}`}`,
    ...a.warnings.map((warning) => `${warning.level === 'note' ? 'Note    ' : 'Watch   '} ${warning.text}`),
    '',
  ].join('\n');
};

const span = ([low, high]: readonly [number, number], say: (value: number) => string): string =>
  say(low) === say(high) ? say(low) : `${say(low)}–${say(high)}`;
const duration = (seconds: number): string =>
  seconds < 90
    ? `${Math.round(seconds)} s`
    : seconds < 5400
      ? `${Math.round(seconds / 60)} min`
      : `${Number((seconds / 3600).toFixed(1))} h`;

/** What an act carries, as far as it says it. */
const carries = ({ time_s, notBefore_s, what, until, by, additions, times, place, day }: RecipeFile['procedure'][number]): string =>
  [
    what,
    until === undefined ? undefined : `until ${until}`,
    time_s === undefined ? undefined : span(time_s, duration),
    notBefore_s === undefined ? undefined : `not before ${duration(notBefore_s)}`,
    additions === undefined ? undefined : `in ${additions}`,
    times === undefined ? undefined : `${times} times`,
    by,
    place,
    day,
  ]
    .filter((part) => part !== undefined)
    .join(', ');

/** A recipe as it is understood, for a person at a terminal. */
export const recipeInWords = (r: RecipeFile): string =>
  [
    ...(r.name === null ? [] : [r.by === 1 ? r.name : `${r.name}, × ${Number(r.by.toFixed(3))}`]),
    ...(r.yields === null ? [] : [r.yields]),
    '',
    ...r.lines.map(({ text, grams, ingredient }) =>
      ingredient === null && grams === null ? `          ${text}` : (grams === null ? '?' : `${grams} g`).padStart(8) + `  ${text}`,
    ),
    '',
    ...r.procedure.map((act) => {
      const more = carries(act);
      return `${describeStored(`act-${act.kind}`).padEnd(16)}${more === '' ? '' : `${more}: `}${act.words}`;
    }),
    ...(r.unresolved.length === 0 ? [] : ['', `To settle: ${r.unresolved.join('; ')}`]),
    '',
  ].join('\n');
