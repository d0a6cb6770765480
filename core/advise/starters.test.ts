import { describe, expect, test } from '@jest/globals';
import { DEFAULT_READ_SETTINGS, formulaIssues, linesFromText, readFormula, STARTERS } from '../formula/index.ts';
import { PRESET_IRONS } from '../plate/index.ts';
import { advise, DEFAULT_CONDITIONS } from './index.ts';

const ironFor = (family: string): string => ({ wafer: 'wafer', rested: 'ball-pan' })[family] ?? 'deep-round';

describe.each(STARTERS.map((starter) => [starter.id, starter] as const))('starter %s', (_, starter) => {
  let n = 0;
  const { lines } = linesFromText(starter.text, () => `line-${++n}`);
  const reading = readFormula({ lines, lift: starter.lift }, DEFAULT_READ_SETTINGS);
  const iron = PRESET_IRONS.find(({ id }) => id === ironFor(starter.family))!;

  test('every line is read, and nothing about it is suspicious', () => {
    expect(reading.lines.filter(({ status }) => status === 'unresolved')).toEqual([]);
    expect(reading.findings.filter(({ level }) => level !== 'note')).toEqual([]);
    expect(formulaIssues(reading, [], null)).toEqual([]);
  });

  test('comes out on its iron: spreads, sets, takes the colour', () => {
    const advice = advise({ ...DEFAULT_CONDITIONS, reading, iron });
    expect(advice.ok).toBe(true);
    if (!advice.ok) return;
    const { findings, cooked, loads } = advice.value;
    expect(findings.filter(({ code }) => ['batter-too-thick', 'batter-too-thin', 'tawny-out-of-reach'].includes(code))).toEqual([]);
    expect(cooked.window.reachesColour).toBe(true);
    expect(loads).toBeGreaterThanOrEqual(1);
  });
});
