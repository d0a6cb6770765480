import { DAY_MS } from '../../core/basis/index.ts';
import { beforeEach, describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { Formula } from '../../core/formula/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import { newLot } from '../../core/lot/index.ts';
import * as commands from './commands.ts';
import type { Kitchen } from './kitchen.ts';
import { newId } from './newId.ts';
import { anotherTab, openedKitchen, queriesOf } from './testing/open.ts';
import type { Command } from './transaction.ts';

const file = demoFile();
const NOW = file.exportedAt;
const [formula] = file.formulas as [Formula, ...Formula[]];
const [load] = file.loads;
const [prediction] = file.predictions;
const [kept] = file.keepItems;
if (load === undefined || prediction === undefined || kept === undefined) throw new Error('empty demo');

let count = 0;
let kitchen: Kitchen;
beforeEach(async () => {
  kitchen = await openedKitchen(`touches-${++count}`);
});

/** One touch of “Poured” on an iron: its ids are made as the finger comes down. */
const pourOn = (ironId: string, at = NOW): Command<string> => {
  const id = newId();
  return commands.pour({
    load: { ...load, id, ironId, lotId: `lot-${id}`, predictionId: `for-${id}`, startedAt: at },
    prediction: { ...prediction, id: `for-${id}` },
    lot: newLot(`lot-${id}`, formula, { madeAt: at, mass_g: 900, temperature_C: 20 }),
    poured: { kind: 'poured', data: {} },
  });
};
const phaseOf = async (loadId: string): Promise<string> => {
  const log = (await queriesOf(kitchen).queries.logs('loadEvents', [loadId])).get(loadId) ?? [];
  return loadProgress(log).phase;
};

describe('do, undo, do again', () => {
  test('poured, taken back, poured again, ten times: each time a load', async () => {
    for (let round = 0; round < 10; round++) {
      const id = await kitchen.do(pourOn('a', NOW + round));
      expect(await phaseOf(id)).toBe('poured');
      await kitchen.do(commands.noteLoad(id, { kind: 'undone', data: { seq: 0 } }, NOW + round));
      expect(await phaseOf(id)).toBe('ready');
    }
  });

  test('the next morning, ten minutes earlier than today', async () => {
    const first = await kitchen.do(pourOn('a'));
    await kitchen.do(commands.noteLoad(first, { kind: 'closed', data: {} }, NOW + 1));
    await kitchen.do(commands.noteLoad(first, { kind: 'opened', data: {} }, NOW + 2));
    const next = await kitchen.do(pourOn('a', NOW + DAY_MS - 600_000));
    expect(next).not.toBe(first);
    expect(await phaseOf(next)).toBe('poured');
  });

  test('what was put away, removed, and put away again is there again', async () => {
    const item = { ...kept, id: 'left-over-run' };
    for (let round = 0; round < 3; round++) {
      await kitchen.do(commands.addKeepItem(item));
      expect(await kitchen.database.rows('keepItems').get(item.id)).toEqual(item);
      await kitchen.do(commands.removeKeepItem(item.id));
      expect(await kitchen.database.rows('keepItems').get(item.id)).toBeUndefined();
    }
  });

  test('a weighing that was given up is taken up again, and goes on', async () => {
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
    const weighed = { kind: 'weighed', data: { stepId: 'x', grams: 100, by: 'hand' } } as const;
    await kitchen.do(commands.startWeighing(weighing));
    for (let round = 0; round < 3; round++) {
      await kitchen.do(commands.noteWeighing('w', { kind: 'abandoned', data: {} }, NOW + round));
      const late = await kitchen.doTold(commands.noteWeighing('w', weighed, NOW + round));
      expect(late.outcome).toBe('unchanged');
      await kitchen.do(commands.resumeWeighing('w', NOW + round));
      expect((await kitchen.doTold(commands.noteWeighing('w', weighed, NOW + round))).outcome).toBe('done');
    }
  });
});

describe('a command that changes nothing says so', () => {
  test('an iron with a load in it isn’t poured again, by this tab or another; the load that is in it is handed back', async () => {
    const id = await kitchen.do(pourOn('a'));
    const other = anotherTab(kitchen);
    for (const tab of [kitchen, other]) {
      const told = await tab.doTold(pourOn('a', NOW + 5000));
      expect(told).toEqual({ result: id, outcome: 'unchanged' });
    }
    expect(await kitchen.database.rows('loads').count()).toBe(1);
    // Another iron is another matter.
    expect((await kitchen.doTold(pourOn('b'))).outcome).toBe('done');
  });

  test('the same touch delivered twice is a repeat, and silent; a second touch that finds it done is told', async () => {
    const command = pourOn('a');
    expect((await kitchen.doTold(command)).outcome).toBe('done');
    expect((await kitchen.doTold(command)).outcome).toBe('repeated');
    const id = command.id === '' ? '' : await kitchen.do(command);
    const close = (): Command<unknown> => commands.noteLoad(id, { kind: 'closed', data: {} }, NOW + 5);
    expect((await kitchen.doTold(close())).outcome).toBe('done');
    expect((await kitchen.doTold(close())).outcome).toBe('unchanged');
  });
});
