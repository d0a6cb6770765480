import type { IronState } from '../../../core/line/index.ts';
import type { LinePlace } from '../line/linePlace.ts';

/** What an iron says of itself to tests and to what reads the page, whatever it is drawn as. */
export const ironData = ({ iron, load, log }: LinePlace, state: IronState) => ({
  'aria-label': iron.name,
  'data-iron': iron.id,
  'data-phase': state.phase,
  'data-load': load?.id ?? '',
  'data-events': load === null ? 0 : log.length,
  'data-stage': state.stage ?? '',
  'data-late': state.isLate,
});

/** Its ground: late, the thing to do, or neither. */
export const ironGround = ({ isLate, isNext }: IronState): string =>
  isLate ? 'bg-hazard-soft outline-4 -outline-offset-4 outline-late' : isNext ? 'bg-act-soft' : 'bg-sheet';

/** Its clock: a timer while it cooks. */
export const clockData = ({ phase }: IronState, figure: string) => (phase === 'cooking' ? { role: 'timer', 'data-countdown': figure } : {});

/** In a word what it waits for, or does. */
export const stateName = ({ waits, isDone, phase }: IronState): string => waits?.for ?? (isDone ? 'done' : phase);
