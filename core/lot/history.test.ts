import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { LoadEvent } from '../log/index.ts';
import { loadsOfIron, readSettingsOf } from '../kitchen/index.ts';
import type { ToldLoad } from './index.ts';
import { batterKey, historyQuestion } from './index.ts';

const file = demoFile();
const { kit, irons, formulas } = file;
const settings = { kit, readSettings: readSettingsOf(kit, file.ingredients) };
const logOf = (loadId: string): LoadEvent[] => file.loadEvents.filter((row) => row.loadId === loadId).map((row) => row.event);
const iron = irons.find(({ id }) => id === 'deep-a')!;
const formula = formulas.find(({ id }) => id === 'oat-rye')!;
const conditions = { target: { tawny: 4, crisp: 3 }, batter_C: 18 };
const toldLoads = (log = logOf): ToldLoad[] => loadsOfIron(file, iron.id).map((told) => ({ ...told, log: log(told.load.id) }));
const job = (told: readonly ToldLoad[] = toldLoads()) => historyQuestion(settings, { formula, iron, tawny: 4, conditions }, told, formulas);

describe('what is asked of an iron’s loads', () => {
  test('its own, oldest first, and no more than teach something', () => {
    const started = job().history.map((load) => load.startedAt);
    expect(started).toEqual([...started].sort((a, b) => a - b));
    expect(job().history.length).toBeLessThanOrEqual(12);
    expect(job().history.length).toBeGreaterThan(5);
  });

  test('the batters that occur, the wished one among them; each load names one of them', () => {
    const { batters, history, wanted } = job();
    const keys = batters.map(({ key }) => key);
    expect(keys).toContain(batterKey(formula));
    expect(wanted).toEqual({ batterKey: batterKey(formula), tawny: 4 });
    expect(batters.length).toBeLessThanOrEqual(3);
    for (const load of history) expect(keys).toContain(load.batterKey);
    // The iron's emulators start from plates that have recovered.
    for (const { job: asked } of batters)
      expect([asked.load, asked.preheat_s, asked.setting_C, asked.iron.id]).toEqual([1, null, null, 'deep-a']);
  });

  test('a batter tried out with another lift is another than the one in the loads, which keep theirs', () => {
    const tried = historyQuestion(settings, { formula: { ...formula, lift: 'folded' }, iron, tawny: 4, conditions }, toldLoads(), formulas);
    expect(tried.wanted.batterKey).not.toBe(batterKey(formula));
    expect(tried.batters[0]).toMatchObject({ key: tried.wanted.batterKey, job: { formula: { lift: 'folded' } } });
    expect(tried.batters.find(({ key }) => key === batterKey(formula))?.job.formula.lift).toBe(formula.lift);
    expect(tried.history.length).toBeGreaterThan(5);
  });

  test('signals stand beside how their load came out', () => {
    const { past } = job();
    expect(past.length).toBeGreaterThan(0);
    for (const cue of past) {
      expect(cue.signal).toBe('smells');
      expect(cue.at_s).toBeGreaterThan(0);
      expect(cue.at_s).toBeLessThan(cue.open_s);
      expect(cue.tawny).toBeGreaterThanOrEqual(1);
    }
  });

  test('a load without a word, without its promise, or of another iron says nothing', () => {
    expect(job(toldLoads(() => [])).history).toEqual([]);
    expect(job(toldLoads().map((told) => ({ ...told, prediction: null }))).history).toEqual([]);
    expect(job([]).history).toEqual([]);
  });

  test('an undone answer is not weighed', () => {
    const [first] = job().history;
    if (first === undefined) throw new Error('no load');
    const undone = (loadId: string): LoadEvent[] => {
      const log = logOf(loadId);
      if (loadId !== first.loadId) return log;
      const said = log.filter((event) => event.kind === 'logged');
      return [
        ...log,
        ...said.map((event, i): LoadEvent => ({ seq: log.length + i, at: event.at, kind: 'undone', data: { seq: event.seq } })),
      ];
    };
    expect(job(toldLoads(undone)).history.map((load) => load.loadId)).not.toContain(first.loadId);
  });
});
