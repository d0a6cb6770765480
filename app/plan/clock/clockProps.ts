import type { Pin, PlannedLoad, RunPlan } from '../../../core/run/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import type { ChosenLoad } from './pinned.ts';

/** The loads of a plan, to be chosen and moved. */
export type ClockProps = {
  readonly planned: PlannedRun;
  /** As it is shown: while a load is dragged, another than the one that is kept. */
  readonly plan: RunPlan;
  readonly chosen: ChosenLoad | null;
  readonly onChoose: (load: ChosenLoad) => void;
  readonly onTry: (pins: readonly Pin[] | null) => void;
  readonly onMove: (load: PlannedLoad, at: (pourAt: number) => number) => void;
};
