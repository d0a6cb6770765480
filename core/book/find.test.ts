import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import { demoFile } from '../../demo/file.ts';
import { lotFrom } from '../log/index.ts';
import type { Fault } from './find.ts';
import { FAULTS, isFound, plainWords, termsAsked, termsOf, WORD_TERMS } from './find.ts';
import { colourMiss, entryOf } from './entry.ts';

const file = demoFile();
const NOTHING = { words: '', fault: null };
const entries = file.loads.map((load) => {
  const lot = file.lots.find(({ id }) => id === load.lotId);
  return entryOf(
    load,
    file.loadEvents.filter(({ loadId }) => loadId === load.id).map(({ event }) => event),
    lot === undefined ? null : lotFrom(lot, []),
    file.irons.find(({ id }) => id === load.ironId) ?? null,
    file.predictions.find((p) => p.id === load.predictionId) ?? null,
  );
});

describe('what a load is found by', () => {
  test('faults are what was said of them; every load has none, or those it has', () => {
    const having = (fault: Fault) => entries.filter((entry) => isFound({ ...NOTHING, fault }, entry));
    expect(having('leaked').every(({ fill }) => fill === 'leaked')).toBe(true);
    expect(having('missing').length + having('leaked').length).toBe(entries.filter(({ fill }) => fill !== 'full' && fill !== null).length);
    for (const entry of having('pale')) expect(colourMiss(entry)).toBeLessThan(-0.75);
    for (const entry of having('dark')) expect(colourMiss(entry)).toBeGreaterThan(0.75);
    expect(entries.filter((entry) => isFound(NOTHING, entry))).toHaveLength(entries.length);
  });

  test('all of the words, wherever they stand, without accents', () => {
    const [first] = entries;
    if (first === undefined) throw new Error('no loads');
    const entry = { ...first, notes: ['Crème on it', 'for table 4'] };
    const found = (words: string): boolean => isFound({ ...NOTHING, words }, entry);
    expect([found('creme'), found('TABLE creme'), found(entry.iron?.name ?? ''), found('cream'), found('  ')]).toEqual([
      true,
      true,
      true,
      false,
      true,
    ]);
  });

  test('under its terms exactly those loads stand that are found without them: 400 questions', () => {
    const terms = new Map(entries.map((entry) => [entry.load.id, new Set(termsOf(entry))]));
    const [from, to] = WORD_TERMS;
    const vocabulary = [...new Set([...terms.values()].flatMap((set) => [...set]))].filter((term) => term >= from && term < to);
    expect(vocabulary.length).toBeGreaterThan(5);
    const random = seededRandom(16);
    const oneOf = <T>(list: readonly T[]): T => list[Math.floor(random.next() * list.length)]!;
    const said = entries.flatMap(({ notes, lot, iron }) => plainWords([lot?.name, iron?.name, ...notes].join(' ')));
    const part = (word: string): string => word.slice(Math.floor(random.next() * 2), 2 + Math.floor(random.next() * 5));
    let hits = 0;
    for (let round = 0; round < 400; round++) {
      const asked = {
        words: Array.from({ length: Math.floor(random.next() * 3) }, () => part(oneOf(said))).join(' '),
        fault: random.next() < 0.4 ? oneOf(FAULTS) : null,
        ironId: random.next() < 0.4 ? oneOf(file.irons).id : null,
      };
      const lists = termsAsked(asked, file.irons, vocabulary);
      for (const entry of entries) {
        const stands = lists.every((list) => list.some((term) => terms.get(entry.load.id)!.has(term)));
        const isWanted = isFound(asked, entry) && (asked.ironId === null || entry.load.ironId === asked.ironId);
        expect({ asked, id: entry.load.id, is: stands }).toEqual({ asked, id: entry.load.id, is: isWanted });
        if (stands) hits++;
      }
    }
    expect(hits).toBeGreaterThan(100);
  });
});
