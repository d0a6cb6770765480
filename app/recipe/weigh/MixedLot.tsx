import { Link } from 'react-router';
import type { Lot } from '../../../core/log/index.ts';
import clsx from 'clsx';
import type { WorkStep } from '../../../core/weigh/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, grams } from '../../ui/index.ts';

export const MixedLot = ({ lot, onAgain }: { readonly lot: Lot; readonly onAgain: () => void }) => (
  <section className="max-w-2xl p-8">
    <h1 className="text-3xl">{lot.name}: everything is in</h1>
    <p className="mt-3 text-lg">
      <b className="figure text-4xl">{grams(lot.mass_g)}</b> g, weighed line by line. What really went in counts from here on.
    </p>
    <div className="mt-5 flex gap-3">
      <Link to="/iron" className="button-act h-16 px-6 text-lg">
        To the iron
      </Link>
      <button type="button" className="button-plain h-16 px-6 text-lg" onClick={onAgain}>
        Weigh another bowl
      </button>
    </div>
  </section>
);

export const Work = ({ step }: { readonly step: WorkStep }) => (
  <>
    <p className="text-lg text-quiet">between weighings</p>
    <h2 className={clsx('max-w-2xl leading-tight', step.told === null || step.told.length < 90 ? 'text-4xl' : 'text-2xl')}>
      {step.told ?? `${describeSentence(step)}.`}
    </h2>
    {step.seconds !== null && (
      <p className="mt-4 text-xl">
        about <b className="figure text-5xl">{clock(step.seconds)}</b>
      </p>
    )}
  </>
);
