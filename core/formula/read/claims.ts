import { fahrenheitToCelsius, CUP_STANDARDS } from '../../basis/index.ts';
import type { CupStandardId } from '../../basis/index.ts';
import { Reader, tokenize } from './quantity.ts';

/** What a written recipe says beside its amounts. Kept as claims: compared with the computation, never taken for it. */
export type Claim = {
  readonly kind: 'dose_mL' | 'dose_g' | 'cook_s' | 'setting_C' | 'dial' | 'rest_s' | 'work_s' | 'pieces';
  readonly low: number;
  readonly high: number;
  /** The words it was read from. */
  readonly text: string;
  /** Of the step it stands in; null: the yield. */
  readonly step: number | null;
};

const TIME =
  /(\d+(?:[.,]\d+)?|½|a|one|two|three|four|five|six|ten)\s*(½)?\s*(?:(?:-|–|to|or)\s*(\d+(?:[.,]\d+)?))?\s*(?:more\s+)?(seconds?|secs?|minutes?|mins?|hours?|hrs?|h|nights?|days?)\b|\bovernight\b/gi;
const UNIT_S: readonly (readonly [RegExp, number])[] = [
  [/^s/i, 1],
  [/^m/i, 60],
  [/^h/i, 3600],
  [/^n/i, 36_000],
  [/^d/i, 86_400],
];
const SMALL: Readonly<Record<string, number>> = { '½': 0.5, a: 1, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, ten: 10 };
/** A night in the cold, s (*common practice*: 8 to 14 hours). */
const NIGHT_S = [8 * 3600, 14 * 3600] as const;

const REST_WORDS = /\b(?:rest|stand|chill|refrigerat\w*|overnight|rise|ferment|cool|cover|sit|soak|wait)\b/i;
const COOK_WORDS = /\b(?:cook|bake|iron|plates?|lid|golden|brown|crisp|steam\w*|per side|until done|waffle maker)\b/i;
const WORK_WORDS = /\b(?:whisk|beat|whip|mix|stir|knead|blend|froth|sieve|fold)\b/i;

const number = (text: string): number => SMALL[text.toLowerCase()] ?? Number(text.replace(',', '.'));

const timesIn = (sentence: string, step: number): Claim[] =>
  [...sentence.matchAll(TIME)].flatMap((match): Claim[] => {
    const [text, first, half, second, unit] = match;
    const around = sentence;
    const isNight = first === undefined;
    const per = isNight ? 1 : (UNIT_S.find(([pattern]) => pattern.test(unit ?? ''))?.[1] ?? 60);
    const low = isNight ? NIGHT_S[0] : (number(first) + (half === undefined ? 0 : 0.5)) * per;
    const high = isNight ? NIGHT_S[1] : second === undefined ? low : number(second) * per;
    if (!Number.isFinite(low) || !Number.isFinite(high)) return [];
    // The nearest word before it says what the time is for: "whisk 2 minutes, then cook 4".
    const before = around.slice(0, match.index + text.length);
    const last = (pattern: RegExp): number => Math.max(-1, ...[...before.matchAll(new RegExp(pattern.source, 'gi'))].map((m) => m.index));
    const [rest, cook, work] = [last(REST_WORDS), last(COOK_WORDS), last(WORK_WORDS)];
    const isRest = isNight || low >= 3 * 3600 || (rest > cook && rest > work);
    const kind = isRest ? 'rest_s' : work > cook ? 'work_s' : cook >= 0 || COOK_WORDS.test(around) ? 'cook_s' : 'work_s';
    return [{ kind, low: Math.min(low, high), high: Math.max(low, high), text: text.trim(), step }];
  });

const settingsIn = (sentence: string, step: number): Claim[] => {
  const found: Claim[] = [];
  for (const [text, first, second, unit] of sentence.matchAll(
    /(\d{2,3})\s*(?:(?:-|–|to)\s*(\d{2,3}))?\s*(?:°|º|degrees?\s*)\s*([CF])?\b/gi,
  )) {
    const raw = [Number(first), Number(second ?? first)];
    // No letter: above 260 nobody means Celsius at an iron.
    const isF = unit?.toUpperCase() === 'F' || (unit === undefined && (raw[0] ?? 0) > 260);
    const [low = 0, high = 0] = raw.map((value) => (isF ? fahrenheitToCelsius(value) : value));
    found.push({ kind: 'setting_C', low, high, text, step });
  }
  const dial = /\b(?:setting|dial|mark|level|position)\s*(?:of|at|to|on)?\s*(\d(?:[.,]\d)?)(?:\s*(?:-|–|to|out of)\s*(\d))?/i.exec(
    sentence,
  );
  if (dial !== null && found.length === 0) {
    const low = number(dial[1] ?? '');
    const high = dial[2] === undefined || /out of/i.test(dial[0]) ? low : number(dial[2]);
    found.push({ kind: 'dial', low, high, text: dial[0], step });
  }
  return found;
};

const DOSE_WORDS =
  /\b(?:batter|per (?:waffle|plate|mould|mold|piece|side)|each (?:waffle|plate|mould|mold)|(?:in|on)to (?:the|each) (?:iron|plate|mould|mold|pan|cavity))\b/i;

const dosesIn = (sentence: string, step: number, cup: CupStandardId): Claim[] => {
  if (!DOSE_WORDS.test(sentence) || !/\b(?:pour|ladle|spoon|scoop|use|put|drop|fill|about|spread|add|with)\b/i.test(sentence)) return [];
  const reader = new Reader(tokenize(sentence));
  while (reader.peek() !== undefined) {
    const start = reader.position;
    const amount = reader.amount();
    if (amount !== null && (amount.unit?.kind === 'volume' || amount.unit?.kind === 'mass')) {
      const per = amount.unit.kind === 'mass' ? amount.unit.grams : amount.unit.mL(CUP_STANDARDS[cup]);
      const { low, high } = amount.quantity;
      return [
        { kind: amount.unit.kind === 'mass' ? 'dose_g' : 'dose_mL', low: low * per, high: high * per, text: sentence.slice(0, 80), step },
      ];
    }
    reader.position = start + 1;
  }
  return [];
};

const piecesIn = (text: string, step: number | null): Claim[] => {
  const match =
    /\b(?:makes?|yields?|gives?|for)\b[^\d]{0,14}(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(dozen)?\b(?!\s*(?:min|sec|hour|people|°|g\b|ml\b))/i.exec(
      text,
    );
  if (match === null) {
    const bare = step === null ? /^\D{0,14}(\d{1,3})(?:\s*(?:-|–|to)\s*(\d{1,3}))?\s*(dozen)?\b/i.exec(text) : null;
    return bare === null || /serv|people/i.test(text) ? [] : [piecesClaim(bare, step)];
  }
  return [piecesClaim(match, step)];
};

const piecesClaim = (match: RegExpExecArray, step: number | null): Claim => {
  const times = match[3] === undefined ? 1 : 12;
  const low = Number(match[1]) * times;
  return { kind: 'pieces', low, high: match[2] === undefined ? low : Number(match[2]) * times, text: match[0], step };
};

/** Longer steps are stories; only their beginning is read for claims. */
const LONGEST_STEP = 600;

/** Claims in the steps and the yield as written: dose, time on the iron, setting, rest, work, pieces. */
export const claimsOf = (steps: readonly string[], yieldHint: string | null, cup: CupStandardId = 'us'): Claim[] => [
  ...(yieldHint === null ? [] : piecesIn(yieldHint.slice(0, 200), null)),
  ...steps.flatMap((whole, step) => {
    const sentence = whole.slice(0, LONGEST_STEP);
    return [
      ...dosesIn(sentence, step, cup),
      ...timesIn(sentence, step),
      ...settingsIn(sentence, step),
      ...(/\bmakes?\b/i.test(sentence) ? piecesIn(sentence, step) : []),
    ];
  }),
];

/** What the computation says to the same questions. */
export type Reckoned = {
  /** Of one mould, poured. */
  readonly dose_mL: number;
  readonly dose_g: number;
  readonly cook_s: readonly [from: number, to: number];
  readonly setting_C: number;
  readonly dial: number | null;
  readonly pieces: number;
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

const nearest = (low: number, high: number, from: number, to: number): number => (to < low ? to / low : from > high ? from / high : 1);

/** Each claim beside what was reckoned for this iron; null: nothing was. */
export const compareClaims = (claims: readonly Claim[], r: Reckoned | null): ComparedClaim[] =>
  claims.map((claim) => {
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
    };
    const span = against[kind];
    if (span == null || low <= 0) return { claim, ratio: null, verdict: 'kept' };
    const ratio = kind === 'setting_C' ? nearest(low - 20, high - 20, span[0] - 20, span[1] - 20) : nearest(low, high, span[0], span[1]);
    const off = Math.abs(Math.log(ratio));
    return { claim, ratio, verdict: off <= Math.log1p(NEAR) ? 'agrees' : off <= Math.log1p(FAR) ? 'near' : 'differs' };
  });
