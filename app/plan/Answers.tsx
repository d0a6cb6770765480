import { sum } from '../../core/basis/index.ts';
import type { Dish } from '../../core/run/index.ts';
import { isPutAway } from '../../core/run/index.ts';
import { grams, timeOfDay } from '../ui/index.ts';
import type { PlannedRun } from '../session/index.ts';

type PlanProps = { readonly planned: PlannedRun; readonly plan: NonNullable<PlannedRun['plan']> };

/** ", 170 g a head": two wafers aren't a deep round. */
const perHead = (piece_g: number, { piecesPerPerson, goesTo }: Dish): string =>
  piece_g === 0 || isPutAway({ goesTo }) ? '' : `, ${grams(piece_g * piecesPerPerson)} g a head`;

/** "1.95", "2": what is mixed is mixed in twentieths. */
const timesWords = (times: number): string => String(Number(times.toFixed(2)));

const counted = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

/** What to act on: when to switch on, when to pour, when the last plate is out, how much batter. */
export const Answers = ({ planned, plan }: PlanProps) => {
  const { run, dishes } = planned;
  const time = (at: number): string => timeOfDay(at, run.zone);
  const figures: readonly (readonly [string, string, string])[] = [
    ['Switch on', time(plan.startAt), 'the first iron'],
    ['First pour', time(plan.firstPourAt), `${counted(plan.loads.length, 'load')}, ${counted(plan.pieces, 'piece')}`],
    ['Last plate', time(plan.lastPlateAt), run.mode === 'together' ? `served at ${time(run.serveAt)}` : 'as they come'],
    [
      'Batter',
      `${grams(sum(dishes.map(({ batter_g }) => batter_g)))} g`,
      dishes
        .flatMap(({ dish, formula, batch_g, batter_g, times }) =>
          batch_g <= 0
            ? []
            : [
                dishes.length === 1
                  ? `${timesWords(times ?? batter_g / batch_g)} × the formula as written${perHead(plan.pieces === 0 ? 0 : batter_g / plan.pieces, dish)}`
                  : `${grams(batter_g)} g of ${formula.name} (×\u00a0${timesWords(times ?? batter_g / batch_g)})`,
              ],
        )
        .join(', '),
    ],
  ];
  return (
    <dl className="grid grid-cols-4 gap-5 max-md:grid-cols-2">
      {figures.map(([title, value, note]) => (
        <div key={title} className="border-l-3 border-ink pl-4">
          <dt className="text-[15px] text-quiet">{title}</dt>
          <dd className="figure text-[46px]">{value}</dd>
          <dd className="mt-1 text-[15px]">{note}</dd>
        </div>
      ))}
    </dl>
  );
};
