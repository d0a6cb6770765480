import { expect, test } from '@jest/globals';
import { announced, keyHelp, keyOf, USUAL_LINE_KEYS } from './table.ts';

test('the letters of the line are the cook’s own, or none; the others stay', () => {
  expect(USUAL_LINE_KEYS).toBe('pcou');
  expect(keyOf('line.poured', {})).toBe('p');
  expect(keyOf('line.undo', { lineKeys: 'jklm' })).toBe('m');
  expect(keyOf('line.closed', { lineKeys: '' })).toBeNull();
  expect(keyOf('weigh.undo', { lineKeys: '' })).toBe('u');
});

test('help shows what is listened to: no key twice on one screen, none that is off', () => {
  for (const kit of [{}, { lineKeys: 'jklm' }, { lineKeys: '' }]) {
    const places = keyHelp(kit).map(({ where, key }) => `${where} ${key}`);
    expect(new Set(places).size).toBe(places.length);
  }
  expect(keyHelp({ lineKeys: '' }).some(({ where }) => where === 'Cook')).toBe(false);
  expect(keyHelp({ lineKeys: 'jklm' }).find(({ id }) => id === 'line.poured')).toMatchObject({ key: 'j', where: 'Cook' });
  expect([announced(null), announced('space'), announced('j')]).toEqual([undefined, 'Space', 'j']);
});
