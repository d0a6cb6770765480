import { expect, test } from '@jest/globals';
import { USUAL_CYCLE } from './index.ts';
import type { PlaceAtLine } from './index.ts';
import { ironsNow } from './ironsNow.ts';

const NOW = 1_800_000_000_000;
const place = (progress: object | null, best_s: number | null = 200): PlaceAtLine =>
  ({
    iron: { id: 'a' },
    progress,
    prediction: best_s === null ? null : { cookTime_s: { best: best_s } },
    advice: null,
  }) as unknown as PlaceAtLine;
const stateOf = (progress: object | null, preheats: { ironId: string; from: number; to: number }[] = []) =>
  ironsNow([place(progress)], { preheats }, NOW)[0];

test('what is in an iron comes out when it is due; what is out leaves it to come back; what is cold is hot when it is planned', () => {
  expect(stateOf({ phase: 'cooking', closedAt: NOW - 50_000 })).toEqual({ ironId: 'a', openAt: NOW + 150_000, freeAt: NOW });
  expect(stateOf({ phase: 'poured', pouredAt: NOW - 3000 })).toEqual({ ironId: 'a', openAt: NOW + 200_000, freeAt: NOW });
  const back_ms = 1000 * (USUAL_CYCLE.open_s + USUAL_CYCLE.recovery_s);
  expect(stateOf({ phase: 'opened', openedAt: NOW - 10_000 })).toEqual({ ironId: 'a', openAt: null, freeAt: NOW - 10_000 + back_ms });
  expect(stateOf({ phase: 'opened', openedAt: NOW - 900_000 })).toMatchObject({ freeAt: NOW });
  expect(stateOf(null, [{ ironId: 'a', from: NOW, to: NOW + 300_000 }])).toEqual({ ironId: 'a', openAt: null, freeAt: NOW + 300_000 });
  expect(stateOf(null)).toMatchObject({ freeAt: NOW });
});
