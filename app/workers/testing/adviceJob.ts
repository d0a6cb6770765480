import { DEFAULT_CONDITIONS } from '../../../core/advise/index.ts';
import { DEFAULT_READ_SETTINGS } from '../../../core/formula/index.ts';
import { BATTERS, presetIron } from '../../../core/testing/batters.ts';
import type { AdviceJob } from '../messages.ts';

/** A question about the quick batter, as the page asks it. */
export const adviceJobOn = (ironId: string, changes: Partial<AdviceJob> = {}): AdviceJob => ({
  ...DEFAULT_CONDITIONS,
  formula: {
    id: 'f',
    rev: 1,
    lift: null,
    lines: BATTERS.quick.split('\n').map((text, i) => ({ id: String(i), text, edited_g: null, chosenIngredientId: null })),
  },
  readSettings: DEFAULT_READ_SETTINGS,
  iron: presetIron(ironId),
  ...changes,
});
