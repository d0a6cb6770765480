import { readNumber } from '../../../core/basis/index.ts';

/** "210", "210 g", "1,5 kg" as grams within 0–1,000,000, or null. */
export const gramsTyped = (text: string): number | null => {
  const [, amount = '', unit = 'g'] = /^(.*?)\s*(g|kg)?\s*$/i.exec(text) ?? [];
  const factor = unit.toLowerCase() === 'kg' ? 1000 : 1;
  const fits = (value: number): boolean => value >= 0 && value * factor <= 1e6;
  const read = readNumber(amount, fits);
  return read.kind === 'number' && fits(read.value) ? read.value * factor : null;
};
