import type { PlateMachine } from '../plate/index.ts';
import type { IronParameters } from './ironParameters.ts';

/** The machine as it is believed to be: its plates held hotter or cooler than the control says. Its room is the iron's (see `withRoom`). */
export const heldAs = (machine: PlateMachine, { offset_K, side_K }: Pick<IronParameters, 'offset_K' | 'side_K'>): PlateMachine => ({
  ...machine,
  bias_K: { lower: offset_K - side_K / 2, upper: offset_K + side_K / 2 },
});
