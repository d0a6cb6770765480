import type { Formula } from '../../../core/formula/index.ts';
import { basisInShort, clock, dialMarkText, grams, scoopsFor, temperature } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { adviceJob } from '../../session/index.ts';
import { useAdvices } from '../../workers/index.ts';

/** What the loads of every known iron have taught of this recipe. */
export const useHere = (session: Session, formula: Formula) => {
  const { irons, ironLoads, workspace } = session;
  const known = formula.lines.length === 0 ? [] : irons.filter(({ id }) => (ironLoads.loads.get(id)?.length ?? 0) > 0);
  const answers = useAdvices(known.map((iron) => adviceJob(session, formula, iron, { ...workspace, load: 2, preheat_s: null })));
  return known.flatMap((iron, i) => {
    const data = answers[i]?.data;
    return data?.ok === true ? [{ iron, answer: data.value.answer, grease: data.value.grease }] : [];
  });
};

/** How it is done here, on every iron that is worked with: the mark, the scoops and the time by what its loads have taught. For whoever stands at the iron. */
export const Here = ({ session, formula }: { readonly session: Session; readonly formula: Formula }) => {
  const { kit } = session;
  const rows = useHere(session, formula);
  if (rows.length === 0) return null;
  return (
    <table aria-label="Here" className="mt-4 w-full text-sm print:hidden">
      <caption className="text-left text-base font-bold">Here</caption>
      <tbody>
        {rows.map(({ iron, answer }) => {
          const { moulds } = iron.geometry;
          const scoops = scoopsFor(answer.portion_mL / moulds, kit.scoops);
          const { setting } = answer;
          return (
            <tr key={iron.id} className="border-b border-line print:border-black/30 align-baseline">
              <th scope="row" className="py-0.5 pr-3 text-left">
                {iron.name}
              </th>
              <td className="pr-3">
                {setting.chosen === 'fixed'
                  ? 'when its light goes out'
                  : setting.dial === null
                    ? temperature(setting.temperature_C, kit.temperatureUnit)
                    : `mark ${dialMarkText(setting.dial)}`}
              </td>
              <td className="pr-3">
                {scoops === null ? '' : `${scoops.text}, `}
                {grams(answer.portion_g / moulds)} g{moulds > 1 ? ` into each of ${moulds}` : ''}
              </td>
              <td className="figure pr-3 text-lg">{clock(answer.cookTime_s.best)}</td>
              <td>{basisInShort(answer.basis)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
};
