import type { RunPlan } from '../../../core/run/index.ts';
import { platesOf } from '../../../core/run/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { wallNow } from '../../clock/index.ts';
import { clock, day, dayAndTime, grams, IronSettings, Piece, pieceOf, temperature, timeOfDay } from '../../ui/index.ts';
import type { PlannedDish, PlannedRun } from '../../session/index.ts';
import { dishName } from '../../session/index.ts';
import { useKit } from '../../store/index.ts';

type Props = { readonly planned: PlannedRun; readonly plan: RunPlan };

/** Page 1, for the wall: when it begins, and for every iron what is set, poured and how long it is closed, with its times. */
export const WallSheet = ({ planned, plan }: Props) => {
  const { run } = planned;
  const kit = useKit();
  const recipes = planned.dishes.map(({ formula, batter_g }) => `${formula.name} · ${grams(batter_g)}\u00a0g batter`);
  return (
    <section aria-label="Wall sheet" className="paper-page flex flex-col">
      <header className="flex items-start justify-between gap-4 border-b-[3pt] border-black pb-3">
        <div>
          <h1 className="text-[30pt] leading-none">{run.name}</h1>
          <p className="mt-2 text-[12pt]">{[day(run.serveAt, run.zone), ...recipes].join(' · ')}</p>
        </div>
        <p className="text-right text-[14pt] leading-none font-semibold">
          serve
          <span className="figure block text-[44pt]">{timeOfDay(run.serveAt, run.zone)}</span>
        </p>
      </header>
      <KeyTimes planned={planned} plan={plan} />
      <div className="grid flex-1 grid-cols-3 content-start border-b-[3pt] border-black">
        {planned.dishes.flatMap((dish) =>
          dish.irons.map((iron) => <IronColumn key={`${dish.dish.id}/${iron.id}`} planned={planned} plan={plan} dish={dish} iron={iron} />),
        )}
      </div>
      <p className="py-3 text-[13pt]">
        <b>Onto a rack, never a stack.</b> Open the lid away from you: steam burns. Hot metal at {temperature(65, kit.temperatureUnit)}{' '}
        burns in one second (ISO 13732-1).
      </p>
      <p className="text-[10pt]">
        {kit.name} · printed {dayAndTime(wallNow(), run.zone)} · {platesOf(run)} guests
      </p>
    </section>
  );
};

/** Mixing, switching on, the first pour. */
const KeyTimes = ({ planned, plan }: Props) => {
  const at = (when: number): string => timeOfDay(when, planned.run.zone);
  const mixAt = Math.min(...planned.dishes.flatMap(({ prep }) => prep.map(({ at: when }) => when)));
  const byTime = new Map<string, string[]>();
  for (const { ironId, from } of plan.preheats) {
    const name = planned.irons.find(({ id }) => id === ironId)?.name ?? '';
    byTime.set(at(from), [...(byTime.get(at(from)) ?? []), name]);
  }
  const times: readonly (readonly [string, string])[] = [
    ...(Number.isFinite(mixAt) ? [[at(mixAt), 'begin to mix'] as const] : []),
    ...[...byTime].map(([time, names]) => [time, `${names.join(', ')} on`] as const),
    [at(plan.firstPourAt), 'first pour'],
  ];
  return (
    <dl className="flex flex-wrap gap-x-8 gap-y-2 border-b border-black py-3">
      {times.map(([time, what]) => (
        <div key={`${time}/${what}`} className="flex flex-col-reverse">
          <dt className="text-[12pt] font-semibold">{what}</dt>
          <dd className="figure text-[24pt]">{time}</dd>
        </div>
      ))}
    </dl>
  );
};

/** More lines than that are written smaller, so that the page stays one page. */
const MANY = 8;

type ColumnProps = Props & { readonly dish: PlannedDish; readonly iron: Iron };

const IronColumn = ({ planned, plan, dish, iron }: ColumnProps) => {
  const kit = useKit();
  const reply = dish.advices.get(iron.id);
  const loads = plan.loads.filter(({ ironId, dishId }) => ironId === iron.id && dishId === dish.dish.id);
  const at = (when: number): string => timeOfDay(when, planned.run.zone);
  const of = dishName(planned, dish.dish.id);
  const last = loads.at(-1);
  const size = loads.length > MANY ? 'text-[15pt]' : 'text-[20pt]';
  return (
    <article aria-label={iron.name} className="break-inside-avoid border-r border-black px-3 py-3 [&:nth-child(3n)]:border-r-0">
      <h2 className="flex items-center gap-3 text-[19pt] leading-tight">
        <Piece {...pieceOf(iron, TAWNY)} size={60} /> {iron.name}
      </h2>
      {of !== null && <p className="text-[11pt]">{of}</p>}
      {reply !== undefined && (
        <IronSettings answer={reply.answer} iron={iron} kit={kit} closedNote={firstNote(dish, iron, reply.answer.cookTime_s.best)} />
      )}
      <table className={`mt-2 w-full ${size}`}>
        <thead className="text-left text-[11pt]">
          <tr>
            <th scope="col">pour</th>
            <th scope="col">open</th>
          </tr>
        </thead>
        <tbody>
          {loads.map((load) => (
            <tr key={load.n} className="border-t border-black/40">
              <td>{at(load.pourAt)} →</td>
              <td className="figure">{at(load.openAt)}</td>
            </tr>
          ))}
          {last !== undefined && (
            <tr className="border-t border-black/40">
              <td>{at(last.openAt)} →</td>
              <td className="figure">off</td>
            </tr>
          )}
        </tbody>
      </table>
    </article>
  );
};

/** As it is drawn on paper: the step that most want. */
const TAWNY = 4;

/** The first load of a fresh iron takes another time. */
const firstNote = ({ firsts }: PlannedDish, { id }: Iron, later_s: number): string => {
  const first_s = firsts.get(id)?.answer.cookTime_s.best ?? later_s;
  return Math.abs(first_s - later_s) < SAME_S ? 'closed' : `closed, the first ${clock(first_s)}`;
};
const SAME_S = 5;
