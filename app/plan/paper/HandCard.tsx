import type { RunPlan, Task } from '../../../core/run/index.ts';
import { isThere } from '../../../core/run/index.ts';
import { clock, dialMarkText, grams, scoopsFor, temperature, timeOfDay } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { replyFor } from '../../session/index.ts';
import { useKit } from '../../store/index.ts';
import { tasksOfRun, taskWords } from './taskWords.ts';

/** Only on paper: the morning minute by minute, for a hand that has no screen; the exact spoons, marks and times at each pour, and a box to tick. */
export const HandCard = ({ planned, plan }: { readonly planned: PlannedRun; readonly plan: RunPlan }) => {
  const kit = useKit();
  /** "214 g, 2 × ladle, dial 2¾, closed 4:28". */
  const pourWords = ({ ironId, portion_g, load }: Task): string => {
    const iron = planned.irons.find(({ id }) => id === ironId);
    const mine = plan.loads.find((one) => one.ironId === ironId && one.n === load);
    const reply = mine === undefined ? undefined : replyFor(planned, mine);
    if (iron === undefined || reply === undefined || portion_g === null) return '';
    const { answer } = reply;
    const { moulds } = iron.geometry;
    const scoops = scoopsFor((portion_g * answer.portion_mL) / answer.portion_g / moulds, kit.scoops);
    const { setting } = answer;
    return [
      moulds > 1 ? `${grams(portion_g / moulds)} g into each of ${moulds}` : `${grams(portion_g)} g`,
      scoops?.text ?? null,
      setting.chosen === 'fixed'
        ? null
        : setting.dial === null
          ? temperature(setting.temperature_C, kit.temperatureUnit)
          : `dial ${dialMarkText(setting.dial)}`,
      `closed ${clock(reply.planned.cook_s)}`,
    ]
      .filter((part) => part !== null)
      .join(', ');
  };
  const tasks = tasksOfRun(planned, plan, kit);
  const { helper, zone, hands = 1 } = planned.run;
  const cards: readonly { readonly label: string; readonly title: string; readonly tasks: readonly Task[] }[] = [
    ...(hands === 1
      ? [{ label: 'Minute by minute', title: 'minute by minute', tasks }]
      : PARTS.map(({ words, acts }) => ({
          label: `Who ${words}`,
          title: `who ${words}`,
          tasks: tasks.filter(({ act }) => acts.has(act)),
        }))),
    ...(helper == null
      ? []
      : [
          {
            label: 'Who helps',
            title: `for the helper, ${timeOfDay(helper.from, zone)} to ${timeOfDay(helper.until, zone)}: opens and takes out`,
            tasks: tasks.filter(({ act, at }) => act === 'take-out' && isThere(helper, at)),
          },
        ]),
  ];
  return cards.map((card) => (
    <section key={card.label} aria-label={card.label} className="hidden break-before-page print:block">
      <h2 className="text-xl">
        {planned.run.name}, {card.title}
      </h2>
      <ol className="mt-2 grid grid-cols-[auto_auto_auto_1fr] gap-x-4">
        {card.tasks.map((task, i) => (
          <li key={i} className="col-span-4 grid grid-cols-subgrid items-baseline border-b border-line py-0.5">
            <span aria-hidden className="inline-block size-3.5 border border-ink" />
            <b>{timeOfDay(task.at, planned.run.zone)}</b>
            <span>{taskWords(task)}</span>
            <span>{task.act === 'pour' ? pourWords(task) : task.pieces === null ? '' : `${task.pieces} pieces`}</span>
          </li>
        ))}
      </ol>
    </section>
  ));
};

/** Two pairs of hands and more: a card for each part of the work, as at the line; both are called when it is served. */
const PARTS: readonly { readonly words: string; readonly acts: ReadonlySet<Task['act']> }[] = [
  { words: 'folds, pours and closes', acts: new Set<Task['act']>(['prepare', 'fold', 'pour', 'serve']) },
  { words: 'opens and takes out', acts: new Set<Task['act']>(['beside', 'switch-on', 'take-out', 'reheat', 'serve']) },
];
