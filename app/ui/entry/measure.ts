import type { Kit } from '../../../core/kit/index.ts';

export type LengthUnit = NonNullable<Kit['lengthUnit']>;

/** What is measured with a ruler, or read from a map; values are kept in the unit at the left. */
const QUANTITIES = {
  length: { mm: { sign: 'mm', each: 1, digits: 1 }, in: { sign: 'in', each: 25.4, digits: 2 } },
  spread: { mm: { sign: 'cm', each: 1, digits: 1 }, in: { sign: 'in', each: 2.54, digits: 1 } },
  area: { mm: { sign: 'cm²', each: 1, digits: 0 }, in: { sign: 'in²', each: 6.4516, digits: 1 } },
  height: { mm: { sign: 'm', each: 1, digits: 0 }, in: { sign: 'ft', each: 0.3048, digits: 0 } },
} as const;
export type Measured = keyof typeof QUANTITIES;

export const lengthUnitOf = ({ lengthUnit }: Pick<Kit, 'lengthUnit'>): LengthUnit => lengthUnit ?? 'mm';

/** "mm", or what an inch kitchen writes instead. */
export const signOf = (what: Measured, unit: LengthUnit): string => QUANTITIES[what][unit].sign;

/** A value in the kitchen's own unit, as it is typed. */
export const shownIn = (value: number, what: Measured, unit: LengthUnit): number => {
  const { each, digits } = QUANTITIES[what][unit];
  return Number((value / each).toFixed(digits));
};

/** What was typed, back in mm, cm, cm² or m. */
export const fromShown = (typed: number, what: Measured, unit: LengthUnit): number =>
  unit === 'mm' ? typed : Number((typed * QUANTITIES[what].in.each).toFixed(3));

/** "7.9 mm", "0.31 in"; "1,240 m", "4,068 ft". */
export const measured = (value: number, what: Measured, unit: LengthUnit): string => {
  const { sign, each, digits } = QUANTITIES[what][unit];
  const fixed = what === 'height' || what === 'area' ? 0 : digits;
  return `${(value / each).toLocaleString('en-GB', { minimumFractionDigits: fixed, maximumFractionDigits: digits }).replace('-', '−')} ${sign}`;
};
