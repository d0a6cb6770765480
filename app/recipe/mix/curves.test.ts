import { describe, expect, test } from '@jest/globals';
import { curves, sampled } from './curves.ts';
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

  test('marks are upright, over the whole height, and not in the key', () => {
    const { options, keys } = curves(
      'steps',
      axis,
      axis,
      [{ name: 'air', colour: '#000', dash: 'solid', points: [[0, 1]] }],
      [
        { x: 3, label: 'stop' },
        { x: 5, label: 'yours', strong: true },
      ],
    );
    const series = options['series'] as { name: string; data: number[][]; lineStyle: { width: number } }[];
    expect(series).toHaveLength(3);
    expect(series[1]?.data).toEqual([
      [3, 0],
      [3, 10],
    ]);
    expect(series[2]?.lineStyle.width).toBeGreaterThan(series[1]?.lineStyle.width ?? 9);
    expect(keys.map(({ name }) => name)).toEqual(['air']);
  });

  test('a second axis only where it is asked for', () => {
    const axes = (o: ReturnType<typeof curves>): unknown[] => o.options['yAxis'] as unknown[];
    expect(axes(curves('steps', axis, axis, []))).toHaveLength(1);
    expect(axes(curves('steps', axis, axis, [], [], axis))).toHaveLength(2);
  });

  test('the same as a table, each line in the words of its own axis, nothing where it doesn’t reach', () => {
    const { table } = curves(
      'steps',
      axis,
      { ...axis, say: (y) => y.toFixed(1) },
      [
        { name: 'rising', colour: '#000', dash: 'solid', points: sampled((x) => 2 * x, 0, 10, 5) },
        {
          name: 'short',
          colour: '#000',
          dash: 'dashed',
          right: true,
          points: [
            [2, 1],
            [6, 3],
          ],
        },
      ],
      [],
      { ...axis, say: (y) => `×${y}` },
    );
    expect(table.head).toEqual(['steps', 'rising', 'short']);
    expect(table.rows[4]).toEqual(['5', '10.0', '×2.5']);
    expect(table.rows[0]).toEqual(['0', '0.0', '']);
    expect(table.rows[8]).toEqual(['10', '20.0', '']);
  });
});

test.each([
  [0.5, '30 min'],
  [1.4, '84 min'],
  [2, '2 h'],
  [14.25, '14 h 15 min'],
] as const)('%d h is said %s', (h, words) => expect(hours(h)).toBe(words));
