import { Droplets } from 'lucide-react';
import type { Formula, ParsedFormula, Lift } from '../../../core/formula/index.ts';
import { liftMethods } from '../../../core/lift/index.ts';
import type { LiftMethod } from '../../../core/lift/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, grams, measured, tawnyCss } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { adviceJob, useLengths } from '../../session/index.ts';
import type { AdviceReply } from '../../workers/index.ts';
import { useAdvices } from '../../workers/index.ts';
import { hours, LIFT_WORDS } from './words.ts';

type Props = {
  readonly session: Session;
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly onTake: (lift: Lift) => void;
};

const NEEDS = { eggs: 'needs whole eggs', whites: 'needs egg whites', yeast: 'needs yeast' } as const;
const LONGEST_MIN = 15 * 60;

/** Minutes on a scale on which ten minutes and a night can both be seen. */
const length = (minutes: number): number => (100 * Math.log1p(minutes / 4)) / Math.log1p(LONGEST_MIN / 4);

/** The same bowl lifted in seven ways: what each costs, and what comes off the iron. */
export const Methods = ({ session, formula, reading, onTake }: Props) => {
  const { iron, workspace } = session;
  const all = liftMethods(reading);
  const queries = useAdvices(
    all.map((method) =>
      iron === null || !method.possible
        ? null
        : // The one in use is the bowl that every station asks about; the others are tried, with the air that is usual for them.
          method.lift === reading.lift
          ? adviceJob(session, formula, iron, workspace)
          : adviceJob(session, { ...formula, lift: method.lift }, iron, { ...workspace, airFraction: null }),
    ),
  );
  const weighing = queries.filter(({ data, isPlaceholderData }) => data !== undefined && isPlaceholderData).length;
  return (
    <section aria-label="Methods of lifting">
      <p className="text-[15px] text-quiet">
        Good cooks disagree; here is what each way costs and gives{iron === null ? '' : ` on ${iron.name}`}. The dark part of a bar is work,
        the light part waiting (on a scale that shows minutes and a night). Drawn: a piece cut through, its crust in its colour.
      </p>
      {/* Its room stays when it goes, so that no button moves under a finger. */}
      <p role="status" className={`text-[15px] ${weighing === 0 ? 'invisible' : ''}`}>
        {iron !== null && `What the loads of ${iron.name} say is being weighed for ${weighing} of these; until then they are the model’s.`}
      </p>
      <ul>
        {all.map((method, i) => {
          const data = queries[i]?.data;
          return (
            <li
              key={method.lift}
              data-lift={method.lift}
              className={`grid grid-cols-[170px_minmax(0,1fr)_92px_150px_200px_160px] items-center gap-4 border-b border-line py-2 max-lg:grid-cols-2 ${method.lift === reading.lift ? 'border-l-3 border-l-act bg-act-soft pl-2' : 'pl-2'}`}
            >
              <h2 className="text-[17px] leading-tight">{LIFT_WORDS[method.lift]}</h2>
              <Cost method={method} />
              <span className="flex items-center gap-1 text-[15px]" title="things to wash">
                <Droplets aria-hidden className="size-4 text-quiet" /> {method.wash} to wash
              </span>
              {data?.ok === true ? (
                <Piece reply={data.value} />
              ) : (
                <span className="text-[15px] text-quiet">
                  {method.needs === null ? (data === undefined ? '…' : describeSentence(data.failure)) : NEEDS[method.needs]}
                </span>
              )}
              {data?.ok === true ? <Outcome reply={data.value} method={method} /> : <span />}
              <button
                type="button"
                className="button-plain whitespace-nowrap"
                disabled={!method.possible || method.lift === reading.lift}
                onClick={() => onTake(method.lift)}
              >
                {method.lift === reading.lift ? 'In use' : 'Use this method'}
              </button>
            </li>
          );
        })}
      </ul>
    </section>
  );
};

const Cost = ({ method }: { readonly method: LiftMethod }) => (
  <div>
    <div className="relative h-3.5 overflow-hidden rounded-full bg-track" aria-hidden>
      <span className="absolute inset-y-0 left-0 bg-band" style={{ width: `${length(method.elapsed_min)}%` }} />
      <span className="absolute inset-y-0 left-0 bg-ink" style={{ width: `${length(method.work_min)}%` }} />
    </div>
    <p className="mt-0.5 text-sm">
      <b>{method.work_min} min</b> work{method.elapsed_min > method.work_min + 5 ? `, ${hours(method.elapsed_min / 60)} in all` : ''} ·
      holds {hours(method.holds_min / 60)}
    </p>
  </div>
);

const WIDTH = 150;
const HEIGHT = 46;

/** A piece in section: crust as thick and as dark as it will be, bubbles as its density says. */
const Piece = ({ reply }: { readonly reply: AdviceReply }) => {
  const lengths = useLengths();
  const { answer, picture } = reply;
  const column = picture.columns[0];
  const second = Math.min(picture.seconds, answer.cookTime_s.best);
  const crust_mm = column?.crust_mm[second] ?? 0.5;
  const thickness_mm = column?.thickness_mm ?? 8;
  const crust = Math.min(HEIGHT / 2.6, (HEIGHT * crust_mm) / thickness_mm);
  const airy = Math.max(0, Math.min(1, (0.62 - answer.pieceDensity_gPerMl) / 0.32));
  const bubbles = Math.round(10 + 70 * airy);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="w-full max-w-[150px]"
      role="img"
      aria-label={`Step ${answer.tawnyStep.toFixed(1)}, crust ${measured(crust_mm, 'length', lengths)}, ${answer.pieceDensity_gPerMl.toFixed(2)} g per mL`}
    >
      <rect width={WIDTH} height={HEIGHT} rx={7} fill={tawnyCss(answer.tawnyStep, picture.rawLightness)} />
      <rect x={crust} y={crust} width={WIDTH - 2 * crust} height={HEIGHT - 2 * crust} rx={5} fill="#efe7d2" />
      {Array.from({ length: bubbles }, (_, i) => {
        // Spread evenly by two irrational strides: no two pieces flicker differently.
        const x = crust + 4 + ((i * 0.7548777) % 1) * (WIDTH - 2 * crust - 8);
        const y = crust + 4 + ((i * 0.5698403) % 1) * (HEIGHT - 2 * crust - 8);
        return <circle key={i} cx={x} cy={y} r={0.8 + 2.3 * airy * ((i * 7) % 5) * 0.25} fill="#d8cba9" />;
      })}
    </svg>
  );
};

const Outcome = ({ reply, method }: { readonly reply: AdviceReply; readonly method: LiftMethod }) => {
  const { answer } = reply;
  return (
    <p className="text-[15px] leading-snug" title={method.lift}>
      <b className="figure text-lg">{answer.pieceDensity_gPerMl.toFixed(2)}</b> g/mL · crisp <b>{answer.crisp.toFixed(1)}</b>
      <br />
      <b>{grams(answer.portion_g)} g</b> a load, <b>{answer.pieces}</b> pieces, {clock(answer.cookTime_s.best)}
    </p>
  );
};
