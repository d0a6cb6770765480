import type { Composition, Part } from '../composition.ts';
import { per100g } from '../composition.ts';

/** US nine and EU fourteen; `wheat` and `gluten` are two, because the lists draw the line differently. */
export const ALLERGENS = [
  'wheat',
  'gluten',
  'egg',
  'milk',
  'nuts',
  'peanuts',
  'soy',
  'sesame',
  'sulphites',
  'fish',
  'crustaceans',
  'celery',
  'mustard',
  'lupin',
  'molluscs',
] as const;
export type Allergen = (typeof ALLERGENS)[number];

export const ROLES = [
  'flour',
  'starch',
  'sugar',
  'fat',
  'liquid',
  'egg',
  'leavening',
  'yeast',
  'acid',
  'salt',
  'flavour',
  'mix-in',
] as const;
export type Role = (typeof ROLES)[number];

/** Household measures that aren't a volume, grams each (stick, large egg, packet, pinch …). */
export type Measures = Readonly<Record<string, number>>;

export type Ingredient = {
  readonly id: string;
  readonly name: string;
  readonly role: Role;
  /** Names a recipe may use for it, lower case. */
  readonly aliases: readonly string[];
  /** Null when its make-up is not known. */
  readonly composition: Composition | null;
  readonly density_gPerML: number | null;
  /** Grams in one US customary cup from sifted to packed, where the hand decides. */
  readonly cup_g?: { readonly low: number; readonly usual: number; readonly high: number; readonly sifted?: number };
  readonly measures: Measures;
  /** Titratable acid (+) or base (−), meq per 100 g, to about pH 7. */
  readonly acid_meqPer100g: number;
  /** CO₂ that a powder sets free by itself, g per 100 g. */
  readonly co2_gPer100g: number;
  /** Share of that gas which is gone before the plate when the batter is stirred and poured at once. */
  readonly lostInBowl: number;
  /** Darkening of the raw batter per mass share (see `rawLightness`). */
  readonly tint: number;
  readonly allergens: readonly Allergen[];
  readonly source: string;
  readonly status: 'from memory' | 'derived' | 'label' | 'common practice';
};

type Extra = Partial<
  Pick<Ingredient, 'cup_g' | 'measures' | 'acid_meqPer100g' | 'co2_gPer100g' | 'lostInBowl' | 'tint' | 'allergens' | 'source' | 'status'>
> & {
  /** Grams per US cup (236.588 mL); becomes the density. */
  readonly cup?: number;
  readonly density_gPerML?: number;
};

/** The bowl's share of a double-acting powder, or of soda and acid, stirred in (*common practice*). */
const USUAL_LOSS = 0.12;
const US_CUP_ML = 236.5882365;

/**
 * One ingredient. `names`: display name first, then aliases, separated by "|". `parts`: g per 100 g, starch closing
 * the sum unless given.
 */
export const row = (id: string, role: Role, names: string, parts: Partial<Record<Part, number>> | null, extra: Extra): Ingredient => {
  const [name = id, ...aliases] = names.split('|').map((part) => part.trim());
  const { cup, density_gPerML, ...rest } = extra;
  return {
    id,
    name,
    role,
    aliases: [name.toLowerCase(), ...aliases],
    composition: parts === null ? null : per100g(parts),
    density_gPerML: density_gPerML ?? (cup === undefined ? null : cup / US_CUP_ML),
    measures: {},
    acid_meqPer100g: 0,
    co2_gPer100g: 0,
    lostInBowl: USUAL_LOSS,
    tint: 0,
    allergens: [],
    source: 'typical values',
    status: 'from memory',
    ...rest,
  };
};

/** USDA SR Legacy (2018) by its food number. */
export const sr = (ndb: string): string => `USDA SR Legacy ${ndb}`;
