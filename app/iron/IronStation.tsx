import { lazy, Suspense, useCallback, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import type { AdviceAnswer } from '../../core/advise/index.ts';
import { lightnessOfDensity } from '../../core/advise/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { describeSentence } from '../../words/index.ts';
import { Findings, InlineSelect, clock, metres, percent, temperature } from '../look/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob, useNewestLoads, useSession } from '../session/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import type { AdviceJob, AdviceReply } from '../workers/index.ts';
import { useAdvice, usePattern } from '../workers/index.ts';
import type { Wish } from './Aim.tsx';
import { Aim } from './Aim.tsx';
import { Conditions } from './Conditions.tsx';
import { DialInSheet } from './DialInSheet.tsx';
import { SIMULATED } from './simulated.ts';
import { Curves } from './Curves.tsx';
import { Cut } from './Cut.tsx';
import { Figures } from './Figures.tsx';
import { Lattice } from './Lattice.tsx';
import { Moved } from './Moved.tsx';
import { watchList } from './watch.ts';
import { inBowl } from '../../core/lot/index.ts';
import { wallNow } from '../clock/index.ts';

const HeatSheet = lazy(async () => ({ default: (await import('./HeatSheet.tsx')).HeatSheet }));
const AfterSheet = lazy(async () => ({ default: (await import('./AfterSheet.tsx')).AfterSheet }));
const PhotoSheet = lazy(async () => ({ default: (await import('./PhotoSheet.tsx')).PhotoSheet }));

export const IronStation = () => {
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
      {session.irons.length === 0 ? 'There is no iron in the kit yet. ' : `${session.irons.length} irons stand ready. `}
      Write a batter down first: paste an ingredient list, and this station says how much to pour, how hot and how long.
    </p>
    <Link to="/formula" className="button-act mt-5">
      Write a batter
    </Link>
  </section>
);

const IronWithFormula = ({ session, formula, iron }: { readonly session: Session; readonly formula: Formula; readonly iron: Iron }) => {
  const { kit, workspace, setWorkspace } = session;
  const carryOut = useDo();
  const [dragged, setDragged] = useState<Wish | null>(null);
  const [sheet, setSheet] = useState<'dialling' | 'heat' | 'after' | null>(null);
  const wish = dragged ?? { target: workspace.target, lightness: workspace.lightness ?? null };
  const { target } = wish;
  // What was weighed this morning counts, not what was planned.
  const bowl = inBowl(session.lots, formula, wallNow());
  const job = adviceJob(session, bowl.formula, iron, { ...workspace, ...wish, airFraction: bowl.airFraction });
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
    metres(kit.altitude_m),
    reply === null ? null : `boils at ${temperature(reply.answer.boiling_C, kit.temperatureUnit)}`,
    `batter ${temperature(workspace.batter_C, kit.temperatureUnit)}`,
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
            onChange={(ironId) => setWorkspace({ ironId, setting_C: null })}
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
        <Conditions bench={workspace} iron={iron} summary={summary} onChange={setWorkspace} />
      </div>
      <Aim
        wish={wish}
        comes={reply === null || iron.dryThrough ? null : lightnessOfDensity(reply.answer.pieceDensity_gPerMl)}
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
      {reply !== null && <Answer key={iron.id} reply={reply} session={session} iron={iron} job={job} />}
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

/** What the figures rest on. */
const basisOf = ({ basis }: AdviceAnswer, isAsNew: boolean): string =>
  basis !== null
    ? `from ${basis.loads === 1 ? 'one load' : `${basis.loads} loads`} on this iron; ${percent(basis.chance)} of such loads land`
    : isAsNew
      ? 'the model only: as if nobody had cooked on this iron'
      : 'the model only; no load of this iron has said anything yet';

type AnswerProps = { readonly reply: AdviceReply; readonly session: Session; readonly iron: Iron; readonly job: AdviceJob };

const Answer = ({ reply, session, iron, job }: AnswerProps) => {
  const carryOut = useDo();
  const [photographing, setPhotographing] = useState(false);
  const newest = useNewestLoads([iron.id])?.get(iron.id);
  const best = reply.answer.cookTime_s.best;
  const pattern = usePattern(iron.pattern === undefined ? null : { job, second: best }).data;
  const { kit } = session;
  const { answer } = reply;
  // The figures follow the wish at once; the drawing may be a frame behind.
  const drawn = useDeferredValue(reply);
  const { picture } = drawn;
  const [scrubbed, setScrubbed] = useState<number | null>(null);
  const second = Math.min(picture.seconds, scrubbed ?? drawn.answer.cookTime_s.best);
  const isAsNew = session.workspace.asNewIronId === iron.id;
  const basis = basisOf(reply.answer, isAsNew);
  // The lattice is drawn again only when something of it changes.
  const openPhotos = useCallback(() => setPhotographing(true), []);
  return (
    <>
      <div className="flex items-start gap-6 max-lg:flex-col">
        <div className="min-w-0 flex-1">
          <Figures reply={reply} iron={iron} kit={kit} basis={basis} />
          <p className="mt-1 text-[15px] text-quiet" data-figure="basis" data-exact={reply.answer.basis?.loads ?? 0}>
            {basis.charAt(0).toUpperCase() + basis.slice(1)}.{' '}
            {(reply.answer.basis !== null || isAsNew) && (
              <button
                type="button"
                className="min-h-8 font-semibold text-act underline underline-offset-2"
                onClick={() => session.setWorkspace({ asNewIronId: isAsNew ? null : iron.id })}
              >
                {isAsNew ? 'With what its loads say' : 'As if new'}
              </button>
            )}
          </p>
        </div>
        <div className="flex w-56 shrink-0 flex-col gap-1.5">
          <p className="text-[15px] text-quiet">
            Expect step{' '}
            <b className="text-ink" data-figure="tawnyStep" data-exact={answer.tawnyStep}>
              {answer.tawnyStep.toFixed(1)}
            </b>
            , crisp{' '}
            <b className="text-ink" data-figure="crisp" data-exact={answer.crisp}>
              {answer.crisp.toFixed(1)}
            </b>
            ;{' '}
            <span data-figure="pieceMass_g" data-exact={answer.pieceMass_g}>
              {Math.round(answer.pieceMass_g)}
            </span>{' '}
            g a piece,{' '}
            <span data-figure="pieceDensity_gPerMl" data-exact={answer.pieceDensity_gPerMl}>
              {answer.pieceDensity_gPerMl.toFixed(2)}
            </span>{' '}
            g/mL. The bowl gives{' '}
            <b className="text-ink" data-figure="loads" data-exact={answer.loads}>
              {answer.loads}
            </b>{' '}
            loads,{' '}
            <span data-figure="pieces" data-exact={answer.pieces}>
              {answer.pieces}
            </span>{' '}
            pieces,{' '}
            <span data-figure="leftover_g" data-exact={answer.leftover_g}>
              {Math.round(answer.leftover_g)}
            </span>{' '}
            g over.
          </p>
          <Link to={`/line?iron=${iron.id}`} className="button-act">
            Start this load
          </Link>
        </div>
      </div>
      <Findings findings={reply.findings} />
      <div className="flex gap-6 max-lg:flex-col">
        <div className="flex min-w-0 flex-1 flex-col gap-1">
          <Cut picture={picture} second={second} webShare={iron.geometry.webShare} />
          <Curves picture={picture} answer={drawn.answer} kit={kit} second={second} onSecond={setScrubbed} />
        </div>
        <aside className="flex w-60 shrink-0 flex-col gap-3 max-lg:w-full">
          <Lattice iron={iron} picture={picture} second={second} curve={pattern?.ok === true ? pattern.value : null} onPhoto={openPhotos} />
          <div>
            <h2 className="text-[17px]">Watch for</h2>
            <ol className="mt-1">
              {watchList(drawn.answer, picture).map((moment) => (
                <li key={moment.what}>
                  <button
                    type="button"
                    onClick={() => setScrubbed(moment.second)}
                    className={`flex min-h-7 w-full gap-3 text-left text-[15px] hover:bg-act-soft ${moment.kind === 'best' ? 'font-bold text-act' : moment.kind === 'limit' ? 'text-quiet italic' : ''}`}
                  >
                    <span className="w-11 text-right">{clock(moment.second)}</span>
                    {moment.what}
                  </button>
                </li>
              ))}
            </ol>
          </div>
          <p className="text-sm text-quiet">
            Hot plates and steam burn: bare metal at 65–70 °C in a second (ISO 13732-1). Open away from the face; the maker’s manual comes
            first.
          </p>
        </aside>
      </div>
      {photographing && (
        <Suspense>
          <PhotoSheet
            iron={iron}
            job={job}
            second={best}
            lastLoadId={newest?.progress.phase === 'opened' ? newest.load.id : null}
            onTeach={(change) => void carryOut(commands.reviseIron(iron, change))}
            onClose={() => setPhotographing(false)}
          />
        </Suspense>
      )}
    </>
  );
};
