import { useKit } from '../../store/index.ts';
import { basisInShort, clock, dialMarkText, grams, temperature, timeOfDay } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { dishName } from '../../session/index.ts';

type PlanProps = { readonly planned: PlannedRun; readonly plan: NonNullable<PlannedRun['plan']> };

/** The run sheet: iron by iron, with everything the hand needs. */
export const IronSheet = ({ planned, plan }: PlanProps) => {
  const { temperatureUnit: unit } = useKit();
  return (
    <div className="overflow-x-auto">
      <table className="w-full text-left">
        <caption className="sr-only">Run sheet, iron by iron</caption>
        <thead className="text-[15px] text-quiet">
          <tr>
            {['Iron', 'Switch on', 'Set', 'Pour each time', 'Closed for', 'Then wait', 'First pour', 'Loads'].map((title) => (
              <th key={title} scope="col" className="border-b border-line py-1 font-normal">
                {title}
              </th>
            ))}
          </tr>
        </thead>
        <tbody className="text-lg">
          {planned.dishes.flatMap(({ dish, irons, advices, firsts }) =>
            irons.map((iron) => {
              const reply = advices.get(iron.id);
              const first = firsts.get(iron.id);
              const mine = plan.loads.filter((load) => load.ironId === iron.id && load.dishId === dish.id);
              const beginsHere = mine.some(({ n }) => n === 1);
              const of = dishName(planned, dish.id);
              const preheat = plan.preheats.find((p) => p.ironId === iron.id);
              if (reply === undefined) return null;
              const { setting } = reply.answer;
              return (
                <tr key={`${dish.id}/${iron.id}`} className="border-b border-line">
                  <th scope="row" className="py-2 font-display">
                    {iron.name}
                    {of !== null && <span className="block font-sans text-[15px]">{of}</span>}
                    <span className="block font-sans text-[15px] font-normal text-quiet">
                      {basisInShort(first?.answer.basis === null ? null : reply.answer.basis)}
                    </span>
                  </th>
                  <td>
                    {preheat === undefined || mine.length === 0
                      ? 'not needed'
                      : beginsHere
                        ? timeOfDay(preheat.from, planned.run.zone)
                        : 'is on'}
                  </td>
                  <td>
                    {setting.chosen === 'fixed'
                      ? 'nothing to set'
                      : setting.dial !== null
                        ? `dial ${dialMarkText(setting.dial)}`
                        : temperature(setting.temperature_C, unit)}
                  </td>
                  <td>
                    <b>{grams(mine[0]?.portion_g ?? reply.answer.portion_g)} g</b>
                    {iron.geometry.moulds > 1
                      ? `, ${grams((mine[0]?.portion_g ?? reply.answer.portion_g) / iron.geometry.moulds)} g a mould`
                      : ''}
                  </td>
                  <td>
                    <b>{clock((beginsHere ? first : undefined)?.planned.cook_s ?? reply.planned.cook_s)}</b>
                    {beginsHere && mine.length > 1 && <span className="block text-[15px]">then {clock(reply.planned.cook_s)}</span>}
                  </td>
                  <td>{clock(reply.planned.recovery_s)}</td>
                  <td>{mine[0] === undefined ? '' : timeOfDay(mine[0].pourAt, planned.run.zone)}</td>
                  <td>{mine.length}</td>
                </tr>
              );
            }),
          )}
        </tbody>
      </table>
    </div>
  );
};
