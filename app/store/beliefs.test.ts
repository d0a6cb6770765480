import 'fake-indexeddb/auto';
import { expect, test } from '@jest/globals';
import { Dexie } from 'dexie';
import { keepBelief, keptBelief } from './index.ts';

const believed = {
  cavity: 1.1,
  offset_K: -4,
  contact: 1,
  browning: 0.9,
  side_K: 2,
  scatter: 0.06,
  used: 3,
  portion: 1.08,
  landing: [
    { setting_C: 135, chance: 0.6 },
    { setting_C: 195, chance: 0.9 },
  ],
  spread: { cavity: 0.05, plates_K: 4, time: 0.1 },
};

test('what was found is found again; that loads say nothing too; what was never found, or can’t be read, is undefined', async () => {
  await keepBelief('a', believed, 1);
  await keepBelief('b', null, 2);
  expect(await keptBelief('a')).toEqual(believed);
  expect(await keptBelief('b')).toBeNull();
  expect(await keptBelief('c')).toBeUndefined();
  const database = await new Dexie('tawny-lattice-derived').open();
  for (const bad of [{ ...believed, landing: [] }, { ...believed, portion: 'more' }, { used: 1 }, 7]) {
    await database.table('beliefs').put({ key: 'd', at: 3, believed: bad });
    expect(await keptBelief('d')).toBeUndefined();
  }
  database.close();
});

test('the oldest go when there are many', async () => {
  for (let at = 10; at < 420; at++) await keepBelief(`many ${at}`, believed, at);
  expect(await keptBelief('many 10')).toBeUndefined();
  expect(await keptBelief('many 419')).toEqual(believed);
});
