import 'fake-indexeddb/auto';
import { expect, test } from '@jest/globals';
import { keepAnswer, keptAnswer } from './index.ts';

test('an answer is found again as it was, with its rows of numbers; what was never kept is undefined', async () => {
  const answer = { ok: true, value: { picture: { T_C: new Float32Array([20, 98.5]), seconds: 2 } } };
  await keepAnswer('a', answer, 1);
  expect(await keptAnswer('a')).toEqual(answer);
  expect(await keptAnswer('b')).toBeUndefined();
});

test('the oldest go when there are many', async () => {
  for (let at = 10; at < 80; at++) await keepAnswer(`many ${at}`, { at }, at);
  expect(await keptAnswer('a')).toBeUndefined();
  expect(await keptAnswer('many 10')).toBeUndefined();
  expect(await keptAnswer('many 79')).toEqual({ at: 79 });
});
