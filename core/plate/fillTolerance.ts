/** Swollen batter may fall short of the cavity, or the lid give, by these shares (*common practice*: −6 / +10 %). */
export const FILL_TOLERANCE = { short: 0.06, over: 0.1 } as const;
