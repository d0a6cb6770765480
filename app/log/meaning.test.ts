import { expect, test } from '@jest/globals';
import { DEMO_IRONS } from '../../demo/kit.ts';
import type { AdviceReply } from '../workers/index.ts';
import { meaningOf, pouringOf } from './Meaning.tsx';

const iron = DEMO_IRONS.find(({ id }) => id === 'deep-a')!;
type Reply = Pick<AdviceReply, 'answer' | 'believed'>;
const reply = (changes: Partial<NonNullable<Reply['believed']>>, loads = 12, chance: number | null = 0.93): Reply =>
  ({
    answer: { portion_g: 214, basis: { loads, chance }, setting: { dial: 2.5, temperature_C: 158, chosen: 'found' } },
    believed: { offset_K: 0, cavity: 1, spread: { plates_K: 4, cavity: 0.02, time: 0.05 }, ...changes },
  }) as Reply;

test('one sentence: how an iron differs, on what it rests, what is done about it', () => {
  expect(meaningOf(iron, reply({ offset_K: 8 }), 'C')).toBe(
    'Deep A runs 8 °C hotter than its setting says (± 4 °C), by 12 loads; the next is set for that: mark 2½, 214 g, and 93 % of such loads land.',
  );
  expect(meaningOf(iron, reply({ offset_K: -5, cavity: 0.9 }, 1, null), 'F')).toBe(
    'Deep A runs 9 °F cooler than its setting says (± 7 °F) and holds 10 % less than its measures say, by one load; the next is set for that: mark 2½, 214 g.',
  );
  expect(meaningOf(iron, reply({}), 'C')).toContain('does what its measures say');
  expect(meaningOf(iron, { ...reply({}), believed: null }, 'C')).toContain('nothing was said');
});

test('where to pour is said with what it rests on, or not at all', () => {
  expect(pouringOf({ towards: 'front', speak: 4, told: 5, chance: 0.891 })).toBe(
    ' On 4 of 5 loads that told where, batter ran to the hinge: pour a little to the front (89 % that it is no chance).',
  );
  expect(pouringOf(null)).toBe('');
});
