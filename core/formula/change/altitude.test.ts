import { describe, expect, test } from '@jest/globals';
import { ALTITUDE_TABLE, altitudeCorrections, gasLess, readLine, summarise } from '../index.ts';

const read = (text: string) =>
  summarise(
    text.split('\n').map((line) => readLine(line)),
    null,
  );
const LEAN = read('250 g flour\n10 g baking powder\n4 g salt\n20 g sugar\n2 eggs\n380 g milk\n90 g butter');
const SWEET = read('250 g flour\n10 g baking powder\n180 g sugar\n3 eggs\n380 g milk\n60 g oil');

describe('altitude', () => {
  // US Standard Atmosphere 1976: 1 − p/p0 = 10.4, 16.8, 22.8 % at 3,000, 5,000, 7,000 ft; the extension table takes 12.5, 12.5–25, 25 %.
  test.each(ALTITUDE_TABLE.map((row, i) => [row.feet, row.powderLess, [0.104, 0.168, 0.228][i] ?? 0] as const))(
    'at %d ft the gas law says what the published table says, within 2.5 points of its range',
    (feet, [low, high], share) => {
      const less = gasLess(feet * 0.3048);
      expect(less).toBeCloseTo(share, 3);
      expect(less).toBeGreaterThan(low - 0.025);
      expect(less).toBeLessThan(high + 0.025);
    },
  );

  test('near the sea nothing is changed; above it powder, and liquid, in step with the altitude', () => {
    expect(altitudeCorrections(LEAN, 300)).toEqual([]);
    const at = (m: number, line: number): number => {
      const found = altitudeCorrections(LEAN, m).find((c) => c.line === line);
      return found === undefined ? 1 : found.to_g / found.from_g;
    };
    expect(at(1524, 1)).toBeCloseTo(1 - 0.168, 2);
    expect(at(1524, 5)).toBeCloseTo(1 + 0.5 * 0.1875, 3);
    for (const [low, high] of [
      [800, 1500],
      [1500, 2500],
    ] as const) {
      expect(at(high, 1)).toBeLessThan(at(low, 1));
      expect(at(high, 5)).toBeGreaterThan(at(low, 5));
    }
  });

  test('sugar is only touched where there is much of it', () => {
    expect(altitudeCorrections(LEAN, 2000).some((c) => c.because === 'sugar-concentrates')).toBe(false);
    const sweet = altitudeCorrections(SWEET, 2000).find((c) => c.because === 'sugar-concentrates');
    expect(sweet === undefined ? 1 : sweet.to_g / sweet.from_g).toBeLessThan(1);
    expect(sweet === undefined ? 0 : sweet.to_g / sweet.from_g).toBeGreaterThan(0.85);
  });
});
