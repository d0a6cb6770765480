import { expect, test } from '@jest/globals';
import { DEMO_IRONS } from '../../demo/kit.ts';
import type { ToldLoad } from '../lot/index.ts';
import type { Run } from '../run/index.ts';
import { outLoads } from '../run/index.ts';
import { crispOfOldest, inLoads } from './standing.ts';
import type { PlaceAtLine } from './index.ts';

const four = DEMO_IRONS.find(({ id }) => id === 'thin-four')!;
const told = (id: string, runId: string | null, events: readonly object[]): ToldLoad =>
  ({ load: { id, runId, ironId: four.id }, log: events.map((event, seq) => ({ ...event, seq })), prediction: null }) as unknown as ToldLoad;
const poured = (did?: object) => ({ kind: 'poured', at: 1, data: did === undefined ? {} : { did } });
const closed = { kind: 'closed', at: 2, data: {} };
const opened = { kind: 'opened', at: 3, data: {} };

test('a part load gives as many pieces as moulds were filled; another run’s and unopened ones give none', () => {
  const runLoads = [
    told('whole', 'today', [poured(), closed, opened]),
    told('part', 'today', [poured(), closed, opened, { kind: 'did', at: 4, data: { moulds: 2 } }]),
    told('in it', 'today', [poured(), closed]),
    told('other', 'yesterday', [poured(), closed, opened]),
  ];
  expect(
    outLoads({ id: 'today', dishes: [{ id: 'own', ironIds: [four.id] }] } as unknown as Run, [four], { lots: [], runLoads }).map(
      ({ pieces }) => pieces,
    ),
  ).toEqual([4, 2]);
});

test('what is in the irons comes out when it was promised', () => {
  const place = {
    iron: four,
    dishId: 'own',
    load: { runId: 'today' },
    progress: { phase: 'cooking', closedAt: 10_000, did: {} },
    prediction: { cookTime_s: { best: 200 } },
  } as unknown as PlaceAtLine;
  expect(inLoads('today', [place])).toEqual([{ ironId: four.id, dishId: 'own', openAt: 210_000, pieces: 4 }]);
  expect(inLoads('another', [place])).toEqual([]);
});

test('the oldest piece is as crisp as its iron’s course says after so long', () => {
  const courses = [{ ironId: 'a', crisp: [5, 4, 3, 2] }];
  const standing = { oldest: { age_s: 150, ironId: 'a' } } as Parameters<typeof crispOfOldest>[0];
  expect(crispOfOldest(standing, courses)).toBeCloseTo(2.5, 9);
  expect(crispOfOldest({ ...standing, oldest: null }, courses)).toBeNull();
  expect(crispOfOldest({ ...standing, oldest: { age_s: 150, ironId: 'b' } }, courses)).toBeNull();
});
