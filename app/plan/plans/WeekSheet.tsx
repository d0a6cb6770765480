import { DAY_MS, instantOf, wallTime } from '../../../core/basis/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import { CODES } from '../../../core/safety/index.ts';
import { foldKeeps_s } from '../../../core/lift/index.ts';
import { isScrapedOut, leftIn } from '../../../core/lot/index.ts';
import type { Run, RunPlan } from '../../../core/run/index.ts';
import { batterDays, LEAST_REST_S, weekOfMixes } from '../../../core/run/index.ts';
import { day, grams, NumberEntry, Sheet, temperature, timeOfDay } from '../../ui/index.ts';
import { wallNow } from '../../clock/index.ts';
import type { PlannedDish, PlannedRun, Session } from '../../session/index.ts';
import { judgedBatter, readingOf } from '../../session/index.ts';
import { commands, useDo, useQueried } from '../../store/index.ts';
import { withGuests } from '../change.ts';

const DAYS = 7;
const MOST_PIECES = 5000;
/** Mixing one bowl, s (*common practice*). */
const MIXING_S = 900;
const NOTHING = [0, 0, 0, 0, 0, 0, 0];

type Props = {
  readonly session: Session;
  readonly planned: PlannedRun;
  /** Of which dish of it. */
  readonly of: PlannedDish;
  readonly plan: RunPlan;
  readonly onRun: (changes: Partial<Run>, day: string) => void;
  readonly onClose: () => void;
};

/** Batter of a formula that stands ready, by how many mornings ago it was mixed, g. */
const useStanding = (session: Session, formula: Formula) => {
  const now = wallNow();
  const ids = session.lots.filter(({ formulaId, madeAt }) => formulaId === formula.id && now - madeAt < DAYS * DAY_MS).map(({ id }) => id);
  return (
    useQueried(
      async (queries) => {
        const lots = await queries.lots(ids);
        const loads = await queries.withPromises(await queries.loadsOfLots(ids));
        return lots.map((lot) => ({ madeAt: lot.madeAt, ...leftIn(lot, loads) }));
      },
      `standing ${ids.join(' ')}`,
    ) ?? []
  );
};

/** A shop's week: so many pieces on each day, and what has to be mixed when for them. */
export const WeekSheet = ({ session, planned, of: { dish, formula }, plan, onRun, onClose }: Props) => {
  const carryOut = useDo();
  const { run } = planned;
  const standing = useStanding(session, formula);
  const { kit } = session;
  const reading = readingOf(session, formula);
  const par = kit.pars?.find(({ id }) => id === formula.id) ?? { id: formula.id, pieces: NOTHING, most_g: null };
  const keep = (change: (before: typeof par) => Partial<typeof par>): void =>
    void carryOut(
      commands.changeKit((now) => {
        const before = now.pars?.find(({ id }) => id === formula.id) ?? { id: formula.id, pieces: NOTHING, most_g: null };
        return { ...now, pars: [...(now.pars ?? []).filter(({ id }) => id !== formula.id), { ...before, ...change(before) }] };
      }),
    );
  const pieces = plan.loads.reduce((sum, load) => sum + (load.dishId === dish.id ? load.pieces : 0), 0);
  const perPiece_g = pieces === 0 ? 0 : (plan.batterOf_g.get(dish.id) ?? 0) / pieces;
  const days = Array.from({ length: DAYS }, (_, i): string => wallTime(wallNow() + i * DAY_MS, run.zone).slice(0, 10));
  /** Monday first. */
  const weekday = (date: string): number => (new Date(`${date}T12:00Z`).getUTCDay() + 6) % 7;
  const keepsFor = batterDays(reading.lift, judgedBatter(session, formula));
  const { cold_C, coldSource } = CODES[kit.codeOfPractice];
  const isWarm = kit.refrigerator_C > cold_C;
  const isWorth = (left_g: number): boolean => !isScrapedOut(left_g, perPiece_g, 1);
  const week = weekOfMixes(
    days.map((date) => (par.pieces[weekday(date)] ?? 0) * perPiece_g),
    {
      days: keepsFor,
      most_g: par.most_g,
      standing: standing
        .filter(({ left_g }) => isWorth(left_g))
        .map(({ madeAt, left_g }) => ({ age_days: Math.max(0, Math.floor((wallNow() - madeAt) / DAY_MS)), grams: left_g })),
    },
  );
  const clockOf = wallTime(run.serveAt, run.zone).slice(11);
  const instant = (date: string): number => instantOf(`${date}T${clockOf}`, run.zone) ?? run.serveAt;
  /** The first pour of that morning, as today's plan has it, less rest and mixing. */
  const mixBy = (date: string): number => instant(date) - (run.serveAt - plan.firstPourAt) - 1000 * (LEAST_REST_S + MIXING_S);
  const words = (date: string): string => day(instant(date), run.zone);
  const nameOf = (date: string): string => words(date).split(' ')[0] ?? date;
  return (
    <Sheet title={`A week of ${formula.name}`} open onClose={onClose} wide>
      <p className="text-[15px] text-quiet">
        {perPiece_g > 0 ? `${grams(perPiece_g)} g of batter a piece, with what stays in the bowl. ` : ''}
        {keepsFor === 1
          ? foldKeeps_s(reading.lift) === null
            ? isWarm
              ? `It is poured on the day it is mixed: the refrigerator holds ${temperature(kit.refrigerator_C, kit.temperatureUnit)}, and ${temperature(cold_C, kit.temperatureUnit)} or less would be wanted for more.`
              : 'It is poured on the day it is mixed.'
            : 'Its foam sinks: it is poured on the day it is mixed.'
          : `It is poured for ${keepsFor} days at most, kept cold and covered; what is oldest goes first.`}
      </p>
      <fieldset className="mt-3 flex flex-wrap gap-3">
        <legend className="mb-1 font-semibold">Pieces wanted</legend>
        {days.map((date) => (
          <NumberEntry
            key={weekday(date)}
            narrow
            label={nameOf(date)}
            value={par.pieces[weekday(date)] ?? 0}
            min={0}
            max={MOST_PIECES}
            whole
            onChange={(value) =>
              value !== null && keep(({ pieces: before }) => ({ pieces: before.map((one, i) => (i === weekday(date) ? value : one)) }))
            }
          />
        ))}
        <NumberEntry
          narrow
          label="one bowl takes, g"
          placeholder="all of it"
          value={par.most_g}
          min={1}
          max={1e6}
          mayBeEmpty
          onChange={(most_g) => keep(() => ({ most_g }))}
        />
      </fieldset>
      {week.thrown_g > 1 && (
        <p role="status" className="mt-3 border-l-3 border-ink pl-3">
          {grams(week.thrown_g)} g that stands ready will be too old before it is wanted.
        </p>
      )}
      <ol aria-label="The week" className="mt-4">
        {days.map((date, i) => {
          const wanted = par.pieces[weekday(date)] ?? 0;
          const mixes = week.mixes.filter((mix) => mix.day === i);
          const ready_g = week.fromStanding[i] ?? 0;
          return (
            <li key={weekday(date)} data-day={i} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-line py-2">
              <b className="w-52">{words(date)}</b>
              <span className="w-24">{wanted === 0 ? 'closed' : `${wanted} pieces`}</span>
              <span className="min-w-0 flex-1">
                {ready_g > 1 && `${grams(ready_g)} g stands ready. `}
                {mixes.map(({ grams: mixed_g, uses }, n) => (
                  <span key={n} data-mix={Math.round(mixed_g)}>
                    Mix <b>{grams(mixed_g)} g</b>
                    {uses.length > 1 && `, for ${uses.map((use) => nameOf(days[use.day]!)).join(' and ')}`} by{' '}
                    {timeOfDay(mixBy(date), run.zone)}.{' '}
                  </span>
                ))}
                {wanted > 0 && mixes.length === 0 && ready_g < 1 && 'From what was mixed before.'}
              </span>
              {wanted > 0 && (
                <button
                  type="button"
                  className="min-h-11 font-semibold text-act underline underline-offset-2"
                  onClick={() =>
                    onRun({ ...withGuests(run, Math.ceil(wanted / dish.piecesPerPerson)), serveAt: instant(date) }, nameOf(date))
                  }
                >
                  Plan it
                </button>
              )}
            </li>
          );
        })}
      </ol>
      <p className="mt-3 text-[15px] text-quiet">
        Rested an hour at the least before the first pour. Kept cold: {coldSource}; local rules come first.
      </p>
    </Sheet>
  );
};
