import clsx from 'clsx';
import { Check, Hand } from 'lucide-react';
import type { Ingredient } from '../../../core/matter/index.ts';
import type { Step } from '../../../core/weigh/index.ts';
import { isDone } from '../../../core/weigh/index.ts';
import { describeCode } from '../../../words/index.ts';
import type { Bowl } from './useWeighing.ts';
import { missing_g } from './useWeighing.ts';
import { BOWL_WORDS, onScale, stepName } from './words.ts';

/** The whole way through the bowls, with what has really gone in. */
export const StepPath = ({ bowl, own }: { readonly bowl: Bowl; readonly own: readonly Ingredient[] }) => (
  <ol aria-label="Steps" className="flex flex-col text-[15px]">
    {bowl.plan.steps.map((step, i) => {
      const before = bowl.plan.steps[i - 1];
      const isNew = before?.bowl !== step.bowl && step.kind === 'weigh';
      return (
        <li key={step.id} data-step={step.id} aria-current={bowl.step?.id === step.id ? 'step' : undefined}>
          {isNew && (
            <h3 className="mt-2 mb-0.5 text-sm font-semibold tracking-wide text-quiet first-letter:uppercase">{BOWL_WORDS[step.bowl]}</h3>
          )}
          <PathStep bowl={bowl} step={step} own={own} />
        </li>
      );
    })}
  </ol>
);

const PathStep = ({ bowl, step, own }: { readonly bowl: Bowl; readonly step: Step; readonly own: readonly Ingredient[] }) => {
  const done = isDone(bowl.state, step);
  const isNow = bowl.step?.id === step.id;
  const got = step.kind === 'weigh' ? bowl.state.weighed.get(step.id) : undefined;
  const lacks = step.kind === 'weigh' && got !== undefined ? missing_g(bowl.state, step) : 0;
  return (
    <div
      className={clsx(
        'flex items-baseline gap-2 border-l-3 py-1 pl-2',
        isNow ? 'border-act bg-act-soft' : done ? 'border-band' : 'border-line',
      )}
    >
      <span className="w-4 shrink-0">
        {done && lacks === 0 && <Check aria-label="done" className="size-4 text-act" />}
        {step.kind === 'work' && !done && <Hand aria-hidden className="size-4 text-quiet" />}
      </span>
      {step.kind === 'work' ? (
        <span className={done ? 'text-quiet' : ''}>{(step.told ?? describeCode(step)).split(/[:;.,]/)[0]}</span>
      ) : (
        <>
          <span className={clsx('min-w-0 flex-1 truncate', done && lacks === 0 && 'text-quiet')}>{stepName(step, own)}</span>
          <b className="figure">
            {onScale(got?.grams ?? step.grams, step.resolution_g)}
            {lacks > 0 && ` + ${onScale(lacks, step.resolution_g)}`}
          </b>
        </>
      )}
    </div>
  );
};
