import type { Ingredient } from '../../../core/matter/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import type { WeighStep } from '../../../core/weigh/index.ts';
import { describeStored } from '../../../words/index.ts';
import type { Session } from '../../session/index.ts';
import { ScaleFace } from './ScaleFace.tsx';
import { SpoonFace } from './SpoonFace.tsx';
import type { AtScale } from './useAtScale.ts';
import type { Bowl } from './useWeighing.ts';
import { BOWL_WORDS, stepName } from './words.ts';

type Props = {
  readonly session: Session;
  readonly bowl: Bowl;
  readonly step: WeighStep;
  readonly at: AtScale;
  readonly isLive: boolean;
  readonly own: readonly Ingredient[];
  readonly onFill: () => void;
};

/** The one thing that goes in now, with the number to read very large. */
export const WeighNow = ({ session, bowl, step, at, isLive, own, onFill }: Props) => (
  <>
    <p className="text-lg text-quiet">
      {step.inCup ? 'in a small cup, then tipped ' : ''}into the {BOWL_WORDS[step.bowl]}
      {bowl.topUp_g > 0 && ', a little more'}
    </p>
    <h2 className="text-5xl">{stepName(step, own)}</h2>
    {isLive && !at.isZeroed ? (
      <p className="mt-8 text-3xl">
        Put {step.inCup ? 'a ' : 'the '}
        <b>{step.inCup ? 'small cup' : BOWL_WORDS[step.bowl]}</b> on the scale
        {step.scaleId !== null &&
          session.kit.scales.length > 1 &&
          ` (${session.kit.scales.find((s) => s.id === step.scaleId)?.name.toLowerCase() ?? ''})`}
        , zero it.
      </p>
    ) : bowl.weighing.by === 'spoons' ? (
      <div className="mt-6">
        <SpoonFace
          step={step}
          ingredient={own.find((i) => i.id === step.ingredientId) ?? ingredientById(step.ingredientId ?? '') ?? null}
          kit={session.kit}
          filled={bowl.state.fills.get(step.id) ?? 0}
          onFill={onFill}
        />
      </div>
    ) : (
      <ScaleFace step={step} at={at} isLive={isLive} />
    )}
    {step.lookAlike !== null && (
      <p className="mt-3 text-lg">
        Read the label aloud: <b>{stepName(step, own).toLowerCase()}</b>, not {ingredientById(step.lookAlike)?.name.toLowerCase()}.
      </p>
    )}
    {step.cautions.map((code) => (
      <p key={code} className="mt-1 text-[15px] text-quiet">
        {describeStored(code)}
      </p>
    ))}
  </>
);
