import { beforeEach, describe, expect, jest, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { NewLoadEvent } from '../../core/log/index.ts';
import { seededRandom } from '../../core/basis/index.ts';
import { KitchenDatabase } from './database.ts';
import { exportKitchen, importKitchen, replaceKitchen } from './exchange.ts';
import { Kitchen, openKitchen } from './kitchen.ts';
import { shiftDemoDates } from './shiftDemoDates.ts';

const file = demoFile();
const NOW = file.exportedAt;
let count = 0;
let kitchen: Kitchen;
beforeEach(async () => {
  kitchen = await openKitchen(`test-${++count}`);
});

const quota = (): Error => Object.assign(new Error('full'), { name: 'QuotaExceededError' });
const poured: NewLoadEvent = { kind: 'poured', data: {} };

describe('one file out and in', () => {
  test('export → import into an empty browser → export: deep-equal', async () => {
    await replaceKitchen(kitchen, file);
    const first = await exportKitchen(kitchen, NOW);
    const other = await openKitchen(`test-${++count}`);
    expect((await importKitchen(other, JSON.stringify(first))).ok).toBe(true);
    expect(await exportKitchen(other, NOW)).toEqual(first);
  });

  test('nothing of the demo file is lost in the store', async () => {
    await replaceKitchen(kitchen, file);
    const out = await exportKitchen(kitchen, NOW);
    expect(out.loads).toHaveLength(file.loads.length);
    expect(new Set(out.loadEvents.map((e) => JSON.stringify(e)))).toEqual(new Set(file.loadEvents.map((e) => JSON.stringify(e))));
    expect(out.formulas.map((f) => f.name).sort()).toEqual(file.formulas.map((f) => f.name).sort());
  });

  test.each(['', '{', '{"schema":"other"}', JSON.stringify({ ...file, version: 99 }), JSON.stringify({ ...file, lots: [] })])(
    'a file that isn’t sound leaves everything untouched (%#)',
    async (text) => {
      await replaceKitchen(kitchen, file);
      const before = await exportKitchen(kitchen, NOW);
      expect((await importKitchen(kitchen, text)).ok).toBe(false);
      expect(await exportKitchen(kitchen, NOW)).toEqual(before);
    },
  );

  test('an import that fails half-way leaves everything untouched', async () => {
    await replaceKitchen(kitchen, file);
    const before = await exportKitchen(kitchen, NOW);
    const spy = jest.spyOn(kitchen.database.table('keepItems'), 'bulkPut').mockImplementation(() => {
      throw quota();
    });
    const keepItems = kitchen.database.table('keepItems');
    jest
      .spyOn(kitchen.database, 'table')
      .mockImplementation(
        (name) => (name === 'keepItems' ? keepItems : KitchenDatabase.prototype.table.call(kitchen.database, name)) as never,
      );
    await expect(importKitchen(kitchen, JSON.stringify({ ...file, formulas: [] }))).rejects.toThrow();
    spy.mockRestore();
    jest.restoreAllMocks();
    expect(await exportKitchen(kitchen, NOW)).toEqual(before);
  });
});

describe('logs', () => {
  test('many touches at once get numbers without gaps, in the order they came', async () => {
    const written = await Promise.all(Array.from({ length: 30 }, (_, i) => kitchen.append('l', poured, NOW + i)));
    expect(written.map((event) => event.seq)).toEqual(Array.from({ length: 30 }, (_, i) => i));
    const rows = await kitchen.database.rows('loadEvents').toArray();
    expect(rows.map((row) => row.event.at)).toEqual(Array.from({ length: 30 }, (_, i) => NOW + i));
  });

  test('two tabs on one store never write the same number', async () => {
    const other = new Kitchen(kitchen.name, new KitchenDatabase(kitchen.name));
    await Promise.all(Array.from({ length: 20 }, (_, i) => (i % 2 === 0 ? kitchen : other).append('l', poured, NOW + i)));
    const rows = await kitchen.database.rows('loadEvents').toArray();
    expect(rows.map((row) => row.seq)).toEqual(Array.from({ length: 20 }, (_, i) => i));
  });

  test('killed at 20 seeded moments: what was answered for is there', async () => {
    const random = seededRandom(20);
    for (let round = 0; round < 20; round++) {
      const name = `kill-${round}`;
      const tab = await openKitchen(name);
      const acknowledged: number[] = [];
      const killAfter = 1 + random.below(12);
      for (let i = 0; i < 14; i++) {
        const said = tab.append('l', poured, NOW + i).then((event) => acknowledged.push(event.seq));
        if (i < killAfter) await said;
        else {
          // The tab dies with touches under way.
          tab.database.close();
          await said.catch(() => undefined);
          break;
        }
      }
      const again = await openKitchen(name);
      const kept = (await again.database.rows('loadEvents').toArray()).map((row) => row.seq);
      expect(kept.slice(0, killAfter)).toEqual(acknowledged.slice(0, killAfter));
    }
  });
});

describe('a full device', () => {
  test('the log goes on in memory, is seen, is exported, and is written when there is room', async () => {
    await kitchen.append('l', poured, NOW);
    const table = kitchen.database.table('loadEvents');
    const add = jest.spyOn(table, 'add').mockRejectedValue(quota());
    const rows = jest.spyOn(kitchen.database, 'rows').mockReturnValue(table as never);
    const closed = await kitchen.append('l', { kind: 'closed', data: {} }, NOW + 1);
    const opened = await kitchen.append('l', { kind: 'opened', data: {} }, NOW + 2);
    add.mockRestore();
    rows.mockRestore();
    expect([closed.seq, opened.seq]).toEqual([1, 2]);
    expect(kitchen.pendingWrites.trouble).toBe('storage-full');
    expect((await exportKitchen(kitchen, NOW)).loadEvents.map(({ event }) => event.kind)).toEqual(['poured', 'closed', 'opened']);
    await kitchen.writeWaiting();
    expect(kitchen.pendingWrites.trouble).toBeNull();
    expect((await kitchen.database.rows('loadEvents').toArray()).map((row) => row.event.kind)).toEqual(['poured', 'closed', 'opened']);
  });

  test('other writes wait too, the newest of each', async () => {
    const table = kitchen.database.table('kits');
    jest.spyOn(table, 'put').mockRejectedValue(quota());
    jest.spyOn(kitchen.database, 'rows').mockReturnValue(table as never);
    await kitchen.put('kits', { ...file.kit, altitude_m: 1 });
    await kitchen.put('kits', { ...file.kit, altitude_m: 2 });
    jest.restoreAllMocks();
    expect(kitchen.pendingWrites.overlay('kits', [file.kit])).toEqual([{ ...file.kit, altitude_m: 2 }]);
    await kitchen.writeWaiting();
    expect((await kitchen.database.rows('kits').toArray())[0]?.altitude_m).toBe(2);
  });

  test('where storing is forbidden, everything lives in memory and that is said', async () => {
    const open = jest.spyOn(KitchenDatabase.prototype, 'open').mockImplementationOnce(() => {
      throw Object.assign(new Error('denied'), { name: 'SecurityError' });
    });
    const memory = await openKitchen('forbidden');
    open.mockRestore();
    expect(memory.pendingWrites.trouble).toBe('storage-forbidden');
    await memory.append('l', poured, NOW);
    expect(await memory.database.rows('loadEvents').count()).toBe(1);
  });
});

describe('the demo’s days', () => {
  test.each([
    ['Europe/London', Date.UTC(2027, 2, 28, 12)],
    ['America/New_York', Date.UTC(2026, 10, 25, 3)],
    ['Australia/Sydney', Date.UTC(2027, 0, 1, 22)],
  ])('%s: the last morning is yesterday by its clock, breakfast is still to come at 07:15', (zone, now) => {
    const moved = shiftDemoDates(file, now, zone);
    const clock = new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
    const date = new Intl.DateTimeFormat('en-CA', { timeZone: zone });
    const newest = Math.max(...moved.loads.map((load) => load.startedAt));
    expect(date.format(newest)).toBe(date.format(now - 24 * 3_600_000));
    const serveAt = moved.runs[0]?.serveAt ?? 0;
    expect(serveAt).toBeGreaterThan(now);
    expect(serveAt - now).toBeLessThanOrEqual(24 * 3_600_000);
    if (zone !== 'Europe/London') expect(clock.format(serveAt)).toBe('07:15');
  });
});
