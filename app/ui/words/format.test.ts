import { fromShown, measured, shownIn } from '../entry/measure.ts';
import { describe, expect, test } from '@jest/globals';
import {
  clock,
  day,
  dayAndTime,
  dialMarkText,
  grams,
  percent,
  temperature,
  temperatureApart,
  temperatureOver,
  timeOfDay,
  timeWithSeconds,
} from './format.ts';
import { css, inkOn, labToRgb, tawnyRgb } from '../picture/tawnyColour.ts';

describe('figures for a cook', () => {
  test.each([
    [0, '0:00'],
    [59.6, '1:00'],
    [186, '3:06'],
    [3600, '1:00:00'],
    [-12, '−0:12'],
    [-0.2, '0:00'],
  ])('%d s is %j', (seconds, text) => expect(clock(seconds)).toBe(text));

  test.each([
    [0.4, '0.4'],
    [7, '7'],
    [9.96, '10'],
    [213.7, '214'],
    [5326.4, '5,326'],
  ])('%d g reads %j', (value, text) => expect(grams(value)).toBe(text));

  test.each([
    [3.01, '3'],
    [3.49, '3½'],
    [2.75, '2¾'],
    [1.26, '1¼'],
    [3.9, '4'],
  ])('dial %d reads %j', (mark, text) => expect(dialMarkText(mark)).toBe(text));

  test('temperatures in the kitchen’s unit', () => {
    expect(temperature(190, 'C')).toBe('190\u00a0°C');
    expect(temperature(190, 'F')).toBe('374\u00a0°F');
    expect(temperatureApart(8.2, 'C')).toBe('8 °C');
    expect(temperatureApart(8.2, 'F')).toBe('15 °F');
    expect(temperatureOver(-5, 'F')).toBe('−9 °F');
  });

  test('shares and heights', () => {
    expect(percent(0.163)).toBe('16 %');
    expect(percent(0.163, 1)).toBe('16.3 %');
    expect([measured(1240, 'height', 'mm'), measured(1240, 'height', 'in')]).toEqual(['1,240 m', '4,068 ft']);
    expect([measured(7.94, 'length', 'mm'), measured(7.94, 'length', 'in')]).toEqual(['7.9 mm', '0.31 in']);
    expect([measured(254, 'area', 'mm'), measured(254, 'area', 'in')]).toEqual(['254 cm²', '39.4 in²']);
    expect([measured(8.04, 'spread', 'mm'), measured(8.04, 'spread', 'in')]).toEqual(['8.0 cm', '3.2 in']);
    expect(measured(-100, 'height', 'in')).toBe('−328 ft');
    for (const what of ['length', 'spread', 'area', 'height'] as const)
      expect(fromShown(shownIn(12.5, what, 'in'), what, 'in')).toBeCloseTo(12.5, 0);
  });

  test('clock times in the kitchen’s zone; an unknown zone falls back', () => {
    const at = Date.UTC(2026, 5, 1, 6, 15, 9);
    expect(timeOfDay(at, 'Europe/London')).toBe('7:15');
    expect(timeWithSeconds(at, 'Europe/London')).toBe('7:15:09');
    expect(dayAndTime(at, 'Europe/London')).toContain(' 7:15');
    expect(day(at, 'Europe/London')).toBe('Monday 1 June');
    expect(timeOfDay(at, 'Nowhere/Atall')).toMatch(/^\d+:15$/);
  });
});

describe('tawny colours', () => {
  // culori and colorjs.io agree on these (CIELAB D65): #d9a066 is 70.074, 14.558, 38.318; #808080 is 53.585, 0, 0.
  test('CIELAB to sRGB', () => {
    expect(labToRgb(70.074, 14.558, 38.318)).toEqual([217, 160, 102]);
    expect(labToRgb(53.585, 0, 0)).toEqual([128, 128, 128]);
    expect(css([1, 2, 3])).toBe('rgb(1 2 3)');
  });

  test('out of gamut is brought in', () => {
    for (const part of labToRgb(50, 120, -120)) expect(part >= 0 && part <= 255).toBe(true);
  });

  test('each step is darker than the one before, and a cocoa batter darker throughout', () => {
    const luminance = ([r, g, b]: readonly number[]): number => 0.2126 * (r ?? 0) + 0.7152 * (g ?? 0) + 0.0722 * (b ?? 0);
    for (let step = 1; step < 8; step += 0.5) {
      expect(luminance(tawnyRgb(step + 0.5))).toBeLessThan(luminance(tawnyRgb(step)));
      expect(luminance(tawnyRgb(step, 40))).toBeLessThan(luminance(tawnyRgb(step)));
    }
  });

  // WCAG 2.2, 1.4.3: 4.5 : 1 for text.
  test.each([1, 2, 3, 4, 5, 6, 7, 8])('ink on step %d has a contrast of 4.5 at least', (step) => {
    const linear = (part: number): number => (part / 255 <= 0.04045 ? part / 255 / 12.92 : ((part / 255 + 0.055) / 1.055) ** 2.4);
    const luminance = (rgb: readonly number[]): number =>
      0.2126 * linear(rgb[0] ?? 0) + 0.7152 * linear(rgb[1] ?? 0) + 0.0722 * linear(rgb[2] ?? 0);
    const ground = luminance(tawnyRgb(step));
    const ink = inkOn(step) === '#ffffff' ? 1 : 0;
    expect((Math.max(ground, ink) + 0.05) / (Math.min(ground, ink) + 0.05)).toBeGreaterThanOrEqual(4.5);
  });
});
