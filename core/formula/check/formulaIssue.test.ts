import { describe, expect, test } from '@jest/globals';
import type { ParsedFormula, IronEvidence, FormulaIssue } from '../index.ts';
import { claimsOf, readLine, summarise, formulaIssues } from '../index.ts';
import { seededRandom } from '../../basis/index.ts';

const read = (text: string): ParsedFormula =>
  summarise(
    text.split('\n').map((line) => readLine(line)),
    null,
  );
const SOUND = [
  '250 g flour\n10 g baking powder\n4 g salt\n30 g sugar\n110 g egg\n380 g milk\n90 g butter',
  '300 g flour\n12 g baking powder\n5 g salt\n25 g sugar\n150 g egg\n420 g milk\n80 g oil',
  '240 g flour\n9 g baking powder\n4 g salt\n40 g sugar\n100 g egg\n360 g milk\n60 g butter',
];
const codes = (found: readonly FormulaIssue[]): string[] => found.map((s) => s.code);

describe('audit before trusting', () => {
  test.each(SOUND)('a sound formula raises nothing (%#)', (text) => expect(formulaIssues(read(text), [], null)).toEqual([]));

  test('a slip in one line is found there and mended to what was meant, in most cases', () => {
    let found = 0;
    let mended = 0;
    let tried = 0;
    for (const text of SOUND) {
      const lines = text.split('\n');
      for (const [index, line] of lines.entries()) {
        const mass = Number(/^\d+/.exec(line)?.[0]);
        const isSmall = /powder|salt/.test(line);
        for (const factor of isSmall ? [3, 1 / 3, 4] : [2.5, 0.4]) {
          if (line.includes('sugar')) continue;
          tried++;
          const wrong = lines.map((other, i) => (i === index ? other.replace(/^\d+/, String(mass * factor)) : other)).join('\n');
          const top = formulaIssues(read(wrong), [], null)[0];
          if (top?.line === index) found++;
          const repair = top?.repairs[0];
          if (top?.line === index && repair?.kind === 'set-grams' && Math.abs(Math.log(repair.grams / mass)) < Math.log(1.6)) mended++;
        }
      }
    }
    expect(tried).toBeGreaterThan(30);
    expect(found / tried).toBeGreaterThan(0.6);
    expect(mended / Math.max(1, found)).toBeGreaterThan(0.8);
  });

  test('a doubled flour is found at the flour, not at everything else', () => {
    const [top] = formulaIssues(read(SOUND[0]?.replace('250 g', '620 g') ?? ''), [], null);
    expect(top).toMatchObject({ line: 0, code: 'line-doubled' });
  });

  test('amounts within two thirds and one and a half of a sound formula are left alone', () => {
    const random = seededRandom(11);
    let alarms = 0;
    for (let i = 0; i < 120; i++) {
      const text = (SOUND[i % SOUND.length] ?? '').replace(/^\d+/gm, (mass) => (Number(mass) * (0.8 + 0.45 * random.next())).toFixed(1));
      if (formulaIssues(read(text), [], null).length > 0) alarms++;
    }
    expect(alarms / 120).toBeLessThan(0.08);
  });

  // NaHCO3 needs one equivalent of acid each; a teaspoon (5 g) of 5 % vinegar has 4 meq, a teaspoon (4.6 g) of soda 55 meq.
  test('a teaspoon of vinegar in a pint of milk is not sour milk', () => {
    const [top] = formulaIssues(
      read('250 g flour\n1 tsp baking soda\n4 g salt\n1 pint milk\n1 tsp vinegar\n2 eggs\n60 g butter'),
      [],
      null,
    );
    if (top?.code !== 'soda-without-acid') throw new Error(top?.code);
    expect(top.fields.share).toBeLessThan(20);
    // Sixty grams of vinegar would be tasted: as much soda as the bowl's acid takes, instead.
    const [repair] = top.repairs;
    if (repair?.kind !== 'set-grams') throw new Error(repair?.kind);
    expect(repair.line).toBe(1);
    expect(repair.grams).toBeLessThan(1);
    const vinegar = top.fields.vinegar_g;
    expect(vinegar).toBeGreaterThan(45);
    expect(vinegar).toBeLessThan(70);
  });

  test('two amounts that disagree are asked for, each by one touch', () => {
    const [top] = formulaIssues(read('250 g flour\n½ cup (60 g) butter\n2 eggs\n380 g milk\n10 g baking powder'), [], null);
    expect(top).toMatchObject({ code: 'amounts-clash', line: 1 });
    expect(top?.repairs.map((r) => (r.kind === 'set-grams' ? Math.round(r.grams) : 0))).toEqual([113, 60]);
  });

  const IRON: IronEvidence = {
    looseness: 2.2,
    spreads: { min: 1.2, max: 3.4 },
    dose_mL: 200,
    portion_g: 190,
    pieces: 5,
    cook_s: [260, 330],
  };
  test('their own yield times their own dose against their own bowl', () => {
    const found = formulaIssues(read(SOUND[0] ?? ''), claimsOf(['Pour 1 cup batter into the iron'], 'makes 16 waffles'), IRON);
    expect(codes(found)).toContain('yield-against-bowl');
    expect(codes(formulaIssues(read(SOUND[0] ?? ''), claimsOf(['Pour 1 cup batter into the iron'], 'makes 4 waffles'), IRON))).toEqual([]);
  });

  test('a time this iron can’t do, and a batter it can’t spread', () => {
    expect(codes(formulaIssues(read(SOUND[0] ?? ''), claimsOf(['Cook 45 seconds until golden'], null), IRON))).toEqual([
      'time-against-iron',
    ]);
    expect(codes(formulaIssues(read(SOUND[0] ?? ''), [], { ...IRON, looseness: 0.8 }))).toEqual(['batter-too-thick']);
    expect(codes(formulaIssues(read(SOUND[0] ?? ''), [], { ...IRON, looseness: 5 }))).toEqual(['batter-too-thin']);
  });
});
