import type { RunPlan } from '../../../core/run/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { grams, money } from '../../ui/index.ts';
import { usePantry } from '../details/usePantry.ts';

/** A page of its own: what the morning takes, what is there, and what is to be bought. */
export const ShoppingPage = ({
  session,
  planned,
  plan,
}: {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly plan: RunPlan;
}) => {
  const list = usePantry(session, planned, plan);
  if (list === null) return null;
  const { currency } = session.kit;
  return (
    <section aria-label="Shopping" className="paper-page">
      <h2 className="text-[22pt]">Shopping for {planned.run.name}</h2>
      <table className="mt-3 w-full text-[14pt]">
        <thead className="text-left text-[11pt]">
          <tr>
            {['', 'to buy', 'what', 'needed', 'there'].map((title) => (
              <th key={title} scope="col" className="border-b border-black font-normal">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {list.items.map(({ ingredientId, name, grams: needed_g, there_g, short_g, shortCost }) => (
            <tr key={ingredientId} className="border-b border-black/30">
              <td className="w-8">
                <span aria-hidden className="inline-block size-4 border border-black" />
              </td>
              <td className="figure pr-4 whitespace-nowrap">{short_g < 1 ? '–' : `${grams(short_g)}\u00a0g`}</td>
              <td>{name}</td>
              <td className="whitespace-nowrap">
                {grams(needed_g)}
                {'\u00a0'}g
              </td>
              <td className="whitespace-nowrap">
                {there_g === null ? 'not counted' : `${grams(there_g)}\u00a0g`}
                {shortCost !== null && shortCost > 0 && `, ${money(shortCost, currency)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {list.byEye.length > 0 && <p className="mt-3 text-[12pt]">And by eye: {list.byEye.join(', ')}.</p>}
    </section>
  );
};
