import type { RunPlan } from '../../../core/run/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { dishWords } from '../dishWords.ts';
import { HandCard } from './HandCard.tsx';
import { IronSheet } from './IronSheet.tsx';
import { OrderCard } from '../more/Orders.tsx';

type Props = { readonly session: Session; readonly planned: PlannedRun; readonly plan: RunPlan };

/** What hangs on the wall: only printed. */
export const OnPaper = ({ session, planned, plan }: Props) => (
  <div className="hidden print:block">
    <p>
      {planned.run.dishes
        .map(
          (dish) =>
            `${session.everyFormula.find(({ id }) => id === dish.formulaId)?.name ?? ''} · ${dishWords(dish, session.kit.temperatureUnit)}`,
        )
        .join('; ')}
    </p>
    <IronSheet planned={planned} plan={plan} />
    <HandCard planned={planned} plan={plan} />
    {planned.request !== null && <OrderCard run={planned.run} request={planned.request} />}
  </div>
);
