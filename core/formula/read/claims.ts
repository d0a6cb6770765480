import { fahrenheitToCelsius, CUP_STANDARDS } from '../../basis/index.ts';
import type { CupStandardId } from '../../basis/index.ts';
import type { Token } from './quantity.ts';
import { DECLARED, labelIn } from './label.ts';
import { Reader, tokenize } from './quantity.ts';

/** What a written recipe says beside its amounts. Kept as claims: compared with the computation, never taken for it. */
export type Claim = {
  readonly kind:
    | 'dose_mL'
    | 'dose_g'
    | 'cook_s'
    | 'setting_C'
    | 'dial'
    | 'preheat_s'
    | 'rest_s'
    | 'chill_s'
    | 'work_s'
    /** Held warm, or kept: of batter or of what came out. */
    | 'keep_s'
    | 'oven_C'
    | 'oven_s'
    | 'pieces'
    /** Of a piece, as a label says. */
    | 'energy_kcal'
    | 'fat_g'
    | 'protein_g'
    | 'carbohydrate_g';
  readonly low: number;
  readonly high: number;
  /** "About", "or until golden", "or so": not meant exactly. */
  readonly loose: boolean;
  /** The words it was read from. */
  readonly text: string;
  /** Of the step it stands in; null: the yield. */
  readonly step: number | null;
};

const UNIT_S: Readonly<Record<string, number>> = {
  second: 1,
  sec: 1,
  s: 1,
  minute: 60,
  min: 60,
  m: 60,
  hour: 3600,
  hr: 3600,
  h: 3600,
  night: 36_000,
  day: 86_400,
  week: 604_800,
  month: 2_629_800,
};
const secondsPer = (word: string | null): number | undefined =>
  word === null ? undefined : (UNIT_S[word] ?? UNIT_S[word.replace(/s$/, '')]);
/** A night in the cold, s (*common practice*: 8 to 14 hours). */
const NIGHT_S = [8 * 3600, 14 * 3600] as const;

type Time = { readonly low: number; readonly high: number; readonly from: number; readonly to: number };

/** Words between a number and its unit, and between an hour and the rest of it. */
const BETWEEN: ReadonlySet<string> = new Set(['more', 'full', 'good', 'another', 'extra', 'whole']);

/** "2 1/2 minutes", "three to five minutes", "half an hour", "a minute and a half", "2 minutes 30 seconds", "overnight", with where they stand among the tokens. */
const timesAmong = (tokens: readonly Token[]): Time[] => {
  const reader = new Reader(tokens);
  const found: Time[] = [];
  while (reader.peek() !== undefined) {
    const from = reader.position;
    if (reader.word() === 'overnight') {
      reader.position++;
      found.push({ low: NIGHT_S[0], high: NIGHT_S[1], from, to: reader.position });
      continue;
    }
    const quantity = reader.quantity();
    if (quantity === null) {
      reader.position = from + 1;
      continue;
    }
    while (BETWEEN.has(reader.word() ?? '')) reader.position++;
    // "a quarter of an hour", "half an hour"
    if (reader.word() === 'of') reader.position++;
    if (['a', 'an'].includes(reader.word() ?? '') && secondsPer(reader.word(1)) !== undefined) reader.position++;
    if (reader.isMark('-') && secondsPer(reader.word(1)) !== undefined) reader.position++;
    const per = secondsPer(reader.word());
    if (per === undefined) {
      reader.position = from + 1;
      continue;
    }
    reader.position++;
    const rest = restOfTime(reader, per);
    found.push({ low: quantity.low * per + rest, high: quantity.high * per + rest, from, to: reader.position });
  }
  return found;
};

/** What follows a unit: "and a half", or a smaller unit. */
const restOfTime = (reader: Reader, per: number): number => {
  const start = reader.position;
  if (reader.word() === 'and') reader.position++;
  const quantity = reader.quantity();
  const smaller = secondsPer(reader.word());
  if (quantity !== null && smaller !== undefined && smaller < per) {
    reader.position++;
    return quantity.low * smaller;
  }
  // "a minute and a half": the half is of the unit itself.
  if (
    quantity !== null &&
    quantity.low < 1 &&
    start !== reader.position &&
    smaller === undefined &&
    /^(?:half|quarter)$/.test(reader.word(-1) ?? '')
  )
    return quantity.low * per;
  reader.position = start;
  return 0;
};

const KEEP_WORDS = /\b(?:keeps?|lasts?|stor(?:e|es|ed)|hold|held|holding|airtight|good for|freez\w*|leftovers?)\b/gi;
const CHILL_WORDS = /\b(?:chill\w*|refrigerat\w*|fridge|in the cold)\b/gi;
const REST_WORDS =
  /\b(?:rests?|resting|(?<!ribbon )stands?|rise|ferment|(?<!until )cools?|cover|sit|soak|wait|leave|left|hydrate|while the iron heats)\b/gi;
const PREHEAT_WORDS =
  /\b(?:pre-?heat\w*|(?:heat|warm)(?: up)? (?:the |your |a |both |up )*(?:\w+ )?(?:iron|pan|plates?|waffle ?(?:maker|iron)|maker)|heat (?:the )?(?:iron|pan))\b/gi;
const COOK_WORDS =
  /\b(?:cook\w*|bakes?|baking|fry|toast|close[sd]?|lid|press|golden|crisp|steam\w*|a side|each side|per side|until done|(?<!the )iron at)\b/gi;
const WORK_WORDS =
  /\b(?:whisk\w*|beat\w*|whip\w*|mix|stir\w*|knead\w*|blend(?! of)|froth\w*|sieve|fold\w*|peaks|melt\w*|brown the butter)\b/gi;
const OVEN = /\boven\b/i;

type TimeKind = 'keep_s' | 'chill_s' | 'rest_s' | 'preheat_s' | 'cook_s' | 'work_s';
const TIME_KINDS: readonly (readonly [TimeKind, RegExp])[] = [
  ['keep_s', KEEP_WORDS],
  ['chill_s', CHILL_WORDS],
  ['rest_s', REST_WORDS],
  ['preheat_s', PREHEAT_WORDS],
  ['cook_s', COOK_WORDS],
  ['work_s', WORK_WORDS],
];
const LONG_S = 3 * 3600;
const DAY_S = 86_400;
/** Nothing is cooked between two plates for longer, nor shorter. */
const COOKED_S = { least: 10, most: 25 * 60 } as const;

/** Which work a time belongs to: the nearest word before it, or else behind it. */
const kindOfTime = (sentence: string, at: number, { low }: Pick<Time, 'low'>, isNight: boolean): TimeKind | 'oven_s' => {
  const nearest = TIME_KINDS.map(([kind, words]) => {
    const places = [...sentence.matchAll(words)].map(({ index }) => index);
    const before = places.filter((place) => place < at).at(-1);
    const after = places.find((place) => place >= at);
    // A word before it counts before one behind it.
    return { kind, distance: before !== undefined ? at - before : after !== undefined ? 400 + after - at : Infinity };
  });
  const of = (kind: TimeKind): number => nearest.find((n) => n.kind === kind)?.distance ?? Infinity;
  const isCold = of('chill_s') < Infinity;
  if (of('keep_s') < Infinity && (low >= DAY_S || OVEN.test(sentence) || of('cook_s') > of('keep_s')) && !isNight) return 'keep_s';
  if (isNight || low >= LONG_S) return isCold ? 'chill_s' : 'rest_s';
  if (isCold && of('cook_s') > 400) return 'chill_s';
  if (OVEN.test(sentence)) return 'oven_s';
  const [best] = [...nearest].sort((a, b) => a.distance - b.distance);
  if (best === undefined || best.distance === Infinity) return /\b(?:iron|plates?|mould|mold)\b/i.test(sentence) ? 'cook_s' : 'work_s';
  if (best.kind === 'cook_s' && (low > COOKED_S.most || low < COOKED_S.least)) return 'rest_s';
  return best.kind;
};

const LOOSE = /\b(?:about|around|roughly|approx\w*|or so|or until|until|some|ca)\b/i;

const timesIn = (sentence: string, step: number): Claim[] => {
  const tokens = tokenize(sentence);
  // Where each token stands among the letters, to measure how near a word is.
  const plain = tokens.map((token) => (token.kind === 'number' ? String(token.value) : token.text));
  const offsets: number[] = [];
  let length = 0;
  for (const word of plain) {
    offsets.push(length);
    length += word.length + 1;
  }
  const joined = plain.join(' ');
  return timesAmong(tokens).map(({ low, high, from, to }): Claim => {
    const isNight = tokens[from]?.kind === 'word' && plain[from]?.toLowerCase() === 'overnight';
    const text = plain.slice(from, to).join(' ');
    const around = plain.slice(Math.max(0, from - 2), to + 3).join(' ');
    return { kind: kindOfTime(joined, offsets[from] ?? 0, { low }, isNight), low, high, loose: isNight || LOOSE.test(around), text, step };
  });
};

const DIAL_WORD = String.raw`(?:setting|dial|mark|level|position|number)`;
const DIAL_NUMBER = String.raw`(\d(?:[.,]\d)?(?:\s*(?:1\/2|½))?)`;
const DIAL_BEFORE = new RegExp(String.raw`\b${DIAL_WORD}\s*(?:of|at|to|on)?\s*${DIAL_NUMBER}(?:\s*(?:-|–|to|out of)\s*(\d))?`, 'i');
const DIAL_BEHIND = new RegExp(String.raw`${DIAL_NUMBER}\s*(?:(?:-|–|to)\s*(\d)\s*)?on the (?:dial|scale|knob)`, 'i');
const dialNumber = (text: string): number => {
  const half = /(?:1\/2|½)$/.test(text) ? 0.5 : 0;
  return Number(text.replace(/\s*(?:1\/2|½)$/, '').replace(',', '.')) + half;
};

const settingsIn = (sentence: string, step: number): Claim[] => {
  const found: Claim[] = [];
  const loose = LOOSE.test(sentence);
  for (const [text, first, second, unit, letter] of sentence.matchAll(
    /\b(\d{2,3})\s*(?:°\s*)?(?:(?:-|–|to)\s*(\d{2,3})\s*)?(?:(?:°|º|degrees?\b)\s*([CF])?\b|([CF])\b)/gi,
  )) {
    const raw = [Number(first), Number(second ?? first)];
    const scale = (unit ?? letter)?.toUpperCase();
    // No letter: above 260 nobody means Celsius at an iron.
    const isF = scale === 'F' || (scale === undefined && (raw[0] ?? 0) > 260);
    const [low = 0, high = 0] = raw.map((value) => (isF ? fahrenheitToCelsius(value) : value));
    found.push({ kind: OVEN.test(sentence) ? 'oven_C' : 'setting_C', low, high, loose, text, step });
  }
  const dial = DIAL_BEHIND.exec(sentence) ?? DIAL_BEFORE.exec(sentence);
  if (dial !== null && found.length === 0) {
    const low = dialNumber(dial[1] ?? '');
    const high = dial[2] === undefined || /out of/i.test(dial[0]) ? low : Number(dial[2]);
    found.push({ kind: 'dial', low, high, loose, text: dial[0], step });
  }
  return found;
};

const DOSE_WORDS =
  /\b(?:batter|(?:per|each|a) (?:\w+ )?(?:waffle|plate|mould|mold|piece|square)|each (?:waffle|plate|mould|mold)|(?:in|on)to (?:the|each) (?:\w+ )?(?:iron|plate|mould|mold|pan|cavity|square|cent(?:re|er)|middle))\b/i;
const DOSE_VERBS = /\b(?:pour|ladle|spoon|scoop|use|put|drop|fill|about|spread|add|with|per|place|bake)\b/i;
/** Who eats so much at once isn't filling an iron. */
const MOST_DOSE = { mL: 900, g: 900 } as const;

const dosesIn = (sentence: string, step: number, cup: CupStandardId): Claim[] => {
  if (!DOSE_WORDS.test(sentence) || !DOSE_VERBS.test(sentence)) return [];
  const reader = new Reader(tokenize(sentence));
  while (reader.peek() !== undefined) {
    const start = reader.position;
    const amount = reader.amount();
    if (amount !== null && (amount.unit?.kind === 'volume' || amount.unit?.kind === 'mass')) {
      const isMass = amount.unit.kind === 'mass';
      const per = amount.unit.kind === 'mass' ? amount.unit.grams : amount.unit.mL(CUP_STANDARDS[cup]);
      const full = amount.fullness ?? 1;
      const ends = [amount.quantity.low * per, amount.quantity.high * per].flatMap((value) => [value, value * full]);
      const [low, high] = [Math.min(...ends), Math.max(...ends)];
      // "At 200C" is no two hundred cups.
      if (high > MOST_DOSE[isMass ? 'g' : 'mL']) continue;
      return [{ kind: isMass ? 'dose_g' : 'dose_mL', low, high, loose: LOOSE.test(sentence), text: sentence.slice(0, 80), step }];
    }
    reader.position = start + 1;
  }
  return [];
};

const COUNT = String.raw`(\d{1,3})(?:\s*(?:-|–|to|or)\s*(\d{1,3}))?\s*(dozen)?\b`;
const MADE = new RegExp(
  String.raw`\b(?:makes?|yields?|gives?|for)\b[^\d]{0,14}${COUNT}(?!\s*(?:min|sec|hour|people|persons?|guests?|°|g\b|ml\b))`,
  'i',
);
const BARE = new RegExp(String.raw`^\D{0,14}${COUNT}`, 'i');

const piecesIn = (text: string, step: number | null): Claim[] => {
  const match = MADE.exec(text) ?? (step === null && !/serv|people|persons|guests/i.test(text) ? BARE.exec(text) : null);
  return match === null ? [] : [piecesClaim(match, step, LOOSE.test(text))];
};

const piecesClaim = (match: RegExpExecArray, step: number | null, loose: boolean): Claim => {
  const times = match[3] === undefined ? 1 : 12;
  const low = Number(match[1]) * times;
  return { kind: 'pieces', low, high: match[2] === undefined ? low : Number(match[2]) * times, loose, text: match[0], step };
};

/** Longer steps are stories; only their beginning is read for claims. */
const LONGEST_STEP = 600;

/** At a full stop that ends something, not in a number or behind a short word ("approx. 3 min."). */
const sentencesOf = (text: string): string[] => text.split(/(?<=[\p{L}\d)]{2}[.!?;])\s+(?=[\p{Lu}\d½¼¾])/u);

/** Claims in the steps and the yield as written: dose, time on the iron, setting, rest, work, pieces. */
export const claimsOf = (steps: readonly string[], yieldHint: string | null, cup: CupStandardId = 'us'): Claim[] => [
  ...(yieldHint === null ? [] : piecesIn(yieldHint.slice(0, 200), null)),
  ...steps.flatMap((whole, step) => {
    if (whole.startsWith(DECLARED))
      return labelIn(whole.slice(0, LONGEST_STEP)).map(({ kind, value, text }): Claim => ({
        kind,
        low: value,
        high: value,
        loose: false,
        text,
        step,
      }));
    // Each sentence for itself: the oven of one isn't the iron of the next.
    return sentencesOf(whole.slice(0, LONGEST_STEP)).flatMap((sentence) => [
      ...dosesIn(sentence, step, cup),
      ...timesIn(sentence, step),
      ...settingsIn(sentence, step),
      ...(/\bmakes?\b/i.test(sentence) ? piecesIn(sentence, step) : []),
    ]);
  }),
];

const OF_BATTER = /\b(?:batter|dough|mixture)\b/i;
const NOT_BATTER = /\b(?:waffles?|wafers?|pizzelle|pieces?|cooked|baked|freez\w*|frozen)\b/i;
const AT_MOST = /\b(?:up to|at most|no(?:t)? (?:more|longer) than|within|maximum)\b/i;

/** How long batter keeps in the cold by the recipe's own word, h, the strictest of what it says; null: it says nothing. */
export const batterKeeps_h = (steps: readonly string[]): number | null => {
  const said = steps.flatMap((whole, step) =>
    sentencesOf(whole.slice(0, LONGEST_STEP))
      .filter((sentence) => OF_BATTER.test(sentence) && !NOT_BATTER.test(sentence))
      .flatMap((sentence) =>
        timesIn(sentence, step).filter(({ kind }) => kind === 'keep_s' || (kind === 'chill_s' && AT_MOST.test(sentence))),
      ),
  );
  return said.length === 0 ? null : Math.min(...said.map(({ low }) => low)) / 3600;
};

/** What the computation says to the same questions. */
export type Reckoned = {
  /** Of one mould, poured. */
  readonly dose_mL: number;
  readonly dose_g: number;
  readonly cook_s: readonly [from: number, to: number];
  readonly setting_C: number;
  readonly dial: number | null;
  readonly pieces: number;
  /** What the whole bowl brings, and the batter of one piece, share of it; null: not known. */
  readonly bowl: Readonly<Record<'energy_kcal' | 'fat_g' | 'protein_g' | 'carbohydrate_g', number>> | null;
  readonly pieceShare: number;
};

export type ComparedClaim = {
  readonly claim: Claim;
  /** Reckoned over claimed, from its nearer end: 1 agrees; null: nothing to compare with. */
  readonly ratio: number | null;
  readonly verdict: 'agrees' | 'near' | 'differs' | 'kept';
};

/** Off by less agrees; off by more differs (*calibrated to common practice*: recipes are written for somebody else's iron). */
const NEAR = 0.15;
const FAR = 0.4;
const LOOSELY = 1.5;

const nearest = (low: number, high: number, from: number, to: number): number => (to < low ? to / low : from > high ? from / high : 1);

/** Each claim beside what was reckoned for this iron; null: nothing was. A label speaks of the recipe's own pieces where it says how many it makes. */
export const compareClaims = (claims: readonly Claim[], r: Reckoned | null): ComparedClaim[] => {
  const made = claims.find(({ kind, step }) => kind === 'pieces' && step === null) ?? claims.find(({ kind }) => kind === 'pieces');
  return claims.map((claim) => {
    if (r === null) return { claim, ratio: null, verdict: 'kept' };
    const { kind, low, high } = claim;
    const against: Partial<Record<Claim['kind'], readonly [number, number] | null>> = {
      dose_mL: [r.dose_mL, r.dose_mL],
      dose_g: [r.dose_g, r.dose_g],
      cook_s: r.cook_s,
      // Of a temperature, the rise over the room counts.
      setting_C: [r.setting_C, r.setting_C],
      dial: r.dial === null ? null : [r.dial, r.dial],
      pieces: [r.pieces, r.pieces],
      ...ofPiece(r, made === undefined ? [r.pieceShare, r.pieceShare] : [1 / made.high, 1 / made.low]),
    };
    const span = against[kind];
    if (span == null || low <= 0) return { claim, ratio: null, verdict: 'kept' };
    const ratio = kind === 'setting_C' ? nearest(low - 20, high - 20, span[0] - 20, span[1] - 20) : nearest(low, high, span[0], span[1]);
    // What wasn't meant exactly is compared less strictly.
    const off = Math.abs(Math.log(ratio)) / (claim.loose ? LOOSELY : 1);
    // A time agrees only where the piece is good by it: a little before, it isn't set.
    const agrees = kind === 'cook_s' ? ratio === 1 : off <= Math.log1p(NEAR);
    return { claim, ratio, verdict: agrees ? 'agrees' : off <= Math.log1p(FAR) ? 'near' : 'differs' };
  });
};

const ofPiece = (
  { bowl }: Reckoned,
  [least, most]: readonly [number, number],
): Partial<Record<Claim['kind'], readonly [number, number]>> =>
  bowl === null ? {} : Object.fromEntries(LABELLED.map((kind) => [kind, [least * bowl[kind], most * bowl[kind]] as const]));
const LABELLED = ['energy_kcal', 'fat_g', 'protein_g', 'carbohydrate_g'] as const;
