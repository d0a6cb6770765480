import type { Code } from '../../basis/index.ts';
import { ML_PER_US_CUP } from '../../basis/index.ts';
import type { Ingredient } from '../../matter/index.ts';

/** How cooks do without something, whatever the bowl needs: by cups and spoons (mL) or by weight, in place of `each`. */
export type TradeRule = {
  readonly of: string;
  /** The rule in words. */
  readonly code: Extract<Code, `rule-${string}`>;
  readonly measured: 'by volume' | 'by weight';
  readonly each: number;
  readonly parts: Readonly<Record<string, number>>;
};

const TBSP_ML = ML_PER_US_CUP / 16;
const TSP_ML = TBSP_ML / 3;
const STICK_ML = ML_PER_US_CUP / 2;

const byVolume = (of: string, code: TradeRule['code'], each: number, parts: TradeRule['parts']): TradeRule => ({
  of,
  code,
  measured: 'by volume',
  each,
  parts,
});
const byWeight = (of: string, code: TradeRule['code'], parts: TradeRule['parts']): TradeRule => ({
  of,
  code,
  measured: 'by weight',
  each: 1,
  parts,
});

/**
 * *Common practice*; powder and soda, soured milk and raising flour as the substitution tables of US extension services have them, from memory. They
 * are said beside what is solved, with what they leave otherwise: a spoon of lemon juice in a cup brings two thirds of the acid of cultured milk.
 */
const RULES: readonly TradeRule[] = [
  byVolume('cultured-milk', 'rule-soured-milk', ML_PER_US_CUP, { milk: ML_PER_US_CUP - TBSP_ML, 'lemon-juice': TBSP_ML }),
  byVolume('cultured-milk', 'rule-soured-milk', ML_PER_US_CUP, { milk: ML_PER_US_CUP - TBSP_ML, vinegar: TBSP_ML }),
  byWeight('cultured-milk', 'rule-half-water', { yogurt: 0.5, water: 0.5 }),
  byWeight('milk', 'rule-half-water', { 'evaporated-milk': 0.5, water: 0.5 }),
  byVolume('butter', 'rule-oil-for-butter', 1, { oil: 0.75 }),
  byWeight('butter', 'rule-same-weight', { 'coconut-oil': 1 }),
  byWeight('butter', 'rule-same-weight', { 'salted-butter': 1 }),
  byVolume('salted-butter', 'rule-salt-a-stick', STICK_ML, { butter: STICK_ML, salt: TSP_ML / 4 }),
  byWeight('oil', 'rule-same-weight', { butter: 1 }),
  byVolume('baking-powder', 'rule-powder-from-soda', 1, { 'baking-soda': 1 / 4, 'cream-of-tartar': 1 / 2 }),
  byVolume('baking-soda', 'rule-powder-for-soda', 1, { 'baking-powder': 3 }),
  byVolume('self-raising-flour', 'rule-raising-flour', ML_PER_US_CUP, {
    'wheat-flour': ML_PER_US_CUP,
    'baking-powder': 1.5 * TSP_ML,
    salt: TSP_ML / 2,
  }),
  byVolume('fine-flour', 'rule-fine-flour', ML_PER_US_CUP, { 'wheat-flour': ML_PER_US_CUP - 2 * TBSP_ML, 'corn-starch': 2 * TBSP_ML }),
  byVolume('brown-sugar', 'rule-brown-sugar', ML_PER_US_CUP, { sugar: ML_PER_US_CUP, molasses: TBSP_ML }),
  byWeight('wheat-flour', 'rule-same-weight', { 'whole-wheat-flour': 1 }),
  byWeight('sour-cream', 'rule-same-weight', { 'greek-yogurt': 1 }),
];

/** g/mL as a cup of it is filled; null for what nobody measures by cups. */
const filled_gPerML = ({ cup_g, density_gPerML }: Ingredient): number | null =>
  cup_g === undefined ? density_gPerML : cup_g.usual / ML_PER_US_CUP;

/** The rule for this set of parts, with their masses for `grams` of what is missing; null when there is none. */
export const ruleFor = (
  original: Ingredient,
  grams: number,
  parts: readonly Ingredient[],
): { readonly code: TradeRule['code']; readonly masses: readonly number[] } | null => {
  const known = parts.map(({ id }) => id);
  // Starch that only fills up a powder is no part of the rule.
  const rule = RULES.find(({ of, parts: takes }) => of === original.id && Object.keys(takes).every((id) => known.includes(id)));
  const each = rule === undefined ? null : rule.measured === 'by weight' ? 1 : filled_gPerML(original);
  if (rule === undefined || each === null) return null;
  const masses = parts.map((part) => {
    const amount = rule.parts[part.id] ?? 0;
    return (grams * amount * (rule.measured === 'by weight' ? 1 : (filled_gPerML(part) ?? 0))) / (rule.each * each);
  });
  return { code: rule.code, masses };
};
