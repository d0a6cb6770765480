import { FlaskConical } from 'lucide-react';
import { lazy, Suspense, useCallback, useState } from 'react';
import { Link } from 'react-router';
import { nearestStep } from '../../core/matter/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { targetOn } from '../../core/cook/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { inBowl } from '../../core/lot/index.ts';
import { describeSentence } from '../../words/index.ts';
import { wallNow } from '../clock/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob, bowlTemperature, ironChoices, recipeChoices, useSession } from '../session/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { Basis, basisInWords, ColourScale, Findings, InlineSelect, LinkButton, useFolded } from '../ui/index.ts';
import { useAdvice } from '../workers/index.ts';
import { LearnedSheet } from './learned/LearnedSheet.tsx';
import type { IronSheetName } from './MoreOfIron.tsx';
import { MoreOfIron } from './MoreOfIron.tsx';
import { PieceAtBest } from './piece/PieceAtBest.tsx';
import { SIMULATED } from './learned/simulated.ts';
import { ThreeFigures } from './ThreeFigures.tsx';
import type { Wish } from './science/MoreWishes.tsx';

const HeatSheet = lazy(async () => ({ default: (await import('./HeatSheet.tsx')).HeatSheet }));
const AfterSheet = lazy(async () => ({ default: (await import('./AfterSheet.tsx')).AfterSheet }));
const Science = lazy(async () => ({ default: (await import('./science/Science.tsx')).Science }));

export const IronDoor = () => {
  const session = useSession();
  if (session === undefined) return null;
  const { formula, iron } = session;
  if (formula === null || iron === null) return <NothingYet session={session} />;
  return <IronWithFormula session={session} formula={formula} iron={iron} />;
};

const NothingYet = ({ session }: { readonly session: Session }) => (
  <section className="max-w-xl p-8">
    <h1 className="text-3xl">What do you want to cook?</h1>
    <p className="mt-3 text-lg">With an iron and a recipe, you see here how much to pour, how hot and how long.</p>
    <Link to={session.irons.length === 0 ? '/setup' : '/recipe'} className="button-act mt-5">
      {session.irons.length === 0 ? 'Choose your irons' : 'Add a recipe'}
    </Link>
  </section>
);

/** What is wished on this iron: as it is dragged, then as it is kept. */
const useWish = ({ workspace, setWorkspace }: Session) => {
  const [dragged, setDragged] = useState<Wish | null>(null);
  const settle = useCallback(
    (settled: Wish) => {
      setDragged(settled);
      setWorkspace(settled);
    },
    [setWorkspace],
  );
  return { wish: dragged ?? { target: workspace.target, lightness: workspace.lightness ?? null }, drag: setDragged, settle };
};

type PairProps = { readonly session: Session; readonly formula: Formula; readonly iron: Iron };

const IronWithFormula = ({ session, formula, iron }: PairProps) => {
  const { kit, workspace } = session;
  const [sheet, setSheet] = useState<IronSheetName | null>(null);
  const [isScience, setScience] = useFolded('science');
  const { wish, drag, settle } = useWish(session);
  const target = targetOn(iron, wish.target);
  const bowl_C = bowlTemperature(session, formula);
  const job = adviceJob(session, formula, iron, { ...workspace, ...wish });
  const advice = useAdvice(job);
  const reply = advice.data?.ok === true ? advice.data.value : null;
  const isAsNew = workspace.asNewIronId === iron.id;
  const basis = basisInWords(reply?.answer.basis ?? null, isAsNew ? 'as-new' : job.known === undefined ? 'none-yet' : 'being-weighed');
  return (
    <div className="flex flex-col gap-4 px-8 py-4 max-sm:px-5" data-busy={advice.isFetching} data-ready={reply !== null}>
      <Head session={session} formula={formula} iron={iron} bowl_C={bowl_C} onSheet={setSheet} />
      {advice.data?.ok === false && (
        <p role="alert" className="border-l-3 border-hazard bg-hazard-soft p-4 text-lg">
          <strong>No answer.</strong> {describeSentence(advice.data.failure)}.{' '}
          <Link to="/recipe" className="font-semibold text-act underline">
            Open the recipe
          </Link>
        </p>
      )}
      {reply === null ? (
        advice.data === undefined && <p className="min-h-96 text-lg text-quiet">Working out this waffle …</p>
      ) : (
        <div className="grid grid-cols-[minmax(0,1fr)_minmax(20rem,26rem)] items-center gap-x-14 gap-y-4 max-lg:gap-x-8 max-md:grid-cols-1">
          <PieceAtBest iron={iron} reply={reply} />
          <ThreeFigures reply={reply} iron={iron} kit={kit} basis={basis} />
        </div>
      )}
      <Colour wish={wish} tawny={target.tawny} onDrag={drag} onSettle={settle} />
      {reply !== null && <Findings findings={reply.findings} />}
      <Foot iron={iron} loads={reply?.answer.basis?.loads ?? 0} basis={basis} isScience={isScience} onScience={setScience} />
      <Suspense>
        {isScience && reply !== null && (
          <Science
            key={iron.id}
            session={session}
            formula={formula}
            iron={iron}
            job={job}
            reply={reply}
            wish={wish}
            onDrag={drag}
            onSettle={settle}
          />
        )}
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
        {sheet === 'learned' && (
          <Learned
            session={session}
            formula={formula}
            iron={iron}
            tawny={target.tawny}
            crisp={target.crisp}
            reply={reply}
            onClose={() => setSheet(null)}
          />
        )}
      </Suspense>
    </div>
  );
};

type HeadProps = PairProps & { readonly bowl_C: number | null; readonly onSheet: (sheet: IronSheetName) => void };

/** Of what, on which iron; and what is one touch away. */
const Head = ({ session, formula, iron, bowl_C, onSheet }: HeadProps) => (
  <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
    <h1 className="flex min-w-0 flex-wrap items-baseline gap-x-2.5 text-[28px] max-sm:text-2xl">
      <InlineSelect
        look="heading"
        label="Recipe"
        value={formula.id}
        choices={recipeChoices(session)}
        onChange={(formulaId) => session.setWorkspace({ formulaId })}
      />
      <span className="font-normal text-quiet">on</span>
      <InlineSelect
        look="heading"
        label="Iron"
        value={iron.id}
        choices={ironChoices(session)}
        onChange={(ironId) => session.setWorkspace({ ironId })}
      />
    </h1>
    <div className="flex flex-wrap gap-x-6">
      <LinkButton onClick={() => onSheet('learned')}>What we learned</LinkButton>
      <LinkButton onClick={() => onSheet('after')}>After the iron</LinkButton>
      <MoreOfIron session={session} iron={iron} bowl_C={bowl_C} onSheet={onSheet} />
    </div>
  </div>
);

type ColourProps = {
  readonly wish: Wish;
  readonly tawny: number;
  readonly onDrag: (wish: Wish) => void;
  readonly onSettle: (wish: Wish) => void;
};

/** How brown: dragged, and everything above follows. */
const Colour = ({ wish, tawny, onDrag, onSettle }: ColourProps) => {
  const withStep = (step: number | null): Wish => ({ ...wish, target: { ...wish.target, tawny: step } });
  const isUsual = wish.target.tawny === null;
  const words = `${Number(tawny.toFixed(1))} ${nearestStep(tawny).name}`;
  return (
    <section aria-label="Colour">
      <div className="-mb-9 flex items-baseline gap-4 max-sm:mb-0">
        <h2 className="text-[21px]">Colour</h2>
        <span className="text-[17px] text-quiet max-md:hidden">Drag to see what changes</span>
        <span className="ml-auto text-[17px] font-bold">
          {words}
          {isUsual && ', as usual'}
        </span>
        {!isUsual && <LinkButton onClick={() => onSettle(withStep(null))}>As usual</LinkButton>}
      </div>
      <ColourScale
        named
        label="Colour"
        value={tawny}
        text={`${words}${isUsual ? ', as usual' : ''}`}
        onChange={(step) => onDrag(withStep(step))}
        onSettle={(step) => onSettle(withStep(step))}
      />
    </section>
  );
};

type FootProps = {
  readonly iron: Iron;
  readonly loads: number;
  readonly basis: string;
  readonly isScience: boolean;
  readonly onScience: (open: boolean) => void;
};

const Foot = ({ iron, loads, basis, isScience, onScience }: FootProps) => (
  <div className="flex flex-wrap items-center gap-x-8 gap-y-2">
    <Link to={`/cook?iron=${iron.id}`} className="button-act min-h-14 rounded-xl px-7 font-display text-xl">
      Cook one now
    </Link>
    <span data-figure="basis" data-exact={loads}>
      <Basis loads={loads} words={basis} />
    </span>
    <LinkButton
      className="ml-auto"
      icon={<FlaskConical aria-hidden className="size-5" />}
      aria-expanded={isScience}
      onClick={() => onScience(!isScience)}
    >
      {isScience ? 'Hide the science' : 'Show the science'}
    </LinkButton>
  </div>
);

type LearnedProps = PairProps & {
  readonly tawny: number;
  readonly crisp: number | null;
  readonly reply: Parameters<typeof LearnedSheet>[0]['reply'];
  readonly onClose: () => void;
};

/** What its loads have taught of an iron, and a simulated one of the same measures to try on. */
const Learned = ({ session, formula, iron, tawny, crisp, reply, onClose }: LearnedProps) => {
  const carryOut = useDo();
  // What was weighed this morning counts, not what was planned.
  const bowl = inBowl(session.lots, formula, wallNow());
  /** A stranger of the same measures; each is another. */
  const trySimulated = async (): Promise<void> => {
    const id = `simulated-${newId().slice(0, 8)}`;
    const count = session.irons.filter((other) => other.kind === SIMULATED).length;
    // What was measured of this one says nothing of another.
    const { measured: _, ...measures } = iron;
    const name = `Simulated ${iron.name.toLowerCase()}${count === 0 ? '' : ` ${count + 1}`}`.slice(0, 80);
    await carryOut(commands.addIron({ ...measures, id, rev: 1, name, kind: SIMULATED, circuitId: null }, session.workspace));
  };
  return (
    <LearnedSheet
      key={`loads of ${iron.id}`}
      session={session}
      formula={bowl.formula}
      iron={iron}
      tawny={tawny}
      crisp={crisp}
      reply={reply}
      onTry={() => void trySimulated()}
      onClose={onClose}
    />
  );
};
