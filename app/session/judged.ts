import type { Judged } from '../../core/keep/index.ts';
import type { Session } from './useSession.ts';

/** By which code, in which cold and in which room this kitchen judges what it keeps. */
export const judgedHere = ({ kit }: Pick<Session, 'kit'>): Pick<Judged, 'code' | 'refrigerator_C' | 'room_C'> => ({
  code: kit.codeOfPractice,
  refrigerator_C: kit.refrigerator_C,
  room_C: kit.room_C,
});
