import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { advise, DEFAULT_CONDITIONS, destinations } from '../../advise/index.ts';
import { presetIron, readBatter } from '../../testing/batters.ts';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { PlannedIron, RunRequest } from '../index.ts';
import { heldIn, isSpoilt, leftOver, mostHeld, planRun, servedBy, standingAt } from '../index.ts';
import { arrivalOf_s, doorOf_s } from './arrivals.ts';
import { crispAfter } from './service.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf, OWN_DISH } from '../../testing/morning.ts';

const DOOR = Date.UTC(2026, 10, 28, 7, 0);
const iron = (changes: Partial<PlannedIron> = {}): PlannedIron => plannedIron('a', changes);
const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 12,
    piecesPerPerson: 1,
    serveAt: DOOR,
    mode: 'as-they-come',
    irons: [iron(), iron({ ironId: 'b' })],
    batter_g: null,
    ...changes,
  });
const morning = (changes: Partial<Morning> = {}) => {
  const request = asked(changes);
  const plan = planRun(request);
  return { request, plan, service: servedBy(plan, request) };
};

describe('who is served when', () => {
  test('a door open for two hours: hardly anybody waits, and nothing is cooked long before it is eaten', () => {
    const { plan, service } = morning({ door_s: 7200 });
    expect(service.longestWait_s).toBeLessThan(4 * 60);
    expect(service.impatient).toBe(0);
    // A load of two, eaten by two guests eleven minutes apart.
    for (const age of service.oldest_s.values()) expect(age).toBeLessThan(7200 / 11 + 120);
    expect((plan.lastPlateAt - DOOR) / 1000).toBeGreaterThan(7200 - 700);
  });

  test('a rush in the middle is cooked for ahead, so that nobody waits over four minutes; but no further than that takes', () => {
    const arrivals = [
      { after_s: 0, people: 2 },
      { after_s: 1800, people: 16 },
      { after_s: 3600, people: 2 },
    ];
    const inTime = morning({ people: 20, arrivals, ahead_s: 0 });
    const rush = morning({ people: 20, arrivals });
    expect(inTime.service.longestWait_s).toBeGreaterThan(600);
    expect(rush.service.longestWait_s).toBeLessThanOrEqual(240);
    expect(Math.max(...rush.service.oldest_s.values())).toBeLessThan(1200 + 240 + 400);
    // Where nobody waits anyway, nothing is cooked ahead.
    const quiet = morning({ people: 20, door_s: 7200 });
    expect(quiet.plan).toEqual(planRun({ ...quiet.request, ahead_s: 0 }));
    // Nothing is poured for the last two long before they are there.
    expect((rush.plan.lastPlateAt - DOOR) / 1000).toBeGreaterThan(3600 - 60);
  });

  test('where others come than were drawn, the shape counts; one group is everybody at once', () => {
    const drawn = [
      { after_s: 900, people: 1 },
      { after_s: 0, people: 1 },
    ];
    const door = { mode: 'as-they-come' as const, arrivals: drawn };
    expect([0, 1, 2, 3].map((guest) => arrivalOf_s(guest, 4, door))).toEqual([0, 0, 900, 900]);
    expect(doorOf_s(door)).toBe(900);
    expect(morning({ arrivals: [{ after_s: 0, people: 12 }] }).service).toEqual(morning({ door_s: 0 }).service);
    // Nobody in it, or served together: as if nothing had been drawn.
    expect(arrivalOf_s(1, 2, { mode: 'as-they-come', door_s: 600, arrivals: [{ after_s: 5, people: 0 }] })).toBe(600);
    expect(doorOf_s({ ...door, mode: 'together' })).toBe(0);
  });

  test('what goes into the tin is nobody’s: no guest waits for it, all of it lies there, and all is left at the end', () => {
    const request = asked({ people: 30, mode: 'together', goesTo: 'tin' });
    const plan = planRun(request);
    expect(plan.pieces).toBeGreaterThanOrEqual(30);
    expect(servedBy(plan, request)).toMatchObject({ longestWait_s: 0, impatient: 0 });
    expect(servedBy(plan, request).oldest_s.size).toBe(0);
    expect(mostHeld(plan, request)).toBe(plan.pieces);
    const out = plan.loads.map(({ ironId, dishId, openAt, pieces }) => ({ ironId, dishId, openedAt: openAt, pieces }));
    expect(leftOver(plan.lastPlateAt + 1, plan, request, out)).toEqual([{ dishId: 'own', pieces: plan.pieces }]);
    expect(standingAt(plan.lastPlateAt, plan, request, out, [])).toMatchObject({ served: 0, waiting: 0, onRack: plan.pieces });
    // As they come, beside a dish for guests: it isn't put off until somebody sits down.
    const both = asked({
      people: 4,
      door_s: 7200,
      irons: [iron(), iron({ ironId: 'b', dishId: 'wafers' })],
      others: [{ dishId: 'wafers', people: 20, piecesPerPerson: 1, batter_g: null, goesTo: 'tin' }],
    });
    const ofWafers = planRun(both).loads.filter(({ dishId }) => dishId === 'wafers');
    expect(Math.max(...ofWafers.map(({ openAt }) => openAt))).toBeLessThan(DOOR + 3_600_000);
  });

  test('all there when the door opens: those at the end wait until everything has been cooked', () => {
    const { plan, service } = morning();
    expect(service.longestWait_s).toBeCloseTo((plan.lastPlateAt - DOOR) / 1000, 6);
    expect(service.meanWait_s).toBeLessThan(service.longestWait_s);
    expect(service.impatient).toBeGreaterThan(0);
  });

  test('all together: nobody waits, and the first pieces are the oldest', () => {
    const { plan, service } = morning({ mode: 'together', door_s: 7200 });
    expect(service.longestWait_s).toBe(0);
    const first = Math.min(...plan.loads.map(({ openAt }) => openAt));
    expect(Math.max(...service.oldest_s.values())).toBeCloseTo((DOOR - first) / 1000, 6);
  });

  // By another way of counting: minute by minute, what is out and what is wanted.
  test('whatever the morning, everybody gets what they came for, and no piece is eaten before it is out', () => {
    fc.assert(
      fc.property(
        fc.record({
          people: fc.integer({ min: 1, max: 40 }),
          piecesPerPerson: fc.constantFrom(0.5, 1, 1.5, 2),
          door_s: fc.constantFrom(0, 900, 3600, 7200),
          mode: fc.constantFrom('together' as const, 'as-they-come' as const),
          hands: fc.integer({ min: 1, max: 2 }),
          cook_s: fc.integer({ min: 60, max: 400 }),
        }),
        ({ cook_s, ...changes }) => {
          const { people, piecesPerPerson } = changes;
          const { request, plan, service } = morning({ ...changes, irons: [iron({ cook_s }), iron({ ironId: 'b', cook_s: cook_s + 40 })] });
          expect(plan.pieces).toBeGreaterThanOrEqual(Math.ceil(people * piecesPerPerson));
          const door_s = request.mode === 'together' ? 0 : (request.door_s ?? 0);
          const out = plan.loads
            .flatMap(({ openAt, pieces }) => Array.from({ length: pieces }, () => (openAt - DOOR) / 1000 + 60))
            .sort((a, b) => a - b);
          let worst = 0;
          for (let guest = 0; guest < people; guest++) {
            const sits = people === 1 ? 0 : (door_s * guest) / (people - 1);
            const needed = Math.ceil((guest + 1) * piecesPerPerson);
            worst = Math.max(worst, (out[needed - 1] ?? Infinity) - sits);
          }
          expect(service.longestWait_s).toBeCloseTo(Math.max(0, worst), 6);
          for (const age of service.oldest_s.values()) expect(age).toBeGreaterThanOrEqual(60 - 1e-9);
        },
      ),
      { numRuns: 200, seed: 5 },
    );
  });
});

describe('where it waits', () => {
  const same = { tawny: [4, 4, 4, 4], mass: [1, 1, 1, 1] } as const;
  const rack = { place: 'rack', crisp: [4, 3, 2, 1], ...same } as const;
  const oven = { place: 'oven', crisp: [4, 3.8, 3.7, 3.6], ...same } as const;
  test('between minutes by a straight line, beyond the course its last value', () => {
    expect(crispAfter(rack, 150)).toBeCloseTo(1.5, 9);
    expect(crispAfter(rack, 9999)).toBe(1);
  });

  test('just off the iron it is as crisp as it was promised there, on the rack and not at once softer or crisper', () => {
    const advice = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron: presetIron('deep-round') });
    if (!advice.ok) throw new Error(advice.failure.code);
    const { courses } = destinations(advice.value);
    const found = courses.find(({ place }) => place === 'rack')!.course;
    for (const wait_s of [-5, 0, 60, 120]) expect(crispAfter(found, wait_s)).toBeCloseTo(advice.value.cooked.crisp, 1);
    expect(crispAfter(found, 600)).toBeLessThan(advice.value.cooked.crisp);
  });

  test('the place that keeps the oldest piece crispest comes first; of several irons the worst counts', () => {
    const courses = new Map([
      ['a', [rack, oven]],
      ['b', [{ place: 'rack', crisp: [5, 5, 5, 5], ...same } as const, { place: 'oven', crisp: [3, 3, 3, 3], ...same } as const]],
    ]);
    const held = heldIn(
      new Map([
        ['a', 120],
        ['b', 60],
      ]),
      courses,
    );
    expect(held.map(({ place, ironId, crispAtPlate }) => [place, ironId, crispAtPlate])).toEqual([
      ['oven', 'b', 3],
      ['rack', 'a', 2],
    ]);
    expect(heldIn(new Map([['c', 60]]), courses)).toEqual([]);
  });

  test('a place that browns on or dries out comes last, however crisp it keeps them', () => {
    const hot = { place: 'oven-180', crisp: [4, 5, 5, 5], tawny: [4, 4.5, 5, 5.5], mass: [1, 0.95, 0.9, 0.85] } as const;
    const held = heldIn(new Map([['a', 180]]), new Map([['a', [rack, oven, hot]]]));
    expect(held.map(({ place }) => place)).toEqual(['oven', 'rack', 'oven-180']);
    expect(held.at(-1)).toMatchObject({ darker: 1.5 });
    expect(held.at(-1)!.dries).toBeCloseTo(0.15, 9);
    expect(held.map(isSpoilt)).toEqual([false, false, true]);
  });

  test('as many lie there at once as are out and nobody has eaten', () => {
    const request = asked({ people: 4, mode: 'together' });
    const out = [1, 2, 3].map((minute) => ({ ironId: 'a', dishId: OWN_DISH, openAt: DOOR - minute * 60_000, pieces: 2 }));
    expect(mostHeld({ loads: out }, request)).toBe(6);
    expect(mostHeld({ loads: out.map((load) => ({ ...load, openAt: load.openAt + 3_600_000 })) }, request)).toBe(2);
    expect(mostHeld({ loads: [] }, request)).toBe(0);
    // Another dish lies in its own place.
    expect(mostHeld({ loads: out.map((load) => ({ ...load, dishId: 'wafers' })) }, request)).toBe(0);
  });
});
