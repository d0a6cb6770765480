import { ML_PER_US_CUP } from '../../basis/index.ts';
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

/** What a thing does in the kitchen, beyond what it is made of. What isn't said, it doesn't do. All *common practice*. */
export type Abilities = {
  /** Goes over heat first and is stirred in liquid. */
  readonly melts?: boolean;
  /** Stays in bits: scattered on the plate, or stirred in last. */
  readonly staysInBits?: boolean;
  /** Id of the thing that it is most easily taken for: to be read aloud before it goes in. */
  readonly takenFor?: string;
  /** Which part of an egg: what is whipped, and what is separated. */
  readonly eggPart?: 'whole' | 'white' | 'yolk';
  /** How its gas comes: at once with an acid, at once by itself, or half of it in the heat. */
  readonly gas?: 'soda' | 'single' | 'double';
  /** Mass of this yeast that does the work of a gram of fresh yeast (common rule of baking texts, from memory). */
  readonly perFreshYeast?: number;
  /** How much flavour a gram carries, among things that flavour alike: an oil four times an extract, zest half of one. */
  readonly flavour?: { readonly kind: string; readonly strength: number };
  /** Share of all flour that it may be, no more: beyond it the crumb crumbles or toughens. */
  readonly mostOfFlour?: number;
  /** Days it keeps in a closed tin, where its kind and fat don't say. */
  readonly keeps_days?: number;
  /** What cooks take in its place: sets of ids that are then solved together. */
  readonly standIns?: readonly (readonly string[])[];
  /** Ids of things in whose place it can be taken (for a cook's own). */
  readonly standsInFor?: readonly string[];
};

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
  readonly can: Abilities;
  readonly source: string;
  readonly status: 'from memory' | 'derived' | 'label' | 'common practice';
};

type Extra = Partial<
  Pick<
    Ingredient,
    'cup_g' | 'measures' | 'acid_meqPer100g' | 'co2_gPer100g' | 'lostInBowl' | 'tint' | 'allergens' | 'can' | 'source' | 'status'
  >
> & {
  /** Grams per US cup (236.588 mL); becomes the density. */
  readonly cup?: number;
  readonly density_gPerML?: number;
};

/** The bowl's share of a double-acting powder, or of soda and acid, stirred in (*common practice*). */
const USUAL_LOSS = 0.12;

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
    density_gPerML: density_gPerML ?? (cup === undefined ? null : cup / ML_PER_US_CUP),
    measures: {},
    acid_meqPer100g: 0,
    co2_gPer100g: 0,
    lostInBowl: USUAL_LOSS,
    tint: 0,
    allergens: [],
    can: {},
    source: 'typical values',
    status: 'from memory',
    ...rest,
  };
};

/** USDA SR Legacy (2018) by its food number. */
export const sr = (ndb: string): string => `USDA SR Legacy ${ndb}`;
