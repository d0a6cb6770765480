import type { Effect, OvershootChoice, WeighStep } from '../../../core/weigh/index.ts';
import type { Ingredient } from '../../../core/matter/index.ts';
import { grams } from '../../ui/index.ts';
import type { Bowl } from './useWeighing.ts';
import { onScale, stepName } from './words.ts';

const EFFECTS: Readonly<Record<keyof Effect, readonly [more: string, less: string]>> = {
  hydration: ['thinner', 'thicker'],
  gas: ['more lift', 'less lift'],
  salt: ['saltier', 'less salty'],
  sweetness: ['sweeter', 'less sweet'],
  fat: ['richer', 'leaner'],
};
/** Below this nobody tastes or sees it. */
const SEEN = 0.02;

const effectWords = (effect: Effect): string => {
  const words = (Object.keys(EFFECTS) as (keyof Effect)[]).flatMap((name) => {
    const by = effect[name];
    if (by === null || Math.abs(by) < SEEN) return [];
    return [`${Math.round(100 * Math.abs(by))} % ${EFFECTS[name][by > 0 ? 0 : 1]}`];
  });
  return words.join(', ') || 'nobody will notice';
};

type Props = {
  readonly bowl: Bowl;
  readonly step: WeighStep;
  readonly got_g: number;
  readonly choices: readonly OvershootChoice[];
  readonly own: readonly Ingredient[];
  readonly onLeave: () => void;
  readonly onTakeOut: () => void;
  readonly onScaleUp: (factor: number) => void;
};

/** Too much went in: what can be done, and what each of it means. */
export const Overshoot = ({ bowl, step, got_g, choices, own, onLeave, onTakeOut, onScaleUp }: Props) => (
  <section aria-label="Too much" role="alert" className="mt-3 border-l-3 border-ink bg-sheet p-3">
    <h2 className="text-xl">
      {onScale(got_g, step.resolution_g)} g instead of {onScale(step.grams, step.resolution_g)} g {stepName(step, own).toLowerCase()}
    </h2>
    <div className="mt-2 flex flex-col gap-2">
      {choices.map((choice) => {
        if (choice.choice === 'leave')
          return <Choice key="leave" label="Leave it" note={`The batter gets ${effectWords(choice.effect)}.`} onTake={onLeave} />;
        if (choice.choice === 'take-out')
          return (
            <Choice
              key="take"
              label={`Take ${onScale(choice.grams, step.resolution_g)} g out`}
              note="It lies on top, dry: a spoon gets it out. The scale goes on."
              onTake={onTakeOut}
            />
          );
        const topUps = choice.topUps.map(({ stepId, grams: more }) => {
          const other = bowl.plan.steps.find((candidate) => candidate.id === stepId);
          return other?.kind === 'weigh' ? `${grams(more)} g ${stepName(other, own).toLowerCase()}` : '';
        });
        return (
          <Choice
            key="scale"
            label={`Make the rest fit: × ${(choice.factor / bowl.state.factor).toFixed(2)}`}
            note={`${grams(choice.bowl_g)} g in all.${topUps.length === 0 ? '' : ` To what is in already come ${topUps.join(', ')}.`}`}
            onTake={() => onScaleUp(choice.factor)}
          />
        );
      })}
    </div>
  </section>
);

const Choice = ({ label, note, onTake }: { readonly label: string; readonly note: string; readonly onTake: () => void }) => (
  <div className="flex items-center gap-3 max-sm:flex-col max-sm:items-start">
    <button type="button" className="button-plain min-h-16 min-w-52" onClick={onTake}>
      {label}
    </button>
    <span className="text-[15px]">{note}</span>
  </div>
);
