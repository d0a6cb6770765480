import type { Kit, ScoopAdvice } from '../../../core/kit/index.ts';
import { nearestScoop } from '../../../core/kit/index.ts';

/** Nearer than that nobody sees it in a scoop. */
const LEVEL = 0.04;
/** Up to so much a scoop is a little short or heaped; past it the last one is only partly full. */
const SLIGHT = 0.15;
const PARTS = [
  [0.875, ''],
  [0.625, '¾ full'],
  [0.4, 'half full'],
  [0.3, '⅓ full'],
  [0, '¼ full'],
] as const;

/** How the scoops of a dose are filled, where level ones would miss it: *common practice*. */
export type ScoopsText = {
  readonly count: number;
  /** "scant ladle", "half cups". */
  readonly name: string;
  /** "slightly heaped", "the last one half full"; empty: level. */
  readonly after: string;
  /** All of it: "2 half cups, slightly heaped". */
  readonly text: string;
};

const several = (name: string): string => (/(s|ful)$/.test(name) ? name : `${name}s`);

/** Scoops as a cook says them, with how far they are filled. */
const scoopsText = ({ count, name, off }: ScoopAdvice): ScoopsText => {
  const plain = count === 1 ? name.toLowerCase() : several(name.toLowerCase());
  const wanted = count / (1 + off);
  const last = wanted - (count - 1);
  const isPart = off > SLIGHT;
  const part = isPart ? (PARTS.find(([least]) => last >= least)?.[1] ?? '') : '';
  const named = off > LEVEL && !isPart ? `scant ${plain}` : plain;
  const after = isPart
    ? part === ''
      ? ''
      : count === 1
        ? part
        : `the last one ${part}`
    : off < -SLIGHT
      ? 'well heaped'
      : off < -LEVEL
        ? 'slightly heaped'
        : '';
  return { count, name: named, after, text: `${count} ${named}${after === '' ? '' : `, ${after}`}` };
};

/** The scoops of the kit for a dose (mL > 0), as a cook says them; null: there are none. */
export const scoopsFor = (dose_mL: number, scoops: Kit['scoops']): ScoopsText | null => {
  const nearest = nearestScoop(dose_mL, scoops);
  return nearest === null ? null : scoopsText(nearest);
};
