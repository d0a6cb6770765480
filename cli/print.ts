import type { AdviceAnswer } from '../core/advise/index.ts';
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
