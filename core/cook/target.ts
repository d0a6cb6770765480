import type { Iron } from '../plate/index.ts';

/** What is wanted of a load: a tawny step (1–8) and a crispness (1–5); no crispness: as it comes at a middling setting. */
export type Target = { readonly tawny: number; readonly crisp: number | null };

/** The same as somebody wishes it; no step: as is usual for the iron. */
export type WishedTarget = { readonly tawny: number | null; readonly crisp: number | null };

/** Pressed wafers are praised light, anything else at a full golden brown (*common practice*). */
const USUAL_TAWNY = { wafer: 2, other: 4 } as const;

/** A wish where nobody has wished. */
export const AS_USUAL: WishedTarget = { tawny: null, crisp: null };

/** What a wish means on an iron. */
export const targetOn = ({ dryThrough }: Pick<Iron, 'dryThrough'>, { tawny, crisp }: WishedTarget): Target => ({
  tawny: tawny ?? (dryThrough ? USUAL_TAWNY.wafer : USUAL_TAWNY.other),
  crisp,
});
