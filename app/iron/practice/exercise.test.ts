import { expect, test } from '@jest/globals';
import { exerciseFrom, hiddenOf, levelOf, newExercise } from './exercise.ts';

test('an exercise survives being written down; what makes no sense is not taken for one', () => {
  const exercise = { ...newExercise('how-much', 0.25), done: [{ portion_g: 180, setting_C: 170, open_s: 200 }] };
  expect(exerciseFrom(JSON.stringify(exercise))).toEqual(exercise);
  for (const text of [null, '', '{', '3', '{"levelId":"nowhere","seed":1,"done":[]}', '{"levelId":"how-much","seed":null,"done":[]}'])
    expect(exerciseFrom(text)).toBeNull();
  const spoiled = JSON.stringify({ ...exercise, done: [{ portion_g: 'x' }, exercise.done[0]] });
  expect(exerciseFrom(spoiled)?.done).toEqual(exercise.done);
});

test('the same seed hides the same iron; an unknown level is the first', () => {
  const exercise = newExercise('a-stranger', 0.4);
  expect(hiddenOf(exercise)).toEqual(hiddenOf({ ...exercise, done: [] }));
  expect(hiddenOf(exercise)).not.toEqual(hiddenOf(newExercise('a-stranger', 0.5)));
  expect(levelOf('nowhere').id).toBe('hot-or-cool');
});
