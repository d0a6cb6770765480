import { describe, expect, test } from '@jest/globals';
import { Observation } from '../../core/log/index.ts';
import { answered, keyOfObservation, questionsFor } from './questions.ts';

describe('questions after a load', () => {
  test('how much was missing or leaked is asked only where something was', () => {
    const ids = (value: 'missing' | 'full' | 'leaked') => questionsFor([{ kind: 'fill', mould: 0, value }]).map((q) => q.id);
    expect(ids('full')).toEqual(['fill', 'edges', 'tawny/upper', 'tawny/lower', 'crisp', 'crumb', 'stuck']);
    expect(ids('missing')[1]).toBe('missing_share');
    expect(ids('leaked')[1]).toBe('leaked_g');
    expect(questionsFor([]).map((q) => q.id)[0]).toBe('fill');
  });

  test('every answer is a sound observation of its question, for any mould', () => {
    for (const fill of ['missing', 'full', 'leaked'] as const)
      for (const question of questionsFor([{ kind: 'fill', mould: 3, value: fill }]))
        for (const answer of question.answers) {
          const observation = answer.say(3);
          expect(Observation.safeParse(observation).success).toBe(true);
          expect(keyOfObservation(observation)).toBe(question.id);
          expect(answered(question, [observation], 3)).toBe(answer.label);
          expect(answered(question, [observation], 0)).toBeNull();
        }
  });
});
