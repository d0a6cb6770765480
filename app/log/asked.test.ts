import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { addressOf, askedIn, isAsked, NOTHING_ASKED, shownAsCsv, shownAsJson, shownAsMarkdown, spanOf } from './asked.ts';
import { entryOf } from '../../core/book/index.ts';

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

describe('what the book is asked for', () => {
  test('an address keeps it, and gives it back; nonsense in it is left out', () => {
    const asked = { words: 'oat rye', ironId: 'deep-a', fault: 'leaked', from: '2026-01-02', to: '2026-03-04' } as const;
    expect(askedIn(new URLSearchParams(addressOf(asked)))).toEqual(asked);
    expect(askedIn(new URLSearchParams('fault=anything&from=soon&to=2026-1-1'))).toEqual(NOTHING_ASKED);
    expect([isAsked(NOTHING_ASKED), isAsked(asked), addressOf(NOTHING_ASKED)]).toEqual([false, true, {}]);
  });

  test('days are the kitchen’s own, both counted, over the nights on which the clock is set; nonsense asks for nothing', () => {
    const zone = 'Europe/London';
    const span = (from: string, to: string) => spanOf({ from, to }, zone);
    expect(span('', '')).toEqual([-Infinity, Infinity]);
    expect(span('2026-02-03', '2026-02-03')).toEqual([Date.UTC(2026, 1, 3), Date.UTC(2026, 1, 4) - 1]);
    // In spring that day has 23 hours, in autumn 25.
    expect(span('2026-03-29', '2026-03-29')).toEqual([Date.UTC(2026, 2, 29), Date.UTC(2026, 2, 29, 23) - 1]);
    expect(span('2026-10-25', '2026-10-25')).toEqual([Date.UTC(2026, 9, 24, 23), Date.UTC(2026, 9, 26) - 1]);
    expect(span('2026-99-99', '2026-99-99')).toEqual([-Infinity, Infinity]);
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
