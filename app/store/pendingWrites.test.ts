import { describe, expect, jest, test } from '@jest/globals';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import { presetIron } from '../../core/testing/batters.ts';
import { keyOf, keyText } from './database.ts';
import type { PendingCommand } from './pendingWrites.ts';
import { PendingWrites } from './pendingWrites.ts';
import type { Write } from './transaction.ts';

const deep = presetIron('deep-round');
const pending = (id: string, writes: readonly Write[], removed: readonly string[] = []): PendingCommand => ({
  command: { id, tables: [], run: () => Promise.resolve(null) },
  result: null,
  writes,
  removed,
});

describe('what waits for room', () => {
  test('lies over what is stored, by key; the newest of each; only what belongs to the question', () => {
    const waiting = new PendingWrites();
    const stored = [deep, presetIron('mini')];
    expect(waiting.overlay('irons', stored)).toBe(stored);
    waiting.add(pending('a', [{ table: 'irons', row: { ...deep, name: 'Once' } }]));
    waiting.add(
      pending('b', [
        { table: 'irons', row: { ...deep, name: 'Twice' } },
        { table: 'irons', row: { ...deep, rev: 2 } },
      ]),
    );
    waiting.add(pending('c', [{ table: 'kits', row: DEFAULT_KIT }], ['irons/mini,1']));
    expect(waiting.overlay('irons', stored).map(({ id, rev, name }) => [id, rev, name])).toEqual([
      ['deep-round', 1, 'Twice'],
      ['deep-round', 2, 'Deep round'],
    ]);
    expect(waiting.overlay('irons', [], ({ rev }) => rev === 2)).toHaveLength(1);
    waiting.clear();
    expect(waiting.overlay('irons', stored)).toBe(stored);
  });

  test('tells its listeners of every change, and only of changes', () => {
    const waiting = new PendingWrites();
    const heard = jest.fn();
    const leave = waiting.subscribe(heard);
    waiting.setTrouble('storage-full');
    waiting.setTrouble('storage-full');
    expect(heard).toHaveBeenCalledTimes(1);
    const one = pending('a', []);
    waiting.add(one);
    waiting.remove(one);
    waiting.clear();
    expect(heard).toHaveBeenCalledTimes(3);
    leave();
    waiting.setTrouble(null);
    expect(heard).toHaveBeenCalledTimes(3);
    expect([waiting.trouble, waiting.pending]).toEqual([null, []]);
  });

  test('keys are those of the tables', () => {
    expect(keyOf('irons', deep)).toEqual(['deep-round', 1]);
    expect(keyText('loadEvents', { loadId: 'l', seq: 3, event: { seq: 3, at: 0, kind: 'poured', data: {} } })).toBe('l,3');
    expect(keyOf('kits', DEFAULT_KIT)).toBe('kit');
  });
});
