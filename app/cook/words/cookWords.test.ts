import { describe, expect, test } from '@jest/globals';
import type { Act, ActPanel, IronState } from '../../../core/line/index.ts';
import { NO_RECIPE, shownLeft_s } from '../../../core/line/index.ts';
import { seededRandom } from '../../../core/basis/index.ts';
import { DEMO_IRONS, DEMO_KIT } from '../../../demo/kit.ts';
import { clock } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import { ironText } from './ironText.ts';
import { panelText } from './panelText.ts';

const NOW = Date.UTC(2026, 10, 30, 6, 50);
const iron = DEMO_IRONS[0]!;
const place = (changes: object = {}): LinePlace =>
  ({
    iron,
    formula: { id: 'f', name: 'Fellside oat and rye' },
    load: null,
    log: [],
    progress: null,
    prediction: null,
    rescue: null,
    promised_s: null,
    advice: {
      answer: {
        dose_g: 211,
        portion_g: 211,
        portion_mL: 196,
        totalMass_g: 5000,
        cookTime_s: { from: 290, best: 328, to: 370 },
        setting: { chosen: 'dial', dial: 3, temperature_C: 190 },
      },
      findings: [],
      grease: 'first-load',
    },
    failure: null,
    left_g: 3142,
    over: null,
    onPlate: null,
    isTrial: false,
    wipeBefore: false,
    holds: [],
    turn_s: null,
    isRemoved: false,
    isWeighing: false,
    n: 1,
    ...changes,
  }) as unknown as LinePlace;

const panel = (act: Act, left_s: number, changes: Partial<ActPanel> = {}): ActPanel => ({
  kind: 'act',
  due: { act, ironId: iron.id, at: NOW + 1000 * left_s },
  left_s,
  isAtHand: true,
  isLate: act === 'open' && left_s < -3,
  darkIn_s: null,
  because: null,
  then: null,
  button: null,
  ...changes,
});
const said = (shown: ActPanel, changes: object = {}, isOneOfSeveral = false) =>
  panelText(shown, {
    place: place(changes),
    kit: DEMO_KIT,
    now: NOW,
    towards: undefined,
    said: {},
    nameOf: () => iron.name,
    isOneOfSeveral,
  });

describe('the panel', () => {
  test('a pour is its scoops, with their grams; an overdue lid is a minus, and why it comes first', () => {
    expect(said(panel('pour', 0))).toMatchObject({
      state: 'Now',
      verb: 'Pour',
      figure: '2',
      unit: 'scant ladles',
      reason: '211\u00a0g into the middle',
      notes: ['grease both plates, this once'],
    });
    expect(said(panel('open', -13, { darkIn_s: 28.4 }), {}, true)).toMatchObject({
      state: 'Late',
      figure: '−0:13',
      reason: `${iron.name} first: too dark in 29\u00a0s`,
    });
    expect(said(panel('open', -13, { darkIn_s: 60, because: 'can-be-saved' })).reason).toBe(`${iron.name} first: it can still be saved`);
    expect(said(panel('open', -90, { darkIn_s: 0 })).reason).toContain('too dark by now');
  });
  test('what the recipe asks for at the iron is said where it is done: under, over, greased once, not before, shaped', () => {
    const recipe = {
      ...NO_RECIPE,
      under: 'Lay two strips of bacon on the plate',
      over: 'Scatter 15 g cheese on top',
      grease: 'none',
      notBefore_s: 300,
      out: 'Shape it over a ladle while it is soft, and then let it cool on a rack for a while',
    };
    expect(said(panel('pour', 0), { recipe }).notes).toEqual(['Lay two strips of bacon on the plate']);
    expect(said(panel('close', 0), { recipe }).reason).toBe('Scatter 15 g cheese on top');
    const progress = { phase: 'cooking', closedAt: NOW - 280_000, observations: [] };
    expect(said(panel('open', 0), { recipe, progress }).reason).toBe('your recipe: not before 5:00');
    const later = { ...progress, closedAt: NOW - 400_000 };
    expect(said(panel('open', 0), { recipe, progress: later }).reason).toBe(
      'Shape it over a ladle while it is soft, and then let it cool on …',
    );
  });
  test('the last of the bowl is said before it is poured; a batter that nobody knows yet has no figure', () => {
    expect(said(panel('pour', 0), { left_g: 90, n: 4 }).notes).toEqual(['88\u00a0g to pour: one smaller piece, done sooner']);
    expect(said(panel('pour', -4, { isAtHand: false }), { advice: null })).toMatchObject({ state: 'Next', figure: '' });
  });
});

const cooking = (left_s: number): IronState => ({
  ironId: iron.id,
  phase: 'cooking',
  left_s,
  stage: 'early',
  isLate: left_s < -3,
  darkIn_s: null,
  isNext: false,
  waits: null,
  isDone: false,
  button: null,
});
const inIt = {
  progress: { phase: 'cooking', closedAt: NOW - 100_000, turnedAt: null, observations: [] },
  prediction: { cookTime_s: { from: 290, best: 328, to: 370 } },
};

test('an iron: its clock never shows 0:00 but at its very moment, and its words fit their lines whatever the time', () => {
  const context = { place: place(inIt), kit: DEMO_KIT, zone: 'Europe/London', now: NOW, isReady: true };
  expect([0.4, -0.3, 0, 59.2, -61].map((left_s) => ironText(cooking(left_s), context).figure)).toEqual([
    '0:01',
    '−0:01',
    '0:00',
    '1:00',
    '−1:01',
  ]);
  const random = seededRandom(4);
  for (let i = 0; i < 500; i++) {
    const left_s = 900 - 6000 * random.next();
    const text = ironText(cooking(left_s), context);
    expect(text.figure).toBe(clock(shownLeft_s(left_s)));
    expect([text.figure.length <= 8, text.below.length <= 22, text.then.length <= 30]).toEqual([true, true, true]);
  }
});
