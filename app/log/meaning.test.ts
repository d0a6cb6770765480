import { expect, test } from '@jest/globals';
import { DEMO_IRONS } from '../../demo/kit.ts';
import type { AdviceReply } from '../workers/index.ts';
import { meaningOf, pouringOf } from './meaning.ts';

const iron = DEMO_IRONS.find(({ id }) => id === 'deep-a')!;
type Reply = Pick<AdviceReply, 'answer' | 'believed'>;
const reply = (changes: Partial<NonNullable<Reply['believed']>>, loads = 12, chance: number | null = 0.93): Reply =>
  ({
    answer: { portion_g: 214, basis: { loads, chance }, setting: { dial: 2.5, temperature_C: 158, chosen: 'found' } },
    believed: { offset_K: 0, cavity: 1, spread: { plates_K: 4, cavity: 0.02, time: 0.05 }, ...changes },
  }) as Reply;

test('one sentence: how an iron differs, on what it rests, what is done about it', () => {
  expect(meaningOf(iron, reply({ offset_K: 8 }), 'C')).toBe(
    'Deep A runs 8 °C hotter than its setting (± 4 °C), from 12 loads. The next load allows for that: mark 2½, 214 g; 9 of 10 such loads come out right.',
  );
  expect(meaningOf(iron, reply({ offset_K: -5, cavity: 0.9 }, 1, null), 'F')).toBe(
    'Deep A runs 9 °F cooler than its setting (± 7 °F) and holds 10 % less than its measures suggest, from 1 load. The next load allows for that: mark 2½, 214 g.',
  );
  expect(meaningOf(iron, reply({}), 'C')).toContain('behaves like its measures suggest');
  expect(meaningOf(iron, { ...reply({}), believed: null }, 'C')).toContain('no load was rated');
});

test('where to pour is said with what it rests on, or not at all', () => {
  expect(pouringOf({ towards: 'front', speak: 4, told: 5, chance: 0.891 })).toBe(
    ' In 4 of 5 loads batter ran to the hinge: pour a little to the front.',
  );
  expect(pouringOf(null)).toBe('');
});
