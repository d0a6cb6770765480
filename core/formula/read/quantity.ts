import { numbersIn } from '../../basis/index.ts';
import type { Unit } from './words.ts';
import { FULLNESS, NUMBER_WORDS, SIZE_WORDS, unitOf } from './words.ts';

/** A number as written, or a range that nobody has decided yet. */
export type Quantity = { readonly low: number; readonly high: number };

export type NumberDoubt = { readonly written: string; readonly values: readonly number[] };

export type Token =
  /** `doubt`: as it is written it could be several numbers, or none; its value is none until somebody says. */
  | { readonly kind: 'number'; readonly value: number; readonly doubt?: NumberDoubt }
  | { readonly kind: 'word'; readonly text: string }
  | { readonly kind: 'mark'; readonly text: string };

/** An amount: quantity and unit, with what stands beside it. `unit` null: a bare count. */
export type Amount = {
  readonly quantity: Quantity;
  readonly unit: Unit | null;
  readonly unitWord: string | null;
  /** small, medium, large … between count and name. */
  readonly size: string | null;
  /** Heaped, scant …: factor on the amount; null when nothing was said. */
  readonly fullness: number | null;
};

/** More tokens than any written line has; the rest is not read, so that a hostile line costs nothing. */
const MOST_TOKENS = 120;

const FRACTIONS: Readonly<Record<string, string>> = {
  '½': '1/2',
  '⅓': '1/3',
  '⅔': '2/3',
  '¼': '1/4',
  '¾': '3/4',
  '⅕': '1/5',
  '⅖': '2/5',
  '⅗': '3/5',
  '⅘': '4/5',
  '⅙': '1/6',
  '⅚': '5/6',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const WORDS_AND_MARKS = /(\p{L}[\p{L}\p{M}'’]*(?:-\p{L}[\p{L}\p{M}'’]*)*)|([^\s\p{L}])/gu;

/** Splits a line into numbers (with fractions), words and marks. "2½dl" and "1 1/2-2" come apart rightly. */
export const tokenize = (text: string): Token[] => {
  const plain = text
    .replace(/[½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/g, (sign) => ` ${FRACTIONS[sign] ?? ''} `)
    .replace(/\u2044/g, '/')
    .replace(/[\u2010-\u2015\u2212]/g, '-');
  const tokens: Token[] = [];
  const between = (from: number, to: number): void => {
    for (const [, word, mark] of plain.slice(from, to).matchAll(WORDS_AND_MARKS))
      if (word !== undefined) tokens.push({ kind: 'word', text: word });
      else if (mark !== undefined) tokens.push({ kind: 'mark', text: mark });
  };
  let end = 0;
  for (const { at, text: written, read } of numbersIn(plain)) {
    if (tokens.length >= MOST_TOKENS) break;
    between(end, at);
    end = at + written.length;
    if (read.kind === 'number') tokens.push({ kind: 'number', value: read.value });
    else tokens.push({ kind: 'number', value: NaN, doubt: { written, values: read.kind === 'ambiguous' ? read.values : [] } });
  }
  if (tokens.length < MOST_TOKENS) between(end, plain.length);
  return tokens.slice(0, MOST_TOKENS);
};

/** Reads tokens forward; a failed attempt puts the position back. */
export class Reader {
  position = 0;
  constructor(readonly tokens: readonly Token[]) {}

  peek(ahead = 0): Token | undefined {
    return this.tokens[this.position + ahead];
  }

  word(ahead = 0): string | null {
    const token = this.peek(ahead);
    return token?.kind === 'word' ? token.text.toLowerCase() : null;
  }

  isMark(text: string, ahead = 0): boolean {
    const token = this.peek(ahead);
    return token?.kind === 'mark' && token.text === text;
  }

  /** "1 1/2", "1-1/2", "2", "two", "half a", "half a dozen", "one and a half". */
  number(): number | null {
    const token = this.peek();
    if (token?.kind === 'number') {
      this.position++;
      return token.value + this.trailingFraction(token.value) + this.andAHalf();
    }
    let value = NUMBER_WORDS.get(this.word() ?? '');
    if (value === undefined) return null;
    this.position++;
    for (let next = NUMBER_WORDS.get(this.word() ?? ''); next !== undefined; next = NUMBER_WORDS.get(this.word() ?? '')) {
      // "half a cup", "a dozen", "two dozen", "half a dozen"
      this.position++;
      value *= next;
      if (this.word() === 'of') this.position++;
    }
    return value + this.andAHalf();
  }

  /** What "and a half" or "and a quarter" adds. */
  private andAHalf(): number {
    if (this.word() !== 'and' || !['a', 'one'].includes(this.word(1) ?? '')) return 0;
    const part = { half: 0.5, quarter: 0.25 }[this.word(2) ?? ''];
    if (part === undefined) return 0;
    this.position += 3;
    return part;
  }

  private trailingFraction(whole: number): number {
    if (!Number.isInteger(whole)) return 0;
    const dash = this.isMark('-') || this.word() === 'and' ? 1 : 0;
    const next = this.peek(dash);
    if (next?.kind !== 'number' || next.value >= 1 || next.value <= 0 || Number.isInteger(next.value)) return 0;
    this.position += dash + 1;
    return next.value;
  }

  quantity(): Quantity | null {
    const start = this.position;
    const low = this.number();
    if (low === null) return null;
    const link = this.position;
    const isRange = this.isMark('-') || ['to', 'or'].includes(this.word() ?? '');
    if (isRange) {
      this.position++;
      const high = this.number();
      if (high !== null && high > low) return { low, high };
      this.position = link;
    }
    if (!Number.isFinite(low)) {
      this.position = start;
      return null;
    }
    return { low, high: low };
  }

  /** A quantity with its unit, if one follows. */
  amount(): Amount | null {
    const start = this.position;
    while (
      ['about', 'approx', 'approximately', 'around', 'roughly', 'ca', 'c'].includes(this.word() ?? '') &&
      this.peek(1)?.kind === 'number'
    )
      this.position++;
    // "a generous half cup"
    const between = ['a', 'an'].includes(this.word() ?? '') ? FULLNESS.get(this.word(1) ?? '') : undefined;
    if (between !== undefined && (this.peek(2)?.kind === 'number' || NUMBER_WORDS.has(this.word(2) ?? ''))) this.position += 2;
    const quantity = this.quantity();
    if (quantity === null) {
      this.position = start;
      return null;
    }
    // "¾ of a cup", "a third of a cup"
    if (this.word() === 'of' && ['a', 'an'].includes(this.word(1) ?? '') && this.unitAt(2) !== undefined) this.position += 2;
    let size: string | null = null;
    let fullness: number | null = between ?? null;
    for (;;) {
      const word = this.word();
      if (word === null) break;
      if (SIZE_WORDS.has(word)) size = word;
      else if (word === 'extra' && this.word(1) === 'large') {
        size = 'xl';
        this.position++;
      } else if (FULLNESS.has(word)) fullness = FULLNESS.get(word) ?? null;
      else break;
      this.position++;
    }
    const token = this.peek();
    if (this.isMark('-') && this.peek(1)?.kind === 'word' && this.unitAt(1) !== undefined) this.position++;
    const unit = this.unit();
    if (unit !== null && this.word() === 'of') this.position++;
    const unitWord = unit !== null && token?.kind === 'word' ? token.text : null;
    return { quantity, unit, unitWord, size, fullness };
  }

  private unitAt(ahead: number): Unit | undefined {
    const token = this.peek(ahead);
    return token?.kind === 'word' ? unitOf(token.text) : undefined;
  }

  private unit(): Unit | null {
    // "fl oz", "fl. oz.", "fluid ounces"
    if (['fl', 'fluid'].includes(this.word() ?? '')) {
      const skip = this.isMark('.', 1) ? 2 : 1;
      if (['oz', 'ounce', 'ounces'].includes(this.word(skip) ?? '')) {
        this.position += skip + 1;
        if (this.isMark('.')) this.position++;
        return unitOf('floz') ?? null;
      }
    }
    // "oz-can" and the like come as one hyphenated word
    const unit = this.unitAt(0);
    if (unit === undefined) return null;
    this.position++;
    if (this.isMark('.')) this.position++;
    return unit;
  }
}
