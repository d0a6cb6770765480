import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { Random } from '../../core/basis/index.ts';
import { seededRandom } from '../../core/basis/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { loadProgress, lotFrom } from '../../core/log/index.ts';
import { newLot } from '../../core/lot/index.ts';
import { withDish } from '../../core/run/index.ts';
import { campaign } from '../../core/testing/campaign.ts';
import * as commands from './commands.ts';
import { EMPTY_WORKSPACE } from './database.ts';
import type { Kitchen } from './kitchen.ts';
import { anotherTab, openedKitchen, queriesOf, quotaError } from './testing/open.ts';
import type { Command } from './transaction.ts';
import { CommandFailed } from './transaction.ts';

const file = demoFile();
const NOW = file.exportedAt;
const [formula] = file.formulas as [Formula, ...Formula[]];
const [load] = file.loads;
const [prediction] = file.predictions;
const [iron] = file.irons;
const [item] = file.keepItems;
const [run] = file.runs;
if (load === undefined || prediction === undefined || iron === undefined || item === undefined || run === undefined)
  throw new Error('empty demo');

let count = 0;
const fresh = (): Promise<Kitchen> => openedKitchen(`campaign-${++count}`);
afterEach(() => {
  jest.restoreAllMocks();
});

const lotOf = (id: string) => newLot(id, formula, { madeAt: NOW, mass_g: 900, temperature_C: 20 });
const pourOf = (id: string, ironId = 'a', at = NOW): Command<string> =>
  commands.pour({
    load: { ...load, id, ironId, runId: run.id, lotId: `lot-${ironId}`, predictionId: `for-${id}`, startedAt: at },
    prediction: { ...prediction, id: `for-${id}` },
    lot: lotOf(`lot-${ironId}`),
    poured: { kind: 'poured', data: {} },
  });
const weighing = {
  id: 'w',
  formulaId: formula.id,
  formulaRev: 1,
  factor: 1,
  by: 'scale',
  display: 'tare',
  who: '',
  startedAt: NOW,
} as const;

const PHOTO = { id: load.id, takenAt: NOW, jpeg: '/9j/4AA=' } as const;

/** Every command there is, each with what has to be there before it. A new command that isn't in the list is a red test. */
const EVERY: Readonly<Record<string, { readonly before?: readonly (() => Command<unknown>)[]; readonly make: () => Command<unknown> }>> = {
  reviseFormula: {
    before: [() => commands.addFormula(formula, EMPTY_WORKSPACE)],
    make: () => commands.reviseFormula(formula, (now) => ({ ...now, name: 'Other' })),
  },
  reviseIron: {
    before: [() => commands.addIron(iron, EMPTY_WORKSPACE)],
    make: () => commands.reviseIron(iron, (now) => ({ ...now, name: 'Other' })),
  },
  addFormula: { make: () => commands.addFormula(formula, EMPTY_WORKSPACE) },
  addIron: { make: () => commands.addIron(iron, EMPTY_WORKSPACE) },
  toggleIron: { make: () => commands.toggleIron(iron, EMPTY_WORKSPACE) },
  changeKit: { make: () => commands.changeKit((kit) => ({ ...kit, altitude_m: 12 })) },
  removeFromKit: { make: () => commands.removeFromKit(['x']) },
  bringBackToKit: { before: [() => commands.removeFromKit(['x'])], make: () => commands.bringBackToKit(['x']) },
  setWorkspace: { make: () => commands.setWorkspace({ ironId: 'a' }, EMPTY_WORKSPACE) },
  saveIngredient: {
    make: () => commands.saveIngredient(file.ingredients[0] as never),
  },
  removeIngredient: {
    before: [() => commands.saveIngredient(file.ingredients[0] as never)],
    make: () => commands.removeIngredient(file.ingredients[0]!.id),
  },
  addRun: { make: () => commands.addRun(run, EMPTY_WORKSPACE) },
  removeRun: { before: [() => commands.addRun(run, EMPTY_WORKSPACE)], make: () => commands.removeRun(run.id) },
  changeRun: {
    before: [() => commands.addRun(run, EMPTY_WORKSPACE)],
    make: () => commands.changeRun(run.id, (now) => ({ ...now, people: 7 })),
  },
  startWeighing: { make: () => commands.startWeighing(weighing) },
  noteWeighing: {
    before: [() => commands.startWeighing(weighing)],
    make: () => commands.noteWeighing('w', { kind: 'worked', data: { stepId: 's' } }, NOW),
  },
  resumeWeighing: {
    before: [() => commands.startWeighing(weighing), () => commands.noteWeighing('w', { kind: 'abandoned', data: {} }, NOW)],
    make: () => commands.resumeWeighing('w', NOW),
  },
  finishWeighing: { before: [() => commands.startWeighing(weighing)], make: () => commands.finishWeighing('w', lotOf('lot-w'), NOW) },
  noteLot: { make: () => commands.noteLot(lotOf('lot-n'), [{ kind: 'folded', data: {} }], NOW) },
  endLot: { before: [() => commands.noteLot(lotOf('lot-e'), [], NOW)], make: () => commands.endLot('lot-e', 'used-up', NOW) },
  pour: { make: () => pourOf('p') },
  noteLoad: { before: [() => pourOf('p')], make: () => commands.noteLoad('p', { kind: 'closed', data: {} }, NOW + 1) },
  noteLoadAll: {
    before: [() => pourOf('p')],
    make: () => commands.noteLoadAll('p', [{ kind: 'logged', data: { kind: 'fill', mould: 0, value: 'full' } }], NOW + 1),
  },
  logTrial: {
    make: () =>
      commands.logTrial({
        load: { ...load, id: 't', lotId: 'lot-t', predictionId: 'for-t' },
        prediction: { ...prediction, id: 'for-t' },
        lot: lotOf('lot-t'),
        events: [{ kind: 'poured', data: {}, at: NOW }],
      }),
  },
  correctClock: {
    before: [() => pourOf('p')],
    make: () => commands.correctClock({ loadIds: ['p'], lotIds: [], itemIds: [] }, -3_600_000, NOW),
  },
  addKeepItem: { make: () => commands.addKeepItem(item) },
  usePartOfKeepItem: {
    before: [() => commands.addKeepItem({ ...item, amount: '6 pieces', usedAt: null })],
    make: () => commands.usePartOfKeepItem(item.id, 2, NOW),
  },
  useKeepItemForRun: {
    before: [
      () => commands.addKeepItem({ ...item, amount: '6 pieces', usedAt: null }),
      () => commands.addRun(withDish(run, run.dishes[0]!.id, { fromKept: [{ itemId: item.id, pieces: 2 }] }), EMPTY_WORKSPACE),
    ],
    make: () => commands.useKeepItemForRun(run.id, item.id, NOW),
  },
  removeKeepItem: { before: [() => commands.addKeepItem(item)], make: () => commands.removeKeepItem(item.id) },
  markKeepItemUsed: { before: [() => commands.addKeepItem(item)], make: () => commands.markKeepItemUsed(item.id, NOW) },
  keepPhoto: { make: () => commands.keepPhoto(PHOTO) },
  removePhoto: { before: [() => commands.keepPhoto(PHOTO)], make: () => commands.removePhoto(PHOTO.id) },
  addPractice: { make: () => commands.addPractice(file.practices[0]!) },
};

/** All rows but the list of done commands and the index's own. */
const contents = async (kitchen: Kitchen): Promise<string> => {
  const tables = kitchen.database.tables.filter(({ name }) => !['commands', 'bookIndex', 'bookIndexDue'].includes(name));
  return JSON.stringify(await Promise.all(tables.map(async (table) => [table.name, await table.toArray()])));
};
const prepared = async ({ before = [] }: (typeof EVERY)[string]): Promise<Kitchen> => {
  const kitchen = await fresh();
  for (const make of before) await kitchen.do(make());
  return kitchen;
};

test('the list has every command', () => {
  expect(Object.keys(EVERY).sort()).toEqual(
    Object.entries(commands)
      .filter(([, value]) => typeof value === 'function')
      .map(([name]) => name)
      .sort(),
  );
});

describe.each(Object.entries(EVERY))('%s', (_, command) => {
  test('delivered twice it is done once', async () => {
    const kitchen = await prepared(command);
    const touch = command.make();
    expect((await kitchen.doTold(touch)).outcome).toBe('done');
    const after = await contents(kitchen);
    expect((await anotherTab(kitchen).doTold(touch)).outcome).toBe('repeated');
    expect(await contents(kitchen)).toBe(after);
  });

  test('on a full disk it waits, and is done when there is room', async () => {
    const there = await prepared(command);
    await there.do(command.make());
    const kitchen = await prepared(command);
    const table = kitchen.database.table('commands');
    const prototype = Object.getPrototypeOf(table) as { add: typeof table.add };
    const { add } = prototype;
    let isFull = true;
    jest.spyOn(prototype, 'add').mockImplementation(function (this: typeof table, ...all: Parameters<typeof add>) {
      if (isFull && this.name === 'commands') throw quotaError();
      return add.apply(this, all);
    } as typeof add);
    const before = await contents(kitchen);
    await kitchen.do(command.make());
    expect(kitchen.pendingWrites.pending).toHaveLength(1);
    expect(await contents(kitchen)).toBe(before);
    isFull = false;
    await kitchen.writeWaiting();
    expect(kitchen.pendingWrites.pending).toHaveLength(0);
    expect((await contents(kitchen)).length).toBeGreaterThan(0);
    expect(await contents(kitchen)).not.toBe(before);
  });
});

/** What two cooks at two tabs may touch, in any order. */
const touchOf = async (tab: Kitchen, random: Random, n: number): Promise<Command<unknown> | null> => {
  const ironId = random.pick(['a', 'b', 'c']);
  const { queries } = queriesOf(tab);
  const newest = (await queries.loadsOfIron(ironId, 1))[0];
  const kind = random.below(6);
  if (kind === 0 || newest === undefined) return pourOf(`load-${n}`, ironId, NOW + n);
  const log = (await queries.logs('loadEvents', [newest.id])).get(newest.id) ?? [];
  const { lastUndoable } = loadProgress(log);
  if (kind === 1)
    return lastUndoable === null ? null : commands.noteLoad(newest.id, { kind: 'undone', data: { seq: lastUndoable.seq } }, NOW + n);
  if (kind === 2) return commands.noteLoad(newest.id, { kind: 'closed', data: {} }, NOW + n);
  if (kind === 3) return commands.noteLoad(newest.id, { kind: 'opened', data: {} }, NOW + n);
  if (kind === 4) return commands.changeKit((kit) => ({ ...kit, altitude_m: n }));
  return commands.noteLot(lotOf(`lot-${ironId}`), [{ kind: 'folded', data: {} }], NOW + n);
};

const SEQUENCES = campaign(12, 150);
test(`${SEQUENCES} sequences of two tabs: no log has a gap, no load lacks its bowl, nothing is refused without a reason`, async () => {
  for (let seed = 0; seed < SEQUENCES; seed++) {
    const random = seededRandom(seed);
    const first = await fresh();
    const tabs = [first, anotherTab(first)];
    for (let n = 0; n < 24; n++) {
      const touches = await Promise.all(tabs.map((tab) => touchOf(tab, random, 2 * n + tabs.indexOf(tab))));
      await Promise.all(
        touches.map(
          (touch, i) => touch !== null && tabs[i]!.do(touch).catch((error: unknown) => expect(error).toBeInstanceOf(CommandFailed)),
        ),
      );
    }
    const { database } = first;
    const loads = await database.rows('loads').toArray();
    const lots = new Set((await database.rows('lots').toArray()).map(({ id }) => id));
    const events = await database.rows('loadEvents').toArray();
    for (const { id, lotId } of loads) {
      const log = events.filter(({ loadId }) => loadId === id).map(({ event }) => event);
      expect([seed, log.map(({ seq }) => seq)]).toEqual([seed, log.map((_, i) => i)]);
      expect([seed, lots.has(lotId)]).toEqual([seed, true]);
    }
    for (const tab of tabs) tab.database.close();
  }
});

const FAULTS = campaign(20, 120);
test(`${FAULTS} mornings with a clock that is set: a load and a bowl are as old as they are, and nothing lasts less than nothing`, async () => {
  for (let seed = 0; seed < FAULTS; seed++) {
    const random = seededRandom(1000 + seed);
    const kitchen = await fresh();
    // What really went by, and what the clock on the wall makes of it.
    let true_ms = 0;
    let set_ms = 0;
    const wall = (): number => NOW + true_ms + set_ms;
    await kitchen.do(pourOf('p', 'a', wall()));
    const madeAt = true_ms;
    let closedAt = 0;
    for (let step = 0; step < 6; step++) {
      true_ms += 1000 * (5 + random.below(90));
      if (step === 1) {
        await kitchen.do(commands.noteLoad('p', { kind: 'closed', data: {} }, wall()));
        closedAt = true_ms;
      } else if (random.next() < 0.7) {
        const jump_ms = 1000 * Math.round((random.next() - 0.5) * 14_400);
        set_ms += jump_ms;
        // Two tabs notice it.
        for (const tab of [kitchen, anotherTab(kitchen)])
          await tab.do(commands.correctClock({ loadIds: ['p'], lotIds: ['lot-a'], itemIds: [] }, jump_ms, wall()));
      }
    }
    const log = (await kitchen.database.rows('loadEvents').toArray()).map(({ event }) => event);
    const [header] = await kitchen.database.rows('lots').toArray();
    const lotLog = (await kitchen.database.rows('lotEvents').toArray()).map(({ event }) => event);
    const lot = lotFrom(header!, lotLog);
    expect([seed, wall() - (loadProgress(log).closedAt ?? 0)]).toEqual([seed, true_ms - closedAt]);
    expect([seed, wall() - lot.madeAt]).toEqual([seed, true_ms - madeAt]);
    await kitchen.do(commands.noteLoad('p', { kind: 'opened', data: {} }, wall()));
    kitchen.database.close();
  }
});
