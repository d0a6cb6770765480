import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { Fault } from './asked.ts';
import { addressOf, askedIn, isAsked, isOne, mayBe, NOTHING_ASKED, shownAsCsv, shownAsJson, shownAsMarkdown } from './asked.ts';
import { colourMiss, entryOf } from './entries.ts';

const file = demoFile();
const entries = file.loads.map((load) =>
  entryOf(
    load,
    file.loadEvents.filter(({ loadId }) => loadId === load.id).map(({ event }) => event),
    null,
    file.irons.find(({ id }) => id === load.ironId) ?? null,
    file.predictions.find((p) => p.id === load.predictionId) ?? null,
  ),
);
const day = (at: number): string => new Date(at).toISOString().slice(0, 10);

describe('what the book is asked for', () => {
  test('an address keeps it, and gives it back; nonsense in it is left out', () => {
    const asked = { words: 'oat rye', ironId: 'deep-a', fault: 'leaked', from: '2026-01-02', to: '2026-03-04' } as const;
    expect(askedIn(new URLSearchParams(addressOf(asked)))).toEqual(asked);
    expect(askedIn(new URLSearchParams('fault=anything&from=soon&to=2026-1-1'))).toEqual(NOTHING_ASKED);
    expect([isAsked(NOTHING_ASKED), isAsked(asked), addressOf(NOTHING_ASKED)]).toEqual([false, true, {}]);
  });

  test('irons and days by the row alone, both days counted', () => {
    const load = { ironId: 'a', startedAt: Date.UTC(2026, 1, 3, 23, 59) };
    const may = (changes: object): boolean => mayBe({ ...NOTHING_ASKED, ...changes }, load, day);
    expect([may({}), may({ ironId: 'a' }), may({ ironId: 'b' })]).toEqual([true, true, false]);
    expect([may({ from: '2026-02-03' }), may({ to: '2026-02-03' }), may({ from: '2026-02-04' }), may({ to: '2026-02-02' })]).toEqual([
      true,
      true,
      false,
      false,
    ]);
  });

  test('faults are what was said of them; every load has none, or those it has', () => {
    const having = (fault: Fault) => entries.filter((entry) => isOne({ ...NOTHING_ASKED, fault }, entry));
    expect(having('leaked').every(({ fill }) => fill === 'leaked')).toBe(true);
    expect(having('missing').length + having('leaked').length).toBe(entries.filter(({ fill }) => fill !== 'full' && fill !== null).length);
    for (const entry of having('pale')) expect(colourMiss(entry)).toBeLessThan(-0.75);
    for (const entry of having('dark')) expect(colourMiss(entry)).toBeGreaterThan(0.75);
    expect(entries.filter((entry) => isOne(NOTHING_ASKED, entry))).toHaveLength(entries.length);
  });

  test('all of the words, wherever they stand, without accents', () => {
    const [first] = entries;
    if (first === undefined) throw new Error('no loads');
    const entry = { ...first, notes: ['Crème on it', 'for table 4'] };
    const found = (words: string): boolean => isOne({ ...NOTHING_ASKED, words }, entry);
    expect([found('creme'), found('TABLE creme'), found(entry.iron?.name ?? ''), found('cream'), found('  ')]).toEqual([
      true,
      true,
      true,
      false,
      true,
    ]);
  });
});

describe('what is shown, as a file', () => {
  test('a row for each load in CSV, Markdown and JSON; a note that is a formula is held back', () => {
    const [first] = entries;
    if (first === undefined) throw new Error('no loads');
    const noted = [{ ...first, notes: ['=SUM(A1)', 'a|b'] }, ...entries.slice(1)];
    const csv = shownAsCsv(noted).trim().split('\r\n');
    expect(csv).toHaveLength(entries.length + 1);
    expect(csv[1]).toContain("'=SUM(A1); a|b");
    const markdown = shownAsMarkdown(noted).trim().split('\n');
    expect(markdown).toHaveLength(entries.length + 2);
    expect(markdown[2]).toContain('a\\|b');
    const json = JSON.parse(shownAsJson(noted)) as { iron: string; cooked_s: number }[];
    expect(json.map(({ iron }) => iron)).toEqual(noted.map(({ iron }) => iron?.name));
    expect(json[0]?.cooked_s).toBe(Math.round(first.cooked_s ?? 0));
  });
});
