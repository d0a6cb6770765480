import { describe, expect, test } from '@jest/globals';
import type { NewWeighEvent, WeighEvent, Weighing } from '../../../core/weigh/index.ts';
import { DEFAULT_KIT } from '../../../core/kit/index.ts';
import { readSettingsOf } from '../../../core/kitchen/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import { layersOf, nextTouch, nowIn_g, progressOf, touchWords } from './atTheBench.ts';
import type { Bowl } from './useWeighing.ts';
import { bowlOf } from './useWeighing.ts';

const FORMULA: Formula = {
  id: 'f',
  rev: 1,
  parentRev: null,
  name: 'Weekday batter',
  family: '',
  lift: null,
  lines: ['250 g wheat flour', '10 g baking powder', '300 g milk', '5 g salt'].map((text, i) => ({
    id: `l${i}`,
    text,
    edited_g: null,
    chosenIngredientId: null,
  })),
  steps: [],
  yieldHint: null,
  provenance: '',
};
const WEIGHING: Weighing = { id: 'w', formulaId: 'f', formulaRev: 1, factor: 1, by: 'scale', display: 'tare', who: '', startedAt: 0 };
const SETTINGS = { kit: DEFAULT_KIT, readSettings: readSettingsOf(DEFAULT_KIT, []) };

const bowlAfter = (events: readonly NewWeighEvent[], by: 'scale' | 'spoons' = 'scale'): Bowl => {
  const log = events.map((event, seq) => ({ ...event, seq, at: seq }) as WeighEvent);
  const bowl = bowlOf({ ...WEIGHING, by }, log, FORMULA, SETTINGS);
  if (bowl === null) throw new Error('the bowl is over');
  return bowl;
};
const weighSteps = (bowl: Bowl) => bowl.plan.steps.filter((step) => step.kind === 'weigh');
const FRESH = bowlAfter([]);
const FIRST = weighSteps(FRESH)[0]!;
const wentIn = (stepId: string, grams: number): NewWeighEvent => ({ kind: 'weighed', data: { stepId, grams, by: 'scale' } });

describe('what the large button does', () => {
  test('a live scale is zeroed first, then what it shows is taken', () => {
    const unzeroed = { isZeroed: false, got_g: null, wanted_g: FIRST.grams };
    expect(nextTouch(FRESH, unzeroed, true, null)).toEqual({ kind: 'zero' });
    const shown = { ...unzeroed, isZeroed: true, got_g: 249 };
    expect(nextTouch(FRESH, shown, true, null)).toEqual({ kind: 'record', step: FIRST, went_g: 249, by: 'scale' });
    expect(touchWords(nextTouch(FRESH, shown, true, null), true)).toBe('Take it as shown');
  });

  test('without a scale, or with an empty one, the cook’s word counts', () => {
    const silent = { isZeroed: false, got_g: null, wanted_g: FIRST.grams };
    expect(nextTouch(FRESH, silent, false, null)).toEqual({ kind: 'record', step: FIRST, went_g: FIRST.grams, by: 'hand' });
    expect(nextTouch(FRESH, { ...silent, isZeroed: true, got_g: 0 }, true, null)).toMatchObject({ went_g: FIRST.grams, by: 'hand' });
  });

  test('with spoons a look-alike is confirmed once, then it is in', () => {
    const before = weighSteps(FRESH);
    const alike = before.find(({ lookAlike }) => lookAlike !== null);
    expect(alike?.text).toMatch(/baking powder|salt/);
    const others = bowlAfter(
      before.slice(0, before.indexOf(alike!)).map(({ id, grams }) => wentIn(id, grams)),
      'spoons',
    );
    const worked = others.step?.kind === 'work' ? null : { isZeroed: false, got_g: null, wanted_g: alike!.grams };
    expect(nextTouch(others, worked, false, null)).toEqual({ kind: 'confirm', stepId: alike!.id });
    expect(nextTouch(others, worked, false, alike!.id)).toMatchObject({ kind: 'record', by: 'hand' });
  });

  test('work is done, and everything in goes into the log', () => {
    let events: NewWeighEvent[] = [];
    const touches: string[] = [];
    for (let i = 0; i < 40; i++) {
      const bowl = bowlAfter(events);
      const { step } = bowl;
      const touch = nextTouch(
        bowl,
        step?.kind === 'weigh' ? { isZeroed: true, got_g: step.grams, wanted_g: step.grams } : null,
        true,
        null,
      );
      touches.push(touch?.kind ?? 'none');
      if (touch?.kind === 'finish') break;
      if (touch?.kind === 'worked') events = [...events, { kind: 'worked', data: { stepId: touch.stepId } }];
      if (touch?.kind === 'record') events = [...events, wentIn(touch.step.id, touch.went_g)];
    }
    expect(touches.at(-1)).toBe('finish');
    expect(touches.filter((kind) => kind === 'record')).toHaveLength(4);
    expect(progressOf(bowlAfter(events))).toEqual({ done: 4, all: 4 });
    expect(touchWords({ kind: 'finish' }, true)).toBe('Save to the log');
  });

  test('before the scale has said anything there is nothing to do', () => {
    expect(nextTouch(FRESH, null, true, null)).toBeNull();
  });
});

describe('what lies in the bowl', () => {
  test('what went in before, and what is going in while the scale is watched', () => {
    const bowl = bowlAfter([wentIn(FIRST.id, 251)]);
    const step = bowl.step;
    if (step?.kind !== 'weigh') throw new Error('a weighing comes next');
    const { layers, full_g } = layersOf(bowl, { isZeroed: true, got_g: 3, wanted_g: step.grams }, true, []);
    const same = weighSteps(bowl).filter((other) => other.bowl === step.bowl);
    expect(full_g).toBeCloseTo(
      same.reduce((sum, { grams }) => sum + grams, 0),
      9,
    );
    expect(layers.map(({ key, grams, isLive }) => [key, grams, isLive])).toEqual(
      step.bowl === FIRST.bowl
        ? [
            [FIRST.id, 251, false],
            [step.id, 3, true],
          ]
        : [[step.id, 3, true]],
    );
    // Not zeroed: what the scale shows isn't this step's.
    expect(layersOf(bowl, { isZeroed: false, got_g: 900, wanted_g: step.grams }, true, []).layers.some(({ isLive }) => isLive)).toBe(false);
  });

  test('a lot that has grown: what was in counts with what is added', () => {
    const grown = bowlAfter([wentIn(FIRST.id, FIRST.grams), { kind: 'scaled', data: { factor: 1.5 } }]);
    expect(grown.topUp_g).toBeCloseTo(FIRST.grams / 2, 6);
    expect(nowIn_g(grown, FIRST, FIRST.grams / 2)).toBeCloseTo(1.5 * FIRST.grams, 6);
    expect(nowIn_g(FRESH, FIRST, -3)).toBe(0);
  });
});
