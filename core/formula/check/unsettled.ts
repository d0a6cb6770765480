import { CUP_STANDARDS } from '../../basis/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import type { ReadLine } from '../read/line.ts';
import { isHeading } from '../read/line.ts';
import { Reader, tokenize } from '../read/quantity.ts';

/** A line of something unknown may weigh so much of the bowl before nothing can be said of the rest. */
const MOST_UNKNOWN_SHARE = 0.1;
/** What a batter is made of; without its weight nobody knows the batter. Salt, powder and spices are traces. */
const SUBSTANCE: ReadonlySet<string> = new Set(['flour', 'starch', 'liquid', 'egg', 'fat', 'sugar']);
/** Nothing to settle: it is tasted, or parts the list. */
const BY_TASTE = 'amount-to-taste';

/** What an unknown thing may weigh, by what is written: a volume as if it were water. 0: nobody can tell. */
const roughly_g = (line: ReadLine): number => {
  if (line.grams !== null) return line.grams;
  const reader = new Reader(tokenize(line.text));
  const amount = reader.amount();
  if (amount?.unit == null) return 0;
  const { unit, quantity } = amount;
  const most = Number.isFinite(quantity.high) ? quantity.high : 0;
  if (unit.kind === 'mass') return most * unit.grams;
  return unit.kind === 'volume' ? most * unit.mL(CUP_STANDARDS.us) : 0;
};

/** Lines that must be settled before anything can be promised of the batter: an unknown thing over a tenth of it, or an amount of its substance that nobody knows. */
export const unsettledLines = ({ lines, totalMass_g }: Pick<ParsedFormula, 'lines' | 'totalMass_g'>): readonly ReadLine[] =>
  lines.filter((line) => {
    if (line.status !== 'unresolved' || isHeading(line) || line.how[0]?.code === BY_TASTE) return false;
    const weight_g = roughly_g(line);
    if (line.ingredient === null) {
      const isUnread = line.how[0]?.code !== 'ingredient-unknown';
      const whole_g = totalMass_g + (line.grams === null ? weight_g : 0);
      return isUnread || weight_g > MOST_UNKNOWN_SHARE * whole_g;
    }
    return line.grams === null && SUBSTANCE.has(line.ingredient.role);
  });
