import { Printer } from 'lucide-react';
import { Link } from 'react-router';
import type { Formula } from '../../../core/formula/index.ts';
import { adviceJob, readingOf, useSession } from '../../session/index.ts';
import type { Session } from '../../session/index.ts';
import { ActButton, IronSettings } from '../../ui/index.ts';
import { useAdvice } from '../../workers/index.ts';
import { CardPage, cardOf } from './CardPage.tsx';
import { IronCards } from './IronCards.tsx';

/** The recipe as it hangs on the wall: to look at and to print. */
export const Card = () => {
  const session = useSession();
  if (session === undefined) return null;
  const { formula } = session;
  if (formula === null)
    return (
      <section className="max-w-xl p-8">
        <h1 className="text-3xl">No recipe yet</h1>
        <Link to="/recipe" className="button-act mt-5">
          Add a recipe
        </Link>
      </section>
    );
  return <CardOf session={session} formula={formula} />;
};

const CardOf = ({ session, formula }: { readonly session: Session; readonly formula: Formula }) => {
  const { iron, workspace } = session;
  const reading = readingOf(session, formula);
  const advice = useAdvice(iron === null || formula.lines.length === 0 ? null : adviceJob(session, formula, iron, workspace));
  const answer = advice.data?.ok === true ? advice.data.value.answer : null;
  return (
    <div className="flex flex-col gap-5 px-8 py-5 max-sm:px-5">
      <div className="rounded-2xl border border-line bg-sheet print:border-0">
        <CardPage
          formula={formula}
          reading={reading}
          card={cardOf(reading, answer, iron, session)}
          session={session}
          settings={answer !== null && iron !== null && <IronSettings answer={answer} iron={iron} kit={session.kit} />}
        />
      </div>
      <IronCards session={session} formula={formula} />
      <div className="no-print">
        <ActButton icon={<Printer aria-hidden className="size-6" />} onClick={() => window.print()}>
          Print the cards
        </ActButton>
      </div>
    </div>
  );
};
