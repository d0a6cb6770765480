import type { RunPlan } from '../../../core/run/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { dishWords } from '../dishWords.ts';
import { OrderCard } from '../more/Orders.tsx';
import { HandCard } from './HandCard.tsx';
import { IronSheet } from './IronSheet.tsx';
import { RecipePage } from './RecipePage.tsx';
import { ShoppingPage } from './ShoppingPage.tsx';
import { WallSheet } from './WallSheet.tsx';

type Props = { readonly session: Session; readonly planned: PlannedRun; readonly plan: RunPlan };

/** What is printed: the wall first, then the recipes, the shopping, every figure once more, and the morning minute by minute. */
export const OnPaper = ({ session, planned, plan }: Props) => (
  <div data-appearance="light" className="hidden text-black print:block">
    <WallSheet planned={planned} plan={plan} />
    {planned.dishes.map((dish) => (
      <RecipePage key={dish.dish.id} session={session} dish={dish} />
    ))}
    <ShoppingPage session={session} planned={planned} plan={plan} />
    <section aria-label="Every figure" className="paper-page">
      <h2 className="text-[22pt]">{planned.run.name}: every figure</h2>
      <p>
        {planned.run.dishes
          .map(
            (dish) =>
              `${session.everyFormula.find(({ id }) => id === dish.formulaId)?.name ?? ''} · ${dishWords(dish, session.kit.temperatureUnit)}`,
          )
          .join('; ')}
      </p>
      <IronSheet planned={planned} plan={plan} />
    </section>
    <HandCard planned={planned} plan={plan} />
    {planned.request !== null && <OrderCard run={planned.run} request={planned.request} />}
  </div>
);
