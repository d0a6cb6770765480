import { expect, test } from '@jest/globals';
import { timeTyped } from './WhenEntry.tsx';

test('a time as it is typed', () => {
  for (const [typed, read] of [
    ['7:15', '07:15'],
    ['07.15', '07:15'],
    ['0715', '07:15'],
    ['715', '07:15'],
    ['7', '07:00'],
    ['7 pm', '19:00'],
    ['12 am', '00:00'],
    ['12:30 pm', '12:30'],
    ['23h59', '23:59'],
  ] as const)
    expect(timeTyped(typed)).toBe(read);
  for (const typed of ['', '25', '24:00', '7:60', 'soon', '-1']) expect(timeTyped(typed)).toBeNull();
});
