import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { COLOURS } from './tokens.ts';

const sheet = readFileSync(new URL('./styles.css', import.meta.url), 'utf8');

/** Relative luminance and contrast by WCAG 2.2. */
const luminance = (hex: string): number => {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const part = parseInt(hex.slice(at, at + 2), 16) / 255;
    return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
const contrast = (a: string, b: string): number => {
  const [dark = 0, light = 0] = [luminance(a), luminance(b)].sort((x, y) => x - y);
  return (light + 0.05) / (dark + 0.05);
};

test('the style sheet and the drawings have the same colours', () => {
  for (const [name, value] of Object.entries(COLOURS)) expect(sheet).toContain(`--color-${name}: ${value};`);
});

test.each([
  ['ink', 'page'],
  ['ink', 'sheet'],
  ['quiet', 'page'],
  ['act', 'page'],
  ['hazard', 'page'],
] as const)('%s reads on %s: 4.9 to one at least', (text, ground) => {
  expect(contrast(COLOURS[text], COLOURS[ground])).toBeGreaterThanOrEqual(4.9);
});

test('in the dark, too', () => {
  const dark = /\[data-appearance='dark'\][^{]*\{([^}]*)\}/.exec(sheet)?.[1] ?? '';
  const of = (name: string): string => new RegExp(`--color-${name}: (#\\w+);`).exec(dark)?.[1] ?? '';
  for (const text of ['ink', 'quiet', 'act', 'hazard']) expect(contrast(of(text), of('page'))).toBeGreaterThanOrEqual(4.9);
});
