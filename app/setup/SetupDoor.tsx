import { Check } from 'lucide-react';
import { useNavigate } from 'react-router';
import { ActButton, useGuard } from '../ui/index.ts';
import { wallNow } from '../clock/index.ts';
import { freshRun, useSession } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import { FirstBatter } from './FirstBatter.tsx';
import { WhereItStands } from './WhereItStands.tsx';
import { WhichIrons } from './WhichIrons.tsx';

/** What a new kitchen is asked; each answer is kept at once and can wait. It ends with cooking one now, or with a plan. */
export const SetupDoor = () => {
  const session = useSession();
  const carryOut = useDo();
  const navigate = useNavigate();
  const guard = useGuard();
  if (session === undefined) return null;
  const { irons, formulas, iron, formula, run, workspace } = session;
  const plan = guard(() => {
    if (run === null) void carryOut(commands.addRun(freshRun(session, wallNow()), workspace));
    void navigate('/plan');
  });
  return (
    <div className="flex flex-col gap-6 px-8 py-5 max-sm:px-5">
      <header className="flex flex-wrap items-end justify-between gap-4">
        <div>
          <h1 className="text-3xl">Set up your kitchen</h1>
          <p className="mt-1 text-lg text-quiet">Two touches are enough. You can change everything later.</p>
        </div>
        {iron !== null && formula !== null ? (
          <div className="flex flex-wrap gap-3">
            <ActButton onClick={() => void navigate(`/cook?iron=${iron.id}`)}>Cook one now</ActButton>
            <ActButton outlined onClick={plan}>
              Plan for a time
            </ActButton>
          </div>
        ) : (
          <p role="status" className="text-lg font-semibold">
            {iron === null ? 'Touch the iron you have' : 'Now choose a recipe'}
          </p>
        )}
      </header>
      <div className="grid grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)] items-start gap-x-8 gap-y-6 max-lg:grid-cols-1">
        <section aria-label="Irons">
          <Question n={1} isDone={irons.length > 0} ask="Which irons do you have?" />
          <WhichIrons session={session} />
        </section>
        <div className="flex flex-col gap-6">
          <section aria-label="First recipe">
            <Question n={2} isDone={formulas.length > 0} ask="Which recipe first?" />
            <FirstBatter session={session} />
          </section>
          <section aria-label="Place">
            <Question n={3} isDone={false} ask="Where is your kitchen?" />
            <WhereItStands session={session} />
          </section>
        </div>
      </div>
    </div>
  );
};

const Question = ({ n, isDone, ask }: { readonly n: number; readonly isDone: boolean; readonly ask: string }) => (
  <h2 className="mb-3 flex items-center gap-3 text-xl">
    <span
      aria-hidden
      className={`grid size-9 place-items-center rounded-full border-2 border-act ${isDone ? 'bg-act text-page' : 'text-act'}`}
    >
      {isDone ? <Check className="size-5" /> : n}
    </span>
    {ask}
  </h2>
);
