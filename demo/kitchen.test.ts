import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { takeKitchen } from '../core/kitchen/index.ts';
import { readFormula } from '../core/formula/index.ts';
import { loadProgress } from '../core/log/index.ts';
import { demoKitchen, LAST_MORNING } from './kitchen.ts';

const file = demoKitchen();

describe('the demo kitchen', () => {
  test('the file beside the script is the script’s', () => {
    const written: unknown = JSON.parse(readFileSync(new URL('kitchen.json', import.meta.url), 'utf8'));
    expect(written).toEqual(file);
    expect(takeKitchen(written).ok).toBe(true);
  });

  test('another seed scatters otherwise', () => expect(demoKitchen(7).loadEvents).not.toEqual(file.loadEvents));

  test('1,240 m, six formulas of its own, five irons, breakfast for 36 at 07:15', () => {
    expect(file.kit.altitude_m).toBe(1240);
    expect([file.formulas.length, file.irons.length]).toEqual([6, 5]);
    expect(file.runs[0]).toMatchObject({ people: 36 });
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
