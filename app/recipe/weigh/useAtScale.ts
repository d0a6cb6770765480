import { useEffect, useRef, useState } from 'react';
import type { WeighStep } from '../../../core/weigh/index.ts';
import { isOvershoot, rightWithin_g, settledAt } from '../../../core/weigh/index.ts';
import type { ScaleLink } from '../../devices/index.ts';
import type { Bowl } from './useWeighing.ts';

export type AtScale = {
  /** The scale has been zeroed for this step (or its running total is known). */
  readonly isZeroed: boolean;
  /** What is to go in now, g: the whole step, or what it lacks. */
  readonly wanted_g: number;
  /** What the display should read at the end, g. */
  readonly target_g: number;
  /** What of this step is on the scale, g; null without a reading. */
  readonly got_g: number | null;
  readonly trouble: 'overload' | 'battery-flat' | null;
  /** It rests at too much, and nobody has decided yet what to do. */
  readonly overshoot_g: number | null;
  readonly zero: () => void;
  readonly takingOut: () => void;
};

/** A reading from before the zero may arrive so long after it. */
const ON_ITS_WAY_MS = 400;

/** What lies on the scale already when the display runs on, g. */
const baseOf = (bowl: Bowl, step: WeighStep): number => {
  if (bowl.weighing.display === 'tare' || step.zero) return 0;
  let base = 0;
  for (const other of bowl.plan.steps) {
    if (other.kind !== 'weigh') continue;
    if (other.zero) base = 0;
    if (other.id === step.id) return base;
    base += bowl.state.weighed.get(other.id)?.grams ?? 0;
  }
  return base;
};

/** Follows the scale through one step; calls `onRight` once it has come to rest where it should. */
export const useAtScale = (bowl: Bowl | null, scale: ScaleLink, onRight: (step: WeighStep, grams: number) => void): AtScale | null => {
  const step = bowl?.step?.kind === 'weigh' ? bowl.step : null;
  const [zeroedFor, setZeroedFor] = useState<string | null>(null);
  const [takingOutOf, setTakingOutOf] = useState<string | null>(null);
  const [isZeroing, setZeroing] = useState(false);
  const recorded = useRef<string | null>(null);
  const isTopUp = bowl !== null && bowl.topUp_g > 0;
  const key = step === null ? null : `${step.id}/${isTopUp ? 'more' : 'first'}`;
  const wanted_g = bowl === null || step === null ? 0 : isTopUp ? bowl.topUp_g : step.grams;
  const base_g = bowl === null || step === null || isTopUp ? 0 : baseOf(bowl, step);
  const resolution_g = step?.resolution_g ?? 1;
  const { readings, tell } = scale;
  const last = readings.at(-1);
  const isZeroed = key !== null && zeroedFor === key;
  const rest = settledAt(readings, resolution_g);
  // What the display said before it was zeroed isn't this step's.
  const got_g = isZeroing || last?.grams == null ? null : last.grams - base_g;
  const settled_g = isZeroing || rest === null ? null : rest - base_g;
  const isRight =
    isZeroed && settled_g !== null && Math.abs(settled_g - wanted_g) <= rightWithin_g(wanted_g, resolution_g) && settled_g > 0;

  const zeroDisplay = (): void => {
    setZeroing(true);
    void tell({ do: 'zero' }).finally(() => setTimeout(() => setZeroing(false), ON_ITS_WAY_MS));
  };
  const nextKey = (next: WeighStep): string => `${next.id}/first`;
  /** The step that follows in the same bowl on the same scale is ready without a hand being laid on. */
  const prepareNext = (): void => {
    if (bowl === null || step === null) return;
    const weighs = bowl.plan.steps.filter((other) => other.kind === 'weigh');
    const next = weighs[weighs.findIndex((other) => other.id === step.id) + 1];
    if (next === undefined || next.zero || isTopUp) return setZeroedFor(null);
    if (bowl.weighing.display === 'tare') zeroDisplay();
    setZeroedFor(nextKey(next));
  };

  useEffect(() => {
    if (!isRight || step === null || recorded.current === key) return;
    recorded.current = key;
    prepareNext();
    onRight(step, settled_g);
  });

  // A finer or coarser scale is taken by itself; the stand-in becomes it.
  const scaleId = step?.scaleId ?? null;
  const most_g = resolution_g < 1 ? 500 : 6000;
  useEffect(() => {
    if (scale.status === 'live' && scaleId !== null) void tell({ do: 'become', resolution_g, most_g });
  }, [scale.status, scaleId, resolution_g, most_g, tell]);

  if (bowl === null || step === null) return null;
  const isOver = isZeroed && settled_g !== null && isOvershoot(wanted_g, settled_g, resolution_g) && takingOutOf !== key;
  return {
    isZeroed,
    wanted_g,
    target_g: base_g + wanted_g,
    got_g,
    trouble: last?.trouble ?? null,
    overshoot_g: isOver ? settled_g : null,
    zero: () => {
      zeroDisplay();
      recorded.current = null;
      setZeroedFor(key);
    },
    takingOut: () => setTakingOutOf(key),
  };
};
