import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { CalendarPlus, FileDown, ShoppingBasket, Table2 } from 'lucide-react';
import type { PlanFile, RunPlan } from '../../core/run/index.ts';
import { tasksCsv } from '../../core/run/index.ts';
import type { ShoppingItem } from '../../core/formula/index.ts';
import { shoppingCsv, shoppingList } from '../../core/formula/index.ts';
import type { ToppingId } from '../../core/plate/index.ts';
import { calendarOf, dayAndTime, download, fileName, TOPPING_WORDS } from '../look/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { readingOf } from '../session/index.ts';
import { tasksOfRun, taskWords } from './taskWords.ts';

type Props = {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly plan: NonNullable<PlannedRun['plan']>;
};

/** What is scattered in over the whole morning: bought like the rest. */
const scattered = ({ loads }: RunPlan): ShoppingItem[] => {
  const grams = new Map<ToppingId, number>();
  for (const { variant } of loads)
    if (variant?.onPlate != null) grams.set(variant.onPlate.toppingId, (grams.get(variant.onPlate.toppingId) ?? 0) + variant.onPlate.grams);
  return [...grams].map(([id, sum]) => ({ ingredientId: id, name: TOPPING_WORDS[id], grams: sum, cost: null }));
};

/** So long before an iron goes on or a step begins the calendar calls, s. */
const ALARM_S = 300;

/** The morning as files: what is done when, for a table, for another program, for a calendar; and what has to be in the house. */
export const TakeAlong = ({ session, planned, plan }: Props) => {
  const tasks = tasksOfRun(planned, plan);
  const { run, dishes } = planned;
  const { kit } = session;
  const reckoned = dishes.filter(({ batch_g, batter_g }) => batch_g > 0 && batter_g > 0);
  const file: PlanFile = {
    schema: 'tawny-lattice/plan',
    version: 1,
    name: run.name,
    zone: run.zone,
    serveAt: run.serveAt,
    people: run.people,
    piecesPerPerson: run.piecesPerPerson,
    ...(dishes.length < 2
      ? {}
      : {
          dishes: dishes.map(({ dish, formula, batter_g }) => ({
            name: formula.name,
            people: dish.people,
            piecesPerPerson: dish.piecesPerPerson,
            batter_g: Math.round(batter_g),
          })),
        }),
    firstPourAt: Math.round(plan.firstPourAt),
    lastPlateAt: Math.round(plan.lastPlateAt),
    batter_g: Math.round(plan.batter_g),
    tasks: [...tasks],
  };
  // A calendar that calls at every pour is soon silenced: it calls for what has to be begun.
  const called = tasks.filter(({ act }) => act === 'prepare' || act === 'beside' || act === 'switch-on' || act === 'serve');
  const calendar = (): Promise<string> =>
    calendarOf(
      run.name,
      called.map((task, i) => ({ id: `${run.id}-${i}`, at: task.at, duration_s: task.duration_s ?? 0, words: taskWords(task) })),
      run.zone,
      ALARM_S,
    );
  const ways: readonly { readonly words: string; readonly icon: typeof Table2; readonly take: () => void }[] = [
    {
      words: 'A table (CSV)',
      icon: Table2,
      take: () =>
        download(
          fileName(run.name, 'csv'),
          'text/csv',
          tasksCsv(tasks, (at) => dayAndTime(at, run.zone), taskWords),
        ),
    },
    {
      words: 'A plan for other programs (JSON)',
      icon: FileDown,
      take: () => download(fileName(run.name, 'json'), 'application/json', `${JSON.stringify(file, null, 2)}\n`),
    },
    {
      words: 'Into the calendar',
      icon: CalendarPlus,
      take: () => void calendar().then((text) => download(fileName(run.name, 'ics'), 'text/calendar', text)),
    },
    ...(reckoned.length === 0
      ? []
      : [
          {
            words: 'A shopping list (CSV)',
            icon: ShoppingBasket,
            take: () => {
              const wanted = reckoned.map(({ formula, batter_g, batch_g }) => ({
                reading: readingOf(session, formula),
                times: batter_g / batch_g,
              }));
              const list = shoppingList(wanted, kit.pricesPerKg);
              const items = [...list.items, ...scattered(plan)];
              download(fileName(`${run.name} shopping`, 'csv'), 'text/csv', shoppingCsv({ ...list, items }, kit.currency));
            },
          },
        ]),
  ];
  return (
    <Popover className="no-print relative">
      <PopoverButton className="button-plain">
        <FileDown aria-hidden className="size-5" /> Take along
      </PopoverButton>
      <PopoverPanel
        anchor="bottom end"
        className="z-40 flex w-80 flex-col gap-1 rounded-lg border border-line bg-white p-3 shadow-lg [--anchor-gap:4px]"
      >
        {({ close }) => (
          <>
            {ways.map(({ words, icon: Icon, take }) => (
              <button
                key={words}
                type="button"
                className="flex min-h-12 items-center gap-3 rounded px-2 text-left font-semibold hover:bg-act-soft"
                onClick={() => {
                  take();
                  close();
                }}
              >
                <Icon aria-hidden className="size-5 text-act" /> {words}
              </button>
            ))}
          </>
        )}
      </PopoverPanel>
    </Popover>
  );
};
