import type { Formula } from '../../../core/formula/index.ts';
import { readFormula, swapTogether } from '../../../core/formula/index.ts';
import type { Session } from '../../session/index.ts';
import type { Revise } from './revise.ts';
import { revised } from './revise.ts';

type Props = { readonly formula: Formula; readonly session: Session; readonly onRevise: Revise };

/** The swaps that are in force, as they were asked for. */
const swapsIn = (formula: Formula, session: Session) => {
  const ids = [...new Set(formula.lines.flatMap((line) => (line.swap === undefined ? [] : [line.swap.id])))];
  return ids.flatMap((id) => {
    const lines = formula.lines.filter((line) => line.swap?.id === id);
    const was = lines[0]?.swap?.was;
    const [original] = was === undefined ? [] : readFormula({ lines: [was], lift: null }, session.readSettings).lines;
    const parts = lines.flatMap((line) => line.chosenIngredientId ?? []);
    return original?.ingredientId == null || original.grams === null || parts.length !== lines.length
      ? []
      : [{ ingredientId: original.ingredientId, grams: original.grams, parts, lines }];
  });
};

/** With two swaps and more: solve them together, so that what one lacks another can bring. */
export const BalanceSwaps = ({ formula, session, onRevise }: Props) => {
  const swaps = swapsIn(formula, session);
  if (swaps.length < 2) return null;
  const balance = (): void => {
    const { parts } = swapTogether(swaps, session.readSettings.own);
    const grams = new Map<string, number>();
    swaps.forEach(({ lines, parts: ids }, swap) =>
      ids.forEach((ingredientId, i) => {
        const line = lines[i];
        const part = parts.find((p) => p.swap === swap && p.ingredientId === ingredientId);
        if (line !== undefined) grams.set(line.id, Number((part?.grams ?? 0).toFixed(1)));
      }),
    );
    onRevise((now) =>
      revised(now, {
        lines: now.lines.map((line) => (grams.has(line.id) ? { ...line, edited_g: grams.get(line.id) ?? null } : line)),
      }),
    );
  };
  return (
    <p className="mt-2 text-[15px]">
      {swaps.length} swaps in force.{' '}
      <button type="button" className="min-h-9 font-semibold text-act underline underline-offset-2" onClick={balance}>
        Balance them together
      </button>
    </p>
  );
};
