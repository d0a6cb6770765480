import type { Code, Coded, CupStandard, CupStandardId, FieldsOf } from '../../basis/index.ts';
import { coded, CUP_STANDARDS, ML_PER_US_CUP } from '../../basis/index.ts';
import type { Climate, Ingredient } from '../../matter/index.ts';
import { matchIngredient } from './match.ts';
import type { Amount, NumberDoubt, Token } from './quantity.ts';
import { Reader, tokenize } from './quantity.ts';
import { unitOf } from './words.ts';

export type LineStatus = 'read' | 'assumed' | 'unresolved';

/** How a line was understood: a code with fields; the first is the main one. */
export type How = Coded;

/** A written line, understood as far as it goes. Nothing is dropped: the text stays. */
export type ReadLine = {
  readonly text: string;
  readonly status: LineStatus;
  readonly ingredientId: string | null;
  /** The ingredient itself: the table's, or the cook's own. */
  readonly ingredient: Ingredient | null;
  readonly grams: number | null;
  /** From the least to the most the words can mean; null without grams. */
  readonly gramsRange: readonly [low: number, high: number] | null;
  readonly how: readonly How[];
  /** What was said about preparing it that changes the lift. */
  readonly prep: { readonly separated: boolean; readonly whipped: boolean };
};

export type ReadSettings = {
  readonly cupStandard: CupStandardId;
  /** Grams of wheat flour in the chosen cup's US equivalent; other flours follow in proportion. */
  readonly flourPerUsCup_g: number;
  /** Whose size classes eggs are sold by; absent: the US's. */
  readonly eggMarket?: 'us' | 'eu';
  /** Flour holds more or less water by the air it lies in; absent: usual. */
  readonly climate?: Climate;
  /** Ingredients of the cook's own; their names come first. */
  readonly own?: readonly Ingredient[];
};

export const DEFAULT_READ_SETTINGS: ReadSettings = { cupStandard: 'us', flourPerUsCup_g: 125 };

/** Measures that everybody cuts differently. */
const BY_EYE: ReadonlySet<string> = new Set(['knob', 'pat']);

/** Longer lines aren't ingredients; they are kept, marked and not parsed. */
export const LONGEST_LINE = 300;
/** More than two sacks of flour in one line is a slip of the pen. */
const MOST_LINE_G = 60_000;
/** A cup that is spooned differently from the usual moves the other flours in the same proportion. */
const USUAL_FLOUR_CUP_G = 125;
/** Two amounts for the same thing may differ by this share before somebody has to decide. */
const CLASH_SHARE = 0.15;

type Weighed = {
  readonly low: number;
  readonly usual: number;
  readonly high: number;
  readonly how: readonly How[];
  readonly assumed: boolean;
};

const says = <C extends Code>(code: C, ...fields: FieldsOf<C>): How => coded(code, ...fields) as How;

/** `chosen`: the cook's own answer to what it is, in place of the words. */
export const readLine = (text: string, settings: ReadSettings = DEFAULT_READ_SETTINGS, chosen?: Ingredient): ReadLine => {
  const trimmed = text.trim();
  if (trimmed.length > LONGEST_LINE) return unresolved(trimmed, says('line-too-long', { longest: LONGEST_LINE }));
  const tokens = tokenize(inPlainOrder(trimmed.replace(/^(?:[-*•–·▢☐]|\[ ?\])\s*/u, '')));
  if (/^[-−][.,]?\d/.test(trimmed)) return unresolved(trimmed, says('amount-negative'));
  const doubt = doubtIn(tokens, trimmed);
  if (doubt !== null) return unclear(trimmed, doubt, settings, chosen);
  const two = chosen === undefined ? partsOfSum(trimmed, settings.own) : null;
  if (two !== null) return unresolved(trimmed, says('two-things', { first: two[0], second: two[1] }));
  const parts = splitAmounts(tokens);
  const match =
    chosen === undefined
      ? (matchIngredient(parts.before, settings.own) ?? matchIngredient([...parts.before, ...parts.after], settings.own))
      : { ingredient: chosen, ignored: [], alternatives: [], start: 0 };
  if (match === null) return withoutIngredient(trimmed, parts, settings);
  const whole = trimmed.toLowerCase();
  const prep = {
    separated: /\bseparated\b/.test(whole),
    whipped:
      /\b(whipped|beaten)\b.{0,20}\b(stiff|peaks?)\b|\bstiffly\b|\bstiff peaks?\b|\bwhipped\b/.test(whole) &&
      match.ingredient.role === 'egg',
  };
  const { ingredient } = match;
  if (parts.amounts.length === 0) {
    const code = /\bto taste\b|\bas needed\b/.test(whole) ? 'amount-to-taste' : 'amount-missing';
    return { ...unresolved(trimmed, says(code)), ingredientId: ingredient.id, ingredient, prep };
  }
  const siftedFirst = parts.before.slice(0, match.start + 1).some((word) => /^sifted|sieved$/i.test(word));
  const weighed = weighAll(parts, ingredient, settings, siftedFirst);
  if (weighed === null) return { ...unresolved(trimmed, says('unit-unknown')), ingredientId: ingredient.id, ingredient, prep };
  if (!(weighed.usual > 0) || weighed.usual > MOST_LINE_G)
    return { ...unresolved(trimmed, says('amount-absurd')), ingredientId: ingredient.id, ingredient, prep };
  const how = [...weighed.how];
  if (match.alternatives.length > 0) how.push(says('word-by-market', { taken: ingredient.id, other: match.alternatives.join(', ') }));
  if (match.ignored.length > 0) how.push(says('words-ignored', { words: match.ignored.slice(0, 6).join(' '), taken: ingredient.id }));
  const assumed = weighed.assumed || match.alternatives.length > 0 || match.ignored.length > 0;
  return {
    text: trimmed,
    status: assumed ? 'assumed' : 'read',
    ingredientId: ingredient.id,
    ingredient,
    grams: weighed.usual,
    gramsRange: [weighed.low, weighed.high],
    how,
    prep,
  };
};

/** Two numbers side by side that are no mixed number and no count of containers. */
const LEFT_OVER = /(?<![\d.,/])(\d+)\s+(\d+)(?![\d.,]*\/)(?![\d])/u;

/** The first number of a line that nobody can be sure of. */
const doubtIn = (tokens: readonly Token[], text: string): NumberDoubt | null => {
  for (const [i, token] of tokens.entries()) {
    if (token.kind !== 'number') continue;
    if (token.doubt !== undefined) return token.doubt;
    const next = tokens[i + 1];
    if (next?.kind !== 'number' || next.value < 1 || hasContainer(tokens)) continue;
    const [written, first = '', second = ''] = LEFT_OVER.exec(text) ?? [`${token.value} ${next.value}`];
    return { written, values: first === '' ? [] : [Number(first + second)] };
  }
  return null;
};

const hasContainer = (tokens: readonly Token[]): boolean =>
  tokens.some(
    (token) =>
      token.kind === 'word' && (token.text.toLowerCase() === 'x' || ['container', 'measure'].includes(unitOf(token.text)?.kind ?? '')),
  );

/** A number that could be several, or none: the line as each of them, for the cook to choose. What it is of is known all the same. */
const unclear = (text: string, { written, values }: NumberDoubt, settings: ReadSettings, chosen?: Ingredient): ReadLine => {
  const as = (value: number): string => {
    const digits = String(Number(value.toFixed(6)));
    // Three decimals look like thousands again.
    return text.replace(written, /\.\d{3}$/.test(digits) ? `${digits}0` : digits);
  };
  const readings = text.includes(written) ? values.map(as) : [];
  const ingredient = chosen ?? matchIngredient(wordsOf(text), settings.own)?.ingredient ?? null;
  const line = unresolved(text, says('number-unclear', { written, readings: readings.join('\n') }));
  return { ...line, ingredient, ingredientId: ingredient?.id ?? null };
};

const LINKS = /\s*(?:\+|\bplus\b|\band\b|&)\s*(?=(?:about |another )?(?:\d|[½⅓⅔¼¾⅛]|an?\b|one\b|two\b|three\b|four\b|half\b))/giu;

/** "1 egg + 1 yolk" is two things, each with its amount; "1 cup plus 2 tbsp flour" is one. Null: one thing, or not two that are known. */
const partsOfSum = (text: string, own?: readonly Ingredient[]): readonly [string, string] | null => {
  for (const link of text.matchAll(LINKS)) {
    const [first, second] = [text.slice(0, link.index).trim(), text.slice(link.index + link[0].length).trim()];
    // What stands in brackets says the same again.
    if (first.split('(').length !== first.split(')').length || !/\d|[½⅓⅔¼¾⅛]|^(?:an?|one|two|three|four|half)\b/iu.test(first)) continue;
    const [one, other] = [first, second].map((part) => matchIngredient(wordsOf(part), own)?.ingredient.id);
    if (one !== undefined && other !== undefined && one !== other) return [first, second];
  }
  return null;
};

/** A line that names several things, as one line for each. */
export const linesOfSum = (text: string): string[] => {
  const two = partsOfSum(text);
  return two === null ? [text] : [two[0], ...linesOfSum(two[1])];
};

const wordsOf = (text: string): readonly string[] => splitAmounts(tokenize(text)).before;

/** "The whites of 3 eggs" is three egg whites; "sugar for the whites" is sugar. */
const inPlainOrder = (line: string): string =>
  line
    .replace(/^(?:the\s+)?(white|yolk)s?\s+(?:of|from)\s+(\S+)\s+((?:small|medium|large|extra[ -]large)\s+)?eggs?\b/i, '$2 $3egg $1s')
    .replace(/[,\s]+(?:for|into)\s+the\s+(?:whites?|yolks?|foam|meringue|batter|dough|sponge)\s*$/i, '');

const unresolved = (text: string, how: How): ReadLine => ({
  text,
  status: 'unresolved',
  ingredientId: null,
  ingredient: null,
  grams: null,
  gramsRange: null,
  how: [how],
  prep: { separated: false, whipped: false },
});

/** "Dry:" parts the list; it is nothing to weigh and lacks no amount. */
export const isHeading = (line: Pick<ReadLine, 'how'>): boolean => line.how.some(({ code }) => code === 'heading');

/** An unknown thing: its weight counts when it was given as one, its make-up is asked for. */
const withoutIngredient = (text: string, parts: Parts, settings: ReadSettings): ReadLine => {
  const heading = parts.amounts.length === 0 && (/:\s*$/.test(text) || text === text.toUpperCase());
  const base = unresolved(text, says(heading ? 'heading' : 'ingredient-unknown'));
  // "1 (12 oz) can" has its weight in the brackets.
  if ((parts.each ?? parts.amounts[0])?.unit?.kind !== 'mass') return base;
  const weighed = weighAll(parts, null, settings, false);
  return weighed === null ? base : { ...base, grams: weighed.usual, gramsRange: [weighed.low, weighed.high] };
};

type Parts = {
  /** Amounts to be added up, with sign. */
  readonly amounts: readonly (Amount & { readonly sign: 1 | -1 })[];
  /** The same amount said in another way, in brackets or behind a slash. */
  readonly also: readonly Amount[];
  /** Size of one container: "1 (12 oz) can". */
  readonly each: Amount | null;
  /** Words before and after the first comma. */
  readonly before: readonly string[];
  readonly after: readonly string[];
};

/** "Stick of butter" is one of them. */
const withBareMeasure = (tokens: readonly Token[]): readonly Token[] => {
  const [first] = tokens;
  const unit = first?.kind === 'word' ? unitOf(first.text) : undefined;
  return unit?.kind === 'measure' || (unit?.kind === 'volume' && unit.rough === true) ? [{ kind: 'number', value: 1 }, ...tokens] : tokens;
};

/** "1 lb 2 oz" and "1 kg 200 g" are one weight in two units. */
const isSmallerPart = (previous: Amount, next: Amount): boolean =>
  previous.unit?.kind === 'mass' &&
  next.unit?.kind === 'mass' &&
  next.unit.grams < previous.unit.grams &&
  previous.quantity.low === previous.quantity.high;

/** Sorts a line into its amounts and its words. */
const splitAmounts = (written: readonly Token[]): Parts => {
  const tokens = withBareMeasure(written);
  const reader = new Reader(tokens);
  const amounts: (Amount & { sign: 1 | -1 })[] = [];
  const also: Amount[] = [];
  let each: Amount | null = null;
  const before: string[] = [];
  const after: string[] = [];
  let comma = false;
  let bracket = 0;
  let sign: 1 | -1 | null = 1;
  let other = false;
  while (reader.peek() !== undefined) {
    const token = reader.peek();
    if (token?.kind === 'mark') {
      if (token.text === '(' || token.text === '[') bracket++;
      else if (token.text === ')' || token.text === ']') bracket = Math.max(0, bracket - 1);
      else if (token.text === ',' || token.text === ';') comma = true;
      else if (token.text === '/' || token.text === '=') other = amounts.length > 0;
      else if (token.text === '+') sign = 1;
      reader.position++;
      continue;
    }
    const word = reader.word();
    if (word === 'plus' || (word === 'and' && amounts.length > 0 && reader.peek(1)?.kind === 'number')) sign = 1;
    else if ((word === 'minus' || word === 'less') && reader.peek(1)?.kind === 'number') sign = -1;
    else if (word === 'x' && reader.peek(1)?.kind === 'number') sign = null;
    const linked = ['plus', 'minus', 'less', 'x'].includes(word ?? '') || (word === 'and' && sign === 1);
    if (linked) {
      reader.position++;
      // "plus more for dusting" never goes into the bowl
      if (['extra', 'more'].includes(reader.word() ?? '')) break;
      continue;
    }
    // Bare words like "a" or "one" only count as a number where an amount may stand: first, or with a unit.
    const start = reader.position;
    const amount = reader.amount();
    if (amount !== null && acceptable(amount, token, amounts.length === 0 && (before.length === 0 || before.at(-1) === 'of'))) {
      const previous = amounts[amounts.length - 1];
      const containerNext = reader.peek()?.kind === 'word' && isContainer(reader);
      // "1 (12 oz) can" and "3 eggs (50 g each)" say what one holds; "3 eggs (150 g)" what all weigh.
      const isOfOne =
        previous !== undefined && (previous.unit === null || (previous.unit.kind === 'container' && amount.unit?.kind === 'mass'));
      if (bracket > 0 && isOfOne && (before.length === 0 || reader.word() === 'each')) each = amount;
      else if (
        bracket === 0 &&
        previous !== undefined &&
        previous.unit === null &&
        amount.unit?.kind === 'mass' &&
        (sign === null || containerNext)
      )
        each = amount;
      else if ((bracket > 0 || other) && amounts.length > 0) also.push(amount);
      else if (bracket === 0 && before.length === 0 && previous !== undefined && isSmallerPart(previous, amount))
        amounts.push({ ...amount, sign: previous.sign });
      else if (amounts.length > 0 && sign === 1 && !justLinked(tokens, start)) also.push(amount);
      else amounts.push({ ...amount, sign: sign === -1 ? -1 : 1 });
      sign = 1;
      other = false;
      continue;
    }
    reader.position = start;
    const text = token?.kind === 'word' ? token.text : '';
    if (text !== '' && !(isContainer(reader) && amounts.length > 0)) (comma || bracket > 0 ? after : before).push(text);
    reader.position++;
  }
  return { amounts, also, each, before, after };
};

const isContainer = (reader: Reader): boolean =>
  ['can', 'cans', 'tin', 'tins', 'jar', 'carton', 'bottle', 'box', 'pack', 'bag', 'tub', 'container'].includes(reader.word() ?? '');

/** True when the amount that starts at `start` is tied to the one before by "plus", "and", "+", "minus". */
const justLinked = (tokens: readonly Token[], start: number): boolean => {
  const previous = tokens[start - 1];
  if (previous === undefined) return false;
  return previous.kind === 'word'
    ? ['plus', 'and', 'minus', 'less'].includes(previous.text.toLowerCase())
    : previous.kind === 'mark' && previous.text === '+';
};

const acceptable = (amount: Amount, first: Token | undefined, leads: boolean): boolean =>
  first?.kind === 'number' || amount.unit !== null || leads;

const weighAll = (parts: Parts, ingredient: Ingredient | null, settings: ReadSettings, sifted: boolean): Weighed | null => {
  const standard = CUP_STANDARDS[settings.cupStandard];
  let total: Weighed = { low: 0, usual: 0, high: 0, how: [], assumed: false };
  for (const amount of parts.amounts) {
    const one =
      parts.each !== null && (amount.unit === null || amount.unit.kind === 'container')
        ? times(weigh(parts.each, ingredient, settings, standard, sifted), amount)
        : weigh(amount, ingredient, settings, standard, sifted);
    if (one === null) return inOtherWords(parts, ingredient, settings, standard);
    total = {
      low: total.low + amount.sign * one.low,
      usual: total.usual + amount.sign * one.usual,
      high: total.high + amount.sign * one.high,
      how: mergeHow(total.how, one.how),
      assumed: total.assumed || one.assumed,
    };
  }
  return compare(total, parts.also, ingredient, settings, standard);
};

/** A unit that says nothing of this ingredient ("1 sachet"), with its weight beside it. */
const inOtherWords = (parts: Parts, ingredient: Ingredient | null, settings: ReadSettings, standard: CupStandard): Weighed | null => {
  const weight = parts.amounts.length === 1 ? parts.also.find(({ unit }) => unit?.kind === 'mass') : undefined;
  const found = weight === undefined ? null : weigh(weight, ingredient, settings, standard, false);
  return found === null ? null : { ...found, how: [says('weight-in-brackets')] };
};

const mergeHow = (a: readonly How[], b: readonly How[]): How[] => [...a, ...b.filter((x) => !a.some((y) => y.code === x.code))];

/** Another amount for the same thing: a weight beats a volume; a clash is kept, shown and asked. */
const compare = (
  said: Weighed,
  also: readonly Amount[],
  ingredient: Ingredient | null,
  settings: ReadSettings,
  standard: CupStandard,
): Weighed => {
  for (const amount of also) {
    const other = weigh(amount, ingredient, settings, standard, false);
    if (other === null || other.usual <= 0) continue;
    const clash = other.usual < said.low * (1 - CLASH_SHARE) || other.usual > said.high * (1 + CLASH_SHARE);
    if (clash)
      return {
        ...said,
        low: Math.min(said.low, other.low),
        high: Math.max(said.high, other.high),
        how: [...said.how, says('amounts-clash', { first_g: round(said.usual), second_g: round(other.usual) })],
        assumed: true,
      };
    if (amount.unit?.kind === 'mass')
      return { ...other, how: [says('weight-in-brackets')], assumed: said.assumed && said.how.some((h) => h.code === 'range-undecided') };
  }
  return said;
};

const round = (grams: number): number => Math.round(grams * 10) / 10;

const times = (one: Weighed | null, count: Amount): Weighed | null =>
  one === null
    ? null
    : {
        ...one,
        low: one.low * count.quantity.low,
        usual: (one.usual * (count.quantity.low + count.quantity.high)) / 2,
        high: one.high * count.quantity.high,
        how: [says('container'), ...one.how],
      };

/** Grams of one amount, or null when its unit says nothing about this ingredient. */
const weigh = (
  amount: Amount,
  ingredient: Ingredient | null,
  settings: ReadSettings,
  standard: CupStandard,
  sifted: boolean,
): Weighed | null => {
  const per = perUnit(amount, ingredient, settings, standard, sifted);
  if (per === null) return null;
  const { low, high } = amount.quantity;
  const factor = amount.fullness ?? 1;
  const isRange = high > low;
  const how = [...per.how];
  if (isRange) how.push(says('range-undecided', { low, high }));
  if (factor !== 1) how.push(says('spoon-not-level', { factor }));
  return {
    low: low * per.low * Math.min(1, factor),
    usual: ((low + high) / 2) * per.usual * factor,
    high: high * per.high * (factor === 1 ? 1 : Math.max(1, factor * 1.05)),
    how,
    assumed: per.assumed || isRange || factor !== 1,
  };
};

const exactly = (grams: number, how: How, assumed = false): Weighed => ({ low: grams, usual: grams, high: grams, how: [how], assumed });

const perUnit = (
  amount: Amount,
  ingredient: Ingredient | null,
  settings: ReadSettings,
  standard: CupStandard,
  sifted: boolean,
): Weighed | null => {
  const { unit } = amount;
  if (unit?.kind === 'mass') return exactly(unit.grams, says('weighed'));
  if (ingredient === null) return null;
  if (unit?.kind === 'volume') {
    const mL = unit.mL(standard);
    if (unit.rough === true) return rough(mL, ingredient);
    return byVolume(mL, ingredient, settings, sifted);
  }
  if (unit?.kind === 'measure') {
    const grams = ingredient.measures[unit.name];
    return grams === undefined
      ? null
      : exactly(grams, says('household-measure', { measure: unit.name, each_g: grams }), BY_EYE.has(unit.name));
  }
  return byCount(amount, ingredient, settings.eggMarket ?? 'us');
};

const rough = (mL: number, ingredient: Ingredient): Weighed | null => {
  if (ingredient.density_gPerML === null) return null;
  const grams = mL * ingredient.density_gPerML;
  return { low: grams / 2, usual: grams, high: grams * 2, how: [says('rough-measure', { grams: round(grams) })], assumed: true };
};

const byVolume = (mL: number, ingredient: Ingredient, settings: ReadSettings, sifted: boolean): Weighed | null => {
  const band = ingredient.cup_g;
  if (band === undefined) {
    if (ingredient.density_gPerML === null) return null;
    return exactly(mL * ingredient.density_gPerML, says('by-density', { density: ingredient.density_gPerML }));
  }
  const cups = mL / ML_PER_US_CUP;
  const spoon = ingredient.role === 'flour' ? settings.flourPerUsCup_g / USUAL_FLOUR_CUP_G : 1;
  const usual = sifted && band.sifted !== undefined ? band.sifted : band.usual * spoon;
  const low = Math.min(band.low, usual);
  // Sifted first, the cup can't be packed any more.
  const high = sifted && band.sifted !== undefined ? Math.min(band.high, band.usual) : Math.max(band.high, usual);
  const code = sifted ? 'cup-sifted' : 'cup-by-hand';
  return {
    low: cups * low,
    usual: cups * usual,
    high: cups * high,
    how: [says(code, { cup_g: round(usual), low_g: round(low), high_g: round(high) })],
    assumed: false,
  };
};

const SPOONS: ReadonlySet<string> = new Set(['tsp', 'tbsp', 'cup', 'packet']);

const byCount = (amount: Amount, ingredient: Ingredient, market: 'us' | 'eu'): Weighed | null => {
  const { measures } = ingredient;
  const sized = (size: string): number | undefined => (market === 'eu' ? (measures[`eu ${size}`] ?? measures[size]) : measures[size]);
  const named = amount.size === null ? undefined : sized(amount.size);
  if (named !== undefined) return exactly(named, says('by-size', { size: amount.size ?? '', each_g: named }));
  // One salt is no spoon of it: only what is counted has a size.
  const each = sized('each') ?? Object.entries(measures).find(([name]) => !SPOONS.has(name))?.[1];
  if (each === undefined || (amount.unit !== null && amount.unit.kind === 'container')) return null;
  return exactly(each, says('size-assumed', { each_g: each }), true);
};

/** The ingredient of a line, if it was recognised. */
export const ingredientOf = (line: Pick<ReadLine, 'ingredient'>): Ingredient | undefined => line.ingredient ?? undefined;
