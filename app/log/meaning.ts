import type { PourTowards, Towards } from '../../core/book/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { dialMarkText, grams, temperature, temperatureApart, TOWARDS } from '../ui/index.ts';
import type { AdviceReply } from '../workers/index.ts';

/** Less than this isn't worth a sentence: K, and share of the room. */
const TELLS = { plates_K: 3, room: 0.04 } as const;

/** Where to pour, and why; empty where nothing says so. */
export const pouringOf = (said: PourTowards | null): string =>
  said === null ? '' : ` In ${said.speak} of ${said.told} loads batter ran ${FROM[said.towards]}: pour a little ${TOWARDS[said.towards]}.`;

const FROM: Readonly<Record<Towards, string>> = {
  front: 'to the hinge',
  hinge: 'to the front',
  left: 'to the right',
  right: 'to the left',
};

/** One sentence about an iron: how it differs from its measures, on how many loads, what the next one is for that, and its chance. */
export const meaningOf = (iron: Iron, { answer, believed }: Pick<AdviceReply, 'answer' | 'believed'>, unit: 'C' | 'F'): string => {
  if (believed === null || answer.basis === null) return `${iron.name}: no load was rated yet.`;
  const { loads, chance } = answer.basis;
  const { offset_K, cavity, spread } = believed;
  const { setting } = answer;
  const heat =
    setting.chosen === 'fixed'
      ? null
      : setting.dial === null
        ? temperature(setting.temperature_C, unit)
        : `mark ${dialMarkText(setting.dial)}`;
  const says = [
    Math.abs(offset_K) < TELLS.plates_K
      ? null
      : `runs ${temperatureApart(Math.abs(offset_K), unit)} ${offset_K > 0 ? 'hotter' : 'cooler'} than its setting (± ${temperatureApart(spread.plates_K, unit)})`,
    Math.abs(cavity - 1) < TELLS.room
      ? null
      : `holds ${Math.round(100 * Math.abs(cavity - 1))} % ${cavity > 1 ? 'more' : 'less'} than its measures suggest`,
  ].filter((part) => part !== null);
  const next = [heat, `${grams(answer.portion_g)} g`].filter((part) => part !== null).join(', ');
  return `${iron.name} ${says.length === 0 ? 'behaves like its measures suggest' : says.join(' and ')}, from ${loads === 1 ? '1 load' : `${loads} loads`}. The next load allows for that: ${next}${chance === null ? '' : `; ${Math.round(10 * chance)} of 10 such loads come out right`}.`;
};
