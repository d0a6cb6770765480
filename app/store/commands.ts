import type { Formula } from '../../core/formula/index.ts';
import type { KeepItem, WasteReason } from '../../core/keep/index.ts';
import { partUsed } from '../../core/keep/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import type { Load, LoadEvent, LoadPhoto, LotEvent, LotHeader, NewLoadEvent, NewLotEvent, Prediction } from '../../core/log/index.ts';
import { isOpenLot, loadProgress } from '../../core/log/index.ts';
import type { OwnIngredient } from '../../core/matter/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { PracticeRecord } from '../../core/practice/index.ts';
import type { Run } from '../../core/run/index.ts';
import type { NewWeighEvent, Weighing } from '../../core/weigh/index.ts';
import { endOfWeighing } from '../../core/weigh/index.ts';
import { isSameJump } from '../clock/index.ts';
import type { TableName, Workspace } from './database.ts';
import { newId } from './newId.ts';
import type { Command, Transaction } from './transaction.ts';
import { CommandFailed } from './transaction.ts';

/** Revisions are immutable: a change makes the next one of whatever is the newest by now. */
export type Revised<T> = {
  readonly row: T;
  /** Somebody else had made a newer revision than the one that was seen; the change was put on top of it. */
  readonly isOnTop: boolean;
};

/** A command of which nobody waits for more than that it is done. */
const act = (id: string, tables: readonly TableName[], run: (transaction: Transaction) => Promise<unknown>): Command<null> => ({
  id,
  tables,
  run: async (transaction) => {
    await run(transaction);
    return null;
  },
});

const revision = async <N extends 'formulas' | 'irons'>(
  transaction: Transaction,
  table: N,
  id: string,
  seenRev: number,
  change: (row: N extends 'formulas' ? Formula : Iron) => N extends 'formulas' ? Formula : Iron,
): Promise<Revised<N extends 'formulas' ? Formula : Iron>> => {
  type Row = N extends 'formulas' ? Formula : Iron;
  const newest = (await transaction.newest(table, id)) as Row | undefined;
  if (newest === undefined) throw new CommandFailed({ code: 'row-gone', fields: { table, id } });
  const row = { ...change(newest), id, rev: newest.rev + 1 };
  await transaction.add(table, row as never);
  return { row, isOnTop: newest.rev !== seenRev };
};

/** The next revision of a formula. `change` gets the newest one, which may be newer than the one on the screen. */
export const reviseFormula = (seen: Formula, change: (newest: Formula) => Formula, id = newId()): Command<Revised<Formula>> => ({
  id,
  tables: ['formulas'],
  run: (transaction) => revision(transaction, 'formulas', seen.id, seen.rev, change),
});

export const reviseIron = (seen: Iron, change: (newest: Iron) => Iron, id = newId()): Command<Revised<Iron>> => ({
  id,
  tables: ['irons'],
  run: (transaction) => revision(transaction, 'irons', seen.id, seen.rev, change),
});

/** A formula or an iron that is new, and the one to be worked with from now on. `usual`: what is worked with where nothing was chosen yet. */
export const addFormula = (formula: Formula, usual: Workspace, id = newId()): Command<null> =>
  act(id, ['formulas', 'workspaces'], async (transaction) => {
    await transaction.add('formulas', formula);
    await changeWorkspace(transaction, { formulaId: formula.id }, usual);
  });

export const addIron = (iron: Iron, usual: Workspace, id = newId()): Command<null> =>
  act(id, ['irons', 'workspaces'], async (transaction) => {
    await transaction.add('irons', iron);
    await changeWorkspace(transaction, { ironId: iron.id }, usual);
  });

/** Changes of the kit go on top of what it is by now, so that two forms don't undo each other. */
export const changeKit = (change: (kit: Kit) => Kit, id = newId()): Command<null> =>
  act(id, ['kits'], async (transaction) => {
    // A kit that was stored before some of its fields were there.
    const kit = { ...DEFAULT_KIT, ...(await transaction.get('kits', 'kit')) };
    await transaction.put('kits', { ...change(kit), id: 'kit' });
  });

/** Irons and formulas that are no longer offered, or are again; what points at them stays. */
export const removeFromKit = (ids: readonly string[]): Command<null> =>
  changeKit((kit) => ({ ...kit, removedIds: [...kit.removedIds.filter((id) => !ids.includes(id)), ...ids] }));

export const bringBackToKit = (ids: readonly string[]): Command<null> =>
  changeKit((kit) => ({ ...kit, removedIds: kit.removedIds.filter((id) => !ids.includes(id)) }));

/** An iron of a usual shape: there, or no longer there. What counts is what the store holds by now, not what a slow screen shows. */
export const toggleIron = (iron: Iron, usual: Workspace, id = newId()): Command<null> =>
  act(id, ['irons', 'kits', 'workspaces'], async (transaction) => {
    const kit = { ...DEFAULT_KIT, ...(await transaction.get('kits', 'kit')) };
    const isNew = (await transaction.newest('irons', iron.id)) === undefined;
    if (isNew) {
      await transaction.add('irons', iron);
      await changeWorkspace(transaction, { ironId: iron.id }, usual);
    }
    const others = kit.removedIds.filter((other) => other !== iron.id);
    const isRemoved = others.length < kit.removedIds.length;
    if (isRemoved || !isNew) await transaction.put('kits', { ...kit, id: 'kit', removedIds: isRemoved ? others : [...others, iron.id] });
  });

const changeWorkspace = async (transaction: Transaction, changes: Partial<Workspace>, usual: Workspace): Promise<void> => {
  const workspace = (await transaction.get('workspaces', 'workspace')) ?? usual;
  await transaction.put('workspaces', { ...workspace, ...changes, id: 'workspace' });
};

/** `usual`: where nothing was chosen yet. */
export const setWorkspace = (changes: Partial<Workspace>, usual: Workspace, id = newId()): Command<null> =>
  act(id, ['workspaces'], (transaction) => changeWorkspace(transaction, changes, usual));

export const saveIngredient = (row: OwnIngredient, id = newId()): Command<null> =>
  act(id, ['ingredients'], (transaction) => transaction.put('ingredients', row));

/** The picture of a load; one that is there already is replaced. */
export const keepPhoto = (row: LoadPhoto, id = newId()): Command<null> =>
  act(id, ['photos'], (transaction) => transaction.put('photos', row));

export const removePhoto = (loadId: string, id = newId()): Command<null> =>
  act(id, ['photos'], (transaction) => transaction.remove('photos', loadId));

export const removeIngredient = (ingredientId: string, id = newId()): Command<null> =>
  act(id, ['ingredients'], (transaction) => transaction.remove('ingredients', ingredientId));

/** A run that is new, or comes back; it is the one that is on from now on. `usual`: what is worked with where nothing was chosen yet. */
export const addRun = (run: Run, usual: Workspace, id = newId()): Command<null> =>
  act(id, ['runs', 'workspaces'], async (transaction) => {
    await transaction.add('runs', run);
    await changeWorkspace(transaction, { runId: run.id }, usual);
  });

/** Its loads stay in the book. */
export const removeRun = (runId: string, id = newId()): Command<null> =>
  act(id, ['runs'], (transaction) => transaction.remove('runs', runId));

export const changeRun = (runId: string, change: (run: Run) => Run, id = newId()): Command<null> =>
  act(id, ['runs'], async (transaction) => {
    const run = await transaction.get('runs', runId);
    if (run === undefined) throw new CommandFailed({ code: 'row-gone', fields: { table: 'runs', id: runId } });
    await transaction.put('runs', { ...change(run), id: runId });
  });

export const startWeighing = (weighing: Weighing, id = newId()): Command<null> =>
  act(id, ['weighings'], (transaction) => transaction.add('weighings', weighing));

/** A touch at the scale; none is taken once the bowl is done. */
export const noteWeighing = (weighingId: string, event: NewWeighEvent, at: number, id = newId()): Command<null> =>
  act(id, ['weighEvents'], async (transaction) => {
    const log = await transaction.log('weighEvents', weighingId);
    if (endOfWeighing(log) === undefined) await transaction.append('weighEvents', weighingId, { ...event, at });
  });

/** A bowl that was given up is weighed on. */
export const resumeWeighing = (weighingId: string, at: number, id = newId()): Command<null> =>
  act(id, ['weighEvents'], async (transaction) => {
    const end = endOfWeighing(await transaction.log('weighEvents', weighingId));
    if (end?.kind === 'abandoned') await transaction.append('weighEvents', weighingId, { kind: 'undone', data: { seq: end.seq }, at });
  });

/** The bowl that was weighed becomes a lot: both or neither, and once. */
export const finishWeighing = (weighingId: string, lot: LotHeader, at: number, id = newId()): Command<null> =>
  act(id, ['weighEvents', 'lots'], async (transaction) => {
    if (endOfWeighing(await transaction.log('weighEvents', weighingId)) !== undefined) return;
    await transaction.add('lots', lot);
    await transaction.append('weighEvents', weighingId, { kind: 'finished', data: { lotId: lot.id }, at });
  });

/** What happens to a bowl; a bowl that isn't there yet is begun with it. */
export const noteLot = (lot: LotHeader, events: readonly NewLotEvent[], at: number, id = newId()): Command<null> =>
  act(id, ['lots', 'lotEvents'], async (transaction) => {
    await beginLot(transaction, lot);
    for (const event of events) await transaction.append('lotEvents', lot.id, { ...event, at });
  });

/** A bowl is over once; said twice it was said once. */
export const endLot = (lotId: string, kind: 'used-up' | 'discarded' | 'kept', at: number, id = newId()): Command<null> =>
  act(id, ['lotEvents'], async (transaction) => {
    if (!isOpenLot({ events: await transaction.log('lotEvents', lotId) })) return;
    await transaction.append('lotEvents', lotId, { kind, data: {}, at });
  });

/** A load that begins: the promise, the load, its bowl where it is a new one, and the pour. */
export type Pour = {
  readonly load: Load;
  readonly prediction: Prediction;
  /** Begun with this load unless it is there. */
  readonly lot: LotHeader;
  readonly poured: Extract<NewLoadEvent, { kind: 'poured' }>;
};

const beginLot = async (transaction: Transaction, lot: LotHeader): Promise<void> => {
  if ((await transaction.get('lots', lot.id)) === undefined) await transaction.add('lots', lot);
};

const beginLoad = async (transaction: Transaction, { load, prediction, lot }: Omit<Pour, 'poured'>): Promise<void> => {
  await beginLot(transaction, lot);
  await transaction.add('predictions', prediction);
  await transaction.add('loads', load);
};

/** The load that is in this iron by now, whoever poured it; undefined: none. */
const loadIn = async (transaction: Transaction, ironId: string): Promise<Load | undefined> => {
  for (const load of await transaction.loadsOn(ironId)) {
    const { phase } = loadProgress(await transaction.log('loadEvents', load.id));
    if (phase === 'poured' || phase === 'cooking') return load;
    if (phase === 'opened') return undefined;
  }
  return undefined;
};

/** All of a pour or nothing; the id of the load that is in the iron then. One that has a load in it isn't poured again. */
export const pour = ({ load, prediction, lot, poured }: Pour, id = newId()): Command<string> => ({
  id,
  tables: ['loads', 'predictions', 'lots', 'loadEvents'],
  ifUnchanged: { code: 'iron-has-load', fields: {} },
  run: async (transaction) => {
    const other = await loadIn(transaction, load.ironId);
    if (other !== undefined) return other.id;
    await beginLoad(transaction, { load, prediction, lot });
    await transaction.append('loadEvents', load.id, { ...poured, at: load.startedAt });
    return load.id;
  },
});

/** Touches of which a load has one at most. */
const ONCE: ReadonlySet<string> = new Set(['poured', 'closed', 'opened', 'turned']);

/** One touch at the line; `at` as a function: on the clock as it is set when it is written. Touched twice, a lid is closed once; the event that stands is handed back. */
export const noteLoad = (loadId: string, event: NewLoadEvent, at: number | (() => number), id = newId()): Command<LoadEvent> => ({
  id,
  tables: ['loadEvents'],
  run: async (transaction) => {
    const log = await transaction.log('loadEvents', loadId);
    const undone = new Set(log.flatMap((other) => (other.kind === 'undone' ? [other.data.seq] : [])));
    const standing = log.find((other) => other.kind === event.kind && !undone.has(other.seq));
    if (ONCE.has(event.kind) && standing !== undefined) return standing;
    // Two hands at one "undo" take back one touch.
    const again = event.kind === 'undone' ? log.find((other) => other.kind === 'undone' && other.data.seq === event.data.seq) : undefined;
    if (again !== undefined) return again;
    return transaction.append('loadEvents', loadId, { ...event, at: typeof at === 'number' ? at : at() });
  },
});

/** Several words about one load, all of them or none; `at`: when, of those that don't say so themselves. */
export const noteLoadAll = (
  loadId: string,
  events: readonly (NewLoadEvent & { readonly at?: number })[],
  at: number,
  id = newId(),
): Command<null> =>
  act(id, ['loadEvents'], async (transaction) => {
    for (const event of events) await transaction.append('loadEvents', loadId, { ...event, at: event.at ?? at });
  });

/** A load that was cooked elsewhere, with all that is known of it. */
export type Trial = Omit<Pour, 'poured'> & { readonly events: readonly (NewLoadEvent & { readonly at: number })[] };

export const logTrial = ({ load, prediction, lot, events }: Trial, id = newId()): Command<null> =>
  act(id, ['loads', 'predictions', 'lots', 'loadEvents'], async (transaction) => {
    await beginLoad(transaction, { load, prediction, lot });
    for (const event of events) await transaction.append('loadEvents', load.id, event);
  });

/** What a clock that was set would have made older or younger than it is, by id. */
export type Corrected = { readonly loadIds: readonly string[]; readonly lotIds: readonly string[]; readonly itemIds: readonly string[] };

const isCorrected = (log: readonly (LoadEvent | LotEvent)[], jump_ms: number, at: number): boolean =>
  log.some((event) => event.kind === 'corrected' && isSameJump({ at: event.at, jump_ms: event.data.jump_ms }, { at, jump_ms }));

/** The jump of the clock, once in each load that was running and in each open bowl; boxes that were put away before it are moved by it. */
export const correctClock = ({ loadIds, lotIds, itemIds }: Corrected, jump_ms: number, at: number, id = newId()): Command<null> => ({
  ifUnchanged: null,
  ...act(id, ['loadEvents', 'lotEvents', 'keepItems'], async (transaction) => {
    for (const loadId of loadIds) {
      const log = await transaction.log('loadEvents', loadId);
      if (isCorrected(log, jump_ms, at) || loadProgress(log).phase === 'opened') continue;
      await transaction.append('loadEvents', loadId, { kind: 'corrected', data: { jump_ms }, at });
    }
    for (const lotId of lotIds) {
      const log = await transaction.log('lotEvents', lotId);
      if (isCorrected(log, jump_ms, at) || !isOpenLot({ events: log })) continue;
      await transaction.append('lotEvents', lotId, { kind: 'corrected', data: { jump_ms }, at });
    }
    for (const itemId of itemIds) {
      const item = await transaction.get('keepItems', itemId);
      if (item !== undefined) await transaction.put('keepItems', { ...item, from: item.from + jump_ms });
    }
  }),
});

export const addKeepItem = (item: KeepItem, id = newId()): Command<null> =>
  act(id, ['keepItems'], (transaction) => transaction.put('keepItems', item));

/** Takes so many from a keeping by its newest count; what was used, where something is left. */
const takeFromKept = async (
  transaction: Transaction,
  itemId: string,
  wanted: number,
  usedAt: number,
  id: string,
): Promise<KeepItem | null> => {
  const item = await transaction.get('keepItems', itemId);
  if (item === undefined) throw new CommandFailed({ code: 'row-gone', fields: { table: 'keepItems', id: itemId } });
  const parted = partUsed(item, wanted, `${id}-used`.slice(0, 64), usedAt);
  if (!parted.ok) throw new CommandFailed(parted.failure);
  await transaction.put('keepItems', parted.value.left);
  if (parted.value.used !== null) await transaction.put('keepItems', parted.value.used);
  return parted.value.used;
};

/** Some of a keeping used: by the newest count of it. */
export const usePartOfKeepItem = (itemId: string, wanted: number, usedAt: number, id = newId()): Command<null> =>
  act(id, ['keepItems'], (transaction) => takeFromKept(transaction, itemId, wanted, usedAt, id));

/** What a run was to use of a keeping was used: the run then names the part that is gone, so that it isn't used twice. */
export const useKeepItemForRun = (runId: string, itemId: string, usedAt: number, id = newId()): Command<null> =>
  act(id, ['keepItems', 'runs'], async (transaction) => {
    const run = await transaction.get('runs', runId);
    const isOfIt = (one: { readonly itemId: string }): boolean => one.itemId === itemId;
    const wanted = run?.dishes.flatMap(({ fromKept = [] }) => fromKept).find(isOfIt)?.pieces;
    if (run === undefined || wanted === undefined) throw new CommandFailed({ code: 'row-gone', fields: { table: 'runs', id: runId } });
    const used = await takeFromKept(transaction, itemId, wanted, usedAt, id);
    if (used === null) return;
    await transaction.put('runs', {
      ...run,
      dishes: run.dishes.map((dish) =>
        dish.fromKept === undefined
          ? dish
          : { ...dish, fromKept: dish.fromKept.map((one) => (isOfIt(one) ? { ...one, itemId: used.id } : one)) },
      ),
    });
  });

/** A keeping that was written down by mistake. */
export const removeKeepItem = (itemId: string, id = newId()): Command<null> =>
  act(id, ['keepItems'], (transaction) => transaction.remove('keepItems', itemId));

/** Eaten, or `thrown` away; null: it is there after all. */
export const markKeepItemUsed = (itemId: string, usedAt: number | null, thrown?: WasteReason, id = newId()): Command<null> =>
  act(id, ['keepItems'], async (transaction) => {
    const item = await transaction.get('keepItems', itemId);
    if (item === undefined) throw new CommandFailed({ code: 'row-gone', fields: { table: 'keepItems', id: itemId } });
    const { thrown: _, ...rest } = item;
    await transaction.put('keepItems', { ...rest, usedAt, ...(thrown === undefined ? {} : { thrown }) });
  });

export const addPractice = (record: PracticeRecord, id = newId()): Command<null> =>
  act(id, ['practices'], (transaction) => transaction.put('practices', record));
