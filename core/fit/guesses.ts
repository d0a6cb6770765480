import type { Belief } from './belief.ts';
import type { Emulator } from './emulator.ts';
import type { IronParameters } from './ironParameters.ts';
import { FILL_LIMITS } from './ironParameters.ts';

/** Enough guesses to judge a load by. */
export const GUESSES_TO_JUDGE = 260;

/** So many guesses, drawn in proportion to their weight. */
export const drawGuesses = (belief: Belief, count: number): IronParameters[] => {
  const found: IronParameters[] = [];
  let cumulative = 0;
  let i = -1;
  for (let k = 0; k < count; k++) {
    const goal = (k + 0.5) / count;
    while (cumulative < goal && i < belief.particles.length - 1) cumulative += belief.weights[++i] ?? 0;
    const u = belief.particles[Math.max(0, i)];
    if (u !== undefined) found.push(u);
  }
  return found;
};

/** Share of the nominal fill that stays in, for a guess. */
export const stayingAmount = (e: Emulator, u: IronParameters, portion_g: number): number =>
  Math.min(portion_g / (e.full_g * u.cavity), FILL_LIMITS.over) * u.cavity;

/** As many as a load is judged by. */
export const guessesToJudge = (belief: Belief): IronParameters[] => drawGuesses(belief, GUESSES_TO_JUDGE);
