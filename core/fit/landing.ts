import { FILL_LIMITS } from './ironParameters.ts';

/** A load as it really is, however it was said. */
export type Landed = {
  /** Continuous tawny step of each face. */
  readonly lower: number;
  readonly upper: number;
  /** Share of the cavity that was filled. */
  readonly share: number;
  readonly isSet: boolean;
};

/** What a cook would call a fill. */
export const fillWord = (share: number): 'missing' | 'full' | 'leaked' =>
  share < FILL_LIMITS.short ? 'missing' : share > FILL_LIMITS.over ? 'leaked' : 'full';

/** Roughly how much a cook would say is missing, share: in twentieths, one at least. */
export const missingWord = (share: number): number => Math.max(0.05, Math.round(20 * (1 - share)) / 20);

/** Both sides within so many steps of the wish, filled within −6/+10 %, and the core set. */
export const lands = ({ lower, upper, share, isSet }: Landed, tawny: number, within = 1): boolean =>
  Math.abs(lower - tawny) <= within &&
  Math.abs(upper - tawny) <= within &&
  share >= FILL_LIMITS.short &&
  share <= FILL_LIMITS.over &&
  isSet;
