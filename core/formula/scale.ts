import { roundTo } from '../basis/index.ts';
import type { FormulaReading } from './formulaReading.ts';
import { ingredientOf } from './line.ts';

/** Share of a bowl that is poured; the rest stays on bowl and ladle. */
export const POURABLE_SHARE = 0.98;
const MOST_FACTOR = 100;

export type ScaleWish =
  | { readonly by: 'factor'; readonly factor: number }
  /** So many pieces on an iron: whole loads. */
  | { readonly by: 'pieces'; readonly pieces: number; readonly portion_g: number; readonly piecesPerLoad: number }
  /** "I have 410 g of it": the line that is short decides. */
  | { readonly by: 'line'; readonly index: number; readonly grams: number };

/** The factor that a wish means; null where it can't be met (no such amount, nothing in the bowl, over a hundredfold). */
export const scaleFactor = (reading: FormulaReading, wish: ScaleWish): number | null => {
  const factor = rawFactor(reading, wish);
  return factor !== null && Number.isFinite(factor) && factor > 0 && factor <= MOST_FACTOR ? factor : null;
};

const rawFactor = (reading: FormulaReading, wish: ScaleWish): number | null => {
  if (wish.by === 'factor') return wish.factor;
  if (wish.by === 'line') {
    const grams = reading.lines[wish.index]?.grams ?? 0;
    return grams > 0 ? wish.grams / grams : null;
  }
  const loads = Math.ceil(wish.pieces / wish.piecesPerLoad);
  return reading.totalMass_g > 0 ? (loads * wish.portion_g) / POURABLE_SHARE / reading.totalMass_g : null;
};

export type ScaledLine = {
  readonly index: number;
  readonly exact_g: number;
  /** As the scale can show it. */
  readonly grams: number;
  /** What rounding to the scale makes of it, relative. */
  readonly error: number;
};

/** Every weighed line times the factor, rounded to what the scale reads (`resolution_g`), never to nothing. */
export const scaledLines = (reading: FormulaReading, factor: number, resolution_g: number): ScaledLine[] =>
  reading.lines.flatMap((line, index) => {
    if (line.grams === null || line.grams <= 0) return [];
    const exact_g = line.grams * factor;
    const grams = Math.max(resolution_g, roundTo(exact_g, resolution_g));
    // A tenth of a gram has no exact binary form.
    const shown = Number(grams.toFixed(3));
    return [{ index, exact_g, grams: shown, error: shown / exact_g - 1 }];
  });

export type EggBatch = { readonly eggs: number; readonly factor: number };

/** Mass of one egg without shell, large (USDA SR Legacy 01123). */
const LARGE_EGG_G = 50;

/**
 * Batches with whole eggs around a wished factor: the next smaller and larger, or one where it comes out even. Empty without whole
 * eggs in the formula. The smallest sensible batch is the one with a single egg.
 */
export const wholeEggBatches = (reading: FormulaReading, factor: number): EggBatch[] => {
  const egg_g = reading.lines.reduce((sum, line) => sum + (ingredientOf(line)?.id === 'egg' ? (line.grams ?? 0) : 0), 0);
  const eggs = egg_g / LARGE_EGG_G;
  if (eggs < 0.2) return [];
  const wished = eggs * factor;
  const counts = new Set([Math.max(1, Math.floor(wished + 1e-6)), Math.max(1, Math.ceil(wished - 1e-6))]);
  return [...counts].map((count) => ({ eggs: count, factor: count / eggs }));
};
