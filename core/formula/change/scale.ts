import { roundTo } from '../../basis/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf } from '../read/line.ts';
import { POURABLE_SHARE } from '../pourable.ts';

const MOST_FACTOR = 100;
/** A bowl that is stirred is filled to three quarters (*common practice*). */
const STIRRED_SHARE = 0.75;

export type ScaleWish =
  | { readonly by: 'factor'; readonly factor: number }
  /** So many pieces on an iron: whole loads. */
  | { readonly by: 'pieces'; readonly pieces: number; readonly portion_g: number; readonly piecesPerLoad: number }
  /** "I have 410 g of it": the line that is short decides. */
  | { readonly by: 'line'; readonly index: number; readonly grams: number }
  /** Several things that there is only so much of: the shortest decides. */
  | { readonly by: 'stock'; readonly have: readonly { readonly index: number; readonly grams: number }[] }
  /** So many people, so many pieces each: whole loads. */
  | {
      readonly by: 'people';
      readonly people: number;
      readonly piecesEach: number;
      readonly portion_g: number;
      readonly piecesPerLoad: number;
    }
  /** As much as a bowl bears when it is stirred. */
  | { readonly by: 'bowl'; readonly volume_mL: number; readonly density_gPerML: number };

/** The factor that a wish means; null where it can't be met (no such amount, nothing in the bowl, over a hundredfold). */
export const scaleFactor = (reading: ParsedFormula, wish: ScaleWish): number | null => {
  const factor = rawFactor(reading, wish);
  return factor !== null && Number.isFinite(factor) && factor > 0 && factor <= MOST_FACTOR ? factor : null;
};

const rawFactor = (reading: ParsedFormula, wish: ScaleWish): number | null => {
  if (wish.by === 'factor') return wish.factor;
  if (wish.by === 'line') {
    const grams = reading.lines[wish.index]?.grams ?? 0;
    return grams > 0 ? wish.grams / grams : null;
  }
  if (wish.by === 'stock') {
    const factors = wish.have.flatMap(({ index, grams }) => {
      const needs = reading.lines[index]?.grams ?? 0;
      return needs > 0 ? [grams / needs] : [];
    });
    return factors.length === 0 ? null : Math.min(...factors);
  }
  if (wish.by === 'bowl')
    return reading.totalMass_g > 0 ? (STIRRED_SHARE * wish.volume_mL * wish.density_gPerML) / reading.totalMass_g : null;
  const pieces = wish.by === 'people' ? wish.people * wish.piecesEach : wish.pieces;
  const loads = Math.ceil(pieces / wish.piecesPerLoad);
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
export const scaledLines = (reading: ParsedFormula, factor: number, resolution_g: number): ScaledLine[] =>
  reading.lines.flatMap((line, index) => {
    if (line.grams === null || line.grams <= 0) return [];
    const exact_g = line.grams * factor;
    const grams = Math.max(resolution_g, roundTo(exact_g, resolution_g));
    // A tenth of a gram has no exact binary form.
    const shown = Number(grams.toFixed(3));
    return [{ index, exact_g, grams: shown, error: shown / exact_g - 1 }];
  });

/** What becomes of the batter that doesn't make a whole load. */
export type LoadsChoice =
  /** All of it in whole loads, each a little smaller or larger. */
  | { readonly choice: 'even-out'; readonly loads: number; readonly portion_g: number; readonly share: number }
  /** Full portions, and the last plate what is left. */
  | { readonly choice: 'one-short'; readonly loads: number; readonly last_g: number }
  /** A little more batter, so that the last plate is full too. */
  | { readonly choice: 'top-up'; readonly loads: number; readonly factor: number };

/** A portion can be evened out by so much before it shows (the iron's own tolerance: −6/+10 %). */
const EVEN_OUT = { least: 0.94, most: 1.1 } as const;

/** Ways to end a bowl of `mass_g` in an iron that takes `portion_g` a load; those that can be done. */
export const wholeLoads = (mass_g: number, portion_g: number): LoadsChoice[] => {
  const pourable_g = mass_g * POURABLE_SHARE;
  const full = Math.floor(pourable_g / portion_g + 1e-9);
  const left_g = pourable_g - full * portion_g;
  if (!(portion_g > 0) || pourable_g <= 0 || left_g < 0.01 * portion_g) return [];
  const even = [full, full + 1].flatMap((loads): LoadsChoice[] => {
    const share = pourable_g / Math.max(1, loads) / portion_g;
    return loads >= 1 && share >= EVEN_OUT.least && share <= EVEN_OUT.most
      ? [{ choice: 'even-out', loads, portion_g: share * portion_g, share }]
      : [];
  });
  return [
    ...even,
    { choice: 'one-short', loads: full + 1, last_g: left_g },
    { choice: 'top-up', loads: full + 1, factor: ((full + 1) * portion_g) / pourable_g },
  ];
};

export type EggBatch = { readonly eggs: number; readonly factor: number };

/** Mass of one egg without shell, large (USDA SR Legacy 01123). */
const LARGE_EGG_G = 50;

/**
 * Batches with whole eggs around a wished factor: the next smaller and larger, or one where it comes out even. Empty without whole
 * eggs in the formula. The smallest sensible batch is the one with a single egg.
 */
export const wholeEggBatches = (reading: ParsedFormula, factor: number): EggBatch[] => {
  const egg_g = reading.lines.reduce((sum, line) => sum + (ingredientOf(line)?.can.eggPart === 'whole' ? (line.grams ?? 0) : 0), 0);
  const eggs = egg_g / LARGE_EGG_G;
  if (eggs < 0.2) return [];
  const wished = eggs * factor;
  const counts = new Set([Math.max(1, Math.floor(wished + 1e-6)), Math.max(1, Math.ceil(wished - 1e-6))]);
  return [...counts].map((count) => ({ eggs: count, factor: count / eggs }));
};
