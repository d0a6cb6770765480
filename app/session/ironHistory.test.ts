import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { readSettingsOf } from '../../core/kitchen/index.ts';
import type { LoadEvent } from '../../core/log/index.ts';
import type { Session } from './index.ts';
import { batterKey, historyJob, recentLoads } from './index.ts';

const file = demoFile();
const { kit, irons, formulas, loads, predictions } = file;
const session: Session = {
  kit,
  readSettings: readSettingsOf(kit, file.ingredients),
  lots: file.lots,
  formulas,
  irons,
  run: null,
  formula: null,
  iron: null,
  workspace: {
    id: 'bench',
    formulaId: '',
    ironId: '',
    target: { tawny: 4, crisp: 3 },
    batter_C: 18,
    load: 1,
    preheat_s: null,
    setting_C: null,
    runId: null,
  },
  setWorkspace: () => undefined,
};
const logOf = (loadId: string): LoadEvent[] => file.loadEvents.filter((row) => row.loadId === loadId).map((row) => row.event);
const iron = irons.find(({ id }) => id === 'deep-a')!;
const formula = formulas.find(({ id }) => id === 'oat-rye')!;
const job = (changes: { logs?: typeof logOf; recent?: typeof loads } = {}) =>
  historyJob(
    session,
    { formula, iron, tawny: 4 },
    { recent: changes.recent ?? recentLoads(loads, iron.id), predictions, formulas, logOf: changes.logs ?? logOf },
  );

describe('what is asked of an iron’s loads', () => {
  test('its own, oldest first, and no more than teach something', () => {
    const recent = recentLoads(loads, iron.id);
    expect(new Set(recent.map((load) => load.ironId))).toEqual(new Set(['deep-a']));
    const started = recent.map((load) => load.startedAt);
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
    expect(job({ logs: () => [] }).history).toEqual([]);
    const orphan = recentLoads(loads, iron.id).map((load) => ({ ...load, predictionId: 'gone' }));
    expect(job({ recent: orphan }).history).toEqual([]);
    expect(recentLoads(loads, 'nobody')).toEqual([]);
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
    expect(job({ logs: undone }).history.map((load) => load.loadId)).not.toContain(first.loadId);
  });
});
