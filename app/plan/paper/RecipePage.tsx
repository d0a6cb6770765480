import { scaledWords } from '../../../core/formula/index.ts';
import type { PlannedDish, Session } from '../../session/index.ts';
import { readingOf } from '../../session/index.ts';
import { gramsFine, grams } from '../../ui/index.ts';

/** Page 2: what goes into the bowl, as much as this morning wants, and the recipe's own steps. */
export const RecipePage = ({
  session,
  dish: { formula, batch_g, batter_g },
}: {
  readonly session: Session;
  readonly dish: PlannedDish;
}) => {
  const reading = readingOf(session, formula);
  if (batch_g <= 0 || batter_g <= 0) return null;
  const times = batter_g / batch_g;
  return (
    <section aria-label={`Recipe: ${formula.name}`} className="paper-page">
      <h2 className="text-[22pt]">{formula.name}</h2>
      <p className="text-[13pt]">
        {grams(batter_g)}
        {'\u00a0'}g in all, {Number(times.toFixed(2))} × the recipe
      </p>
      <div className="mt-3 grid grid-cols-2 gap-8">
        <table className="w-full self-start text-[14pt]">
          <tbody>
            {reading.lines.map((line, i) => (
              <tr key={`${line.text}/${i}`} className="border-b border-black/30">
                <td className="figure py-1 pr-3 text-right whitespace-nowrap">
                  {line.grams === null ? '' : `${gramsFine(line.grams * times)}\u00a0g`}
                </td>
                <td className="text-[12pt]">{scaledWords(line.text, times, session.readSettings)}</td>
              </tr>
            ))}
          </tbody>
        </table>
        <ol className="list-decimal pl-5 text-[12pt]">
          {formula.steps.map((step, i) => (
            <li key={`${step}/${i}`} className="mb-1.5">
              {step}
            </li>
          ))}
        </ol>
      </div>
      <p className="mt-4 text-[11pt]">Raw egg and raw flour: don’t taste the batter.</p>
    </section>
  );
};
