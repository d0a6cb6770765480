import { afterEach, beforeEach, describe, expect, jest, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { seededRandom } from '../../core/basis/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import { newLot } from '../../core/lot/index.ts';
import { presetIron } from '../../core/testing/batters.ts';
import * as commands from './commands.ts';
import { EMPTY_WORKSPACE } from './database.ts';
import type { Kitchen } from './kitchen.ts';
import { anotherTab, openedKitchen, queriesOf, quotaError } from './testing/open.ts';
import type { Command } from './transaction.ts';
import { CommandFailed } from './transaction.ts';
import { campaign } from '../../core/testing/campaign.ts';

const file = demoFile();
const NOW = file.exportedAt;
const [formula] = file.formulas as [Formula, ...Formula[]];
const [prediction] = file.predictions;
const [load] = file.loads;
if (prediction === undefined || load === undefined) throw new Error('empty demo');

let count = 0;
let kitchen: Kitchen;
beforeEach(async () => {
  kitchen = await openedKitchen(`commands-${++count}`);
});
afterEach(() => {
  jest.restoreAllMocks();
});

const pourOf = (id: string, touch = `pour/${id}`): Command<string> =>
  commands.pour(
    {
      load: { ...load, id, lotId: `lot-${id}`, predictionId: `for-${id}`, startedAt: NOW },
      prediction: { ...prediction, id: `for-${id}` },
      lot: newLot(`lot-${id}`, formula, { madeAt: NOW, mass_g: 900, temperature_C: 20 }),
      poured: { kind: 'poured', data: {} },
    },
    touch,
  );
const clocked = (...loadIds: string[]) => ({ loadIds, lotIds: [], itemIds: [] });
const tableCounts = async (of: Kitchen): Promise<number[]> =>
  Promise.all((['loads', 'predictions', 'lots', 'loadEvents'] as const).map((name) => of.database.rows(name).count()));

describe('a touch is one command', () => {
  test('the same pour twice, or thirty times at once, is one load with one bowl and one event', async () => {
    await Promise.all(Array.from({ length: 30 }, () => kitchen.do(pourOf('a'))));
    expect(await tableCounts(kitchen)).toEqual([1, 1, 1, 1]);
  });

  test('its echo on another screen state is another id, and still closes a lid once', async () => {
    await kitchen.do(pourOf('a'));
    const first = await kitchen.do(commands.noteLoad('a', { kind: 'closed', data: {} }, NOW + 5));
    const echo = await kitchen.do(commands.noteLoad('a', { kind: 'closed', data: {} }, NOW + 90));
    expect(echo).toEqual(first);
    await kitchen.do(commands.noteLoad('a', { kind: 'undone', data: { seq: first.seq } }, NOW + 100));
    // Taken back, it may be closed again.
    expect((await kitchen.do(commands.noteLoad('a', { kind: 'closed', data: {} }, NOW + 120))).seq).toBe(3);
  });

  test('two hands at one “undo” take back one touch', async () => {
    await kitchen.do(pourOf('a'));
    for (let i = 0; i < 3; i++) await kitchen.do(commands.noteLoad('a', { kind: 'undone', data: { seq: 0 } }, NOW + i));
    const { queries } = queriesOf(kitchen);
    const log = (await queries.logs('loadEvents', ['a'])).get('a') ?? [];
    expect(log.map(({ kind }) => kind)).toEqual(['poured', 'undone']);
    expect(loadProgress(log).phase).toBe('ready');
  });

  test('words about one load: all or none', async () => {
    await kitchen.do(pourOf('a'));
    const wrong = { kind: 'logged', data: { kind: 'tawny', mould: 0, side: 'upper', value: 99 } } as never;
    const right = { kind: 'logged', data: { kind: 'fill', mould: 0, value: 'full' } } as const;
    await expect(kitchen.do(commands.noteLoadAll('a', [right, wrong], NOW))).rejects.toThrow(CommandFailed);
    expect((await tableCounts(kitchen))[3]).toBe(1);
  });

  test('a bowl that was weighed becomes one lot, however often it is finished; the scale is deaf from then on', async () => {
    const lot = newLot('lot-w', formula, { madeAt: NOW, mass_g: 900, temperature_C: 20 });
    await kitchen.do(
      commands.startWeighing({
        id: 'w',
        formulaId: formula.id,
        formulaRev: 1,
        factor: 1,
        by: 'scale',
        display: 'tare',
        who: '',
        startedAt: NOW,
      }),
    );
    await Promise.all([1, 2, 3].map(() => kitchen.do(commands.finishWeighing('w', lot, NOW))));
    await kitchen.do(commands.noteWeighing('w', { kind: 'worked', data: { stepId: 's' } }, NOW));
    expect(await kitchen.database.rows('lots').count()).toBe(1);
    expect((await kitchen.database.rows('weighEvents').toArray()).map(({ event }) => event.kind)).toEqual(['finished']);
  });

  test('many touches at once get numbers without gaps, in the order they came', async () => {
    await kitchen.do(pourOf('a'));
    const signal = { kind: 'signal', data: { signal: 'smells' } } as const;
    const written = await Promise.all(Array.from({ length: 30 }, (_, i) => kitchen.do(commands.noteLoad('a', signal, NOW + i))));
    expect(written.map((event) => event.seq)).toEqual(Array.from({ length: 30 }, (_, i) => i + 1));
  });

  test('what could not be read again is never written', async () => {
    await expect(kitchen.do(commands.changeKit((kit) => ({ ...kit, altitude_m: 9000 })))).rejects.toMatchObject({
      failure: { code: 'row-unsound', fields: { table: 'kits', where: 'altitude_m' } },
    });
    await expect(kitchen.do(commands.addFormula({ ...formula, id: 'long', name: 'x'.repeat(200) }, EMPTY_WORKSPACE))).rejects.toThrow(
      CommandFailed,
    );
    expect(await kitchen.database.rows('formulas').count()).toBe(0);
  });

  test('the jump of the clock stands once in a load, though two tabs notice it', async () => {
    await kitchen.do(pourOf('a'));
    await kitchen.do(commands.correctClock(clocked('a'), 600_000, NOW + 600_000));
    await anotherTab(kitchen).do(commands.correctClock(clocked('a'), 600_040, NOW + 600_300));
    expect((await tableCounts(kitchen))[3]).toBe(2);
  });
});

describe('revisions', () => {
  const lineId = formula.lines[0]?.id ?? '';
  const named = (name: string) => (newest: Formula) => ({ ...newest, name, parentRev: newest.rev });
  const without = (newest: Formula) => ({ ...newest, lines: newest.lines.filter((line) => line.id !== lineId), parentRev: newest.rev });
  const all = async (): Promise<Formula[]> => (await kitchen.database.rows('formulas').toArray()).sort((a, b) => a.rev - b.rev);
  beforeEach(() => kitchen.do(commands.addFormula(formula, EMPTY_WORKSPACE)));

  test('an edit and a removal, both made from what was on the screen: neither is lost', async () => {
    await Promise.all([kitchen.do(commands.reviseFormula(formula, named('Edited'))), kitchen.do(commands.reviseFormula(formula, without))]);
    const newest = (await all()).at(-1);
    expect(newest).toMatchObject({ rev: formula.rev + 2, name: 'Edited' });
    expect(newest?.lines.some(({ id }) => id === lineId)).toBe(false);
  });

  test('two tabs at once: both changes stand, in revisions of their own, and the later one is told', async () => {
    const other = anotherTab(kitchen);
    const made = await Promise.all([
      kitchen.do(commands.reviseFormula(formula, named('Mine'))),
      other.do(commands.reviseFormula(formula, without)),
    ]);
    expect(made.map(({ isOnTop }) => isOnTop).sort()).toEqual([false, true]);
    const revisions = await all();
    expect(revisions.map(({ rev }) => rev)).toEqual([formula.rev, formula.rev + 1, formula.rev + 2]);
    expect(revisions.at(-1)).toMatchObject({ name: 'Mine' });
    expect(revisions.at(-1)?.lines.some(({ id }) => id === lineId)).toBe(false);
  });

  test('an iron that is gone can’t be measured: named, nothing written', async () => {
    await expect(kitchen.do(commands.reviseIron(presetIron('mini'), (iron) => iron))).rejects.toMatchObject({
      failure: { code: 'row-gone', fields: { table: 'irons', id: 'mini' } },
    });
  });

  test('a form that was opened before takes nothing back that was changed since', async () => {
    await kitchen.do(commands.changeKit((kit) => ({ ...kit, altitude_m: 1240 })));
    await kitchen.do(commands.changeKit((kit) => ({ ...kit, name: 'Loft' })));
    expect(await kitchen.database.rows('kits').get('kit')).toMatchObject({ altitude_m: 1240, name: 'Loft' });
  });
});

describe('a full device', () => {
  /** The store has no room until it is let go again. */
  const full = (of: Kitchen) => {
    const spies = (['loads', 'predictions', 'lots', 'loadEvents', 'kits', 'commands'] as const).map((name) => {
      const table = of.database.table(name);
      return [
        jest.spyOn(table, 'add').mockRejectedValue(quotaError() as never),
        jest.spyOn(table, 'put').mockRejectedValue(quotaError() as never),
      ];
    });
    // `rows` and `table` hand out the same objects only where they are asked for once.
    return () => spies.flat().forEach((spy) => spy.mockRestore());
  };
  const pinned = (of: Kitchen): void => {
    const tables = new Map(of.database.tables.map((table) => [table.name, table]));
    jest.spyOn(of.database, 'table').mockImplementation(((name: string) => tables.get(name)) as never);
    jest.spyOn(of.database, 'rows').mockImplementation(((name: string) => tables.get(name)) as never);
  };

  test('the log goes on in memory, is seen, and is written in order when there is room', async () => {
    await kitchen.do(pourOf('a'));
    pinned(kitchen);
    const letGo = full(kitchen);
    const closed = await kitchen.do(commands.noteLoad('a', { kind: 'closed', data: {} }, NOW + 1));
    const opened = await kitchen.do(commands.noteLoad('a', { kind: 'opened', data: {} }, NOW + 2));
    expect([closed.seq, opened.seq]).toEqual([1, 2]);
    expect(kitchen.pendingWrites.trouble).toBe('storage-full');
    const { queries } = queriesOf(kitchen);
    const seen = async () => ((await queries.logs('loadEvents', ['a'])).get('a') ?? []).map(({ kind }) => kind);
    expect(await seen()).toEqual(['poured', 'closed', 'opened']);
    letGo();
    await kitchen.writeWaiting();
    expect(kitchen.pendingWrites.trouble).toBeNull();
    expect(await seen()).toEqual(['poured', 'closed', 'opened']);
    expect((await tableCounts(kitchen))[3]).toBe(3);
  });

  test('what waited is appended and numbered anew: another tab’s events are never written over', async () => {
    await kitchen.do(pourOf('a'));
    const other = anotherTab(kitchen);
    pinned(kitchen);
    const letGo = full(kitchen);
    await kitchen.do(commands.noteLoad('a', { kind: 'closed', data: {} }, NOW + 1));
    letGo();
    await other.do(commands.noteLoad('a', { kind: 'signal', data: { signal: 'smells' } }, NOW + 2));
    await kitchen.writeWaiting();
    const rows = await other.database.rows('loadEvents').toArray();
    expect(rows.map(({ seq, event }) => [seq, event.seq, event.kind])).toEqual([
      [0, 0, 'poured'],
      [1, 1, 'signal'],
      [2, 2, 'closed'],
    ]);
  });

  test('a waiting change never beats a later one', async () => {
    pinned(kitchen);
    const letGo = full(kitchen);
    await kitchen.do(commands.changeKit((kit) => ({ ...kit, altitude_m: 1 })));
    letGo();
    await kitchen.do(commands.changeKit((kit) => ({ ...kit, altitude_m: 2 })));
    expect(kitchen.pendingWrites.pending).toEqual([]);
    expect((await kitchen.database.rows('kits').get('kit'))?.altitude_m).toBe(2);
  });

  test('the same pour twice while there is no room is still one load', async () => {
    pinned(kitchen);
    const letGo = full(kitchen);
    await kitchen.do(pourOf('a'));
    await kitchen.do(pourOf('a'));
    expect(kitchen.pendingWrites.pending).toHaveLength(1);
    letGo();
    await kitchen.writeWaiting();
    expect(await tableCounts(kitchen)).toEqual([1, 1, 1, 1]);
  });

  test('another error is no full disk: the command is refused, nothing waits', async () => {
    pinned(kitchen);
    jest.spyOn(kitchen.database.table('kits'), 'put').mockRejectedValue(Object.assign(new Error('gone'), { name: 'AbortError' }) as never);
    await expect(kitchen.do(commands.changeKit((kit) => kit))).rejects.toThrow('gone');
    expect(kitchen.pendingWrites.pending).toEqual([]);
    expect(kitchen.pendingWrites.trouble).toBeNull();
  });
});

const KILLS = campaign(30, 300);
describe(`killed at ${KILLS} seeded moments`, () => {
  /** Everything that a morning writes, one command after the other. */
  const morning = (): Command<unknown>[] => [
    commands.addFormula({ ...formula, id: 'f' }, EMPTY_WORKSPACE),
    commands.startWeighing(
      { id: 'w', formulaId: 'f', formulaRev: 1, factor: 1, by: 'scale', display: 'tare', who: '', startedAt: NOW },
      's',
    ),
    commands.noteWeighing('w', { kind: 'weighed', data: { stepId: 'x', grams: 100, by: 'hand' } }, NOW, 'n1'),
    commands.finishWeighing('w', newLot('lot-w', formula, { madeAt: NOW, mass_g: 900, temperature_C: 20 }), NOW),
    commands.noteLot(
      newLot('lot-w', formula, { madeAt: NOW, mass_g: 900, temperature_C: 20 }),
      [{ kind: 'added', data: { ingredientId: 'milk', grams: 20, because: 'thickness' } }],
      NOW,
      'n2',
    ),
    pourOf('a'),
    commands.noteLoad('a', { kind: 'closed', data: {} }, NOW + 1, 'c'),
    commands.noteLoad('a', { kind: 'opened', data: {} }, NOW + 2, 'o'),
    commands.noteLoadAll('a', [{ kind: 'logged', data: { kind: 'fill', mould: 0, value: 'full' } }], NOW + 3, 'l'),
    commands.logTrial({
      load: { ...load, id: 't', lotId: 'lot-t', predictionId: 'for-t' },
      prediction: { ...prediction, id: 'for-t' },
      lot: newLot('lot-t', formula, { madeAt: NOW, mass_g: 900, temperature_C: 20 }),
      events: [
        { kind: 'poured', data: {}, at: NOW },
        { kind: 'closed', data: {}, at: NOW + 1 },
        { kind: 'opened', data: {}, at: NOW + 2 },
      ],
    }),
  ];

  /** Orphans, halves and doubles that a store may not have. */
  const faults = async (of: Kitchen): Promise<string[]> => {
    const [loads, predictions, lots, events, weighEvents, weighings] = await Promise.all([
      of.database.rows('loads').toArray(),
      of.database.rows('predictions').toArray(),
      of.database.rows('lots').toArray(),
      of.database.rows('loadEvents').toArray(),
      of.database.rows('weighEvents').toArray(),
      of.database.rows('weighings').toArray(),
    ]);
    const ids = (rows: readonly { id: string }[]) => new Set(rows.map(({ id }) => id));
    return [
      ...loads.flatMap(({ id, lotId, predictionId }) => [
        ...(ids(lots).has(lotId) ? [] : [`${id} without its bowl`]),
        ...(ids(predictions).has(predictionId) ? [] : [`${id} without its promise`]),
        ...(events.some(({ loadId }) => loadId === id) ? [] : [`${id} without its pour`]),
      ]),
      ...predictions.filter(({ id }) => !loads.some(({ predictionId }) => predictionId === id)).map(({ id }) => `${id} without its load`),
      ...events.filter(({ loadId }) => !ids(loads).has(loadId)).map(({ loadId }) => `events of nothing: ${loadId}`),
      ...weighEvents.filter(({ weighingId }) => !ids(weighings).has(weighingId)).map(() => 'a weighing’s event of nothing'),
      ...(weighEvents.some(({ event }) => event.kind === 'finished') === ids(lots).has('lot-w')
        ? []
        : ['finished without a lot, or the other way round']),
      ...loads.filter(({ id }) => id === 't' && events.filter(({ loadId }) => loadId === 't').length !== 3).map(() => 'half a trial'),
    ];
  };

  test('no orphan, no half command, no duplicate; what was answered for is there', async () => {
    const random = seededRandom(200);
    for (let round = 0; round < KILLS; round++) {
      const name = `kill-${round}`;
      const tab = await openedKitchen(name);
      const all = morning();
      const killAt = random.below(all.length);
      const answered = new Set<string>();
      for (const command of all.slice(0, killAt)) {
        await tab.do(command);
        answered.add(command.id);
      }
      // The tab dies with a command under way, a few turns of the engine after it was given.
      const dying = tab.do(all[killAt]!).then(() => answered.add(all[killAt]!.id));
      for (let turns = random.below(12); turns > 0; turns--) await Promise.resolve();
      tab.database.close();
      await dying.catch(() => undefined);
      const again = await openedKitchen(name);
      expect([round, await faults(again)]).toEqual([round, []]);
      const known = new Set((await again.database.rows('commands').toArray()).map(({ id }) => id));
      expect([...answered].filter((id) => !known.has(id))).toEqual([]);
      // Everything is given again, as an impatient hand does: nothing doubles.
      for (const command of all) await again.do(command);
      expect([round, await faults(again)]).toEqual([round, []]);
      expect([await tableCounts(again), await again.database.rows('lotEvents').count()]).toEqual([[2, 2, 3, 7], 1]);
      again.database.close();
    }
  });
});
