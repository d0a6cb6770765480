import { instantOf, lastTimeBefore, wallTime } from '../../basis/index.ts';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { advise, DEFAULT_CONDITIONS } from '../../advise/index.ts';
import { presetIron, readBatter } from '../../testing/batters.ts';
import type { PlannedIron } from '../index.ts';
import { plannedIron, planRun } from '../index.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf, OWN_DISH } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 5, 1, 7, 15);
const iron = (changes: Partial<PlannedIron> = {}): PlannedIron => ({
  ironId: 'a',
  dishId: OWN_DISH,
  piecesPerLoad: 1,
  portion_g: 200,
  leastPortion_g: 188,
  preheat_s: 300,
  cook_s: 300,
  open_s: 25,
  recovery_s: 20,
  ...changes,
});
const plan = (changes: Partial<Morning> = {}) =>
  planRun(morningOf({ people: 6, piecesPerPerson: 1, serveAt: SERVE, mode: 'together', irons: [iron()], batter_g: null, ...changes }));

describe('a plan', () => {
  test('served together: the last plate is out when they sit down', () => {
    const p = plan();
    expect(p.loads).toHaveLength(6);
    expect(p.lastPlateAt).toBe(SERVE);
    expect(p.firstPourAt).toBe(SERVE - (60 + 5 * 345 + 300) * 1000);
    expect(p.startAt).toBe(p.firstPourAt - 300_000);
  });

  test('the first load of an iron stands on plates that have not cooked yet: it has a time of its own', () => {
    const p = plan({ irons: [iron({ firstCook_s: 270 })] });
    expect(p.loads.map(({ pourAt, openAt }) => (openAt - pourAt) / 1000)).toEqual([270, 300, 300, 300, 300, 300]);
    expect(p.firstPourAt).toBe(SERVE - (60 + 315 + 4 * 345 + 300) * 1000);
    expect(plan({ irons: [iron({ firstCook_s: 300 })] })).toEqual(plan());
  });

  test('as they come: the first plate is out when the first sits down', () => {
    const p = plan({ mode: 'as-they-come' });
    expect((p.loads[0]?.openAt ?? 0) + 60_000).toBe(SERVE);
    expect(p.lastPlateAt).toBeGreaterThan(SERVE);
  });

  test('loads on an iron never overlap, and leave it time to recover', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.array(
          fc.record({
            cook_s: fc.integer({ min: 20, max: 600 }),
            recovery_s: fc.integer({ min: 0, max: 120 }),
            piecesPerLoad: fc.integer({ min: 1, max: 4 }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        (people, irons) => {
          const all = irons.map((changes, i) => iron({ ...changes, ironId: String(i) }));
          const p = plan({ people, irons: all });
          expect(p.pieces).toBe(
            p.loads.reduce((sum, load) => sum + (all.find(({ ironId }) => ironId === load.ironId)?.piecesPerLoad ?? NaN), 0),
          );
          // Enough for everybody, unless it would take longer than a morning has: then that is said.
          if (p.pieces < people) expect(p.findings.map(({ code }) => code)).toContain('run-too-long');
          for (const one of all) {
            const mine = p.loads.filter((load) => load.ironId === one.ironId).sort((a, b) => a.pourAt - b.pourAt);
            mine
              .slice(1)
              .forEach((load, i) =>
                expect(load.pourAt - (mine[i]?.openAt ?? 0)).toBeGreaterThanOrEqual((one.recovery_s + one.open_s) * 1000 - 1),
              );
          }
        },
      ),
      { numRuns: 80, seed: 5 },
    );
  });

  test('is as quick as the best of all ways to share the loads (all of them tried, small cases)', () => {
    for (const [people, cookA, cookB] of [
      [5, 300, 200],
      [7, 240, 420],
      [4, 100, 500],
    ] as const) {
      const irons = [iron({ ironId: 'a', cook_s: cookA }), iron({ ironId: 'b', cook_s: cookB })];
      const end = (n: number, i: PlannedIron, start: number): number =>
        n === 0 ? 0 : start + n * (i.open_s + i.cook_s + i.recovery_s) - i.open_s - i.recovery_s;
      let shortest = Infinity;
      for (let a = 0; a <= people; a++) shortest = Math.min(shortest, Math.max(end(a, irons[0]!, 0), end(people - a, irons[1]!, 25)));
      const p = plan({ people, irons });
      expect((p.lastPlateAt - p.firstPourAt) / 1000 - 60).toBeLessThanOrEqual(shortest + 1);
    }
  });

  test('a bowl a little short is evened out; one far short is said, with how much more', () => {
    const even = plan({ batter_g: 6 * 195 });
    expect(even.loads.every((load) => Math.abs(load.portion_g - (0.98 * 6 * 195) / 6) < 1e-9)).toBe(true);
    expect(even.findings.map((f) => f.code)).toContain('portions-evened');
    expect(plan({ batter_g: 600 }).findings).toContainEqual(expect.objectContaining({ code: 'batter-short' }));
  });

  test.each([
    [{ irons: [] }, 'no-irons'],
    [{ people: 0 }, 'nothing-to-cook'],
    [{ people: 2000 }, 'run-too-long'],
    [{ people: 20 }, 'hold-long'],
    [{ irons: [iron({ piecesPerLoad: 4 })] }, 'pieces-over'],
  ] as const)('%# is said: %s', (changes, code) => expect(plan(changes as Partial<Morning>).findings.map((f) => f.code)).toContain(code));

  test('two irons, by hand: who pours when, numbered, in order', () => {
    // a: 100 s, b: 200 s closed; both 25 s open (15 to take out, 10 to pour), 20 s to recover; one pair of hands, so b is poured 10 s after a.
    const irons = [iron({ ironId: 'a', cook_s: 100, preheat_s: 60 }), iron({ ironId: 'b', cook_s: 200, preheat_s: 300 })];
    const p = plan({ people: 4, irons });
    // Done times: a 100, 245, 390 …; b 210, 455 …: loads a1, b1, a2, a3. b could still cook
    // another before the last lid, and begins no later.
    const zero = SERVE - (390 + 60) * 1000;
    expect(p.loads.map(({ ironId, n, pourAt, openAt }) => [ironId, n, (pourAt - zero) / 1000, (openAt - zero) / 1000])).toEqual([
      ['a', 1, 0, 100],
      ['b', 1, 10, 210],
      ['a', 2, 145, 245],
      ['a', 3, 290, 390],
    ]);
    expect(p.preheats).toEqual([
      { ironId: 'a', from: zero - 60_000, to: zero },
      { ironId: 'b', from: zero + 10_000 - 300_000, to: zero + 10_000 },
    ]);
    expect(p.startAt).toBe(zero - 290_000);
    expect(p.batter_g).toBeCloseTo((4 * 200) / 0.98, 9);
    expect(p.findings).toEqual([]);
  });

  test('an iron that isn’t needed is not switched on', () => {
    const p = plan({ people: 1, irons: [iron({ ironId: 'a' }), iron({ ironId: 'b' })] });
    expect(p.preheats.map(({ ironId }) => ironId)).toEqual(['a']);
  });

  test('pieces for each are counted by the head and rounded up', () => {
    expect(plan({ people: 5, piecesPerPerson: 1.5 }).pieces).toBe(8);
    expect(plan({ people: 3, piecesPerPerson: 2 }).pieces).toBe(6);
  });

  test('what is said carries its numbers, and nothing is said without need', () => {
    expect(plan({ people: 8, irons: [iron({ piecesPerLoad: 4 })] }).findings).toEqual([]);
    expect(plan({ people: 6, irons: [iron({ piecesPerLoad: 4 })] }).findings).toEqual([
      { code: 'pieces-over', level: 'note', fields: { pieces: 2 } },
    ]);
    // 8 loads: 7 cycles of 345 s between the first plate and the last.
    expect(plan({ people: 8 }).findings).toEqual([
      { code: 'hold-long', level: 'warning', fields: { minutes: Math.round((7 * 345) / 60) } },
    ]);
    expect(plan({ people: 6 }).findings).toEqual([]);
    expect(plan({ people: 8, mode: 'as-they-come' }).findings).toEqual([]);
    const short = plan({ people: 4, batter_g: 500 }).findings;
    expect(short).toEqual([{ code: 'batter-short', level: 'warning', fields: { missing_g: Math.ceil(800 / 0.98 - 500), factor: 1.63 } }]);
    expect(plan({ people: 4, batter_g: 800 }).findings).toEqual([{ code: 'portions-evened', level: 'note', fields: { percent: 98 } }]);
    expect(plan({ people: 4, batter_g: 900 }).findings).toEqual([]);
    const long = plan({ people: 300, mode: 'as-they-come' });
    expect(long.findings).toEqual([{ code: 'run-too-long', level: 'warning', fields: { hours: 6, pieces: long.pieces, wanted: 300 } }]);
    expect(long.pieces).toBe(62);
    expect(plan({ people: 0 }).findings).toEqual([{ code: 'nothing-to-cook', level: 'note', fields: {} }]);
    expect(plan({ irons: [] }).findings).toEqual([{ code: 'no-irons', level: 'warning', fields: {} }]);
  });

  test('with nothing to cook the plan is empty and stands at serving time', () => {
    expect(plan({ people: 0, batter_g: 100 })).toMatchObject({
      pieces: 0,
      loads: [],
      preheats: [],
      firstPourAt: SERVE,
      startAt: SERVE,
      batter_g: 0,
    });
  });

  test('of several irons the one that needs the fullest portion decides how far it can be evened', () => {
    const irons = [iron({ ironId: 'a', leastPortion_g: 100 }), iron({ ironId: 'b', leastPortion_g: 195 })];
    expect(plan({ people: 4, irons, batter_g: 790 }).findings.map((f) => f.code)).toEqual(['batter-short']);
    expect(plan({ people: 4, irons, batter_g: 805 }).findings.map((f) => f.code)).toEqual(['portions-evened']);
  });

  test('an advice brings its own times', () => {
    const result = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron: presetIron('deep-round') });
    if (!result.ok) throw new Error(result.failure.code);
    const planned = plannedIron(result.value);
    expect(planned.cook_s).toBe(Math.round(result.value.cooked.window.best_s));
    expect(planned.preheat_s).toBeGreaterThan(120);
    // A deep iron under so small a load may be back by the time it is emptied.
    expect(planned.recovery_s).toBeGreaterThanOrEqual(0);
    expect(planned.leastPortion_g).toBeCloseTo(0.94 * planned.portion_g, 6);
  });
});

describe('clock times of a place', () => {
  test.each([
    ['the night the clocks go forward', '2026-03-29T07:15'],
    ['the night the clocks go back', '2026-10-25T07:15'],
    ['any other night', '2026-11-25T07:15'],
  ])('%s: “mixed at 22:00” is 22:00 on the wall', (_, wall) => {
    const cookAt = instantOf(wall, 'Europe/London')!;
    const at = lastTimeBefore('22:00', cookAt, 'Europe/London')!;
    expect(wallTime(at, 'Europe/London').slice(11)).toBe('22:00');
    expect(cookAt - at).toBeGreaterThan(8 * 3_600_000);
    expect(cookAt - at).toBeLessThan(11 * 3_600_000);
    // The same day, where that is before the cooking; nonsense is none.
    expect(cookAt - lastTimeBefore('06:15', cookAt, 'Europe/London')!).toBe(3_600_000);
    expect(lastTimeBefore('nonsense', cookAt, 'Europe/London')).toBeNull();
  });

  test.each(['UTC', 'Europe/London', 'America/New_York', 'Asia/Kolkata', 'Australia/Lord_Howe'])('%s: there and back', (zone) => {
    fc.assert(
      fc.property(fc.integer({ min: Date.UTC(2024, 0), max: Date.UTC(2030, 0) }), (at) => {
        const minute = Math.floor(at / 60_000) * 60_000;
        const back = instantOf(wallTime(minute, zone), zone);
        // In the hour that comes twice the first is meant.
        expect(back === minute || back === minute - 3_600_000 || back === minute - 1_800_000).toBe(true);
        expect(wallTime(back ?? 0, zone)).toBe(wallTime(minute, zone));
      }),
      { numRuns: 150, seed: 6 },
    );
  });

  // Europe/London 2027: clocks go forward on 28 March at 01:00 UTC and back on 31 October at 01:00 UTC (tz database).
  test('the night that loses an hour, and the one that has it twice', () => {
    expect(instantOf('2027-03-28T07:15', 'Europe/London')).toBe(Date.UTC(2027, 2, 28, 6, 15));
    expect(instantOf('2027-03-27T23:30', 'Europe/London')).toBe(Date.UTC(2027, 2, 27, 23, 30));
    expect(wallTime(instantOf('2027-03-28T01:30', 'Europe/London') ?? 0, 'Europe/London')).toBe('2027-03-28T02:30');
    expect(instantOf('2027-10-31T01:30', 'Europe/London')).toBe(Date.UTC(2027, 9, 31, 0, 30));
    expect(instantOf('2027-10-31T07:15', 'Europe/London')).toBe(Date.UTC(2027, 9, 31, 7, 15));
  });

  test('a plan over midnight and over the change keeps its lengths', () => {
    const serveAt = instantOf('2027-03-28T02:05', 'Europe/London') ?? 0;
    const p = planRun(morningOf({ people: 6, piecesPerPerson: 1, serveAt, mode: 'together', irons: [iron()], batter_g: null }));
    expect(p.lastPlateAt - p.firstPourAt).toBe((60 + 5 * 345 + 300) * 1000);
    expect(wallTime(p.startAt, 'Europe/London')).toBe('2027-03-28T00:25');
  });

  test.each(['', '2027-03-28', 'soon', '2027-13-40T99:99'])('%j is no time', (text) => expect(instantOf(text, 'UTC')).toBeNull());
});
