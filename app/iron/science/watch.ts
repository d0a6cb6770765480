import type { AdviceAnswer, Picture } from '../../../core/advise/index.ts';
import { nearestStep } from '../../../core/matter/index.ts';

export type Moment = { readonly second: number; readonly what: string; readonly kind: 'moment' | 'best' | 'limit' };

/** What there is to see, smell or wait for, in order. */
export const watchList = (answer: AdviceAnswer, picture: Picture): Moment[] => {
  const moments: Moment[] = [];
  const add = (second: number | null, what: string, kind: Moment['kind'] = 'moment'): void => {
    if (second !== null && second <= picture.seconds) moments.push({ second, what, kind });
  };
  add(answer.coreSet_s, 'set through');
  if (answer.letsGo_s !== answer.coreSet_s) add(answer.letsGo_s, 'lets go of the plates');
  add(answer.steamDown_s, 'steam is down');
  add(answer.cookTime_s.from, 'good from here');
  add(answer.cookTime_s.best, 'open', 'best');
  add(answer.cookTime_s.to, 'last good moment');
  add(answer.tooDry_s, 'too dry', 'limit');
  for (let step = 2; step <= 8; step++) {
    const second = picture.tawny.findIndex((value) => value >= step);
    if (second > 0) add(second, `${step} ${nearestStep(step).name}`);
  }
  return moments.sort((a, b) => a.second - b.second);
};
