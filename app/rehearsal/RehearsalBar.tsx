import clsx from 'clsx';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { playMorning, surprisesOf } from '../../core/rehearsal/index.ts';
import { platesOf, reportOf, toldOfRun, withDish } from '../../core/run/index.ts';
import { useNow } from '../clock/index.ts';
import { timeOfDay } from '../ui/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { useRunPlan, useSession } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import type { PlayedExercise, Rehearsal } from './kept.ts';
import { changeRehearsal, PACES } from './change.ts';
import { endRehearsal } from './kept.ts';
import { useRehearsal } from './useRehearsal.ts';

const TICK_MS = 1000;

/** Above every station while a rehearsal is on: its clock, its pace, whose hands, who comes in, and the way out. */
export const RehearsalBar = () => {
  const rehearsal = useRehearsal();
  const session = useSession();
  const planned = useRunPlan(session);
  const now = useNow(TICK_MS);
  if (rehearsal === null) return null;
  const zone = session?.run?.zone ?? session?.kit.zone ?? 'UTC';
  return (
    <section
      aria-label="Rehearsal"
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-act bg-act-soft px-4 py-1.5 text-[15px] text-ink max-sm:gap-x-1.5 max-sm:px-2"
    >
      <p>
        <span className="max-sm:sr-only">Rehearsal, </span>
        <b className="figure text-2xl" data-figure="rehearsal-clock" data-exact={now}>
          {timeOfDay(now, zone)}
        </b>
      </p>
      <div role="radiogroup" aria-label="How fast time goes by" className="flex gap-1">
        {PACES.map((pace) => (
          <button
            key={pace}
            type="button"
            role="radio"
            aria-checked={rehearsal.pace === pace}
            className={choice(rehearsal.pace === pace)}
            onClick={() => changeRehearsal({ pace })}
          >
            {pace === 0 ? 'stop' : `×${pace}`}
          </button>
        ))}
      </div>
      <div role="radiogroup" aria-label="Whose hands" className="flex gap-1">
        {(['mine', 'simulated'] as const).map((hands) => (
          <button
            key={hands}
            type="button"
            role="radio"
            aria-checked={rehearsal.hands === hands}
            className={choice(rehearsal.hands === hands)}
            onClick={() => changeRehearsal({ hands })}
          >
            {hands === 'mine' ? 'my hands' : 'simulated hands'}
          </button>
        ))}
      </div>
      {session !== undefined && planned !== null && <Happenings session={session} planned={planned} rehearsal={rehearsal} now={now} />}
      {(session === undefined || planned === null) && <End played={null} />}
    </section>
  );
};

const End = ({ played }: { readonly played: PlayedExercise | null }) => (
  <button type="button" className={clsx(PRESS, 'ml-auto border-line bg-sheet')} onClick={() => endRehearsal(played)}>
    End <span className="max-sm:sr-only">the rehearsal</span>
  </button>
);

const PRESS = 'min-h-9 min-w-11 rounded-md border-2 px-3 font-semibold max-sm:min-w-9 max-sm:px-1.5';
const choice = (isOn: boolean): string => clsx(PRESS, isOn ? 'border-act bg-act text-page' : 'border-line bg-sheet');

type HappeningsProps = {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly rehearsal: Rehearsal;
  readonly now: number;
};

/** Guests who weren't announced, and at the end how it went against hands that do only what the line says. */
const Happenings = ({ session, planned, rehearsal, now }: HappeningsProps) => {
  const carryOut = useDo();
  const { run, plan, request, irons } = planned;
  // By the plan as it was at the beginning: one that is made anew brings no new guests.
  const surprises = useMemo(
    () => (rehearsal.hasSurprises ? surprisesOf(rehearsal.seed, rehearsal.planned) : []),
    [rehearsal.hasSurprises, rehearsal.seed, rehearsal.planned],
  );
  const told = toldOfRun(run, irons, session);
  const report = plan === null || request === null ? null : reportOf(plan, request, told);
  const here = surprises.find(({ id, at }) => at <= now && !rehearsal.met.includes(id));
  const isOver = report !== null && report.pieces.done >= report.pieces.wanted && here === undefined;
  const alone = useMemo(
    () => (isOver && request !== null && plan !== null ? playMorning(request, plan, rehearsal.believed, rehearsal.seed) : null),
    [isOver, request, plan, rehearsal.believed, rehearsal.seed],
  );
  const waited_min = report === null ? 0 : (report.service.done.meanWait_s * platesOf(run)) / 60;
  const played =
    isOver && alone !== null && rehearsal.levelId !== null
      ? {
          levelId: rehearsal.levelId,
          seed: rehearsal.seed,
          loads: report.loads.done,
          guests: platesOf(run),
          waited_min,
          planned_min: alone.waited_min,
        }
      : null;
  return (
    <>
      {here !== undefined && (
        <div role="alert" className="flex flex-wrap items-center gap-2 font-semibold">
          {here.guests} more guests have come in.
          <button
            type="button"
            className={clsx(PRESS, 'border-act bg-act text-page')}
            onClick={() => {
              changeRehearsal({ met: [...rehearsal.met, here.id] });
              void carryOut(
                commands.changeRun(run.id, (before) =>
                  withDish(before, before.dishes[0]?.id ?? '', ({ people }) => ({ people: people + here.guests })),
                ),
              );
            }}
          >
            Plan for them
          </button>
        </div>
      )}
      {isOver && (
        <p role="status" className="flex flex-wrap items-center gap-x-3">
          <span>
            <b>All out.</b> The guests waited{' '}
            <b className="figure text-xl" data-figure="waited_min" data-exact={waited_min}>
              {Math.round(waited_min)}
            </b>{' '}
            minutes in all
            {alone !== null && (
              <>
                ; as planned and played by itself: <b className="figure text-xl">{Math.round(alone.waited_min)}</b>
              </>
            )}
            .
          </span>
          <Link to="/plan" className="font-semibold text-act underline underline-offset-2">
            How it went
          </Link>
        </p>
      )}
      <End played={played} />
    </>
  );
};
