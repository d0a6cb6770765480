import type { Dish } from '../../../core/run/index.ts';
import { isPutAway } from '../../../core/run/index.ts';
import { Findings, grams } from '../../ui/index.ts';
import { InWords } from './InWords.tsx';
import { dishOfFinding, noticed } from './noticed.ts';
import type { OfPlan } from './Served.tsx';

type PerGuestProps = { readonly dish: Dish; readonly name: string | null; readonly batter_g: number };

/** Two wafers aren't a deep round: how much batter a guest gets. */
const PerGuest = ({ dish, name, batter_g }: PerGuestProps) =>
  batter_g > 0 &&
  !isPutAway(dish) && (
    <p className="text-lg">
      {name === null ? '' : `${name}: `}
      {grams(batter_g / dish.people)} g of batter a guest.
    </p>
  );

/** The plan in words, what chance does to it, what helps, and everything that was noticed. */
export const HowSafe = (of: OfPlan) => {
  const { session, planned, plan } = of;
  return (
    <div className="flex flex-col gap-3">
      <InWords {...of} />
      {planned.dishes.map(({ dish, formula, batter_g }) => (
        <PerGuest key={dish.id} dish={dish} name={planned.dishes.length === 1 ? null : formula.name} batter_g={batter_g} />
      ))}
      <Findings findings={noticed(session, planned, plan)} />
      {planned.dishes.map(({ dish, formula }) => {
        const mine = plan.findings.filter((finding) => dishOfFinding(finding) === dish.id);
        return (
          mine.length > 0 && (
            <section key={dish.id} aria-label={`About ${formula.name}`}>
              <p className="text-[15px] font-semibold">{formula.name}</p>
              <Findings findings={mine} />
            </section>
          )
        );
      })}
    </div>
  );
};
