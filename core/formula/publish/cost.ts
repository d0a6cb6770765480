import { sum } from '../../basis/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf } from '../read/line.ts';

export type Cost = {
  /** Of everything that has a price, in the kitchen's money. */
  readonly total: number;
  /** Share of the bowl's mass that has a price; the rest is not counted. */
  readonly priced: number;
  /** Dearest first. */
  readonly lines: readonly { readonly line: number; readonly cost: number }[];
  readonly unpriced: readonly string[];
};

/** Water from the tap is taken as free. */
const FREE: ReadonlySet<string> = new Set(['water']);

/** What a bowl costs by prices per kilogram; null when nothing has a price. */
export const costOf = (reading: ParsedFormula, pricesPerKg: Readonly<Record<string, number>>): Cost | null => {
  const lines: { line: number; cost: number }[] = [];
  const unpriced: string[] = [];
  let priced_g = 0;
  reading.lines.forEach((read, line) => {
    const id = ingredientOf(read)?.id;
    if (read.grams === null || id === undefined) return;
    const price = pricesPerKg[id] ?? (FREE.has(id) ? 0 : undefined);
    if (price === undefined) {
      unpriced.push(id);
      return;
    }
    priced_g += read.grams;
    lines.push({ line, cost: (price * read.grams) / 1000 });
  });
  if (lines.every(({ cost }) => cost === 0)) return null;
  return {
    total: sum(lines.map(({ cost }) => cost)),
    priced: priced_g / Math.max(1e-9, reading.totalMass_g),
    lines: lines.sort((a, b) => b.cost - a.cost),
    unpriced,
  };
};
