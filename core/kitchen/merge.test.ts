import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoFile } from '../../demo/file.ts';
import type { LoadEvent } from '../log/index.ts';
import { loadProgress } from '../log/index.ts';
import type { Intake, KitchenRows, Mergeable } from './index.ts';
import { asAnother, broughtBy, kitchenFileOf, kitHere, merged, takeKitchen } from './index.ts';
import { campaign } from '../testing/campaign.ts';

const intakeOf = (json: unknown): Intake => {
  const result = takeKitchen(json);
  if (!result.ok) throw new Error(JSON.stringify(result.failure));
  return result.value;
};
const demo = intakeOf(demoFile());
/** The same kitchen reads the same, whatever stands first in a table. */
const inOrder = ({ rows, setAside }: Mergeable): unknown => ({
  setAside,
  rows: Object.fromEntries(
    Object.entries(rows).map(([table, list]) => [table, [...list].map((row) => JSON.stringify(sorted(row, table === 'kits'))).sort()]),
  ),
});

/** One event more than the demo's load has, at an instant of its own. */
const extra = (seq: number, at: number, undoes: number | null): LoadEvent =>
  undoes === null
    ? { seq, at, kind: 'logged', data: { kind: 'note', mould: 0, value: `said at ${at}` } }
    : { seq, at, kind: 'undone', data: { seq: undoes } };

/** A kitchen that began as the demo: some of its rows, some otherwise than elsewhere, logs that went on here, a kit of its own. */
const kitchens: fc.Arbitrary<Mergeable> = fc
  .record({
    has: fc.array(fc.boolean(), { minLength: 40, maxLength: 40 }),
    variants: fc.array(fc.integer({ min: 0, max: 2 }), { minLength: 12, maxLength: 12 }),
    cuts: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: 4, maxLength: 4 }),
    more: fc.array(fc.uniqueArray(fc.integer({ min: 0, max: 5 }), { maxLength: 3 }), { minLength: 4, maxLength: 4 }),
    altitude_m: fc.constantFrom(0, 610, 1240),
    scoops: fc.array(fc.boolean(), { minLength: 4, maxLength: 4 }),
  })
  .map(({ has, variants, cuts, more, altitude_m, scoops }) => {
    const some = <T>(rows: readonly T[], from: number): T[] => rows.slice(0, 4).filter((_, i) => has[(from + i) % has.length]);
    const named = <T extends { readonly name: string }>(rows: readonly T[]): T[] =>
      rows.map((row, i) => (variants[i % variants.length] === 0 ? row : { ...row, name: `${row.name} ${variants[i % variants.length]}` }));
    const loads = demo.rows.loads.slice(0, 4);
    const loadEvents = loads.flatMap(({ id }, i) => {
      const log = demo.rows.loadEvents.filter(({ loadId }) => loadId === id).slice(0, cuts[i] ?? 3);
      const last = demo.rows.loadEvents.findLast(({ loadId }) => loadId === id)?.event.at ?? 0;
      const events = [...(more[i] ?? [])]
        .sort((x, y) => x - y)
        .map((n, k) => extra(log.length + k, last + 1000 * (1 + n), n === 5 && log.length > 3 ? 1 : null));
      return [...log, ...events.map((event) => ({ loadId: id, seq: event.seq, event }))];
    });
    const [kit] = demo.rows.kits;
    if (kit === undefined) throw new Error('no kit');
    const rows: KitchenRows = {
      ...demo.rows,
      ingredients: [],
      kits: [
        {
          ...kit,
          altitude_m,
          spoons: [],
          bowls: kit.bowls.slice(0, 2),
          pricesPerKg: { egg: altitude_m / 100 },
          scoops: kit.scoops.filter((_, i) => scoops[i]),
        },
      ],
      irons: named(some(demo.rows.irons, 0)),
      formulas: named(some(demo.rows.formulas, 8).map((formula) => ({ ...formula, lines: formula.lines.slice(0, 2) }))),
      lots: named(some(demo.rows.lots, 16)),
      predictions: some(demo.rows.predictions, 24).map(({ browning: _, ...short }) => short),
      lotEvents: [],
      runs: [],
      loads,
      loadEvents,
      keepItems: named(demo.rows.keepItems.filter((_, i) => has[32 + i])),
      practices: some(demo.rows.practices, 3),
    };
    return { rows, setAside: [] };
  });

describe('two kitchens as one', () => {
  const triples = campaign(60, 1000);
  test(`in whatever order, and however often: ${triples} pairs and triples`, () => {
    fc.assert(
      fc.property(kitchens, kitchens, kitchens, (a, b, c) => {
        const ab = merged(a, b);
        expect(inOrder(merged(b, a))).toEqual(inOrder(ab));
        expect(inOrder(merged(ab, b))).toEqual(inOrder(ab));
        expect(inOrder(merged(a, a))).toEqual(inOrder(a));
        expect(inOrder(merged(ab, c))).toEqual(inOrder(merged(a, merged(b, c))));
      }),
      { numRuns: triples, seed: 1240 },
    );
  });

  test('nothing of either is lost: every row stands, or is kept aside as it is; every event is told', () => {
    fc.assert(
      fc.property(kitchens, kitchens, (a, b) => {
        const all = merged(a, b);
        for (const table of ['irons', 'formulas', 'lots', 'loads', 'keepItems', 'practices'] as const)
          for (const row of [...a.rows[table], ...b.rows[table]]) {
            const stands = all.rows[table].some((other) => JSON.stringify(other) === JSON.stringify(row));
            const isAside = all.setAside.some(
              (one) => one.table === table && JSON.stringify(sorted(JSON.parse(one.raw))) === JSON.stringify(sorted(row)),
            );
            expect(stands || isAside).toBe(true);
          }
        const told = (k: Mergeable) => new Set(k.rows.loadEvents.map(({ loadId, event: { at, kind } }) => `${loadId} ${at} ${kind}`));
        expect(told(all)).toEqual(new Set([...told(a), ...told(b)]));
      }),
      { numRuns: campaign(40, 200), seed: 7 },
    );
  });

  test('an undo still undoes what it undid, though the numbers are new', () => {
    const [first] = demo.rows.loads;
    if (first === undefined) throw new Error('no load');
    const log = demo.rows.loadEvents.filter(({ loadId }) => loadId === first.id);
    const last = log.at(-1)!.event.at;
    const own = (events: readonly LoadEvent[]): Mergeable => ({
      setAside: [],
      rows: { ...demo.rows, loads: [first], loadEvents: [...log, ...events.map((event) => ({ loadId: first.id, seq: event.seq, event }))] },
    });
    const n = log.length;
    const wrong: LoadEvent = { seq: n, at: last + 2000, kind: 'logged', data: { kind: 'mass_g', mould: 0, value: 999 } };
    const here = own([wrong, { seq: n + 1, at: last + 3000, kind: 'undone', data: { seq: n } }]);
    const there = own([{ seq: n, at: last + 1000, kind: 'logged', data: { kind: 'note', mould: 0, value: 'said there' } }]);
    const { observations } = loadProgress(merged(here, there).rows.loadEvents.map(({ event }) => event));
    expect(observations.some((o) => o.kind === 'mass_g' && o.value === 999)).toBe(false);
    expect(observations.some((o) => o.kind === 'note' && o.value === 'said there')).toBe(true);
  });

  test('what comes of it is a sound file, and is read back the same', () => {
    fc.assert(
      fc.property(fc.boolean(), (beside) => {
        const there = beside ? asAnother(demo) : demo;
        const all = merged(demo, there);
        const file = kitchenFileOf({ ...all, repaired: [] }, { appVersion: 'test', exportedAt: 0 });
        const back = intakeOf(JSON.parse(JSON.stringify(file)));
        expect(inOrder(back)).toEqual(inOrder(all));
      }),
      { numRuns: 2, seed: 1 },
    );
  });
});

describe('another kitchen beside this one', () => {
  test('its irons are others, its loads point at them; taken twice it is there once', () => {
    const all = merged(demo, asAnother(demo));
    expect(all.rows.irons).toHaveLength(2 * demo.rows.irons.length);
    expect(all.rows.loads).toHaveLength(2 * demo.rows.loads.length);
    expect(inOrder(merged(all, asAnother(demo)))).toEqual(inOrder(all));
    const irons = new Map(all.rows.irons.map((iron) => [iron.id, iron]));
    const moved = all.rows.loads.filter(({ id }) => !demo.rows.loads.some((load) => load.id === id));
    for (const { ironId, lotId, predictionId } of moved) {
      expect(irons.get(ironId)?.name).toMatch(/\(Quillfell Bunkhouse\)$/);
      expect(all.rows.lots.some(({ id }) => id === lotId)).toBe(true);
      expect(all.rows.predictions.some(({ id }) => id === predictionId)).toBe(true);
    }
    expect(broughtBy(demo, all)).toMatchObject({ added: { irons: demo.rows.irons.length, loads: demo.rows.loads.length }, doubled: 0 });
  });

  test('a long name or id stays within what a row may hold', () => {
    const [iron] = demo.rows.irons;
    if (iron === undefined) throw new Error('no iron');
    const long = { ...demo, rows: { ...demo.rows, irons: [{ ...iron, id: 'x'.repeat(64), name: 'n'.repeat(80) }] } };
    const [renamed] = asAnother(long).rows.irons;
    expect(renamed?.id.length).toBeLessThanOrEqual(64);
    expect(renamed?.name.length).toBeLessThanOrEqual(80);
  });
});

test('what both hold otherwise is told field by field, and what stands is what counts in either order', () => {
  const [iron] = demo.rows.irons;
  if (iron === undefined) throw new Error('no iron');
  const other: typeof demo = {
    ...demo,
    rows: {
      ...demo.rows,
      irons: [
        { ...iron, name: 'Deep A, the left one', plates: { ...iron.plates, power_W: iron.plates.power_W + 150 } },
        ...demo.rows.irons.slice(1),
      ],
    },
  };
  const ways = [
    [demo, other],
    [other, demo],
  ] as const;
  for (const [here, there] of ways) {
    const { conflicts, doubled } = broughtBy(here, merged(here, there));
    expect(doubled).toBe(1);
    expect(conflicts).toHaveLength(1);
    expect(conflicts[0]).toMatchObject({ table: 'irons', key: `${iron.id}/${iron.rev}` });
    expect(conflicts[0]?.fields.map(({ field }) => field)).toEqual(['name', 'plates.power_W']);
    const [name] = conflicts[0]?.fields ?? [];
    expect([name?.stands, name?.aside].sort()).toEqual([iron.name, 'Deep A, the left one'].sort());
    expect(conflicts[0]?.name).toBe(name?.stands);
  }
  // Merged once more nothing is new.
  const all = merged(demo, other);
  expect(broughtBy(all, merged(all, other)).conflicts).toEqual([]);
});

test('the kit here keeps its answers and its order, and gains what it hadn’t', () => {
  const [kit] = demo.rows.kits;
  if (kit === undefined) throw new Error('no kit');
  const other = { ...kit, altitude_m: 0, scoops: [{ id: 'new', name: 'Coffee scoop', volume_mL: 30 }, ...kit.scoops] };
  const [all] = merged(demo, { ...demo, rows: { ...demo.rows, kits: [other] } }).rows.kits;
  if (all === undefined) throw new Error('no kit');
  const here = kitHere(kit, all);
  expect(here.altitude_m).toBe(1240);
  expect(here.scoops.map(({ id }) => id)).toEqual([...kit.scoops.map(({ id }) => id), 'new']);
});

test('views of both kitchens are kept by their names, also where only one has any', () => {
  const [kit] = demo.rows.kits;
  if (kit === undefined) throw new Error('no kit');
  const withViews = (...views: readonly (readonly [name: string, address: string])[]): typeof demo => ({
    ...demo,
    rows: { ...demo.rows, kits: [{ ...kit, views: views.map(([name, address]) => ({ name, address })) }] },
  });
  const one = withViews(['Thin ones', 'iron=thin-four'], ['Leaks', 'fault=leaked']);
  const other = withViews(['Leaks', 'fault=missing'], ['Second sitting', 'words=second']);
  const namesIn = (a: typeof demo, b: typeof demo): readonly string[] | undefined =>
    merged(a, b).rows.kits[0]?.views?.map(({ name }) => name);
  expect(namesIn(one, other)).toEqual(['Leaks', 'Second sitting', 'Thin ones']);
  expect(namesIn(other, one)).toEqual(namesIn(one, other));
  const [all] = merged(demo, other).rows.kits;
  expect(kitHere(kit, all!).views?.map(({ name }) => name)).toEqual(['Leaks', 'Second sitting']);
  expect(kitHere(withViews(['Mine', '']).rows.kits[0]!, all!).views?.map(({ name }) => name)).toEqual(['Mine', 'Leaks', 'Second sitting']);
});

/** Fields in an order of their own, so that two of the same read the same; of a kit also what lies in its drawers. */
function sorted(value: unknown, lists = false): unknown {
  if (Array.isArray(value)) {
    const items = value.map((item) => sorted(item, lists));
    return lists ? items.sort((x, y) => (JSON.stringify(x) < JSON.stringify(y) ? -1 : 1)) : items;
  }
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(
    Object.entries(value)
      .sort(([x], [y]) => (x < y ? -1 : 1))
      .map(([key, member]) => [key, sorted(member, lists)]),
  );
}
