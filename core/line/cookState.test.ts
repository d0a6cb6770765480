import { describe, expect, test } from '@jest/globals';
import type { Random } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { LoadEvent, NewLoadEvent, Prediction } from '../log/index.ts';
import { loadProgress } from '../log/index.ts';
import type { CookState, Conducting, PlaceAtLine, PlannedMorning, Touchable } from './index.ts';
import { cookState, hasLoadIn, NO_RECIPE, shownLeft_s, tooDark_s } from './index.ts';

const NOW = 1_800_000_000_000;
const CUE = { cueBefore_s: 20 };

/** An iron with the log of the load in it, as much of a place as Cook goes by. */
type Standing = { readonly id: string; readonly turned: boolean; log: LoadEvent[]; n: number; isRemoved: boolean; readonly best_s: number };

const predictionOf = (best_s: number, hasBrowning = true): Prediction =>
  ({
    tawnyStep: 4,
    cookTime_s: { from: 0.9 * best_s, best: best_s, to: 1.1 * best_s },
    ...(hasBrowning ? { browning: { every_s: best_s / 10, steps: Array.from({ length: 16 }, (_, i) => Math.min(8, 1 + 0.3 * i)) } } : {}),
  }) as Prediction;

const placeOf = ({ id, turned, log, n, isRemoved, best_s }: Standing): PlaceAtLine =>
  ({
    iron: { id, turned, geometry: { moulds: 1 } },
    progress: log.length === 0 ? null : loadProgress(log),
    prediction: log.length === 0 ? null : predictionOf(best_s),
    advice: { planned: { cook_s: best_s, open_s: 25, recovery_s: 30 }, answer: { portion_g: 100, totalMass_g: 900 }, findings: [] },
    failure: null,
    turn_s: turned ? best_s / 2 : null,
    load: log.length === 0 ? null : { runId: 'r', isTrial: false },
    dishId: 'd',
    isRemoved,
    n,
  }) as unknown as PlaceAtLine;

const conductingOf = (standing: readonly Standing[], more: Partial<Conducting<PlaceAtLine, PlannedMorning>> = {}) => ({
  places: standing.map(placeOf),
  planned: null,
  missing: null,
  putOff: new Map<string, number>(),
  isReady: true,
  ...more,
});

const EVENTS: Readonly<Record<Touchable, NewLoadEvent>> = {
  pour: { kind: 'poured', data: {} },
  close: { kind: 'closed', data: {} },
  turn: { kind: 'turned', data: {} },
  open: { kind: 'opened', data: {} },
};
const says = (iron: Standing, act: Touchable, at: number): void => {
  if (act === 'pour') iron.log = [];
  iron.log.push({ ...EVENTS[act], seq: iron.log.length, at } as LoadEvent);
  if (act === 'open') iron.n++;
};

/** What must be so of everything that Cook shows, whatever has happened. */
const mustHold = (shown: CookState, conducting: Conducting<PlaceAtLine, PlannedMorning>): void => {
  const { panel, irons } = shown;
  const lit = irons.filter(({ button }) => button?.isLit === true);
  const offered = panel.kind === 'act' && panel.button !== null && panel.button !== 'fold' ? panel : null;
  // The panel's touch is the one that is lit at its iron, and no other is.
  expect(lit.map(({ ironId, button }) => [ironId, button?.act])).toEqual(offered === null ? [] : [[offered.due.ironId, offered.button]]);
  const next = irons.filter(({ isNext }) => isNext).map(({ ironId }) => ironId);
  expect(next).toEqual(panel.kind === 'act' && panel.isAtHand && panel.due.ironId !== '' ? [panel.due.ironId] : []);
  for (const [i, iron] of irons.entries()) {
    const place = conducting.places[i]!;
    const { phase, button, left_s } = iron;
    // No touch is offered that does nothing.
    if (button !== null) expect([button.act, hasLoadIn(place)]).toEqual([button.act, button.act !== 'pour']);
    if (button?.act === 'close') expect(phase).toBe('poured');
    if (button?.act === 'open' || button?.act === 'turn') expect(phase).toBe('cooking');
    if (hasLoadIn(place)) expect(button).not.toBeNull();
    // What isn't due yet and what is overdue never shows 0:00.
    if (left_s !== null && left_s !== 0) expect(Math.sign(shownLeft_s(left_s))).toBe(Math.sign(left_s));
    if (panel.kind === 'act' && panel.due.ironId === iron.ironId && panel.due.act === 'open') {
      expect([panel.isLate, panel.darkIn_s]).toEqual([iron.isLate, iron.darkIn_s]);
      expect(panel.left_s).toBeCloseTo(left_s ?? NaN, 6);
    }
  }
  // A lid that can still be saved isn't left for one that can't.
  const due = irons.filter(({ left_s }) => left_s !== null && left_s <= 0);
  const chosen = panel.kind === 'act' && panel.due.act === 'open' ? due.find(({ ironId }) => ironId === panel.due.ironId) : undefined;
  if (chosen?.darkIn_s === 0) expect(due.every(({ darkIn_s }) => darkIn_s === 0)).toBe(true);
};

/** One morning of a hand that follows, is slow, forgets, errs and takes back; an iron may go. */
const morning = (random: Random): number => {
  const standing = Array.from({ length: 1 + random.below(6) }, (_, i): Standing => {
    const best_s = 60 + 500 * random.next();
    return { id: `iron ${i}`, turned: random.next() < 0.2, log: [], n: 1, isRemoved: false, best_s };
  });
  const putOff = new Map<string, number>();
  const plan = {
    loads: standing.flatMap(({ id }, i) =>
      [1, 2, 3].map((n) => ({ ironId: id, dishId: 'd', n, pourAt: NOW + 1000 * 60 * (n * 5 + i), pieces: 1 })),
    ),
    preheats: standing.map(({ id }) => ({ ironId: id, from: NOW + 20_000, to: NOW + 200_000 })),
    lastPlateAt: NOW + 3_600_000,
  };
  const planned =
    random.next() < 0.5
      ? null
      : ({ run: { id: 'r', mode: random.next() < 0.5 ? 'together' : 'as-they-come' }, plan } as unknown as PlannedMorning);
  let [now, overdue] = [NOW, 0];
  for (let step = 0; step < 40; step++) {
    now += 1000 * (random.next() < 0.1 ? 400 * random.next() : 30 * random.next());
    const missing = planned === null ? null : new Map([['d', 9]]);
    const isReady = step > 2 || random.next() < 0.7;
    const conducting = conductingOf(standing, { putOff, planned, missing, isReady });
    const shown = cookState(conducting, now, CUE);
    mustHold(shown, conducting);
    overdue += shown.irons.filter(({ isLate }) => isLate).length;
    const iron = standing[random.below(standing.length)]!;
    const what = random.next();
    const { panel } = shown;
    if (what < 0.6 && panel.kind === 'act' && panel.button !== null && panel.button !== 'fold')
      says(
        standing.find(({ id }) => id === panel.due.ironId)!,
        panel.button,
        now,
      );
    else if (what < 0.75) {
      const button = shown.irons.find(({ ironId }) => ironId === iron.id)?.button;
      if (button != null) says(iron, button.act, now);
    } else if (what < 0.85) {
      const last = loadProgress(iron.log).lastUndoable;
      if (last !== null) {
        if (last.kind === 'opened') iron.n--;
        iron.log.push({ kind: 'undone', data: { seq: last.seq }, seq: iron.log.length, at: now });
      }
    } else if (what < 0.88) iron.isRemoved = true;
    else if (what < 0.93) putOff.set(iron.id, now + 90_000);
  }
  return overdue;
};

test('five hundred mornings, slow, early, forgotten, undone, with a dead iron: the panel and the irons never disagree', () => {
  const random = seededRandom(29);
  let overdue = 0;
  for (let i = 0; i < 500; i++) overdue += morning(random);
  // The mornings were bad enough to show it.
  expect(overdue).toBeGreaterThan(2000);
});

describe('two lids due at once', () => {
  const cooking = (id: string, best_s: number, closedFor_s: number): Standing => {
    const iron: Standing = { id, turned: false, log: [], n: 1, isRemoved: false, best_s };
    says(iron, 'pour', NOW - 1000 * closedFor_s - 9000);
    says(iron, 'close', NOW - 1000 * closedFor_s);
    return iron;
  };
  const panelOf = (...standing: readonly Standing[]) => cookState(conductingOf(standing), NOW, CUE).panel;
  // Expected at step 4 after ten tenths, and a step over it after fourteen: too dark after 1.33 of its time.
  test('the one that is too dark sooner comes first, and says so', () => {
    expect(tooDark_s(predictionOf(300))).toBeCloseTo(400, 0);
    const panel = panelOf(cooking('slow', 600, 620), cooking('quick', 60, 73));
    expect(panel).toMatchObject({ due: { act: 'open', ironId: 'quick' }, because: 'darkens-sooner' });
    expect(panel.kind === 'act' ? panel.darkIn_s : null).toBeCloseTo(7, 0);
  });
  test('one that is lost waits for one that can be saved; of two that are lost the longer comes first', () => {
    expect(panelOf(cooking('lost', 100, 180), cooking('good', 200, 205))).toMatchObject({
      due: { ironId: 'good' },
      because: 'can-be-saved',
      darkIn_s: expect.closeTo(61.7, 0),
    });
    expect(panelOf(cooking('lost', 100, 180), cooking('more', 100, 200))).toMatchObject({
      due: { ironId: 'more' },
      because: null,
      darkIn_s: 0,
    });
  });
  test('a load of an earlier version has no browning: the end of its good time says it', () => {
    expect(tooDark_s(predictionOf(300, false))).toBeCloseTo(360, 6);
    expect(tooDark_s({ ...predictionOf(300), browning: { every_s: 30, steps: [1, 2, 2] } })).toBeNull();
    // Worked out to 3.7 only: it goes on from there as it went last.
    expect(
      tooDark_s({ ...predictionOf(300), browning: { every_s: 30, steps: [1, 1.3, 1.6, 1.9, 2.2, 2.5, 2.8, 3.1, 3.4, 3.7] } }),
    ).toBeCloseTo(400, 0);
  });
});

test('before the recipe’s own "not before" nothing is late; from then on it is', () => {
  const iron: Standing = { id: 'a', turned: false, log: [], n: 1, isRemoved: false, best_s: 200 };
  says(iron, 'pour', NOW - 9000);
  says(iron, 'close', NOW);
  const at = (after_s: number, notBefore_s: number | null): CookState => {
    const conducting = conductingOf([iron]);
    const places = conducting.places.map((place) => ({ ...place, recipe: { ...NO_RECIPE, notBefore_s } }));
    return cookState({ ...conducting, places }, NOW + 1000 * after_s, CUE);
  };
  const isLate = ({ panel, irons }: CookState) => [panel.kind === 'act' && panel.isLate, irons[0]?.isLate];
  expect(isLate(at(250, null))).toEqual([true, true]);
  expect(isLate(at(250, 300))).toEqual([false, false]);
  expect(isLate(at(301, 300))).toEqual([true, true]);
  // It doesn't make anything late that isn't due.
  expect(isLate(at(150, 100))).toEqual([false, false]);
});

test('an iron that is hot and isn’t poured says which lid it waits for, and until when', () => {
  const soon: Standing = { id: 'soon', turned: false, log: [], n: 1, isRemoved: false, best_s: 100 };
  says(soon, 'pour', NOW - 97_000);
  says(soon, 'close', NOW - 95_000);
  const hot: Standing = { id: 'hot', turned: false, log: [], n: 1, isRemoved: false, best_s: 200 };
  const { irons, panel } = cookState(conductingOf([soon, hot]), NOW, CUE);
  expect(irons[1]?.waits).toEqual({ for: 'hand', until: NOW + 5000 + 15_000 });
  expect(panel).toMatchObject({ due: { act: 'open', ironId: 'soon' }, isAtHand: true, then: { act: 'pour', ironId: 'hot' } });
  expect(irons.map(({ button }) => button)).toEqual([
    { act: 'open', isLit: true },
    { act: 'pour', isLit: false },
  ]);
});
