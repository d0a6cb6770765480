import { lazy, Suspense, useCallback, useState } from 'react';
import { Link } from 'react-router';
import { lightnessOfDensity } from '../../core/advise/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { targetOn } from '../../core/cook/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { describeSentence } from '../../words/index.ts';
import { InlineSelect, clock, lengthUnitOf, measured, temperature } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob, bowlTemperature, useSession } from '../session/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { useAdvice } from '../workers/index.ts';
import type { Wish } from './Aim.tsx';
import { Aim } from './Aim.tsx';
import { Conditions } from './Conditions.tsx';
import { DialInSheet } from './DialInSheet.tsx';
import { SIMULATED } from './simulated.ts';
import { Moved } from './Moved.tsx';
import { inBowl } from '../../core/lot/index.ts';
import { wallNow } from '../clock/index.ts';
import { Answer } from './Answer.tsx';

const HeatSheet = lazy(async () => ({ default: (await import('./HeatSheet.tsx')).HeatSheet }));
const AfterSheet = lazy(async () => ({ default: (await import('./AfterSheet.tsx')).AfterSheet }));

export const IronDoor = () => {
  const session = useSession();
  if (session === undefined) return null;
  const { formula, iron } = session;
  if (formula === null || iron === null) return <NothingYet session={session} />;
  return <IronWithFormula session={session} formula={formula} iron={iron} />;
};

const NothingYet = ({ session }: { readonly session: Session }) => (
  <section className="max-w-xl p-8">
    <h1 className="text-3xl">What shall it cook?</h1>
    <p className="mt-3 text-lg">
      It takes an iron and a batter; then this station says how much to pour, how hot and how long, and draws what happens between the
      plates.
    </p>
    <Link to={session.irons.length === 0 ? '/begin' : '/formula'} className="button-act mt-5">
      {session.irons.length === 0 ? 'Which irons do you have?' : 'Write a batter'}
    </Link>
  </section>
);

const IronWithFormula = ({ session, formula, iron }: { readonly session: Session; readonly formula: Formula; readonly iron: Iron }) => {
  const { kit, workspace, setWorkspace } = session;
  const carryOut = useDo();
  const [dragged, setDragged] = useState<Wish | null>(null);
  const [sheet, setSheet] = useState<'dialling' | 'heat' | 'after' | null>(null);
  const wish = dragged ?? { target: workspace.target, lightness: workspace.lightness ?? null };
  const target = targetOn(iron, wish.target);
  // What was weighed this morning counts, not what was planned.
  const bowl = inBowl(session.lots, formula, wallNow());
  const bowl_C = bowlTemperature(session, formula);
  const job = adviceJob(session, formula, iron, { ...workspace, ...wish });
  const advice = useAdvice(job);
  /** A stranger of the same measures; each is another. */
  const trySimulated = async (): Promise<void> => {
    const id = `simulated-${newId().slice(0, 8)}`;
    const count = session.irons.filter((other) => other.kind === SIMULATED).length;
    // A stranger: what was measured of this one says nothing of it.
    const { measured: _, ...measures } = iron;
    const name = `Simulated ${iron.name.toLowerCase()}${count === 0 ? '' : ` ${count + 1}`}`.slice(0, 80);
    await carryOut(commands.addIron({ ...measures, id, rev: 1, name, kind: SIMULATED, circuitId: null }, workspace));
  };
  const settle = useCallback(
    (settled: Wish) => {
      setDragged(settled);
      setWorkspace(settled);
    },
    [setWorkspace],
  );
  const reply = advice.data?.ok === true ? advice.data.value : null;
  const summary = [
    measured(kit.altitude_m, 'height', lengthUnitOf(kit)),
    reply === null ? null : `boils at ${temperature(reply.answer.boiling_C, kit.temperatureUnit)}`,
    `batter ${temperature(bowl_C ?? workspace.batter_C, kit.temperatureUnit)}`,
    `load ${workspace.load}`,
    workspace.preheat_s === null ? null : `preheated ${clock(workspace.preheat_s)}`,
  ]
    .filter((part) => part !== null)
    .join(' · ');
  return (
    <div className="flex flex-col gap-3 px-5 py-3" data-busy={advice.isFetching} data-ready={reply !== null}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-6">
        <h1 className="flex flex-wrap items-baseline gap-x-2 text-2xl">
          <InlineSelect
            label="Iron"
            value={iron.id}
            choices={session.irons.map(({ id, name, kind }) => ({ value: id, label: name, note: kind }))}
            onChange={(ironId) => setWorkspace({ ironId })}
          />
          <span className="font-normal text-quiet">with</span>
          <InlineSelect
            label="Formula"
            value={formula.id}
            choices={session.formulas.map(({ id, name, family }) => ({ value: id, label: name, note: family }))}
            onChange={(formulaId) => setWorkspace({ formulaId })}
          />
        </h1>
        <p className="ml-auto flex gap-5">
          {(
            [
              ['dialling', 'What its loads say'],
              ['heat', 'Its heat'],
              ['after', 'After the iron'],
            ] as const
          ).map(([sheet, label]) => (
            <button
              key={sheet}
              type="button"
              className="min-h-8 font-semibold text-act underline underline-offset-2"
              onClick={() => setSheet(sheet)}
            >
              {label}
            </button>
          ))}
        </p>
        <Conditions bench={workspace} iron={iron} unit={kit.temperatureUnit} bowl_C={bowl_C} summary={summary} onChange={setWorkspace} />
      </div>
      <Aim
        wish={wish}
        usual={target}
        hasCrisp={!iron.dryThrough}
        comes={{
          crisp: reply?.answer.crisp ?? null,
          lightness: reply === null || iron.dryThrough ? null : lightnessOfDensity(reply.answer.pieceDensity_gPerMl),
        }}
        onDrag={setDragged}
        onSettle={settle}
      />
      <Moved job={job} />
      {advice.data?.ok === false && (
        <div role="alert" className="border-l-3 border-ink bg-sheet p-4 text-lg">
          <strong>No answer:</strong> {describeSentence(advice.data.failure)}.{' '}
          <Link to="/formula" className="font-semibold text-act underline">
            To the formula
          </Link>
        </div>
      )}
      {reply !== null && <Answer key={iron.id} reply={reply} session={session} iron={iron} formula={formula} job={job} />}
      <Suspense>
        {sheet === 'heat' && <HeatSheet iron={iron} job={job} kit={kit} onClose={() => setSheet(null)} />}
        {sheet === 'after' && (
          <AfterSheet
            job={job}
            onAim={(aim) => {
              settle({ ...wish, target: aim });
              setSheet(null);
            }}
            onClose={() => setSheet(null)}
          />
        )}
      </Suspense>
      {sheet === 'dialling' && (
        <DialInSheet
          key={`loads of ${iron.id}`}
          session={session}
          formula={bowl.formula}
          iron={iron}
          tawny={target.tawny}
          crisp={target.crisp}
          reply={reply}
          onTry={() => void trySimulated()}
          onClose={() => setSheet(null)}
        />
      )}
    </div>
  );
};
