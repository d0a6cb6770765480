import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { everyTick } from './ticker.ts';

beforeEach(() => {
  jest.useFakeTimers();
});
afterEach(() => {
  jest.useRealTimers();
});

describe('one timer for all who ask for the same time', () => {
  test('all are told in one go, each until it lets go; then nothing runs', () => {
    const told: string[] = [];
    const first = everyTick(500, () => told.push('a'));
    const second = everyTick(500, () => told.push('b'));
    const third = everyTick(1000, () => told.push('c'));
    expect(jest.getTimerCount()).toBe(2);
    jest.advanceTimersByTime(1000);
    expect([...told].sort().join('')).toBe('aabbc');
    first();
    jest.advanceTimersByTime(500);
    expect([...told].sort().join('')).toBe('aabbbc');
    second();
    third();
    expect(jest.getTimerCount()).toBe(0);
  });

  test('whoever lets go while all are told takes nobody along, and letting go twice is letting go once', () => {
    const told: string[] = [];
    const gone = everyTick(100, () => {
      told.push('a');
      gone();
      gone();
    });
    const stays = everyTick(100, () => told.push('b'));
    jest.advanceTimersByTime(200);
    expect(told.join('')).toBe('abb');
    // Another who begins anew has a timer of its own again.
    stays();
    const again = everyTick(100, () => told.push('c'));
    jest.advanceTimersByTime(100);
    expect(told.join('')).toBe('abbc');
    again();
  });
});
