import { runToEnd } from '../basis/index.ts';
import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { batterOf } from '../cook/index.ts';
import { readSettingsOf } from '../kitchen/index.ts';
import { readFormula } from '../formula/index.ts';
import type { Observation } from '../log/index.ts';
import { loadProgress } from '../log/index.ts';
import type { IronHistory } from '../book/index.ts';
import type { EmulatorMemory, PastLoad, KnownIronWithBatter, IronWithBatter } from './index.ts';
import { ironHistory } from '../book/index.ts';
import { EDGE_LIMITS, outcomeOf, pastLoad } from './index.ts';

describe('what was touched after a load', () => {
  const said: Observation[] = [
    { kind: 'fill', mould: 0, value: 'full' },
    { kind: 'fill', mould: 1, value: 'missing' },
    { kind: 'fill', mould: 2, value: 'missing' },
    { kind: 'missing_share', mould: 1, value: 0.1 },
    { kind: 'missing_share', mould: 2, value: 0.2 },
    { kind: 'tawny', mould: 0, side: 'lower', value: 4 },
    { kind: 'tawny', mould: 1, side: 'lower', value: 5 },
    { kind: 'tawny', mould: 2, side: 'lower', value: 5 },
    { kind: 'crumb', mould: 0, value: 'dense' },
  ];

  test('moulds together: what most say, the middle of the steps', () => {
    expect(outcomeOf(said)).toEqual({
      fill: 'missing',
      missing_share: expect.closeTo(0.15, 9),
      crisp: null,
      leaked_g: null,
      lower: 5,
      upper: null,
      core: 'wet',
    });
    expect(outcomeOf([])).toEqual({ fill: null, missing_share: null, leaked_g: null, lower: null, upper: null, core: null, crisp: null });
    expect(outcomeOf([{ kind: 'crumb', mould: 0, value: 'soft' }]).core).toBe('set');
  });

  test('instruments: faces of a picture, the plate, and a mass only when every piece was weighed', () => {
    const weighed: Observation[] = [
      { kind: 'lightness', mould: 0, side: 'upper', value: 61 },
      { kind: 'lightness', mould: 1, side: 'upper', value: 63 },
      { kind: 'plate_C', mould: 0, value: 171 },
      { kind: 'mass_g', mould: 0, value: 80 },
      { kind: 'mass_g', mould: 1, value: 84 },
    ];
    expect(outcomeOf(weighed, 2).measured).toEqual({ lowerLightness: null, upperLightness: 62, plate_C: 171, mass_g: 164 });
    expect(outcomeOf(weighed, 4).measured?.mass_g).toBeNull();
  });

  test('a load that cooks still, was opened before it closed, or of which nothing was said teaches nothing', () => {
    const prediction = { portion_g: 200, setting: { temperature_C: 170, dial: null } };
    const DONE = { closedAt: 0, openedAt: 200_000, observations: said, did: {} };
    expect(pastLoad(prediction, { ...DONE, openedAt: null })).toBeNull();
    expect(pastLoad(prediction, { ...DONE, closedAt: 5000, openedAt: 1000 })).toBeNull();
    expect(pastLoad(prediction, { ...DONE, observations: [{ kind: 'note', mould: 0, value: 'nice' }] })).toBeNull();
    expect(pastLoad(prediction, DONE)?.action).toEqual({
      portion_g: 200,
      setting_C: 170,
      open_s: 200,
    });
  });

  test('what was said to be done counts instead of the promise, and as surely as it was told', () => {
    const prediction = { portion_g: 200, setting: { temperature_C: 170, dial: 4 } };
    const over = { closedAt: 0, openedAt: 200_000, observations: said };
    const weighed = pastLoad(prediction, { ...over, did: { portion: { grams: 180, by: 'scale' } } });
    expect(weighed?.action).toEqual({ portion_g: 180, setting_C: 170, open_s: 200, portionSd: 0.01 });
    // Two of four moulds filled: each as full as was promised.
    const part = pastLoad(prediction, { ...over, did: { moulds: 2, portion: { grams: 100, by: 'eye' } } }, 4);
    expect(part?.action.portion_g).toBe(200);
    const guessed = pastLoad(prediction, {
      ...over,
      did: { portion: { grams: 180, by: 'eye' }, setting: { temperature_C: 150, dial: 2 }, greased: true },
    });
    expect(guessed?.action).toEqual({ portion_g: 180, setting_C: 150, open_s: 200, portionSd: 0.06 });
  });
});

describe('the demo’s own irons, from their logs', () => {
  const file = demoFile();
  const settings = readSettingsOf(file.kit, file.ingredients);
  const ask = (ironId: string): IronHistory | null => {
    const iron = file.irons.find((one) => one.id === ironId);
    if (iron === undefined) throw new Error(ironId);
    const pairings = new Map<string, IronWithBatter>();
    const history: PastLoad[] = file.loads
      .filter((load) => load.ironId === ironId)
      .sort((a, b) => a.startedAt - b.startedAt)
      .flatMap((load) => {
        const prediction = file.predictions.find((p) => p.id === load.predictionId);
        const log = file.loadEvents.filter((row) => row.loadId === load.id).map((row) => row.event);
        const past = prediction === undefined ? null : pastLoad(prediction, loadProgress(log));
        return past === null || prediction === undefined
          ? []
          : [{ loadId: load.id, startedAt: load.startedAt, batterKey: prediction.formulaId, ...past }];
      })
      .slice(-5);
    for (const key of new Set(history.map((load) => load.batterKey))) {
      const formula = file.formulas.find((f) => f.id === key);
      const batter =
        formula === undefined ? null : batterOf(readFormula(formula, settings), { batter_C: 17, altitude_m: file.kit.altitude_m });
      if (batter?.ok === true) pairings.set(key, { iron, batter: batter.value, room_C: file.kit.room_C });
    }
    return runToEnd(ironHistory({ batterKey: history[0]?.batterKey ?? '', tawny: 4 }, pairings, history));
  };

  // The script cooks Deep A at +8 K and Deep B at −7 K, both browning 1.1 times as fast (demo/kitchen.ts), on a finer grid and with a cook's scatter.
  test('the hotter and the cooler of two alike are told apart, with their spread', () => {
    const [a, b] = [ask('deep-a'), ask('deep-b')];
    if (a === null || b === null) throw new Error('nothing');
    const heat = (d: IronHistory): number => d.believed.offset_K.mean + 25 * Math.log(d.believed.browning.mean);
    expect(heat(a)).toBeGreaterThan(heat(b) + 4);
    expect(a.used).toBe(5);
    for (const d of [a, b]) {
      expect(d.believed.cavity.sd).toBeLessThan(0.6 * d.prior.cavity.sd);
      expect(d.suggestion.chance).toBeGreaterThan(0.5);
    }
  });

  test('a batter that isn’t known any more: nothing is made up', () => {
    const steps = ironHistory({ batterKey: 'gone', tawny: 4 }, new Map(), []);
    expect(steps.next()).toEqual({ done: true, value: null });
  });
});

test('a remembered emulator gives the same answer, without being made again', () => {
  const bowl = batterOf(readFormula(demoFile().formulas[0]!, readSettingsOf(demoFile().kit, demoFile().ingredients)), {
    batter_C: 18,
    altitude_m: 0,
  });
  if (!bowl.ok) throw new Error(bowl.failure.code);
  const pairing: KnownIronWithBatter = { iron: demoFile().irons[0]!, batter: bowl.value, room_C: 22, memoryKey: 'one' };
  const memory: EmulatorMemory = new Map();
  const ask = (known?: EmulatorMemory): { found: IronHistory | null; steps: number } => {
    const run = ironHistory({ batterKey: 'a', tawny: 4 }, new Map([['a', pairing]]), [], known);
    let next = run.next();
    let steps = 0;
    for (; next.done !== true; next = run.next()) steps++;
    return { found: next.value, steps };
  };
  const first = ask(memory);
  const again = ask(memory);
  expect(again.found).toEqual(first.found);
  expect(again.found).toEqual(ask().found);
  expect(again.steps).toBeLessThan(first.steps / 10);
  expect([...memory.keys()]).toEqual(['load one']);
});

describe('how full a full load was', () => {
  const full = (mould: number): Observation => ({ kind: 'fill', mould, value: 'full' });
  const edges = (mould: number, value: 'rounded' | 'sharp' | 'bead'): Observation => ({ kind: 'edges', mould, value });

  test('the mould in the middle speaks for the load; edges of a load that wasn’t full say nothing', () => {
    expect(outcomeOf([full(0), edges(0, 'bead')]).edges).toBe('bead');
    expect(outcomeOf([full(0), full(1), full(2), edges(0, 'rounded'), edges(1, 'bead'), edges(2, 'sharp')], 3).edges).toBe('sharp');
    expect(outcomeOf([full(0)])).not.toHaveProperty('edges');
    expect(outcomeOf([{ kind: 'fill', mould: 0, value: 'leaked' }, edges(0, 'bead')])).not.toHaveProperty('edges');
  });

  test('the limits follow one another without a gap, within what neither misses a corner nor leaks', () => {
    expect(EDGE_LIMITS.rounded[1]).toBe(EDGE_LIMITS.sharp[0]);
    expect(EDGE_LIMITS.sharp[1]).toBe(EDGE_LIMITS.bead[0]);
    expect([EDGE_LIMITS.rounded[0], EDGE_LIMITS.bead[1]]).toEqual([0.94, 1.1]);
  });
});
