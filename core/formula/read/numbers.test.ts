import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../../basis/index.ts';
import type { Random } from '../../basis/index.ts';
import { formulaFromText, readLine } from '../index.ts';

/*
 * Five hundred lines in six hands of writing numbers. The grams are known before the line is written, so that nothing here asks the reader; densities and
 * cups are those of corpus.test.ts (NIST, USDA; *from memory*). What the reader isn't sure of it may ask: it may never be wrong and say "read".
 */

type Line = { readonly text: string; readonly grams: number; /** It can only be one thing, and must be read. */ readonly isPlain: boolean };

const groups = (whole: number, separator: string): string => String(whole).replace(/\B(?=(\d{3})+(?!\d))/g, separator);
const decimalsOf = (value: number): string => (Number.isInteger(value) ? '' : (String(value).split('.')[1] ?? ''));
const written =
  (separator: string, point: string) =>
  (value: number): string =>
    `${groups(Math.floor(value), separator)}${decimalsOf(value) === '' ? '' : point + decimalsOf(value)}`;

const HANDS = {
  plain: written('', '.'),
  'decimal comma': written('', ','),
  'thousands by a comma': written(',', '.'),
  'thousands by a point': written('.', ','),
  'thousands by a space': written('\u202f', ','),
  'thousands by an apostrophe': written('’', '.'),
} as const;

/** Words, and what a litre of it weighs in grams or how many they are. */
type Known = readonly [words: string, value: number];
const MASSES = ['flour', 'sugar', 'butter', 'milk', 'water', 'cornstarch'] as const;
const FLUIDS: [Known, ...Known[]] = [
  ['milk', 1031],
  ['water', 1000],
  ['oil', 920],
];

const FRACTIONS: [Known, ...Known[]] = [
  ['½', 1 / 2],
  ['1/3', 1 / 3],
  ['¾', 3 / 4],
  ['1 1/2', 1.5],
  ['2½', 2.5],
  ['1 ¾', 1.75],
];

/** A single separator before three digits could be either; a leading zero settles it. */
const couldBeTwo = (text: string): boolean => /^[1-9]\d{0,2}[.,]\d{3}$/.test(text);

const lineOf = (random: Random, hand: (value: number) => string): Line => {
  const kind = random.below(4);
  if (kind === 0) {
    const grams = random.pick([5, 12.5, 40, 125, 250, 1000, 1200, 1250.5, 2500, 12_500]);
    const name = random.pick(MASSES);
    const amount = hand(grams);
    return {
      text: random.pick([`${amount} g ${name}`, `${amount}g ${name}`, `${name}: ${amount} g`]),
      grams,
      isPlain: !couldBeTwo(amount),
    };
  }
  if (kind === 1) {
    const kilos = random.pick([0.125, 0.25, 0.5, 1.5, 1.125, 2.25]);
    const amount = hand(kilos);
    return { text: `${amount} kg ${random.pick(MASSES)}`, grams: 1000 * kilos, isPlain: !couldBeTwo(amount) };
  }
  if (kind === 2) {
    const litres = random.pick([0.125, 0.25, 0.5, 0.75, 1.5]);
    const [name, perLitre] = random.pick(FLUIDS);
    const isSmall = random.below(2) === 0;
    const amount = hand(isSmall ? 1000 * litres : litres);
    return { text: `${amount} ${isSmall ? 'ml' : 'l'} ${name}`, grams: litres * perLitre, isPlain: !couldBeTwo(amount) };
  }
  const [amount, cups] = random.pick(FRACTIONS);
  return { text: `${amount} cups flour`, grams: 125 * cups, isPlain: true };
};

const linesOf = (seed: number, count: number): Line[] => {
  const random = seededRandom(seed);
  const hands = Object.values(HANDS);
  return Array.from({ length: count }, (_, i) => lineOf(random, hands[i % hands.length]!));
};

/** Wrong and not asked about; or asked about though it is plain. */
const faultsOf = (lines: readonly Line[]): string[] =>
  lines.flatMap(({ text, grams, isPlain }) => {
    const read = readLine(text);
    if (read.status === 'unresolved') return isPlain ? [`asked for nothing: ${text}`] : [];
    const isRight = read.grams !== null && Math.abs(read.grams / grams - 1) < 0.03;
    return isRight ? [] : [`${text} was read as ${read.grams} g, not ${grams}`];
  });

describe('numbers of six hands', () => {
  test('350 lines: none wrong without a word, none asked about without need', () => expect(faultsOf(linesOf(2026, 350))).toEqual([]));
  // Put away: drawn once, never used to mend the reader.
  test('150 more', () => expect(faultsOf(linesOf(31_415, 150))).toEqual([]));
});

describe('slips and doubts are asked about, with what they were probably meant for', () => {
  test.each<[string, readonly string[]]>([
    ['1.000 g flour', ['1 g flour', '1000 g flour']],
    ['2,500 g flour', ['2.5 g flour', '2500 g flour']],
    ['1.125 kg flour', ['1.1250 kg flour', '1125 kg flour']],
    ['11/2 cups flour', ['1.5 cups flour', '5.5 cups flour']],
    ['l00 g butter', ['100 g butter']],
    ['2OO g sugar', ['200 g sugar']],
    ['3 6 g salt', ['36 g salt']],
    ['1e3 g flour', []],
    ['1.2.3 g salt', []],
    ['1,2,3 g salt', []],
    ['100/120 g flour', []],
  ])('%s', (text, readings) => {
    const read = readLine(text);
    expect(read).toMatchObject({ status: 'unresolved', grams: null });
    expect(read.how[0]).toMatchObject({ code: 'number-unclear', fields: { readings: readings.join('\n') } });
    for (const reading of readings) expect(readLine(reading).how[0]?.code).not.toBe('number-unclear');
  });

  test.each([
    ['−5 g flour', 'amount-negative'],
    ['-.5 g salt', 'amount-negative'],
    ['0 g flour', 'amount-absurd'],
    ['129 kg milk', 'amount-absurd'],
    ['12345678 g flour', 'amount-absurd'],
  ])('%s: %s', (text, code) => expect(readLine(text)).toMatchObject({ status: 'unresolved', grams: null, how: [{ code }] }));
});

describe('two things in one line', () => {
  test.each([
    ['1 egg + 1 yolk', '1 egg', '1 yolk'],
    ['2 large eggs plus 1 egg white', '2 large eggs', '1 egg white'],
    ['1 cup flour plus 2 tablespoons cornstarch', '1 cup flour', '2 tablespoons cornstarch'],
    ['100 g butter and 20 g oil', '100 g butter', '20 g oil'],
  ])('%s', (text, first, second) => {
    expect(readLine(text)).toMatchObject({ status: 'unresolved', how: [{ code: 'two-things', fields: { first, second } }] });
    let ids = 0;
    expect(formulaFromText(`250 g flour\n${text}\n400 g milk`, () => String(++ids)).lines.map((line) => line.text)).toEqual([
      '250 g flour',
      first,
      second,
      '400 g milk',
    ]);
  });

  test.each([
    '1 cup plus 2 tbsp flour',
    '1 lb 2 oz flour',
    '2 cups milk plus more for thinning',
    '1 cup (240 ml) milk',
    '2 250 g packets butter',
  ])('%s is one', (text) => expect(readLine(text).how[0]?.code).not.toBe('two-things'));
});
