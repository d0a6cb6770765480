import { expect, test } from '@jest/globals';
import { Observation } from '../../../core/log/index.ts';
import { presetIron } from '../../../core/testing/batters.ts';
import type { IronOutcome, IronReading } from '../../devices/index.ts';
import { measuresFor, runTrial, touchedAfter } from './trial.ts';

const OUT: IronOutcome = {
  n: 1,
  cooked_s: 200,
  lowerLightness: 62,
  upperLightness: 54,
  share: 0.86,
  leaked_g: 0,
  isSet: true,
  mass_g: 160,
  plate_C: 171,
};

test('what is touched is what the log takes, for every mould', () => {
  const said = touchedAfter(OUT, 86, 4, true);
  for (const observation of said) expect(Observation.safeParse(observation).success).toBe(true);
  expect(said.filter((o) => o.mould === 3).map((o) => `${o.kind} ${o.value}`)).toEqual([
    'fill missing',
    'missing_share 0.15',
    'tawny 5',
    'tawny 4',
    'crumb soft',
    'plate_C 171',
    'mass_g 40',
  ]);
  expect(touchedAfter({ ...OUT, share: 1.3, leaked_g: 30, isSet: false }, 86, 1, false).map((o) => `${o.kind} ${o.value}`)).toEqual([
    'fill leaked',
    'leaked_g 30',
    'tawny 5',
    'tawny 4',
    'crumb dense',
  ]);
});

test('a trial waits until the light has gone out and the plates are even, and opens in time; it can be given up', async () => {
  const told: string[] = [];
  let reading: IronReading = {
    at: 0,
    clock_s: 0,
    isOn: false,
    isHeating: true,
    hinge_C: 20,
    front_C: 20,
    upper_C: 20,
    lid: 'closed',
    cooking_s: null,
    steam: 0,
    hasBeeped: false,
    out: null,
  };
  const iron = {
    tell: (command: { readonly do: string }) => {
      told.push(`${command.do}@${reading.clock_s}`);
      if (command.do === 'pour') reading = { ...reading, cooking_s: 0 };
      if (command.do === 'open') reading = { ...reading, out: OUT, cooking_s: null };
      return Promise.resolve();
    },
    latest: () => {
      const clock_s = reading.clock_s + 10;
      reading = { ...reading, clock_s, isHeating: clock_s < 150, cooking_s: reading.cooking_s === null ? null : reading.cooking_s + 10 };
      return reading;
    },
  };
  const become = measuresFor(presetIron('deep-round'), [135, 195]);
  const plan = { portion_g: 190, share: 0.5, open_s: 200, fills_g: 190 };
  const stages: string[] = [];
  const out = await runTrial(iron, become, plan, (stage) => stages.push(stage), new AbortController().signal);
  expect(out).toBe(OUT);
  expect(stages).toEqual(['heating', 'pouring', 'cooking', 'opening']);
  const at = (command: string): number => Number(told.find((line) => line.startsWith(`${command}@`))?.split('@')[1]);
  expect(at('pour')).toBeGreaterThan(150 + 60);
  expect(at('open') - at('pour')).toBeGreaterThanOrEqual(190);
  const given = new AbortController();
  given.abort();
  await expect(runTrial({ ...iron, latest: () => undefined }, become, plan, () => undefined, given.signal)).rejects.toThrow();
});
