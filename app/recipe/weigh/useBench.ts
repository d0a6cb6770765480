import { useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import type { WeighStep } from '../../../core/weigh/index.ts';
import { isOvershoot, overshootChoices } from '../../../core/weigh/index.ts';
import { fixedKey } from '../../keys/index.ts';
import { useScale } from '../../devices/index.ts';
import type { Session } from '../../session/index.ts';
import { useKitchenChoice } from '../../store/index.ts';
import { layersOf, nextTouch, nowIn_g, progressOf } from './atTheBench.ts';
import { useAtScale } from './useAtScale.ts';
import type { Bowl, useWeighing } from './useWeighing.ts';

/** One bowl at the bench: what is to be done, what the scale says of it, and the touches. */
export const useBench = (session: Session, bowl: Bowl, tell: ReturnType<typeof useWeighing>['append'], onFinish: () => void) => {
  const { weighing, state, step } = bowl;
  // The simulated scale is there in the demo; in one's own kitchen it is a stand-in that is asked for.
  const { isDemo } = useKitchenChoice();
  const [wantsScale, setWantsScale] = useState(isDemo);
  const [confirmed, setConfirmed] = useState<string | null>(null);
  const scale = useScale(wantsScale && weighing.by === 'scale');
  const own = session.readSettings.own ?? [];
  const isLive = scale.status === 'live';
  const record = (done: WeighStep, went_g: number, by: 'scale' | 'hand'): void =>
    tell({ kind: 'weighed', data: { stepId: done.id, grams: nowIn_g(bowl, done, went_g), by } });
  const at = useAtScale(bowl, scale, (done, went_g) => record(done, went_g, 'scale'));
  const touch = nextTouch(bowl, at, isLive, confirmed);
  const next = (): void => {
    if (touch?.kind === 'finish') onFinish();
    if (touch?.kind === 'worked') tell({ kind: 'worked', data: { stepId: touch.stepId } });
    if (touch?.kind === 'zero') at?.zero();
    if (touch?.kind === 'confirm') setConfirmed(touch.stepId);
    if (touch?.kind === 'record') record(touch.step, touch.went_g, touch.by);
  };
  const undo = (): void => {
    if (state.undoable !== null) tell({ kind: 'undone', data: { seq: state.undoable } });
  };
  // On a button the space bar presses that button.
  useHotkeys(fixedKey('weigh.next'), next, {
    preventDefault: true,
    ignoreEventWhen: (event) => event.target instanceof HTMLButtonElement,
  });
  useHotkeys(fixedKey('weigh.undo'), undo);
  useHotkeys(fixedKey('weigh.zero'), () => at?.zero());
  // Too much by hand is asked about as it is on the scale.
  const [typed, setTyped] = useState<{ readonly stepId: string; readonly went_g: number } | null>(null);
  const byHand_g = step !== null && typed?.stepId === step.id ? typed.went_g : null;
  const recordTyped = (done: WeighStep, went_g: number): void => {
    if (bowl.topUp_g === 0 && isOvershoot(done.grams, went_g, done.resolution_g)) setTyped({ stepId: done.id, went_g });
    else record(done, went_g, 'hand');
  };
  const over_g = byHand_g ?? at?.overshoot_g ?? null;
  const overshoot =
    step?.kind === 'weigh' && over_g !== null && bowl.topUp_g === 0
      ? {
          step,
          got_g: over_g,
          by: byHand_g === null ? ('scale' as const) : ('hand' as const),
          takeOut: (): void => {
            // By hand it is out once the cook says so; a scale goes on watching.
            if (byHand_g === null) at?.takingOut();
            else record(step, step.grams, 'hand');
            setTyped(null);
          },
          choices: overshootChoices({
            reading: bowl.reading,
            steps: bowl.plan.steps,
            lineIds: bowl.lineIds,
            state,
            step,
            got_g: over_g,
            climate: session.kit.climate,
          }),
        }
      : null;
  return {
    own,
    scale,
    isLive,
    at,
    touch,
    next,
    undo,
    record,
    recordTyped,
    overshoot,
    progress: progressOf(bowl),
    ...layersOf(bowl, at, isLive, own),
    isDemo,
    wantsScale,
    setWantsScale,
  };
};
