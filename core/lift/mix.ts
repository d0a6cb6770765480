import type { ParsedFormula } from '../formula/index.ts';
import { ingredientOf } from '../formula/index.ts';

/** What a batter is stirred with, and how many strokes of a spoon a minute of it is worth (*calibrated to common practice*). */
export const MIX_TOOLS = { spoon: 45, whisk: 80, 'hand-mixer': 130, 'stand-mixer': 90 } as const;
export type MixTool = keyof typeof MIX_TOOLS;

/** What mixing does to this bowl: how fast lumps go, how fast it toughens. */
export type Mixing = {
  /** Strokes after which lumps are down to 1/e. */
  readonly lumps_strokes: number;
  /** Strokes after which 1 − 1/e of what toughness there can be is there. */
  readonly tough_strokes: number;
  /** The most it can toughen, 0–1: none without gluten, little where it is sweet and fat. */
  readonly mostTough: number;
};

/** Protein of flours that make gluten, share of the flour, and whether it is wheat's. */
const glutenProtein = (reading: ParsedFormula): number => {
  if (reading.flour_g <= 0) return 0;
  let protein = 0;
  for (const line of reading.lines) {
    const i = ingredientOf(line);
    if (i === undefined || i.role !== 'flour' || !i.allergens.includes('gluten')) continue;
    // Rye, oat and barley have gluten for those who can't eat it, and none that stretches.
    protein += (line.grams ?? 0) * (i.composition?.protein ?? 0) * (i.allergens.includes('wheat') ? 1 : 0.15);
  }
  return protein / reading.flour_g;
};

/**
 * Constants of the curve for a bowl (looseness: liquid over starch, protein and fibre). *Calibrated to common practice*: a pourable batter of
 * plain flour shows no dry flour after some twenty strokes, is smooth after some ninety, and is called tough by then.
 */
export const mixingOf = (reading: ParsedFormula, looseness: number): Mixing => {
  const protein = glutenProtein(reading);
  const c = reading.composition;
  const sweetAndFat = c === null ? 0 : c.sucrose + c.reducing + c.fat;
  const stiff = Math.min(2.5, Math.max(0.5, 2.45 / looseness));
  return {
    lumps_strokes: 26 * stiff ** 0.6,
    // Thick batter is worked at every stroke; in a thin one the flour slips past.
    tough_strokes: 95 / stiff ** 0.8,
    mostTough: Math.min(1, protein / 0.13) * Math.exp(-1.6 * sweetAndFat),
  };
};

export const lumpsLeft = (m: Mixing, strokes: number): number => Math.exp(-strokes / m.lumps_strokes);
export const toughness = (m: Mixing, strokes: number): number => m.mostTough * (1 - Math.exp(-strokes / m.tough_strokes));

/** Stretched gluten lets go while it stands, to about two fifths, with this time constant, s (*common practice*: half an hour helps). */
const RELAX_S = 1500;
const STAYS = 0.4;
export const toughnessAfterRest = (tough: number, rest_s: number): number => tough * (STAYS + (1 - STAYS) * Math.exp(-rest_s / RELAX_S));

/** A lump is drowned where it stands, too: small ones soak through. */
const SOAK_S = 2400;
export const lumpsAfterRest = (lumps: number, rest_s: number): number => lumps * (0.5 + 0.5 * Math.exp(-rest_s / SOAK_S));

/** Where people stop (*common practice*), in strokes of a spoon. */
export type MixStop = { readonly code: 'handful' | 'half-minute' | 'no-dry-flour' | 'smooth' | 'machine'; readonly strokes: number };

const NO_DRY_FLOUR = 0.42;
const SMOOTH = 0.03;

export const mixStops = (m: Mixing): MixStop[] =>
  [
    { code: 'handful' as const, strokes: 7 },
    { code: 'half-minute' as const, strokes: MIX_TOOLS.whisk / 2 },
    { code: 'no-dry-flour' as const, strokes: -m.lumps_strokes * Math.log(NO_DRY_FLOUR) },
    { code: 'smooth' as const, strokes: -m.lumps_strokes * Math.log(SMOOTH) },
    { code: 'machine' as const, strokes: 2.5 * MIX_TOOLS['stand-mixer'] },
  ].sort((a, b) => a.strokes - b.strokes);

/** Share of the batter that stays on a sieve: its lumps, and what clings (*common practice*: one to two in a hundred). */
export const staysOnSieve = (m: Mixing, strokes: number): number => 0.008 + 0.12 * lumpsLeft(m, strokes);

/** Strokes of a spoon that a time with a tool is worth. */
export const strokesOf = (tool: MixTool, seconds: number): number => (MIX_TOOLS[tool] * seconds) / 60;
