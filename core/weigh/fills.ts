import type { Result } from '../basis/index.ts';
import { failure, ML_PER_US_CUP, success } from '../basis/index.ts';
import type { Kit } from '../kit/index.ts';
import type { Ingredient } from '../matter/index.ts';

export type Fill = { readonly measureId: string; readonly name: string; readonly count: number; readonly volume_mL: number };

export type Fills = {
  readonly fills: readonly Fill[];
  /** How far what is measured is off the wish, relative. */
  readonly off: number;
  /** From the least to the most that a hand may put in, g. */
  readonly band_g: readonly [number, number];
  /** The measure must be sifted into, or packed, for the usual mass to hold. */
  readonly manner: 'level' | 'spooned' | 'packed';
};

/** Nobody fills a cup oftener for one line; beyond it a scale is wanted. */
const MOST_FILLS = 12;
/** One fill more must bring it at least this much nearer. */
const WORTH_A_FILL = 0.008;
/** A level spoon of a powder or a liquid differs by so much between hands (*common practice*). */
const HAND = 0.04;

const candidates = (wanted_mL: number, measures: Kit['spoons']): { fills: Fill[]; total_mL: number }[] => {
  const fill = (m: Kit['spoons'][number], count: number): Fill => ({ measureId: m.id, name: m.name, count, volume_mL: m.volume_mL });
  const found: { fills: Fill[]; total_mL: number }[] = [];
  for (const first of measures) {
    const whole = Math.floor(wanted_mL / first.volume_mL + 1e-9);
    for (const count of new Set([whole, whole + 1])) {
      if (count < 0 || count > MOST_FILLS) continue;
      const start = count > 0 ? [fill(first, count)] : [];
      const total = count * first.volume_mL;
      if (count > 0) found.push({ fills: start, total_mL: total });
      const rest = wanted_mL - total;
      if (rest <= 0) continue;
      for (const second of measures) {
        if (second.volume_mL >= first.volume_mL && count > 0) continue;
        const more = Math.round(rest / second.volume_mL);
        if (more < 1 || more + count > MOST_FILLS) continue;
        const two = [...start, fill(second, more)];
        const twoTotal = total + more * second.volume_mL;
        found.push({ fills: two, total_mL: twoTotal });
        const left = wanted_mL - twoTotal;
        for (const third of measures) {
          if (third.volume_mL >= second.volume_mL || left < third.volume_mL / 2) continue;
          const most = Math.round(left / third.volume_mL);
          if (most < 1 || most + more + count > MOST_FILLS) continue;
          found.push({ fills: [...two, fill(third, most)], total_mL: twoTotal + most * third.volume_mL });
        }
      }
    }
  }
  return found;
};

const count = (fills: readonly Fill[]): number => fills.reduce((n, fill) => n + fill.count, 0);

/**
 * The fewest fills of the cups and spoons at hand that come near enough. Errors: `density-unknown` (by weight only),
 * `measures-none`, `measures-too-small` {mL, most}, `measures-too-large` {mL, least}.
 */
export const fillsFor = (grams: number, ingredient: Ingredient, measures: Kit['spoons']): Result<Fills> => {
  if (measures.length === 0) return failure('measures-none');
  const cup = ingredient.cup_g;
  const density = cup === undefined ? ingredient.density_gPerML : cup.usual / ML_PER_US_CUP;
  if (density === null) return failure('density-unknown');
  const wanted_mL = grams / density;
  const found = candidates(wanted_mL, measures);
  const sizes = measures.map((measure) => measure.volume_mL);
  if (found.length === 0)
    return failure('measures-too-small', { mL: Math.round(wanted_mL), most: Math.round(MOST_FILLS * Math.max(...sizes)) });
  const cost = (c: (typeof found)[number]): number =>
    Math.abs(c.total_mL / wanted_mL - 1) + WORTH_A_FILL * count(c.fills) + 0.004 * (c.fills.length - 1);
  const best = found.reduce((a, b) => (cost(b) < cost(a) ? b : a));
  const off = best.total_mL / wanted_mL - 1;
  if (off > 0.5) return failure('measures-too-large', { mL: Number(wanted_mL.toFixed(1)), least: Math.min(...sizes) });
  const mass = best.total_mL * density;
  const band: readonly [number, number] =
    cup === undefined ? [mass * (1 - HAND), mass * (1 + HAND)] : [(mass * cup.low) / cup.usual, (mass * cup.high) / cup.usual];
  const isPacked = cup !== undefined && cup.usual === cup.high && ingredient.role === 'sugar';
  return success({ fills: best.fills, off, band_g: band, manner: isPacked ? 'packed' : cup === undefined ? 'level' : 'spooned' });
};

/** Cumulative marks for liquids poured into one jug, mL; a new jug where three quarters of it would be passed. */
export const jugMarks = (volumes_mL: readonly number[], jug_mL: number): { readonly jug: number; readonly mark_mL: number }[] => {
  let jug = 1;
  let filled = 0;
  return volumes_mL.map((volume) => {
    if (filled > 0 && filled + volume > 0.75 * jug_mL) {
      jug++;
      filled = 0;
    }
    filled += volume;
    return { jug, mark_mL: filled };
  });
};
