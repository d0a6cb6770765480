import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { CalendarPlus, FileDown, ShoppingBasket, Table2 } from 'lucide-react';
import { sum } from '../../../core/basis/index.ts';
import type { PlanFile } from '../../../core/run/index.ts';
import { tasksCsv } from '../../../core/run/index.ts';
import { shoppingCsv } from '../../../core/formula/index.ts';
import { calendarOf, dayAndTime, download, fileName } from '../../ui/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { usePantry } from '../details/usePantry.ts';
import { tasksOfRun, taskWords } from '../paper/taskWords.ts';

type Props = {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly plan: NonNullable<PlannedRun['plan']>;
};

/** So long before an iron goes on or a step begins the calendar calls, s. */
const ALARM_S = 300;

/** The morning as files: what is done when, for a table, for another program, for a calendar; and what has to be in the house. */
export const TakeAlong = ({ session, planned, plan }: Props) => {
  const tasks = tasksOfRun(planned, plan, session.kit);
  const { run, dishes } = planned;
  const { kit } = session;
  const pantry = usePantry(session, planned, plan);
  const file: PlanFile = {
    schema: 'tawny-lattice/plan',
    version: 1,
    name: run.name,
    zone: run.zone,
    serveAt: run.serveAt,
    people: run.dishes[0]?.people ?? 0,
    piecesPerPerson: run.dishes[0]?.piecesPerPerson ?? 0,
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
    batter_g: Math.round(sum(dishes.map(({ batter_g }) => batter_g))),
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
      words: 'Add to a calendar',
      icon: CalendarPlus,
      take: () => void calendar().then((text) => download(fileName(run.name, 'ics'), 'text/calendar', text)),
    },
    ...(pantry === null
      ? []
      : [
          {
            words: 'A shopping list (CSV)',
            icon: ShoppingBasket,
            take: () => download(fileName(`${run.name} shopping`, 'csv'), 'text/csv', shoppingCsv(pantry, kit.currency)),
          },
        ]),
  ];
  return (
    <Popover className="no-print relative">
      <PopoverButton className="button-plain">
        <FileDown aria-hidden className="size-5" /> Save as a file
      </PopoverButton>
      <PopoverPanel
        anchor="bottom end"
        className="z-40 flex w-80 flex-col gap-1 rounded-lg border border-line bg-sheet p-3 shadow-lg [--anchor-gap:4px]"
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
