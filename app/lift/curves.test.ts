import { describe, expect, test } from '@jest/globals';
import { curveOptions, sampled, withLegend } from './curves.ts';
import { hours } from './words.ts';

const axis = { min: 0, max: 10, say: String };

describe('curves with the places where people stop', () => {
  test('sampled from end to end', () => {
    const points = sampled((x) => x * x, 0, 10, 5);
    expect(points).toEqual([
      [0, 0],
      [2, 4],
      [4, 16],
      [6, 36],
      [8, 64],
      [10, 100],
    ]);
  });

  test('marks are upright, over the whole height, and not in the legend', () => {
    const options = withLegend(
      curveOptions(
        axis,
        axis,
        [{ name: 'air', colour: '#000', dash: 'solid', points: [[0, 1]] }],
        [
          { x: 3, label: 'stop' },
          { x: 5, label: 'yours', strong: true },
        ],
      ),
      ['air'],
    );
    const series = options['series'] as { name: string; data: number[][]; lineStyle: { width: number } }[];
    expect(series).toHaveLength(3);
    expect(series[1]?.data).toEqual([
      [3, 0],
      [3, 10],
    ]);
    expect(series[2]?.lineStyle.width).toBeGreaterThan(series[1]?.lineStyle.width ?? 9);
    expect((options['legend'] as { data: string[] }).data).toEqual(['air']);
  });

  test('a second axis only where it is asked for', () => {
    const axes = (o: ReturnType<typeof curveOptions>): unknown[] => o['yAxis'] as unknown[];
    expect(axes(curveOptions(axis, axis, []))).toHaveLength(1);
    expect(axes(curveOptions(axis, axis, [], [], axis))).toHaveLength(2);
  });
});

test.each([
  [0.5, '30 min'],
  [1.4, '84 min'],
  [2, '2 h'],
  [14.25, '14 h 15 min'],
] as const)('%d h is said %s', (h, words) => expect(hours(h)).toBe(words));
