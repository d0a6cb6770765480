import { Link } from 'react-router';
import type { PourTowards, Towards } from '../../core/book/index.ts';
import { pourTowardsOn } from '../../core/book/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { dialMarkText, grams, temperature, temperatureApart, TOWARDS } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob } from '../session/index.ts';
import type { AdviceReply } from '../workers/index.ts';
import { useAdvices } from '../workers/index.ts';

/** Less than this isn't worth a sentence: K, and share of the room. */
const TELLS = { plates_K: 3, room: 0.04 } as const;

/** What the loads of each iron that is worked with mean, with what it rests on and what is done about it. */
export const Meaning = ({ session }: { readonly session: Session }) => {
  const { irons, ironLoads, run, formulas, setWorkspace } = session;
  // With what it cooks in the run that is on, or what is on the bench.
  const formulaOn = (ironId: string): Formula | null => {
    const dish = run?.dishes.find(({ ironIds }) => ironIds.includes(ironId));
    return formulas.find(({ id }) => id === (dish ?? run?.dishes[0])?.formulaId) ?? session.formula;
  };
  const known = irons.filter(({ id }) => (ironLoads.loads.get(id)?.length ?? 0) > 0);
  const answers = useAdvices(
    known.map((iron) => {
      const formula = formulaOn(iron.id);
      return formula === null ? null : adviceJob(session, formula, iron, { ...session.workspace, load: 1, preheat_s: null });
    }),
  );
  if (known.length === 0) return null;
  return (
    <section aria-label="What it means">
      <ul className="flex flex-col gap-1 text-lg">
        {known.map((iron, i) => {
          const data = answers[i]?.data;
          const formula = formulaOn(iron.id);
          const isWeighing = answers[i]?.isPlaceholderData === true;
          if (data?.ok !== true) return null;
          return (
            <li
              key={iron.id}
              className="flex flex-wrap items-baseline gap-x-3 border-l-3 border-act bg-sheet px-3 py-1"
              data-means={iron.id}
            >
              <span>
                {isWeighing ? `${iron.name}: its loads are being weighed …` : meaningOf(iron, data.value, session.kit.temperatureUnit)}
                {pouringOf(pourTowardsOn(ironLoads.loads.get(iron.id) ?? []))}
              </span>
              <Link
                to="/iron"
                className="font-semibold text-act underline underline-offset-2"
                onClick={() => setWorkspace({ ironId: iron.id, ...(formula === null ? {} : { formulaId: formula.id }) })}
              >
                To the iron
              </Link>
            </li>
          );
        })}
      </ul>
    </section>
  );
};

/** Where to pour, and what says so; empty where nothing does. */
export const pouringOf = (said: PourTowards | null): string =>
  said === null
    ? ''
    : ` On ${said.speak} of ${said.told} loads that told where, batter ran ${FROM[said.towards]}: pour a little ${TOWARDS[said.towards]} (${Math.min(99, Math.floor(100 * said.chance))} % that it is no chance).`;

const FROM: Readonly<Record<Towards, string>> = {
  front: 'to the hinge',
  hinge: 'to the front',
  left: 'to the right',
  right: 'to the left',
};

/** One sentence about an iron: how it differs from its measures, on how many loads, what the next one is for that, and its chance. */
export const meaningOf = (iron: Iron, { answer, believed }: Pick<AdviceReply, 'answer' | 'believed'>, unit: 'C' | 'F'): string => {
  if (believed === null || answer.basis === null) return `${iron.name}: nothing was said of its loads yet.`;
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
      : `runs ${temperatureApart(Math.abs(offset_K), unit)} ${offset_K > 0 ? 'hotter' : 'cooler'} than its setting says (± ${temperatureApart(spread.plates_K, unit)})`,
    Math.abs(cavity - 1) < TELLS.room
      ? null
      : `holds ${Math.round(100 * Math.abs(cavity - 1))} % ${cavity > 1 ? 'more' : 'less'} than its measures say`,
  ].filter((part) => part !== null);
  const next = [heat, `${grams(answer.portion_g)} g`].filter((part) => part !== null).join(', ');
  return `${iron.name} ${says.length === 0 ? 'does what its measures say' : says.join(' and ')}, by ${loads === 1 ? 'one load' : `${loads} loads`}; the next is set for that: ${next}${chance === null ? '' : `, and ${Math.round(100 * chance)} % of such loads land`}.`;
};
