import { wallTime } from '../../../core/basis/index.ts';
import type { ShoppingItem } from '../../../core/formula/index.ts';
import { shoppingList } from '../../../core/formula/index.ts';
import type { ToppingId } from '../../../core/plate/index.ts';
import type { RunPlan } from '../../../core/run/index.ts';
import { TOPPING_WORDS } from '../../ui/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { readingOf, useInHouse } from '../../session/index.ts';

/** What is scattered in over the whole morning: bought like the rest. */
const scattered = ({ loads }: RunPlan): ShoppingItem[] => {
  const grams = new Map<ToppingId, number>();
  for (const { variant } of loads)
    if (variant?.onPlate != null) grams.set(variant.onPlate.toppingId, (grams.get(variant.onPlate.toppingId) ?? 0) + variant.onPlate.grams);
  return [...grams].map(([id, sum]) => ({
    ingredientId: id,
    name: TOPPING_WORDS[id],
    grams: sum,
    there_g: null,
    short_g: sum,
    cost: null,
    shortCost: null,
  }));
};

/** What a run takes of everything, against what is in the house by then; null until its batter is reckoned. */
export const usePantry = (session: Session, { dishes, run }: PlannedRun, plan: RunPlan): ReturnType<typeof shoppingList> | null => {
  const inHouse = useInHouse(session, wallTime(run.serveAt, run.zone).slice(0, 10));
  const reckoned = dishes.filter(({ batch_g, batter_g }) => batch_g > 0 && batter_g > 0);
  if (reckoned.length === 0) return null;
  const list = shoppingList(
    reckoned.map(({ formula, batter_g, batch_g }) => ({ reading: readingOf(session, formula), times: batter_g / batch_g })),
    session.kit.pricesPerKg,
    inHouse,
  );
  return { ...list, items: [...list.items, ...scattered(plan)] };
};
