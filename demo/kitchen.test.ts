import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { takeKitchen } from '../core/kitchen/index.ts';
import { readFormula } from '../core/formula/index.ts';
import type { Symptom } from '../core/diagnose/index.ts';
import { diagnose, evidenceOf, symptomsIn } from '../core/diagnose/index.ts';
import { loadProgress } from '../core/log/index.ts';
import { campaign } from '../core/testing/campaign.ts';
import type { DemoBelief } from './beliefs.ts';
import { demoBeliefKeys, demoBeliefs } from './beliefs.ts';
import { demoKitchen, LAST_MORNING } from './kitchen.ts';

const file = demoKitchen();

describe('the demo kitchen', () => {
  test('the file beside the script is the script’s', () => {
    const written: unknown = JSON.parse(readFileSync(new URL('kitchen.json', import.meta.url), 'utf8'));
    expect(written).toEqual(file);
    expect(takeKitchen(written).ok).toBe(true);
  });

  test('what its loads say ships with it: for exactly the questions that the first start asks, and as it is found', () => {
    const kept = JSON.parse(readFileSync(new URL('beliefs.json', import.meta.url), 'utf8')) as readonly DemoBelief[];
    expect(kept.map(({ key }) => key)).toEqual(demoBeliefKeys(file));
    expect(kept.length).toBeGreaterThan(0);
    for (const { believed } of kept) expect(believed?.used).toBeGreaterThan(1);
    // Weighing them takes ten seconds.
    const some = demoBeliefs(file, campaign(1, kept.length));
    some.forEach(({ believed }, i) => {
      expect(believed?.offset_K).toBeCloseTo(kept[i]?.believed?.offset_K ?? NaN, 9);
      expect(believed?.cavity).toBeCloseTo(kept[i]?.believed?.cavity ?? NaN, 9);
    });
  });

  test('another seed scatters otherwise', () => expect(demoKitchen(7).loadEvents).not.toEqual(file.loadEvents));

  test('1,240 m, six formulas of its own, five irons, breakfast for 36 at 07:15', () => {
    expect(file.kit.altitude_m).toBe(1240);
    expect([file.formulas.length, file.irons.length]).toEqual([6, 5]);
    expect(file.runs[0]?.dishes).toMatchObject([{ people: 36 }]);
    expect(new Date(file.runs[0]?.serveAt ?? 0).toISOString().slice(11, 16)).toBe('07:15');
  });

  test('every formula is a batter; one line is left open on purpose', () => {
    const readings = file.formulas.map((formula) => readFormula(formula, file.kit));
    expect(
      readings
        .flatMap((r) => r.lines)
        .filter((line) => line.status === 'unresolved')
        .map((line) => line.text),
    ).toEqual(['vanilla to taste']);
    for (const reading of readings) expect(reading.composition?.water ?? 0).toBeGreaterThan(0.2);
  });

  test('two causes that the book doesn’t name are found by whoever asks it why', () => {
    const ask = (word: string, told: readonly Symptom[]) => {
      const logOf = (id: string) => loadProgress(file.loadEvents.filter(({ loadId }) => loadId === id).map(({ event }) => event));
      const load = file.loads.find(({ id }) => logOf(id).observations.some((o) => o.kind === 'note' && o.value.includes(word)))!;
      const prediction = file.predictions.find(({ id }) => id === load.predictionId)!;
      const lot = file.lots.find(({ id }) => id === load.lotId)!;
      const formula = file.formulas.find(({ id }) => id === prediction.formulaId)!;
      const iron = file.irons.find(({ id }) => id === load.ironId)!;
      const reading = readFormula(formula, file.kit);
      const evidence = evidenceOf({ load, progress: logOf(load.id), prediction, iron, lot, reading, batter: null });
      return diagnose([...new Set([...told, ...symptomsIn(logOf(load.id), prediction)])], evidence)
        .ranked.slice(0, 3)
        .map(({ cause }) => cause);
    };
    expect(ask('Soggy', ['soggy-soon'])[0]).toBe('opened-early');
    expect(ask('Second sitting', ['unlike-the-first'])[0]).toBe('air-lost');
  });

  test('some weeks, with scatter, failures and one wrong entry', () => {
    const logs = file.loads.map((load) =>
      loadProgress(file.loadEvents.filter(({ loadId }) => loadId === load.id).map(({ event }) => event)),
    );
    expect(logs.every((log) => log.phase === 'opened')).toBe(true);
    const said = logs.flatMap((log) => log.observations);
    const steps = said.flatMap((o) => (o.kind === 'tawny' ? [o.value] : []));
    expect(new Set(steps).size).toBeGreaterThan(3);
    expect(said.some((o) => o.kind === 'fill' && o.value === 'missing')).toBe(true);
    const leaked = said.filter((o) => o.kind === 'fill' && o.value === 'leaked').length;
    expect(leaked).toBeGreaterThanOrEqual(1);
    expect(leaked).toBeLessThanOrEqual(3);
    expect(said.some((o) => o.kind === 'stuck' && o.value !== 'no')).toBe(true);
    const days = new Set(file.loads.map((load) => Math.floor((LAST_MORNING - load.startedAt) / 86_400_000)));
    expect(days.size).toBeGreaterThanOrEqual(8);
  });
});
