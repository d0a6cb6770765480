import { describe, expect, test } from '@jest/globals';
import { advise, DEFAULT_CONDITIONS, heatCourse, destinations, feasibleBy } from '../../core/advise/index.ts';
import { seededRandom, runToEnd } from '../../core/basis/index.ts';
import { patternMap } from '../../core/plate/index.ts';
import { drawHidden, LEVELS, practiceIronWithBatter, practiceLoad } from '../../core/practice/index.ts';
import { presetIron, readBatter } from '../../core/testing/batters.ts';
import { adviceJobOn } from './testing/adviceJob.ts';
import type { AdviceJob } from './messages.ts';
import { afterOf, heatOf, patternOf, practise, replayed, computeOpenTime, computeIronHistory, computeInformationValue } from './compute.ts';

const job = (changes: Partial<AdviceJob> = {}): AdviceJob => adviceJobOn('mini', changes);
const empty = job({ formula: { id: 'e', rev: 1, lift: null, lines: [] } });

const direct = () => {
  const advice = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron: presetIron('mini') });
  if (!advice.ok) throw new Error(advice.failure.code);
  return advice.value;
};

describe('what the worker answers is what the core answers', () => {
  test('the heat of a morning, and a wish in time', () => {
    const course = { preheat_s: 240, loads: 2, pause_s: 60, mains: 0.9 };
    const reply = runToEnd(heatOf({ job: job(), course, within_s: 90 }));
    expect(reply).toEqual({ ok: true, value: { course: heatCourse(direct(), course), within: feasibleBy(direct(), 90) } });
    expect(structuredClone(reply)).toEqual(reply);
  });

  test('after the iron', () => {
    const reply = runToEnd(afterOf({ job: job() }));
    expect(reply).toEqual({ ok: true, value: destinations(direct()) });
  });

  test('the pattern’s curve falls with heat', () => {
    const reply = runToEnd(patternOf({ job: job(), second: 120 }));
    if (!reply.ok) throw new Error(reply.failure.code);
    const [cool, even, hot] = patternMap(reply.value, 'lower', [-15, 0, 15]);
    expect(cool!).toBeGreaterThan(even!);
    expect(even!).toBeGreaterThan(hot!);
  });

  test('a practice load and its replay; a level nobody has', () => {
    const level = LEVELS.find(({ presetId }) => presetId === 'mini')!;
    const hidden = drawHidden(level, seededRandom(5));
    const pairing = practiceIronWithBatter(level);
    if (!pairing.ok) throw new Error(pairing.failure.code);
    const pour = { portion_g: 60, setting_C: 200 };
    expect(practise({ levelId: level.id, hidden, pour, n: 1, seed: 5 })).toEqual({
      ok: true,
      value: practiceLoad(pairing.value, hidden, pour, 1, seededRandom(501)),
    });
    const played = runToEnd(replayed({ levelId: level.id, hidden, seed: 5, tawny: 4 }));
    expect(played.ok && played.value.length).toBeGreaterThan(0);
    expect(practise({ levelId: 'nowhere', hidden, pour, n: 1, seed: 5 })).toMatchObject({ ok: false, failure: { code: 'level-unknown' } });
    expect(runToEnd(replayed({ levelId: 'nowhere', hidden, seed: 5, tawny: 4 }))).toMatchObject({ ok: false });
  });

  test('an empty bowl is a failure with its code, for each of them', () => {
    for (const reply of [
      runToEnd(heatOf({ job: empty, course: { preheat_s: 60, loads: 1, pause_s: 60, mains: 1 }, within_s: 60 })),
      runToEnd(afterOf({ job: empty })),
      runToEnd(patternOf({ job: empty, second: 60 })),
      runToEnd(computeIronHistory({ batters: [{ key: 'e', job: empty }], history: [], wanted: { batterKey: 'e', tawny: 4 } })),
    ])
      expect(reply).toMatchObject({ ok: false, failure: { code: expect.stringMatching(/^bowl|^out/) } });
  });
});

describe('what more would bring', () => {
  const asked = { batters: [{ key: 'q', job: job() }], history: [], wanted: { batterKey: 'q', tawny: 4 } };

  test('a trial helps a stranger; the memory changes nothing but the time', () => {
    const memory = new Map();
    const reply = runToEnd(computeInformationValue(asked, memory));
    if (!reply.ok) throw new Error(reply.failure.code);
    expect(reply.value.trial).toBeGreaterThan(reply.value.now + 0.1);
    expect(runToEnd(computeInformationValue(asked, memory))).toEqual(reply);
    expect(memory.size).toBe(2);
  });

  test('no batter, no answer', () => {
    expect(runToEnd(computeInformationValue({ ...asked, batters: [{ key: 'q', job: empty }] }))).toMatchObject({ ok: false });
    expect(runToEnd(computeInformationValue({ ...asked, wanted: { batterKey: 'other', tawny: 4 } }))).toMatchObject({ ok: false });
  });
});

describe('the load in the iron', () => {
  const asked = { batters: [{ key: 'q', job: job() }], history: [], wanted: { batterKey: 'q', tawny: 4 } };
  const pour = { portion_g: direct().portion.portion_g, setting_C: 200 };
  const load = { batterKey: 'q', pour, promised: { ...pour, open_s: 180 }, tawny: 4, past: [] };

  test('dark comes out sooner than pale; the memory changes nothing but the time', () => {
    const memory = new Map();
    const after = (seen: 'pale' | 'dark', known?: typeof memory): number => {
      const reply = runToEnd(computeOpenTime({ ...asked, load: { ...load, cues: [{ seen, at_s: 80 }] } }, known));
      if (!reply.ok) throw new Error(reply.failure.code);
      return reply.value.open_s;
    };
    expect(after('dark', memory)).toBeLessThan(after('pale', memory) - 15);
    expect(after('dark', memory)).toBe(after('dark'));
    expect(memory.size).toBe(1);
  });

  test('a batter that isn’t known: said', () => {
    expect(runToEnd(computeOpenTime({ ...asked, load: { ...load, batterKey: 'other', cues: [] } }))).toMatchObject({ ok: false });
  });
});
