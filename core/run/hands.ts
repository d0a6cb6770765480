/** Pairs of hands at the irons, at the most. */
export const MOST_HANDS = 4;
