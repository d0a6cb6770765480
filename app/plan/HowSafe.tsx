import { Findings } from '../ui/index.ts';
import { InWords } from './InWords.tsx';
import { dishOfFinding, noticed } from './noticed.ts';
import type { OfPlan } from './Served.tsx';

/** The plan in words, what chance does to it, what helps, and everything that was noticed. */
export const HowSafe = (of: OfPlan) => {
  const { session, planned, plan } = of;
  return (
    <div className="flex flex-col gap-3">
      <InWords {...of} />
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
