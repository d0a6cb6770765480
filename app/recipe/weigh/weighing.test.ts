import { describe, expect, test } from '@jest/globals';
import type { WeighEvent, WeighStep } from '../../../core/weigh/index.ts';
import { weighState } from '../../../core/weigh/index.ts';
import { missing_g } from './useWeighing.ts';
import { onScale, stepName } from './words.ts';

const STEP: WeighStep = {
  kind: 'weigh',
  id: 'a/dry',
  lineId: 'a',
  ingredientId: 'wheat-flour',
  text: '250 g flour',
  grams: 275,
  bowl: 'dry',
  zero: true,
  scaleId: 'scale',
  resolution_g: 1,
  running_g: 275,
  stays: false,
  isSeparated: false,
  inCup: false,
  lookAlike: null,
  cautions: [],
};
const log = (...events: { kind: string; data: object }[]): WeighEvent[] =>
  events.map((event, seq) => ({ ...event, seq, at: seq }) as WeighEvent);
const WEIGHED = { kind: 'weighed', data: { stepId: 'a/dry', grams: 250, by: 'scale' } };

describe('what a step lacks', () => {
  test('all of it before it is weighed; nothing afterwards, whatever went in', () => {
    expect(missing_g(weighState({ factor: 1 }, []), STEP)).toBe(275);
    expect(missing_g(weighState({ factor: 1 }, log(WEIGHED)), STEP)).toBe(0);
  });

  test('once the lot has grown: the rest, unless the scale couldn’t say it', () => {
    const grown = weighState({ factor: 1 }, log(WEIGHED, { kind: 'scaled', data: { factor: 1.1 } }));
    expect(missing_g(grown, STEP)).toBe(25);
    expect(missing_g(grown, { ...STEP, grams: 250.8 })).toBe(0);
    // Topped up afterwards, it is done.
    const topped = weighState(
      { factor: 1 },
      log(WEIGHED, { kind: 'scaled', data: { factor: 1.1 } }, { ...WEIGHED, data: { stepId: 'a/dry', grams: 275, by: 'scale' } }),
    );
    expect(missing_g(topped, STEP)).toBe(0);
  });
});

describe('words at the scale', () => {
  test('digits as the scale shows them', () => {
    expect([onScale(214.6, 1), onScale(4.26, 0.1), onScale(1.234, 0.01), onScale(1210, 1)]).toEqual(['215', '4.3', '1.23', '1,210']);
  });

  test('white and yolk of separated eggs, own ingredients, and the written words as the last resort', () => {
    const egg = { ...STEP, ingredientId: 'egg', isSeparated: true };
    expect(stepName({ ...egg, bowl: 'foam' }, [])).toBe('Egg white');
    expect(stepName({ ...egg, bowl: 'wet' }, [])).toBe('Egg yolk');
    expect(stepName({ ...egg, isSeparated: false }, [])).toBe('Egg, whole');
    expect(stepName({ ...STEP, ingredientId: null, text: '100 g gloop' }, [])).toBe('100 g gloop');
  });
});
