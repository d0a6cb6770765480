/** Share of a bowl that is poured; the rest stays on bowl and ladle (*common practice*). */
export const POURABLE_SHARE = 0.98;
