import { describe, expect, test } from '@jest/globals';
import { advise, answerOf, DEFAULT_CONDITIONS, pictureOf } from '../../../core/advise/index.ts';
import { presetIron, readBatter } from '../../../core/testing/batters.ts';
import { describeCode } from '../../../words/index.ts';
import { curveOptions, curvesOf, labelPlaces, tickStep } from './curveOptions.ts';
import { watchList } from './watch.ts';

const ask = (ironId: string, batter: 'quick' | 'wafer') => {
  const result = advise({ ...DEFAULT_CONDITIONS, reading: readBatter(batter), iron: presetIron(ironId) });
  if (!result.ok) throw new Error(result.failure.code);
  return { answer: answerOf(result.value, describeCode), picture: pictureOf(result.value) };
};
const deep = ask('deep-round', 'quick');

describe('what to watch for', () => {
  test('in order of time, with the moment to open among it', () => {
    const list = watchList(deep.answer, deep.picture);
    expect([...list].sort((a, b) => a.second - b.second)).toEqual(list);
    expect(list.find((moment) => moment.kind === 'best')?.second).toBe(deep.answer.cookTime_s.best);
    expect(list.map((moment) => moment.what)).toEqual(
      expect.arrayContaining(['set through', 'good from here', '3 Honey', '4 Tawny', 'last good moment']),
    );
  });

  test('nothing that lies beyond the curves', () => {
    for (const { second } of watchList(deep.answer, deep.picture)) expect(second).toBeLessThanOrEqual(deep.picture.seconds);
  });
});

describe('curves', () => {
  test('seven of them, in the kitchen’s unit', () => {
    const curves = curvesOf(deep.picture, 'C');
    expect(curves.map((curve) => curve.name)).toEqual(['plate', 'face', 'core', 'steam', 'lost', 'tawny', 'density']);
    expect(curvesOf(deep.picture, 'F')[2]?.values[0]).toBeCloseTo(68, 0);
  });

  test('names at their ends don’t lie on one another', () => {
    for (const { picture } of [deep, ask('wafer', 'wafer'), ask('thin-square-4', 'quick')]) {
      const tops = labelPlaces(curvesOf(picture, 'C'), picture.seconds).map(({ top }) => top);
      tops.slice(1).forEach((top, i) => expect(top - (tops[i] ?? 0)).toBeGreaterThan(11));
      for (const top of tops) expect(top >= 0 && top <= 175).toBe(true);
    }
  });

  test.each([20, 60, 180, 420, 900])('labels over %d s are few', (seconds) => {
    expect(seconds / tickStep(seconds)).toBeLessThanOrEqual(8);
    expect(seconds / tickStep(seconds)).toBeGreaterThan(1.5);
  });

  test('the acceptable window is marked where it is', () => {
    const options = JSON.stringify(curveOptions(curvesOf(deep.picture, 'C'), deep.answer, deep.picture.seconds));
    expect(options).toContain(`"xAxis":${deep.answer.cookTime_s.from}`);
    expect(options).toContain(`"xAxis":${deep.answer.cookTime_s.to}`);
  });
});
