import type { Code, Coded, FieldsOf, PlainCode } from '../basis/index.ts';
import { coded, sum } from '../basis/index.ts';
import type { Act, FormulaLine, Lift, Made, ParsedFormula, Stage } from '../formula/index.ts';
import { ingredientOf, isHeading, makingOf, scaledAct, scaledWords } from '../formula/index.ts';
import type { Kit } from '../kit/index.ts';
import type { Ingredient } from '../matter/index.ts';
import type { BowlRole } from './bowls.ts';
import { isFoamed } from './bowls.ts';
import { names, toldByActs } from './told.ts';
import { scaleFor } from './scale.ts';

/** Something that goes on the scale. */
export type WeighStep = {
  readonly kind: 'weigh';
  readonly id: string;
  readonly lineId: string;
  readonly ingredientId: string | null;
  readonly text: string;
  readonly grams: number;
  readonly bowl: BowlRole;
  /** Zero before it: a new bowl, or the scale that reads finer. */
  readonly zero: boolean;
  readonly scaleId: string | null;
  readonly resolution_g: number;
  /** What the scale shows when it is in, without having been zeroed since the bowl came on. */
  readonly running_g: number;
  /** Once in, it can't be taken out again. */
  readonly stays: boolean;
  /** Powders that look alike: to be read aloud. */
  readonly lookAlike: string | null;
  /** White or yolk of a whole egg's line. */
  readonly isSeparated: boolean;
  /** In a cup of its own on the fine scale, and tipped in: the bowl would be too heavy for it. */
  readonly inCup: boolean;
  /** Codes of what to mind. */
  readonly cautions: readonly PlainCode[];
};

/** Work that stands between weighings. */
export type WorkStep = Coded & {
  readonly kind: 'work';
  readonly id: string;
  readonly bowl: BowlRole;
  /** How long it usually takes, or as the recipe says, s; null where it is done by eye. */
  readonly seconds: number | null;
  /** The recipe's own words for it; null: it has none. */
  readonly told: string | null;
};

export type Step = WeighStep | WorkStep;

export type WeighPlan = {
  readonly steps: readonly Step[];
  readonly bowls: readonly BowlRole[];
  readonly zeroings: number;
  /** Lines that have no grams: they are named, not weighed. */
  readonly byEye: readonly string[];
};

const isDry = (i: Ingredient): boolean =>
  ['flour', 'starch', 'leavening', 'salt'].includes(i.role) ||
  (i.role === 'sugar' && (i.composition?.water ?? 0) < 0.1) ||
  (['yeast', 'acid', 'mix-in'].includes(i.role) && (i.composition?.water ?? 1) < 0.2) ||
  (i.role === 'flavour' && (i.composition?.water ?? 1) < 0.2 && (i.composition?.fat ?? 0) < 0.9);

const isSeparated = (lift: Lift): boolean => lift === 'folded';

const bowlOf = (i: Ingredient | undefined, lift: Lift): BowlRole => {
  if (i === undefined) return 'wet';
  // Milk and fat are warmed together for yeast; eggs come when it has cooled.
  if (lift === 'yeasted' && i.role === 'liquid') return 'melt';
  if (i.can.staysInBits === true) return 'top';
  if (i.can.eggPart === 'white') return isFoamed(lift) ? 'foam' : 'wet';
  if (i.can.eggPart === 'whole') return lift === 'whole-egg' || lift === 'ribbon' || lift === 'frothed' ? 'foam' : 'wet';
  // Sugar steadies a foam: it goes where the foam is.
  if (i.role === 'sugar' && (i.composition?.water ?? 0) < 0.1 && isFoamed(lift)) return 'foam';
  if (isDry(i)) return 'dry';
  return i.can.melts === true ? 'melt' : 'wet';
};

/** Order within a bowl: what fills it first, what can't be taken out again last. */
const RANK: Readonly<Record<string, number>> = { flour: 0, starch: 1, sugar: 2, flavour: 3, yeast: 4, acid: 5, salt: 6, leavening: 7 };
const WET_RANK: Readonly<Record<string, number>> = { egg: 0, sugar: 1, 'mix-in': 2, flavour: 3, acid: 4, fat: 5, liquid: 6 };

type Item = {
  readonly lineId: string;
  readonly text: string;
  readonly grams: number;
  readonly ingredient: Ingredient | undefined;
  readonly bowl: BowlRole;
  /** Where the cook put it among its bowl's things; null: where it usually goes. */
  readonly at: number | null;
};

/** Yolks of separated eggs: a whole egg's mass parts into white and yolk (USDA: 33 and 17 g of 50). */
const WHITE_SHARE = 33 / 50;

/** "2 tbsp sugar for the whites": then the other sugar isn't for them. */
const FOR_THE_FOAM = /\bfor (?:the )?(?:egg )?(?:whites?|foam|meringue|whipping)\b/i;
const isSugar = (i: Ingredient | undefined): boolean => i?.role === 'sugar' && (i.composition?.water ?? 0) < 0.1;

/** Which bowl the sugar goes to, where lines or steps tell; null: they don't. */
const sugarsBowl = (reading: ParsedFormula, making: readonly Made[]): BowlRole | null => {
  if (!isFoamed(reading.lift)) return null;
  if (reading.lines.some((line) => FOR_THE_FOAM.test(line.text) && isSugar(ingredientOf(line)))) return 'dry';
  const isNamed = (stage: Stage): boolean => making.some((made) => made.stage === stage && /\bsugar\b/i.test(made.act.words));
  if (!making.some(({ stage }) => stage === 'foam') || isNamed('foam')) return null;
  return isNamed('dry') ? 'dry' : isNamed('wet') ? 'wet' : null;
};

/** "Whip the whites with the sugar": both at once. */
const WITH_THE_SUGAR = /\b(?:with|and)(?: half)?(?: the)?(?: \w+)? sugar\b/i;

/** Whites are whipped until soft before any sugar goes in, unless the recipe has both at once (*common practice*). */
const isSugarBeside = ({ lift }: ParsedFormula, making: readonly Made[]): boolean =>
  lift === 'folded' &&
  !making.some(({ act }) => act.kind === 'whip' && act.what === 'whites' && WITH_THE_SUGAR.test(act.words.split(/,| until /)[0] ?? ''));

/** A thing that the recipe names only after the rest goes in then. */
const isLater = (called: readonly string[], making: readonly Made[]): boolean => {
  const naming = making.filter(({ act }) => names(act.words, called));
  return naming.length > 0 && naming.every(({ stage }) => stage === 'later');
};

const itemsOf = (reading: ParsedFormula, { lineIds, factor, places }: PlanOptions, making: readonly Made[]): Item[] => {
  const sugars = sugarsBowl(reading, making);
  const isBeside = isSugarBeside(reading, making);
  return reading.lines.flatMap((line, index) => {
    if (line.grams === null || line.grams <= 0) return [];
    const ingredient = ingredientOf(line);
    const words = scaledWords(line.text, factor, undefined, ingredient);
    const lineId = lineIds[index] ?? String(index);
    const place = places?.get(lineId);
    const base = { lineId, text: words, grams: line.grams * factor, ingredient, at: place?.at ?? null };
    if (isSeparated(reading.lift) && ingredient?.can.eggPart === 'whole')
      return [
        { ...base, grams: base.grams * WHITE_SHARE, bowl: 'foam' as const },
        { ...base, grams: base.grams * (1 - WHITE_SHARE), bowl: 'yolks' as const },
      ];
    if (isSeparated(reading.lift) && ingredient?.can.eggPart === 'yolk') return [{ ...base, bowl: 'yolks' as const }];
    if (place !== undefined) return [{ ...base, bowl: place.bowl }];
    if (ingredient?.can.staysInBits !== true && isLater([line.text, ingredient?.name ?? ''], making))
      return [{ ...base, bowl: 'later' as const }];
    const usual = isSugar(ingredient) && sugars !== null && !FOR_THE_FOAM.test(line.text) ? sugars : bowlOf(ingredient, reading.lift);
    return [{ ...base, bowl: usual === 'foam' && isSugar(ingredient) && isBeside ? 'beside' : usual }];
  });
};

/** Yolks need no bowl of their own: they go to the wet things, or stand for them. */
const mergeYolks = (items: readonly Item[]): Item[] => items.map((item) => (item.bowl === 'yolks' ? { ...item, bowl: 'wet' } : item));

const order = (a: Item, b: Item): number => {
  const ranks = a.bowl === 'dry' ? RANK : WET_RANK;
  const rank = (item: Item): number =>
    item.bowl === 'foam' && item.ingredient?.role === 'egg' ? -1 : (ranks[item.ingredient?.role ?? ''] ?? 9);
  if (a.at !== null || b.at !== null) return (a.at ?? -1) - (b.at ?? -1) || rank(a) - rank(b) || b.grams - a.grams;
  return rank(a) - rank(b) || b.grams - a.grams;
};

/** Bowls in the order of the work: what needs time first (melting), then dry, wet, foam (*common practice*). */
const SEQUENCE = ['melt', 'dry', 'wet', 'foam'] as const;

/** The same in the recipe's order, as far as it names them; the others keep their places. Sugar stands ready beside the foam. */
const sequenceOf = (making: readonly Made[]): readonly BowlRole[] => {
  const first = (role: Stage): number => making.findIndex(({ stage }) => stage === role);
  const named = SEQUENCE.filter((role) => first(role) >= 0);
  const sorted = [...named].sort((a, b) => first(a) - first(b));
  return SEQUENCE.map((role) => (named.includes(role) ? (sorted.shift() ?? role) : role)).flatMap((role): BowlRole[] =>
    role === 'foam' ? ['beside', 'foam'] : [role],
  );
};

/** Where a cook wants a line: in which bowl, and as which of its things. */
export type Place = NonNullable<FormulaLine['place']>;

export type PlanOptions = {
  readonly scales: Kit['scales'];
  readonly factor: number;
  readonly lineIds: readonly string[];
  /** What the recipe asks for: it stands between the weighings, in its own words and order; left out: the usual work. */
  readonly acts?: readonly Act[];
  /** By line, where the cook has moved it. */
  readonly places?: ReadonlyMap<string, Place>;
};

/** A bowl that stands on a scale with what is in it weighs so much more than what is in it, g (*common practice*). */
const EMPTY_BOWL_G = 400;

/**
 * The formula as single instructions: every weighed line once (separated eggs twice), in the order of the work, with the fewest bowls
 * that this lift allows and a zero only where a bowl comes on or a finer scale is taken.
 */
export const weighPlan = (reading: ParsedFormula, options: PlanOptions): WeighPlan => {
  const making = makingOf((options.acts ?? []).map((act) => scaledAct(act, options.factor)));
  const items = mergeYolks(itemsOf(reading, options, making));
  const bowls: BowlRole[] = [];
  const filled = (role: BowlRole): Step[] => {
    const inBowl = items.filter((item) => item.bowl === role).sort(order);
    if (inBowl.length === 0) return [];
    bowls.push(role);
    // Cracked before the first yolk or white is weighed.
    const isCracked =
      isSeparated(reading.lift) && !bowls.includes('crack') && inBowl.some((item) => item.ingredient?.can.eggPart === 'whole');
    if (isCracked) bowls.push('crack');
    return [
      ...(isCracked ? [work('separate-eggs', role, null, { eggs: eggsIn(items.filter((item) => item.bowl === 'foam')) })] : []),
      ...weighingsOf(role, inBowl, reading.lift, options.scales),
      ...afterBowl(role, reading.lift, sum(inBowl.map((item) => item.grams))),
    ];
  };
  const apart = [...sequenceOf(making), 'top' as const].flatMap(filled);
  const made = inTheirWords([...apart, ...together(reading.lift, bowls)], making);
  const steps = [...made, ...filled('later'), ...laterWork(making, bowls)];
  return {
    steps,
    bowls,
    zeroings: steps.filter((step) => step.kind === 'weigh' && step.zero).length,
    byEye: reading.lines.filter((line) => line.grams === null && !isHeading(line)).map((line) => line.text),
  };
};

/** What goes onto the scale for one bowl, in order, with a zero only where the bowl comes on or a finer scale is taken. */
const weighingsOf = (role: BowlRole, inBowl: readonly Item[], lift: Lift, scales: Kit['scales']): WeighStep[] => {
  let running_g = 0;
  let scaleId: string | null = null;
  return inBowl.map((item, at): WeighStep => {
    const scale = scaleFor(item.grams, scales);
    const inBowl_g = sum(inBowl.slice(0, at + 1).map((other) => other.grams));
    const isFine = scale !== null && scales.some((other) => other.most_g > scale.most_g);
    const inCup = isFine && EMPTY_BOWL_G + inBowl_g > scale.most_g;
    const zero: boolean = at === 0 || inCup || scale?.id !== scaleId;
    scaleId = scale?.id ?? null;
    running_g = (zero ? 0 : running_g) + item.grams;
    return {
      kind: 'weigh',
      id: `${item.lineId}/${role}`,
      lineId: item.lineId,
      ingredientId: item.ingredient?.id ?? null,
      text: item.text,
      grams: item.grams,
      bowl: role,
      zero,
      scaleId,
      resolution_g: scale?.resolution_g ?? 1,
      running_g,
      stays:
        role === 'wet' ||
        (role === 'dry' && at > 0 && ['leavening', 'salt', 'flavour', 'yeast', 'acid'].includes(item.ingredient?.role ?? '')),
      isSeparated: isSeparated(lift) && item.ingredient?.can.eggPart === 'whole',
      inCup,
      lookAlike: item.ingredient?.can.takenFor ?? null,
      cautions: item.ingredient?.role === 'egg' ? ['raw-egg'] : role === 'dry' && item.ingredient?.role === 'flour' ? ['raw-flour'] : [],
    };
  });
};

/** What is done after the rest: the same day it is the last work here, after a night it is the morning's. */
const laterWork = (making: readonly Made[], bowls: readonly BowlRole[]): WorkStep[] => {
  const later = making.filter(({ stage }) => stage === 'later');
  const said = toldByActs(later, new Set(['later'])).get('later');
  const isMorning = later.some(({ act }) => act.day === 'morning');
  if (isMorning) return bowls.includes('later') ? [work('keep-for-morning', 'later', null)] : [];
  return said === undefined ? [] : [{ ...work('after-the-rest', 'wet', said.seconds), told: said.words }];
};

/** The stage that each work belongs to. */
const STAGE_OF: Readonly<Partial<Record<Code, Stage>>> = {
  'separate-eggs': 'crack',
  melt: 'melt',
  'warm-wet': 'melt',
  'whisk-dry': 'dry',
  'whisk-wet': 'wet',
  'whip-whites': 'foam',
  'whip-warm': 'foam',
  'whip-whole': 'foam',
  froth: 'foam',
  combine: 'together',
  'mix-low': 'together',
  'beat-smooth': 'together',
  fold: 'fold',
  sieve: 'sieve',
  chill: 'rest',
  'cover-rise': 'rest',
};
/** Stages that end a batter: a recipe that has them although its lift hasn't gets them at the end. */
const LAST: readonly Stage[] = ['sieve', 'rest'];

/** The recipe's own words in place of the usual ones, each once; what it says beyond them comes last. */
const inTheirWords = (steps: readonly Step[], making: readonly Made[]): Step[] => {
  const stageOf = (step: Step): Stage | undefined => (step.kind === 'work' ? STAGE_OF[step.code] : undefined);
  const has = new Set(steps.map(stageOf).filter((stage) => stage !== undefined));
  const told = toldByActs(making, has);
  const used = new Set<Stage>();
  const own = steps.map((step): Step => {
    const stage = stageOf(step);
    const said = stage === undefined || used.has(stage) ? undefined : told.get(stage);
    if (step.kind !== 'work' || stage === undefined || said === undefined) return step;
    used.add(stage);
    return { ...step, told: said.words, seconds: said.seconds ?? step.seconds };
  });
  const more = LAST.flatMap((stage) => {
    const said = told.get(stage);
    return said === undefined || used.has(stage)
      ? []
      : [{ ...work(stage === 'rest' ? 'chill' : 'sieve-own', 'wet', said.seconds), told: said.words }];
  });
  return [...own, ...more];
};

/** What is to be done in a bowl; `seconds`: how long it usually takes. */
const work = <C extends Code>(code: C, bowl: BowlRole, seconds: number | null, ...fields: FieldsOf<C>): WorkStep =>
  ({ ...coded(code, ...fields), kind: 'work', id: `work/${code}`, bowl, seconds, told: null }) as WorkStep;

const eggsIn = (items: readonly Item[]): number =>
  Math.round(sum(items.filter((item) => item.ingredient?.can.eggPart === 'whole').map((item) => item.grams)) / (50 * WHITE_SHARE));

/** What is done in a bowl once everything is in (*common practice*). */
const afterBowl = (role: BowlRole, lift: Lift, grams: number): WorkStep[] => {
  if (role === 'melt' && lift === 'yeasted') return [work('warm-wet', 'melt', 300), work('cool-wet', 'melt', 330)];
  if (role === 'melt') return [work('melt', 'melt', 180)];
  if (role === 'dry') return [work('whisk-dry', 'dry', 30)];
  if (role === 'wet') return [work('whisk-wet', 'wet', 45)];
  if (role === 'foam') {
    if (lift === 'folded') return [work('whip-whites', 'foam', 150)];
    if (lift === 'ribbon') return [work('whip-warm', 'foam', 300)];
    if (lift === 'frothed') return [work('froth', 'foam', 90)];
    return [work('whip-whole', 'foam', 180)];
  }
  return role === 'top' ? [work('keep-for-plate', 'top', null, { grams: Math.round(grams) })] : [];
};

/** Share of an egg-rich batter that stays on sieve and whisk (*common practice*). */
export const SIEVE_LOSS = 0.015;

const together = (lift: Lift, bowls: readonly BowlRole[]): WorkStep[] => {
  const melted = bowls.includes('melt') ? [work('fat-into-wet', 'wet', null)] : [];
  if (lift === 'rested')
    return [
      ...melted,
      work('mix-low', 'wet', 150),
      work('sieve', 'wet', null, { loss_percent: 100 * SIEVE_LOSS }),
      work('chill', 'wet', 3600),
    ];
  if (lift === 'yeasted') return [work('warm-into-dry', 'dry', null), work('beat-smooth', 'dry', 120), work('cover-rise', 'dry', null)];
  const combined = [...melted, work('combine', 'wet', 30)];
  return bowls.includes('foam') ? [...combined, work('fold', 'foam', 60)] : combined;
};
