import { Printer } from 'lucide-react';
import { circuitFindings } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { Run } from '../../core/run/index.ts';
import { instantOf, wallTime } from '../../core/run/index.ts';
import { describeSentence } from '../../words/index.ts';
import { clock, day, dialMarkText, Findings, grams, InlineSelect, NumberEntry, timeOfDay, useGuard } from '../look/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { useRunPlan, useSession } from '../session/index.ts';
import { wallNow } from '../clock/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { PlanPicture } from './PlanPicture.tsx';

/** A run nobody has planned yet: tomorrow at 07:15. */
const freshRun = (session: Session, now: number): Run => {
  const { kit, formula, irons, workspace } = session;
  const tomorrow = wallTime(now + 86_400_000, kit.zone).slice(0, 10);
  return {
    id: newId(),
    name: 'Breakfast',
    zone: kit.zone,
    mode: 'together',
    serveAt: instantOf(`${tomorrow}T07:15`, kit.zone) ?? now + 43_200_000,
    people: 4,
    piecesPerPerson: 1,
    ironIds: irons.slice(0, 1).map((iron) => iron.id),
    formulaId: formula?.id ?? '',
    target: workspace.target,
    batter_C: workspace.batter_C,
    prep: [],
    batter_g: null,
  };
};

export const RunStation = () => {
  const session = useSession();
  const planned = useRunPlan(session);
  const carryOut = useDo();
  const guard = useGuard();
  if (session === undefined) return null;
  const { run, formula } = session;
  if (run === null)
    return (
      <section className="max-w-xl p-8">
        <h1 className="text-3xl">How many are coming?</h1>
        <p className="mt-3 text-lg">
          Four answers make a morning: how many, what, which irons and when. Out come loads, starts and the moment to switch on, here and on
          the strip above every station.
        </p>
        <button
          type="button"
          className="button-act mt-5"
          disabled={formula === null}
          onClick={guard(() => void carryOut(commands.addRun(freshRun(session, wallNow()))))}
        >
          Plan a run
        </button>
        {formula === null && <p className="mt-3">First a batter: write one on the Formula station.</p>}
      </section>
    );
  return (
    <Morning
      session={session}
      run={run}
      planned={planned}
      onChange={(changes) => void carryOut(commands.changeRun(run.id, (now) => ({ ...now, ...changes })))}
    />
  );
};

type MorningProps = {
  readonly session: Session;
  readonly run: Run;
  readonly planned: PlannedRun | null;
  readonly onChange: (changes: Partial<Run>) => void;
};

const Morning = ({ session, run, planned, onChange }: MorningProps) => {
  const plan = planned?.plan ?? null;
  const circuits = circuitFindings(planned?.irons ?? [], session.kit.circuits);
  return (
    <div className="flex flex-col gap-4 px-5 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h1 className="text-2xl">
          {run.name} <span className="font-sans text-lg font-normal text-quiet">{day(run.serveAt, run.zone)}</span>
        </h1>
        <button type="button" className="button-plain no-print" onClick={() => window.print()}>
          <Printer aria-hidden className="size-5" /> Run sheet
        </button>
      </div>
      <Questions session={session} run={run} onChange={onChange} />
      {planned?.failures.map(({ ironId, failure }) => (
        <p key={ironId} role="alert" className="border-l-3 border-ink bg-sheet p-2">
          {session.irons.find((iron) => iron.id === ironId)?.name}: {describeSentence(failure)}.
        </p>
      ))}
      {plan === null || planned === null ? (
        <p className="text-lg text-quiet">Reckoning the morning …</p>
      ) : (
        <>
          <Answers planned={planned} plan={plan} />
          <PlanPicture planned={planned} plan={plan} />
          <Findings findings={[...plan.findings, ...circuits]} />
          <IronSheet planned={planned} plan={plan} />
        </>
      )}
    </div>
  );
};

const Questions = ({ session, run, onChange }: Omit<MorningProps, 'planned'>) => {
  const toggle = (iron: Iron): void => {
    const has = run.ironIds.includes(iron.id);
    onChange({ ironIds: has ? run.ironIds.filter((id) => id !== iron.id) : [...run.ironIds, iron.id] });
  };
  return (
    <div className="no-print grid grid-cols-[auto_auto_auto_auto_minmax(0,1fr)] items-end gap-x-7 gap-y-3 max-lg:grid-cols-2 max-sm:grid-cols-1">
      <NumberEntry
        big
        label="People"
        value={run.people}
        min={1}
        max={2000}
        whole
        onChange={(people) => people !== null && onChange({ people })}
      />
      <NumberEntry
        big
        label="Pieces each"
        value={run.piecesPerPerson}
        min={0.1}
        max={20}
        onChange={(piecesPerPerson) => piecesPerPerson !== null && onChange({ piecesPerPerson })}
      />
      <NumberEntry
        big
        label="Batter there is, g"
        placeholder="as needed"
        value={run.batter_g}
        min={1}
        max={1e6}
        mayBeEmpty
        onChange={(batter_g) => onChange({ batter_g })}
      />
      <label className="flex flex-col gap-1 text-[15px]">
        {run.mode === 'together' ? 'Served at' : 'First plate at'}
        <input
          type="datetime-local"
          className="entry h-14 text-xl font-bold"
          value={wallTime(run.serveAt, run.zone)}
          onChange={(event) => {
            const serveAt = instantOf(event.target.value.slice(0, 16), run.zone);
            if (serveAt !== null) onChange({ serveAt });
          }}
        />
      </label>
      <fieldset className="flex min-w-0 flex-col gap-1 text-[15px]">
        <legend className="mb-1">How</legend>
        <div className="flex gap-2 max-sm:flex-col">
          {(
            [
              ['together', 'all served together'],
              ['as-they-come', 'as they come'],
            ] as const
          ).map(([mode, label]) => (
            <label
              key={mode}
              className={`flex min-h-14 flex-1 items-center gap-2 rounded-md border-2 px-3 font-semibold ${run.mode === mode ? 'border-act bg-act-soft' : 'border-line'}`}
            >
              <input
                type="radio"
                name="mode"
                checked={run.mode === mode}
                onChange={() => onChange({ mode })}
                className="size-5 accent-act"
              />
              {label}
            </label>
          ))}
        </div>
      </fieldset>
      <div className="col-span-full flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <span className="text-xl">
          <InlineSelect
            label="Formula"
            value={run.formulaId}
            choices={session.formulas.map(({ id, name, family }) => ({ value: id, label: name, note: family }))}
            onChange={(formulaId) => onChange({ formulaId })}
          />
        </span>
        <fieldset className="flex min-w-0 flex-wrap items-center gap-2">
          <legend className="sr-only">Irons</legend>
          <span className="text-quiet">on</span>
          {session.irons.map((iron) => (
            <label
              key={iron.id}
              className={`flex min-h-11 items-center gap-2 rounded-full border-2 px-4 font-semibold ${run.ironIds.includes(iron.id) ? 'border-act bg-act-soft' : 'border-line'}`}
            >
              <input type="checkbox" checked={run.ironIds.includes(iron.id)} onChange={() => toggle(iron)} className="size-5 accent-act" />
              {iron.name}
            </label>
          ))}
        </fieldset>
      </div>
    </div>
  );
};

type PlanProps = { readonly planned: PlannedRun; readonly plan: NonNullable<PlannedRun['plan']> };

/** What to act on: when to switch on, when to pour, when the last plate is out, how much batter. */
const Answers = ({ planned, plan }: PlanProps) => {
  const { run, batch_g } = planned;
  const time = (at: number): string => timeOfDay(at, run.zone);
  const figures: readonly (readonly [string, string, string])[] = [
    ['Switch on', time(plan.startAt), 'the first iron'],
    ['First pour', time(plan.firstPourAt), `${plan.loads.length} loads, ${plan.pieces} pieces`],
    ['Last plate', time(plan.lastPlateAt), run.mode === 'together' ? `served at ${time(run.serveAt)}` : 'as they come'],
    ['Batter', `${grams(plan.batter_g)} g`, batch_g > 0 ? `${(plan.batter_g / batch_g).toFixed(1)} × the formula as written` : ''],
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

/** The run sheet: iron by iron, with everything the hand needs. */
const IronSheet = ({ planned, plan }: PlanProps) => (
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
        {planned.irons.map((iron) => {
          const reply = planned.advices.get(iron.id);
          const mine = plan.loads.filter((load) => load.ironId === iron.id);
          const preheat = plan.preheats.find((p) => p.ironId === iron.id);
          if (reply === undefined) return null;
          const { setting } = reply.answer;
          return (
            <tr key={iron.id} className="border-b border-line">
              <th scope="row" className="py-2 font-display">
                {iron.name}
              </th>
              <td>{preheat === undefined ? 'not needed' : timeOfDay(preheat.from, planned.run.zone)}</td>
              <td>
                {setting.chosen === 'fixed'
                  ? 'nothing to set'
                  : setting.dial !== null
                    ? `dial ${dialMarkText(setting.dial)}`
                    : `${Math.round(setting.temperature_C)} °C`}
              </td>
              <td>
                <b>{grams(mine[0]?.portion_g ?? reply.answer.portion_g)} g</b>
                {iron.geometry.moulds > 1
                  ? `, ${grams((mine[0]?.portion_g ?? reply.answer.portion_g) / iron.geometry.moulds)} g a mould`
                  : ''}
              </td>
              <td>
                <b>{clock(reply.planned.cook_s)}</b>
              </td>
              <td>{clock(reply.planned.recovery_s)}</td>
              <td>{mine[0] === undefined ? '' : timeOfDay(mine[0].pourAt, planned.run.zone)}</td>
              <td>{mine.length}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  </div>
);
