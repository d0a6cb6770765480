import { expect, test } from '@jest/globals';
import { DEMO_IRONS } from '../../demo/kit.ts';
import { conductedIrons } from './conducted.ts';
import type { PlaceAtLine } from './index.ts';

const place = (n: number, more: Partial<PlaceAtLine>): PlaceAtLine =>
  ({
    iron: DEMO_IRONS[n],
    progress: null,
    prediction: null,
    advice: null,
    failure: null,
    turn_s: null,
    n: 1,
    load: null,
    ...more,
  }) as PlaceAtLine;
const UNKNOWN = { code: 'bowl-empty', fields: {} } as const;

test('an iron of whose next load nothing is known isn’t asked for, and the others go on; a load that is in it is still opened', () => {
  const cooking = {
    phase: 'cooking',
    closedAt: 0,
    pouredAt: 0,
    signals: [],
    peeks: [],
    turnedAt: null,
  } as unknown as PlaceAtLine['progress'];
  const ids = (places: readonly PlaceAtLine[], isReady = true): string[] =>
    conductedIrons({ places, planned: null, missing: null, putOff: new Map(), isReady }, 1000).map(({ ironId }) => ironId);
  const [first, second] = [DEMO_IRONS[0]!.id, DEMO_IRONS[1]!.id];
  expect(ids([place(0, {}), place(1, {})])).toEqual([first, second]);
  expect(ids([place(0, { failure: UNKNOWN }), place(1, {})])).toEqual([second]);
  expect(ids([place(0, { failure: UNKNOWN, progress: cooking }), place(1, {})])).toEqual([first, second]);
  // Until the plan is ready nothing is begun, and what cooks is opened all the same; an iron that was removed is opened and not poured again.
  expect(ids([place(0, {}), place(1, { progress: cooking })], false)).toEqual([second]);
  expect(ids([place(0, { isRemoved: true }), place(1, { isRemoved: true, progress: cooking })])).toEqual([second]);
});
