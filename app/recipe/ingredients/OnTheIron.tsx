import { Link } from 'react-router';
import type { Formula } from '../../../core/formula/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, grams } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { adviceJob } from '../../session/index.ts';
import { useAdvice } from '../../workers/index.ts';

/** What this batter will do on the iron that is on the bench. */
export const OnTheIron = ({ session, formula }: { readonly session: Session; readonly formula: Formula }) => {
  const { iron, workspace } = session;
  const advice = useAdvice(iron === null || formula.lines.length === 0 ? null : adviceJob(session, formula, iron, workspace));
  if (iron === null || advice.data === undefined) return null;
  return (
    <section aria-label={`On ${iron.name}`} className="border-l-3 border-ink pl-3">
      <h2 className="text-[17px]">On {iron.name}</h2>
      {advice.data.ok ? (
        <p className="mt-1 text-[15px]">
          <b className="figure text-xl" data-figure="portion_g" data-exact={advice.data.value.answer.portion_g}>
            {grams(advice.data.value.answer.portion_g)}
          </b>{' '}
          g a load, open after{' '}
          <b className="figure text-xl" data-figure="cookTime_s.best" data-exact={advice.data.value.answer.cookTime_s.best}>
            {clock(advice.data.value.answer.cookTime_s.best)}
          </b>
          ; <b>{advice.data.value.answer.pieces}</b> pieces from this bowl.{' '}
          <Link to="/iron" className="font-semibold text-act underline underline-offset-2">
            See it cook
          </Link>
        </p>
      ) : (
        <p className="mt-1">{describeSentence(advice.data.failure)}.</p>
      )}
    </section>
  );
};
