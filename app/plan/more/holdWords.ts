import type { Kit } from '../../../core/kit/index.ts';
import { OVEN_C, RECRISP_MIN } from '../../../core/plate/index.ts';
import type { Hold } from '../../../core/run/index.ts';
import { temperature } from '../../ui/index.ts';

/** Where pieces wait, as it follows "waits". */
export const holdWords = (hold: Hold, unit: Kit['temperatureUnit']): string => {
  const oven_C = OVEN_C[hold];
  const oven = oven_C === null ? '' : temperature(oven_C, unit);
  if (hold === 'recrisped') return `on a rack, then ${RECRISP_MIN} min in an oven at ${oven}`;
  if (hold === 'rack' || hold === 'dish' || hold === 'stack') return { rack: 'on a rack', dish: 'on plates', stack: 'in a pile' }[hold];
  return `in an oven at ${oven}`;
};
