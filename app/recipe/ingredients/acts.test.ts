import { expect, test } from '@jest/globals';
import type { Act } from '../../../core/formula/index.ts';
import { actsAfter, actsOfStep, carriedWords, withAddedAct, withChangedAct, withMovedAct, withoutAct, withTimeEnd } from './acts.ts';

const ACTS: readonly Act[] = [
  { kind: 'whisk-dry', step: 0, words: 'Whisk the flour.' },
  { kind: 'combine', step: 1, words: 'Stir in the milk' },
  { kind: 'rest', step: 1, words: 'Rest 10 minutes.', time_s: [600, 600] },
];
const kinds = (acts: readonly Act[]) => acts.map(({ kind, step }) => `${kind} ${step}`);

test('acts are changed, timed, moved within their step, removed and added at its end', () => {
  expect(kinds(withChangedAct(ACTS, 1, { kind: 'fold' }))).toEqual(['whisk-dry 0', 'fold 1', 'rest 1']);
  expect(withTimeEnd(ACTS, 2, 1, 900)[2]?.time_s).toEqual([600, 900]);
  expect(withTimeEnd(ACTS, 2, 0, 900)[2]?.time_s).toEqual([900, 900]);
  expect(withTimeEnd(ACTS, 2, 1, 300)[2]?.time_s).toEqual([300, 300]);
  expect(withTimeEnd(ACTS, 1, 0, 60)[1]?.time_s).toEqual([60, 60]);
  expect(withTimeEnd(withTimeEnd(ACTS, 2, 1, 900), 2, 1, null)[2]?.time_s).toEqual([600, 600]);
  expect(withTimeEnd(ACTS, 1, 0, null)[1]).not.toHaveProperty('time_s');
  expect(kinds(withMovedAct(ACTS, 1, 1))).toEqual(['whisk-dry 0', 'rest 1', 'combine 1']);
  // Not out of its sentence.
  expect(kinds(withMovedAct(ACTS, 1, -1))).toEqual(kinds(ACTS));
  expect(kinds(withoutAct(ACTS, 0))).toEqual(['combine 1', 'rest 1']);
  expect(kinds(withAddedAct(ACTS, 0, 'Whisk the flour.'))).toEqual(['whisk-dry 0', 'combine 0', 'combine 1', 'rest 1']);
  expect(actsOfStep(ACTS, 1).map(({ at }) => at)).toEqual([1, 2]);
});

test('steps that only move keep what was put right in them; another one is read anew', () => {
  const before = ['Whisk the flour.', 'Stir in the milk, rest.'];
  expect(kinds(actsAfter(ACTS, before, ['Stir in the milk, rest.', 'Whisk the flour.']))).toEqual(['combine 0', 'rest 0', 'whisk-dry 1']);
  expect(kinds(actsAfter(ACTS, before, ['Whisk the flour.', 'Fold in the whites.']))).toEqual(['whisk-dry 0', 'fold 1']);
});

test('what an act carries, in words', () => {
  expect(carriedWords(ACTS[2]!).replace(/\s/g, ' ')).toBe('10:00');
  expect(carriedWords({ kind: 'whip', step: 0, words: '', until: 'soft', by: 'hand', day: 'evening' })).toBe(
    'until soft, by hand, the evening before',
  );
});
