import type { Random } from '../basis/index.ts';
import { clamp } from '../basis/index.ts';
import type { Act } from '../line/index.ts';
import { handTime_s } from '../line/index.ts';

/** Hands take longer or shorter by so much of their time, and begin so long after they are called (*common practice*). */
const HAND_SD = 0.25;
const REACTS_S = { least: 1, most: 4 } as const;

/** How long an act really takes, s. */
export const actTime_s = (act: Act, open_s: number, random: Random): number =>
  handTime_s(act, open_s) * clamp(1 + HAND_SD * random.normal(), 0.5, 2);

/** From the call to the hand, s. */
export const reaction_s = (random: Random): number => REACTS_S.least + (REACTS_S.most - REACTS_S.least) * random.next();
