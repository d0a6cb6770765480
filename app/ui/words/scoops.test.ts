import { expect, test } from '@jest/globals';
import { scoopsFor } from './scoops.ts';

const scoop = (name: string, volume_mL: number) => [{ id: 'a', name, volume_mL }];
const said = (dose_mL: number, name: string, volume_mL: number): string => scoopsFor(dose_mL, scoop(name, volume_mL))?.text ?? '';

test('scoops carry their correction: scant, heaped, or the last one partly full', () => {
  expect(said(180, 'Ladle', 180)).toBe('1 ladle');
  expect(said(362, 'Ladle', 180)).toBe('2 ladles');
  expect(said(168, 'Ladle', 180)).toBe('1 scant ladle');
  expect(said(330, 'Ladle', 180)).toBe('2 scant ladles');
  expect(said(260, 'Half cup', 120)).toBe('2 half cups, slightly heaped');
  expect(said(140, 'Ladle', 180)).toBe('1 ladle, ¾ full');
  expect(said(90, 'Ladle', 180)).toBe('1 ladle, half full');
  expect(said(270, 'Ladle', 180)).toBe('2 ladles, the last one half full');
});
