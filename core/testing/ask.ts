import type { Advice, AdviceRequest } from '../advise/index.ts';
import { advise, DEFAULT_CONDITIONS } from '../advise/index.ts';
import type { BATTERS } from './batters.ts';
import { presetIron, readBatter } from './batters.ts';

/** What is advised for one of the batters on one of the presets; throws where nothing is. */
export const adviceFor = (ironId: string, batter: keyof typeof BATTERS, tawny: number, changes: Partial<AdviceRequest> = {}): Advice => {
  const result = advise({
    ...DEFAULT_CONDITIONS,
    reading: readBatter(batter),
    iron: presetIron(ironId),
    target: { tawny, crisp: null },
    ...changes,
  });
  if (!result.ok) throw new Error(`${ironId}, ${batter}: ${result.failure.code}`);
  return result.value;
};
