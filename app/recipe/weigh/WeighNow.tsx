import { useMemo } from 'react';
import { actsOf } from '../../../core/formula/index.ts';
import type { Ingredient } from '../../../core/matter/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import type { WeighStep } from '../../../core/weigh/index.ts';
import { sentenceOn } from '../../../core/weigh/index.ts';
import { describeStored } from '../../../words/index.ts';
import type { Session } from '../../session/index.ts';
import { ScaleFace } from './ScaleFace.tsx';
import { SpoonFace } from './SpoonFace.tsx';
import type { AtScale } from './useAtScale.ts';
import type { Bowl } from './useWeighing.ts';
import { BOWL_WORDS, plainName, stepName, verbFor } from './words.ts';

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
    <h2 className="text-[min(10cqw,58px)] leading-tight">
      {verbFor(step)} {plainName(step, bowl.plan, own)}
    </h2>
    {(step.inCup || bowl.topUp_g > 0) && (
      <p className="text-xl text-quiet">{step.inCup ? `in a small cup, then tipped into the ${BOWL_WORDS[step.bowl]}` : 'a little more'}</p>
    )}
    {isLive && !at.isZeroed ? (
      <p className="mt-6 text-[min(7cqw,34px)] leading-snug">
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
    <OwnSentence bowl={bowl} step={step} own={own} />
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

/** What the recipe itself says of it. */
const OwnSentence = ({ bowl: { formula }, step, own }: Pick<Props, 'bowl' | 'step' | 'own'>) => {
  const acts = useMemo(() => actsOf(formula), [formula]);
  const said = sentenceOn(acts, [stepName(step, own), step.text]);
  return (
    said !== null && (
      <blockquote className="mt-4 border-l-[5px] border-band pl-4 max-md:mt-2">
        <p className="text-base text-quiet">Your recipe</p>
        <p className="line-clamp-3 text-2xl leading-snug max-md:line-clamp-2 max-md:text-lg">“{said}”</p>
      </blockquote>
    )
  );
};
