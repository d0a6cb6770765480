import type { Finding } from '../../basis/index.ts';
import { sum } from '../../basis/index.ts';
import type { Ingredient } from '../../matter/index.ts';
import type { Claim } from '../read/claims.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { USUAL_GAS_MMOL } from '../leavening.ts';
import type { Lift } from '../lift.ts';
import { ingredientOf } from '../read/line.ts';

/** One thing that looks wrong, with its evidence and, where one touch can mend it, how. */
export type FormulaIssue = Finding & {
  /** How strongly it speaks: comparable between suspicions; over 4 is worth a look. */
  readonly weight: number;
  /** Index of the line it is about; null: the whole bowl. */
  readonly line: number | null;
  readonly repairs: readonly Repair[];
};

export type Repair =
  | { readonly kind: 'set-grams'; readonly line: number; readonly grams: number }
  | { readonly kind: 'add'; readonly ingredientId: string; readonly grams: number };

type Group = 'liquid' | 'egg' | 'fat' | 'sugar' | 'salt' | 'powder' | 'soda' | 'yeast';

/** Usual share of flour, %, as the middle and the spread (factor that two thirds stay within) by lift; *common practice*, wide on purpose. */
const USUAL: Readonly<Record<Group, readonly [middle: number, factor: number]>> = {
  liquid: [130, 1.5],
  egg: [48, 1.9],
  fat: [32, 2.2],
  sugar: [14, 2.8],
  salt: [1.6, 1.7],
  powder: [4.5, 1.7],
  soda: [0.9, 1.7],
  yeast: [1.2, 1.9],
};
const BY_LIFT: Partial<Readonly<Record<Lift, Partial<Record<Group, readonly [number, number]>>>>> = {
  rested: { egg: [70, 1.6], sugar: [62, 1.5], liquid: [120, 1.5], fat: [18, 1.9] },
  ribbon: { egg: [130, 1.8], sugar: [85, 1.8], liquid: [60, 2.2] },
  // From doughs to the thin batters that rise overnight.
  yeasted: { liquid: [150, 1.5], powder: [1, 3], sugar: [8, 3.5] },
};

const groupOf = (i: Ingredient): Group | null => {
  if (i.can.gas === 'soda') return 'soda';
  // By its dry strength yeast is judged; fresh yeast weighs more for the same.
  if (i.can.perFreshYeast === 1) return null;
  if (i.role === 'leavening') return 'powder';
  if (i.role === 'liquid' || i.role === 'egg' || i.role === 'fat' || i.role === 'salt' || i.role === 'yeast') return i.role;
  return i.role === 'sugar' ? 'sugar' : null;
};

type Shares = ReadonlyMap<Group, number>;

/** Pressed wafers: egg, sugar and fat, hardly any other liquid, a pinch of salt and little powder. */
const WAFER: Partial<Record<Group, readonly [number, number]>> = {
  liquid: [10, 4],
  egg: [68, 1.6],
  fat: [42, 1.6],
  sugar: [58, 1.6],
  salt: [0.7, 2.6],
  powder: [2, 2],
};

/** Wafers don't say by their lift what they are: their shares do. */
const isWafer = (shares: Shares, lift: Lift): boolean =>
  (lift === 'quick' || lift === 'ribbon') &&
  (shares.get('liquid') ?? 0) < 30 &&
  (shares.get('sugar') ?? 0) > 30 &&
  (shares.get('egg') ?? 0) > 35 &&
  (shares.get('egg') ?? 0) < 105;

type Family = Lift | 'wafer';

/** What kind of batter it is by its shares, whichever way it is lifted and whatever iron stands there: wafers; egg waffles, thin and sweet; sponges. */
const familyOf = (shares: Shares, lift: Lift): Family => {
  if (isWafer(shares, lift)) return 'wafer';
  const share = (group: Group): number => shares.get(group) ?? 0;
  const isSweetWithEggs = lift !== 'yeasted' && share('sugar') > 40 && share('egg') > 40;
  if (!isSweetWithEggs) return lift;
  if (share('liquid') <= 70) return 'ribbon';
  return share('fat') < 35 ? 'rested' : lift;
};

/** Of these, little is no slip: nobody misses a spoon of sugar, and salt goes by the pinch. */
const LITTLE_IS_FINE: Partial<Readonly<Record<Group, number>>> = { sugar: 6, salt: 2.8, fat: 3 };

const usualFor = (lift: Family, group: Group): readonly [number, number] =>
  (lift === 'wafer' ? WAFER : BY_LIFT[lift])?.[group] ?? USUAL[group];

const sharesOf = (grams: readonly number[], reading: ParsedFormula): { flour: number; shares: Shares } => {
  let flour = 0;
  const shares = new Map<Group, number>();
  reading.lines.forEach((line, i) => {
    const ingredient = ingredientOf(line);
    if (ingredient === undefined) return;
    if (ingredient.role === 'flour') flour += grams[i] ?? 0;
    const group = groupOf(ingredient);
    if (group !== null) shares.set(group, (shares.get(group) ?? 0) + (grams[i] ?? 0));
  });
  return { flour, shares: new Map([...shares].map(([group, g]) => [group, flour > 0 ? (100 * g) / flour : 0])) };
};

/** How surprising a bowl is: squared distances in log space, capped so that one odd line doesn't hide another. */
const implausibility = (shares: Shares, lift: Family): number =>
  sum(
    [...shares].map(([group, percent]) => {
      const [middle, factor] = usualFor(lift, group);
      const spread = percent < middle ? Math.max(factor, LITTLE_IS_FINE[group] ?? 0) : factor;
      return percent <= 0 ? 0 : Math.min(16, (Math.log(percent / middle) / Math.log(spread)) ** 2);
    }),
  );

/** Slips of hand and spoon: the amount that was meant over the amount that was written. */
type SlipCode = 'line-doubled' | 'line-halved' | 'spoon-too-big' | 'spoon-too-small' | 'line-tenfold';
const SLIPS: readonly (readonly [code: SlipCode, factor: number])[] = [
  ['line-doubled', 0.5],
  ['line-halved', 2],
  ['spoon-too-big', 1 / 3],
  ['spoon-too-small', 3],
  ['line-tenfold', 0.1],
];
/** A tablespoon for a teaspoon happens with spoons, doubling with anything. */
const BY_SPOON: ReadonlySet<string> = new Set(['spoon-too-big', 'spoon-too-small']);
/** Less gain than this is chance. */
const LEAST_GAIN = 2.2;

/** Lines whose change by a usual slip makes the whole bowl much less surprising. */
const slips = (reading: ParsedFormula): FormulaIssue[] => {
  const grams = reading.lines.map((line) => line.grams ?? 0);
  const written = sharesOf(grams, reading);
  const family = familyOf(written.shares, reading.lift);
  const now = implausibility(written.shares, family);
  const found: FormulaIssue[] = [];
  reading.lines.forEach((line, index) => {
    const ingredient = ingredientOf(line);
    if (ingredient === undefined || line.grams === null || line.grams <= 0) return;
    // A pinch is meant as one.
    if (line.how.some(({ code }) => code === 'rough-measure')) return;
    const group = groupOf(ingredient);
    if (group === null && ingredient.role !== 'flour') return;
    const best = SLIPS.filter(([code]) => !BY_SPOON.has(code) || ['salt', 'leavening', 'yeast'].includes(ingredient.role))
      .map(([code, factor]) => {
        const meant = grams.map((g, i) => (i === index ? g * factor : g));
        return { code, meant_g: meant[index] ?? 0, gain: now - implausibility(sharesOf(meant, reading).shares, family) };
      })
      .reduce((a, b) => (b.gain > a.gain ? b : a));
    if (best.gain < LEAST_GAIN) return;
    found.push({
      code: best.code,
      level: 'warning',
      weight: best.gain,
      line: index,
      fields: {
        line: line.text.slice(0, 60),
        grams: round(line.grams),
        meant_g: round(best.meant_g),
        percent: round((100 * line.grams) / Math.max(1e-9, written.flour)),
      },
      repairs: [{ kind: 'set-grams', line: index, grams: round(best.meant_g) }],
    });
  });
  // One slip explains itself and shadows the smaller gains beside it.
  const top = Math.max(0, ...found.map((s) => s.weight));
  return found.filter((s) => s.weight > 0.45 * top);
};

const round = (grams: number): number => Number(grams.toFixed(grams < 10 ? 1 : 0));

const clashes = (reading: ParsedFormula): FormulaIssue[] =>
  reading.lines.flatMap((line, index) =>
    line.how.flatMap(({ code, fields }): FormulaIssue[] => {
      if (code !== 'amounts-clash') return [];
      const [first, second] = [fields['first_g'], fields['second_g']];
      return [
        {
          code: 'amounts-clash',
          level: 'warning',
          fields,
          weight: 4 + 2 * Math.abs(Math.log(second / first)),
          line: index,
          repairs: [first, second].map((grams) => ({ kind: 'set-grams', line: index, grams })),
        },
      ];
    }),
  );

/** CO₂, g/mol. */
const CO2_G_PER_MOL = 44.009;
const POWDER_CO2_SHARE = 0.13;
const VINEGAR_MEQ_PER_G = 0.83;

/** More vinegar than this can be tasted in a sweet batter, share of the bowl (*common practice*: a spoonful to a batter for four). */
const MOST_VINEGAR = 0.03;

/** A spoonful of vinegar where that is enough; else as much soda as the bowl's acid takes. */
const sodaRepair = (reading: ParsedFormula, sodaLine: number, missing_meq: number): Repair => {
  const vinegar_g = missing_meq / VINEGAR_MEQ_PER_G;
  const soda_g = reading.lines[sodaLine]?.grams ?? null;
  const { soda_meq, acid_meq } = reading.leavening;
  return soda_g === null || vinegar_g <= MOST_VINEGAR * reading.totalMass_g
    ? { kind: 'add', ingredientId: 'vinegar', grams: round(vinegar_g) }
    : { kind: 'set-grams', line: sodaLine, grams: round(Math.max(0.1, (soda_g * acid_meq) / soda_meq)) };
};

const sodaFindings = (reading: ParsedFormula): FormulaIssue[] => {
  const { soda_meq, acid_meq } = reading.leavening;
  // A batter that fermented has soured by itself.
  if (soda_meq <= 0 || acid_meq >= 0.6 * soda_meq || reading.lift === 'yeasted') return [];
  const index = reading.lines.findIndex((line) => (ingredientOf(line)?.acid_meqPer100g ?? 0) < -500);
  const missing_meq = soda_meq - acid_meq;
  // A spoonful of vinegar in the milk is meant to sour it: say how far it goes.
  const powder_g = ((soda_meq / 1000) * CO2_G_PER_MOL) / POWDER_CO2_SHARE;
  return [
    {
      code: 'soda-without-acid',
      level: 'warning',
      weight: 5 + 3 * (1 - acid_meq / soda_meq),
      line: index < 0 ? null : index,
      fields: {
        soda_meq: Math.round(soda_meq),
        acid_meq: Math.round(acid_meq),
        share: Math.round((100 * acid_meq) / soda_meq),
        vinegar_g: round(missing_meq / VINEGAR_MEQ_PER_G),
        powder_g: round(powder_g),
      },
      repairs: [sodaRepair(reading, index, missing_meq)],
    },
  ];
};

const gasFindings = (reading: ParsedFormula): FormulaIssue[] => {
  const gas = reading.leavening.gas_mmolPer100gFlour ?? 0;
  const isQuick = reading.lift === 'quick';
  if (reading.flour_g <= 0 || gas <= 0 || (gas >= USUAL_GAS_MMOL.low && gas <= USUAL_GAS_MMOL.high)) return [];
  if (gas < USUAL_GAS_MMOL.low && !isQuick) return [];
  return [
    {
      code: gas > USUAL_GAS_MMOL.high ? 'gas-far-above' : 'gas-far-below',
      level: 'warning',
      weight: 2 + 2 * Math.abs(Math.log(gas / (gas > USUAL_GAS_MMOL.high ? USUAL_GAS_MMOL.high : USUAL_GAS_MMOL.low))),
      line: null,
      fields: { gas: Number(gas.toFixed(1)), low: USUAL_GAS_MMOL.low, high: USUAL_GAS_MMOL.high },
      repairs: [],
    },
  ];
};

/** What the iron says: null where none is chosen. */
export type IronEvidence = {
  readonly looseness: number;
  readonly spreads: { readonly min: number; readonly max: number };
  readonly dose_mL: number;
  readonly portion_g: number;
  readonly pieces: number;
  readonly cook_s: readonly [number, number];
};

const ironFindings = (reading: ParsedFormula, claims: readonly Claim[], iron: IronEvidence | null): FormulaIssue[] => {
  if (iron === null) return [];
  const found: FormulaIssue[] = [];
  const { looseness, spreads } = iron;
  const base = { level: 'warning', line: null, repairs: [] } as const;
  if (looseness < spreads.min || looseness > spreads.max) {
    const limit = looseness < spreads.min ? spreads.min : spreads.max;
    found.push({
      ...base,
      code: looseness < spreads.min ? 'batter-too-thick' : 'batter-too-thin',
      weight: 3 + 4 * Math.abs(Math.log(looseness / limit)),
      fields: {
        looseness: Number(looseness.toFixed(1)),
        least: spreads.min,
        most: spreads.max,
        hydration: Math.round(reading.hydration_percent?.usual ?? 0),
      },
    });
  }
  const pieces = claims.find((claim) => claim.kind === 'pieces');
  const dose = claims.find((claim) => claim.kind === 'dose_mL');
  if (pieces !== undefined && dose !== undefined && reading.totalMass_g > 0) {
    // Their own two numbers against their own bowl: no iron is asked.
    const claimed_mL = ((pieces.low + pieces.high) / 2) * ((dose.low + dose.high) / 2);
    const bowl_mL = (reading.totalMass_g * iron.dose_mL) / Math.max(1e-9, iron.portion_g);
    const off = Math.log(claimed_mL / bowl_mL);
    if (Math.abs(off) > Math.log(1.5))
      found.push({
        ...base,
        code: 'yield-against-bowl',
        weight: 2 + 3 * Math.abs(off),
        fields: { claimed_mL: Math.round(claimed_mL / 10) * 10, bowl_mL: Math.round(bowl_mL / 10) * 10 },
      });
  } else if (pieces !== undefined && iron.pieces > 0) {
    const claimed = (pieces.low + pieces.high) / 2;
    const off = Math.log(claimed / iron.pieces);
    if (Math.abs(off) > Math.log(2.2))
      found.push({ ...base, code: 'yield-against-iron', weight: 1 + 2 * Math.abs(off), fields: { claimed, pieces: iron.pieces } });
  }
  const time = claims.find((claim) => claim.kind === 'cook_s');
  if (time !== undefined && (time.high < iron.cook_s[0] / 1.6 || time.low > iron.cook_s[1] * 1.6))
    found.push({
      ...base,
      code: 'time-against-iron',
      weight: 2 + 2 * Math.abs(Math.log(((time.low + time.high) * 2) / (iron.cook_s[0] + iron.cook_s[1]) / 2)),
      fields: { claimed_s: Math.round((time.low + time.high) / 2), reckoned_s: Math.round((iron.cook_s[0] + iron.cook_s[1]) / 2) },
    });
  return found;
};

/** Everything that looks wrong, the strongest first. Warns, never refuses. */
export const formulaIssues = (reading: ParsedFormula, claims: readonly Claim[], iron: IronEvidence | null): FormulaIssue[] =>
  [
    ...(reading.flour_g > 0 ? slips(reading) : []),
    ...clashes(reading),
    ...sodaFindings(reading),
    ...gasFindings(reading),
    ...ironFindings(reading, claims, iron),
  ].sort((a, b) => b.weight - a.weight);
