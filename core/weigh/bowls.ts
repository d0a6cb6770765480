import type { Finding } from '../basis/index.ts';
import type { Lift } from '../formula/index.ts';
import type { Kit } from '../kit/index.ts';
import { formOf } from '../kit/index.ts';

/** What a bowl is for while a batter is made; `beside`: sugar that goes into whites once they are soft; `later`: what goes in after the rest. */
export const BOWL_ROLES = ['dry', 'wet', 'melt', 'foam', 'yolks', 'crack', 'beside', 'later', 'top'] as const;
export type BowlRole = (typeof BOWL_ROLES)[number];

/** A bowl is worked in, not filled: beyond this share of its rim it slops (*common practice*; jugs are filled to three quarters). */
export const WORKING_SHARE = 0.75;

/** Volume after the lift over the volume just mixed, at its highest (*common practice*: a night's rise a little over double). */
const RISE: Readonly<Record<Lift, number>> = {
  quick: 1.1,
  folded: 1.25,
  'whole-egg': 1.2,
  ribbon: 1.3,
  frothed: 1.1,
  rested: 1.1,
  yeasted: 2.3,
};

/** Lifts by air that is whipped in. */
export const isFoamed = (lift: Lift): boolean => lift === 'folded' || lift === 'whole-egg' || lift === 'ribbon' || lift === 'frothed';

export type BowlNeed = {
  /** Just mixed, mL. */
  readonly mixed_mL: number;
  /** At its highest, mL. */
  readonly risen_mL: number;
  /** The smallest of the kitchen's bowls that holds it; null when none does. */
  readonly bowl: Kit['bowls'][number] | null;
  /** Share of the best bowl's rim at its highest; of the largest where none holds it. Null without bowls. */
  readonly share: number | null;
};

/** The bowl in which everything comes together, by mass (g) and density (g/mL) of the finished batter. */
export const mixingBowl = (mass_g: number, density_gPerML: number, lift: Lift, bowls: Kit['bowls']): BowlNeed => {
  const mixed_mL = mass_g / density_gPerML;
  const risen_mL = mixed_mL * RISE[lift];
  // It must be stirred when just mixed, and not run over when it has risen.
  const rim_mL = Math.max(mixed_mL / WORKING_SHARE, risen_mL / 0.95);
  // A foam is folded in with a wide spoon: no jug, where there is a bowl.
  const wide = isFoamed(lift) ? bowls.filter((one) => formOf(one) === 'bowl') : [];
  const bySize = [...(wide.length > 0 ? wide : bowls)].sort((a, b) => a.volume_mL - b.volume_mL);
  const bowl = bySize.find((candidate) => candidate.volume_mL >= rim_mL) ?? null;
  const judged = bowl ?? bySize.at(-1);
  return { mixed_mL, risen_mL, bowl, share: judged === undefined ? null : risen_mL / judged.volume_mL };
};

/** More bowls than this are another kitchen's. */
const MOST_BOWLS = 12;

/** In how many equal bowls so much is mixed, one of the kitchen's for each; null: it has none, or even a small part is too much. */
export const bowlsNeeded = (mass_g: number, density_gPerML: number, lift: Lift, bowls: Kit['bowls']): number | null => {
  for (let n = 1; n <= MOST_BOWLS; n++) if (mixingBowl(mass_g / n, density_gPerML, lift, bowls).bowl !== null) return n;
  return null;
};

/** `bowl-too-small` {needs_mL, has_mL}, `bowl-plastic` for a foam. */
export const bowlFindings = (need: BowlNeed, lift: Lift, bowls: Kit['bowls']): Finding[] => {
  const found: Finding[] = [];
  const rim_mL = Math.max(need.mixed_mL / WORKING_SHARE, need.risen_mL / 0.95);
  const largest = Math.max(0, ...bowls.map((bowl) => bowl.volume_mL));
  if (bowls.length > 0 && need.bowl === null)
    found.push({ code: 'bowl-too-small', level: 'warning', fields: { needs_mL: Math.round(rim_mL / 50) * 50, has_mL: largest } });
  if (lift === 'folded' && bowls.length > 0 && bowls.every((bowl) => bowl.material === 'plastic'))
    found.push({ code: 'bowl-plastic', level: 'note', fields: {} });
  return found;
};
