import type { OnPlate, ToppingId } from '../../plate/index.ts';
import { orderOfLoads, TOPPING_TRAITS } from '../../plate/index.ts';

/** Some of the guests have something scattered into theirs; the others eat the dish as it is. */
export type Variant = { readonly toppingId: ToppingId; readonly perPiece_g: number; readonly people: number };

export const MOST_VARIANTS = 6;

/** What goes into one load, and whether the plates are wiped before it. */
export type LoadVariant = { readonly onPlate: OnPlate | null; readonly wipeBefore: boolean };

/** What the planner knows of a load before it is given a variant. */
type PlainLoad = { readonly ironId: string; readonly pieces: number };

/** True where something of `before` would be found in or on the next piece: an allergen that it doesn't have itself, or sugar that melts and burns. */
const leavesBehind = (before: ToppingId | null, next: ToppingId | null): boolean => {
  if (before === null || before === next) return false;
  const { allergens, melts } = TOPPING_TRAITS[before];
  const own = next === null ? [] : TOPPING_TRAITS[next].allergens;
  return melts || allergens.some((allergen) => !own.includes(allergen));
};

/**
 * Which load gets what, in the order of pouring: plain first, then what leaves least behind, allergens last, so that whoever must not get them is served
 * from plates that have not seen them. `missing`: pieces that don't come about, as loads give more of one kind than is wanted.
 */
export const variantsOfLoads = (
  loads: readonly PlainLoad[],
  pieces: number,
  variants: readonly (Variant & { readonly pieces: number })[],
): { readonly loads: readonly LoadVariant[]; readonly missing: number } => {
  const plain = Math.max(0, pieces - variants.reduce((sum, variant) => sum + variant.pieces, 0));
  const kinds: readonly (Variant | null)[] = [null, ...variants];
  const wanted = [plain, ...variants.map((variant) => variant.pieces)];
  const order = orderOfLoads(kinds.map((kind) => kind?.toppingId ?? null));
  const before = new Map<string, ToppingId | null>();
  let [at, given] = [0, 0];
  const next = (): void => {
    while (at < order.length - 1 && given >= (wanted[order[at]!] ?? 0)) [at, given] = [at + 1, 0];
  };
  const done = loads.map(({ ironId, pieces: out }): LoadVariant => {
    next();
    const kind = kinds[order[at]!] ?? null;
    given += out;
    const toppingId = kind?.toppingId ?? null;
    const wipeBefore = leavesBehind(before.get(ironId) ?? null, toppingId);
    before.set(ironId, toppingId);
    return { onPlate: kind === null ? null : { toppingId: kind.toppingId, grams: kind.perPiece_g * out }, wipeBefore };
  });
  const short = Math.max(0, (wanted[order[at]!] ?? 0) - given);
  const notBegun = order.slice(at + 1).reduce((sum, i) => sum + (wanted[i] ?? 0), 0);
  return { loads: done, missing: short + notBegun };
};
