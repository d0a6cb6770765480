import type { Formula, FormulaLine } from '../formula/index.ts';
import type { Place, WeighPlan, WeighStep } from './plan.ts';

/** Where the cook has put the lines of a formula. */
export const placesOf = ({ lines }: Pick<Formula, 'lines'>): ReadonlyMap<string, Place> =>
  new Map(lines.flatMap(({ id, place }) => (place === undefined ? [] : [[id, place]])));

/** What can be moved: an egg that is separated goes to two bowls, and stays where it parts. */
export const isMovable = (step: WeighStep): boolean => !step.isSeparated;

/** The lines once one of them goes into this bowl, before its `at`-th thing; everything else there keeps its order. */
export const movedTo = (lines: readonly FormulaLine[], plan: WeighPlan, lineId: string, bowl: Place['bowl'], at: number): FormulaLine[] => {
  const there = plan.steps.flatMap((step) => (step.kind === 'weigh' && step.bowl === bowl && step.lineId !== lineId ? [step] : []));
  const order = [...there.slice(0, at).map((step) => step.lineId), lineId, ...there.slice(at).map((step) => step.lineId)];
  const fixed = new Set(there.filter((step) => !isMovable(step)).map((step) => step.lineId));
  return lines.map((line) => {
    const place = order.indexOf(line.id);
    // A separated egg has no place of its own: it comes first in its bowl.
    return place < 0 || fixed.has(line.id) ? line : { ...line, place: { bowl, at: place } };
  });
};

/** All lines where they usually go. */
export const unplaced = (lines: readonly FormulaLine[]): FormulaLine[] => lines.map(({ place: _, ...line }) => line);

/** A line in two, `apart_g` of its `grams` into another bowl; null: there isn't so much of it. `name`: what it is called in both. */
export const splitInTwo = (
  lines: readonly FormulaLine[],
  lineId: string,
  {
    grams,
    apart_g,
    bowl,
    name,
    newId,
  }: { readonly grams: number; readonly apart_g: number; readonly bowl: Place['bowl']; readonly name: string; readonly newId: string },
): FormulaLine[] | null =>
  !(apart_g > 0 && apart_g < grams)
    ? null
    : lines.flatMap((line) => {
        if (line.id !== lineId) return [line];
        const part = (of_g: number): Pick<FormulaLine, 'text' | 'edited_g'> => {
          const shown = Number(of_g.toFixed(1));
          return { text: `${shown} g ${name}`, edited_g: shown };
        };
        return [
          { ...line, ...part(grams - apart_g) },
          { ...line, ...part(apart_g), id: newId, place: { bowl, at: lines.length } },
        ];
      });
