import { describe, expect, test } from '@jest/globals';
import { Observation } from '../../../core/log/index.ts';
import { isImplausibleOpening } from '../../../core/line/index.ts';
import { asExpected, faceQuestion, FILL, givenTo, howMuch, saidInShort, wordQuestions } from './questions.ts';

const every = (value: 'missing' | 'full' | 'leaked') => [
  faceQuestion('upper'),
  faceQuestion('lower'),
  FILL,
  ...wordQuestions([{ kind: 'fill', mould: 3, value }]),
];

describe('the answer after a load', () => {
  test('how much was missing or leaked is asked only where something was', () => {
    const ids = (value: 'missing' | 'full' | 'leaked') => wordQuestions([{ kind: 'fill', mould: 0, value }]).map((q) => q.id);
    const asked = (value: 'missing' | 'full' | 'leaked') => howMuch([{ kind: 'fill', mould: 0, value }])?.id;
    expect([ids('full'), ids('missing')]).toEqual([
      ['edges', 'crumb', 'stuck', 'lost'],
      ['crumb', 'stuck', 'lost'],
    ]);
    expect([asked('full'), asked('missing'), asked('leaked')]).toEqual([undefined, 'missing_share', 'leaked_g']);
  });

  test('every answer is a sound observation of its question, for any mould, and is found again', () => {
    for (const fill of ['missing', 'full', 'leaked'] as const)
      for (const question of every(fill))
        for (const [i, answer] of question.answers.entries()) {
          const observation = answer.say(3);
          expect(Observation.safeParse(observation).success).toBe(true);
          expect(givenTo(question, [observation], 3)).toBe(i);
          expect(givenTo(question, [observation], 0)).toBe(-1);
        }
  });

  test('corners are missing, sides leak, the middle is full: nine places, each said once', () => {
    const said = FILL.answers.map((answer) => answer.say(0));
    expect(said.map(({ value }) => value).join()).toBe('missing,leaked,missing,leaked,full,leaked,missing,leaked,missing');
    expect(new Set(FILL.answers.map(({ label }) => label)).size).toBe(9);
  });

  test('an older answer without a place is still shown as one', () => {
    expect(givenTo(FILL, [{ kind: 'fill', mould: 0, value: 'leaked' }], 0)).toBeGreaterThanOrEqual(0);
  });

  test('as promised: whole steps, within the scales', () => {
    const said = asExpected({ tawnyStep: 4.4, crisp: 5.2 }, 1);
    for (const observation of said) expect(Observation.safeParse(observation).success).toBe(true);
    expect(said.find((o) => o.kind === 'tawny')).toMatchObject({ value: 4, mould: 1 });
    expect(said.find((o) => o.kind === 'crisp')).toMatchObject({ value: 5 });
    expect(said).toHaveLength(5);
  });

  test('three seconds for five minutes is doubted, a minute early isn’t', () => {
    expect([isImplausibleOpening(3, 300), isImplausibleOpening(240, 300), isImplausibleOpening(1200, 300)]).toEqual([true, false, true]);
  });

  test('what was said is said in a line', () => {
    expect(saidInShort([])).toBe('');
    expect(
      saidInShort([
        { kind: 'fill', mould: 0, value: 'missing', at: 'front-left' },
        { kind: 'tawny', mould: 0, side: 'upper', value: 5 },
        { kind: 'crisp', mould: 0, value: 4 },
        { kind: 'note', mould: 0, value: 'x' },
      ]),
    ).toBe('corner missing, 5 above, very crisp');
  });
});
