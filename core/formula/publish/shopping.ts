import { csvText } from '../../basis/index.ts';
import type { Ingredient } from '../../matter/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf, isHeading } from '../read/line.ts';

/** A thing to have in the house: grams of all lines that want it, and what it costs in the kitchen's money. */
export type ShoppingItem = {
  readonly ingredientId: string;
  readonly name: string;
  readonly grams: number;
  /** In the house, g; null: nobody has counted it. */
  readonly there_g: number | null;
  /** Still to be bought, g. */
  readonly short_g: number;
  /** Of what is needed; null: without a price. */
  readonly cost: number | null;
  /** Of what is still to be bought; null: without a price. */
  readonly shortCost: number | null;
};

/** So much of each thing for `times` of each formula, the heaviest first; and the lines without grams, to be looked at by eye. Tap water isn't bought. `inHouse`: what was
 * counted of each, g. */
export const shoppingList = (
  wanted: readonly { readonly reading: ParsedFormula; readonly times: number }[],
  pricesPerKg: Readonly<Record<string, number>>,
  inHouse: ReadonlyMap<string, number> = new Map(),
): { readonly items: readonly ShoppingItem[]; readonly byEye: readonly string[] } => {
  const needed = new Map<string, { ingredient: Ingredient; grams: number }>();
  for (const { reading, times } of wanted)
    for (const line of reading.lines) {
      const ingredient = ingredientOf(line);
      if (ingredient === undefined || line.grams === null || ingredient.id === 'water') continue;
      const before = needed.get(ingredient.id)?.grams ?? 0;
      needed.set(ingredient.id, { ingredient, grams: before + times * line.grams });
    }
  const items = [...needed.values()].map(({ ingredient: { id, name }, grams }): ShoppingItem => {
    const price = pricesPerKg[id];
    const there_g = inHouse.get(id) ?? null;
    const short_g = Math.max(0, grams - (there_g ?? 0));
    const costOf = (of_g: number): number | null => (price === undefined ? null : (price * of_g) / 1000);
    return { ingredientId: id, name, grams, there_g, short_g, cost: costOf(grams), shortCost: costOf(short_g) };
  });
  return {
    items: items.sort((a, b) => b.grams - a.grams),
    byEye: wanted.flatMap(({ reading }) => reading.lines.filter((line) => line.grams === null && !isHeading(line)).map(({ text }) => text)),
  };
};

/** RFC 4180. */
export const shoppingCsv = ({ items, byEye }: ReturnType<typeof shoppingList>, currency: string): string =>
  csvText(
    ['thing', 'grams', `cost_${currency}`, 'there_g', 'to_buy_g', `to_buy_cost_${currency}`],
    [
      ...items.map(({ name, grams, cost, there_g, short_g, shortCost }) => [
        name,
        Math.ceil(grams),
        cost === null ? '' : Number(cost.toFixed(2)),
        there_g === null ? '' : Math.floor(there_g),
        Math.ceil(short_g),
        shortCost === null ? '' : Number(shortCost.toFixed(2)),
      ]),
      ...byEye.map((text) => [text, '', '', '', '', '']),
    ],
  );
