import { describe, expect, jest, test } from '@jest/globals';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import { presetIron } from '../../core/testing/batters.ts';
import { keyOf } from './database.ts';
import { PendingWrites } from './pendingWrites.ts';

const deep = presetIron('deep-round');

describe('what waits for room', () => {
  test('lies over what is stored, by key; the newest of each', () => {
    const room = new PendingWrites();
    const stored = [deep, presetIron('mini')];
    expect(room.overlay('irons', stored)).toEqual(stored);
    room.add({ table: 'irons', row: { ...deep, name: 'Once' } });
    room.add({ table: 'irons', row: { ...deep, name: 'Twice' } });
    room.add({ table: 'irons', row: { ...deep, rev: 2 } });
    room.add({ table: 'kits', row: DEFAULT_KIT });
    expect(room.waiting).toHaveLength(3);
    expect(room.overlay('irons', stored).map(({ id, rev, name }) => [id, rev, name])).toEqual([
      ['mini', 1, 'Mini iron'],
      ['deep-round', 1, 'Twice'],
      ['deep-round', 2, 'Deep round'],
    ]);
  });

  test('tells its listeners of every change, and only of changes', () => {
    const room = new PendingWrites();
    const heard = jest.fn();
    const leave = room.subscribe(heard);
    room.setTrouble('storage-full');
    room.setTrouble('storage-full');
    expect(heard).toHaveBeenCalledTimes(1);
    room.add({ table: 'kits', row: DEFAULT_KIT });
    room.remove(room.waiting);
    expect(heard).toHaveBeenCalledTimes(3);
    leave();
    room.setTrouble(null);
    expect(heard).toHaveBeenCalledTimes(3);
    expect([room.trouble, room.waiting]).toEqual([null, []]);
  });

  test('keys are those of the tables', () => {
    expect(keyOf('irons', deep)).toBe('deep-round/1');
    expect(keyOf('loadEvents', { loadId: 'l', seq: 3, event: { seq: 3, at: 0, kind: 'poured', data: {} } })).toBe('l/3');
    expect(keyOf('kits', DEFAULT_KIT)).toBe('kit');
  });
});
