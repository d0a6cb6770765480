import type { ReactNode } from 'react';
import type { AdviceAnswer } from '../../../core/advise/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { allergensOf } from '../../../core/formula/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { clock, dialMarkText, grams, gramsFine, temperature } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { Here } from './Here.tsx';

/** What a card says of the iron, in words; nulls where nothing was reckoned. */
export const cardOf = (reading: ParsedFormula, answer: AdviceAnswer | null, iron: Iron | null, session: Session) => ({
  portion: answer === null || iron === null ? null : `${grams(answer.portion_g)} g a load on ${iron.name}`,
  setting:
    answer === null
      ? null
      : answer.setting.dial === null
        ? temperature(answer.setting.temperature_C, session.kit.temperatureUnit)
        : `dial ${dialMarkText(answer.setting.dial)}`,
  time:
    answer === null
      ? null
      : `open after ${clock(answer.cookTime_s.best)} (${clock(answer.cookTimeBand_s.p10)}–${clock(answer.cookTimeBand_s.p90)}${answer.basis === null ? ', model only' : ''})`,
  yields: answer === null ? null : `${answer.pieces} pieces`,
  allergens: allergensOf(reading),
});

const isDrawn = (settings: ReactNode): boolean => settings !== undefined && settings !== false && settings !== null;

/** One page to hang up: grams large, the words behind, steps, the iron, the caution. */
export const CardPage = ({
  formula,
  reading,
  card,
  session,
  settings,
}: {
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly card: ReturnType<typeof cardOf>;
  readonly session: Session;
  /** What is set, poured and closed on the chosen iron; left out: nothing is known. */
  readonly settings?: ReactNode;
}) => (
  <section aria-label="Recipe card" className="p-6 print:text-black">
    <h1 className="text-3xl">{formula.name}</h1>
    <div className="mt-3 grid grid-cols-2 gap-8 max-md:grid-cols-1 print:grid-cols-2">
      <table className="w-full self-start">
        <tbody>
          {reading.lines.map((line, i) => (
            <tr key={`${line.text}/${i}`} className="border-b border-line print:border-black/30">
              <td className="figure w-24 py-0.5 pr-3 text-right text-lg">{line.grams === null ? '' : `${gramsFine(line.grams)} g`}</td>
              <td className="text-sm">{line.text}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div>
        <ol className="list-decimal pl-5 text-sm">
          {formula.steps.map((step, i) => (
            <li key={`${step}/${i}`} className="mb-1">
              {step}
            </li>
          ))}
        </ol>
        <dl className="mt-4 grid grid-cols-[auto_1fr] gap-x-3 text-sm">
          {[
            ['Bowl', `${grams(reading.totalMass_g)} g`],
            // Drawn below where they are known.
            ['Portion', isDrawn(settings) ? null : card.portion],
            ['Setting', isDrawn(settings) ? null : card.setting],
            ['Time', isDrawn(settings) ? null : card.time],
            ['Makes', card.yields ?? formula.yieldHint],
            ['Contains', card.allergens.join(', ')],
          ].map(([name, value]) =>
            value == null || value === '' ? null : (
              <div key={name} className="contents">
                <dt className="font-bold">{name}</dt>
                <dd>{value}</dd>
              </div>
            ),
          )}
        </dl>
        {settings}
        <Here session={session} formula={formula} />
        <p className="mt-4 text-xs">
          Raw egg and raw flour: don’t taste the batter. Hot plates and steam burn. The maker’s manual comes first.
        </p>
      </div>
    </div>
  </section>
);
