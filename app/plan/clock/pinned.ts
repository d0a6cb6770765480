import type { Pin, PlannedLoad, Run } from '../../../core/run/index.ts';

export type ChosenLoad = Pick<PlannedLoad, 'ironId' | 'n' | 'pourAt'>;

type Pinned = Pick<Run, 'serveAt' | 'pins'>;

const isOf =
  ({ ironId, n }: ChosenLoad) =>
  (pin: Pin): boolean =>
    pin.ironId === ironId && pin.n === n;

/** The run's pins without this load's. */
export const unpinned = ({ pins = [] }: Pinned, load: ChosenLoad): Pin[] => pins.filter((pin) => !isOf(load)(pin));

/** The run's pins with this load put at another moment. */
export const pinnedAt = (run: Pinned, load: ChosenLoad, pourAt: number): Pin[] => [
  ...unpinned(run, load),
  { ironId: load.ironId, n: load.n, beforeServe_s: (run.serveAt - pourAt) / 1000 },
];

/** When this load is poured: where it was put, else where the plan has it. */
export const pourOf = ({ serveAt, pins = [] }: Pinned, load: ChosenLoad): number => {
  const pin = pins.find(isOf(load));
  return pin === undefined ? load.pourAt : serveAt - 1000 * pin.beforeServe_s;
};
