import { lazy, Suspense } from 'react';
import type { Change, IronHistory } from '../../../core/book/index.ts';
import type { InformationValue } from '../../../core/advise/index.ts';
import type { Action } from '../../../core/fit/index.ts';
import type { Formula } from '../../../core/formula/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { dialMark } from '../../../core/plate/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, dialMarkText, Metric, grams, percent, Sheet, temperature, temperatureApart, temperatureOver } from '../../ui/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import type { Session } from '../../session/index.ts';
import { bowlTemperature, useIronLoads } from '../../session/index.ts';
import { historyQuestion } from '../../../core/lot/index.ts';
import type { AdviceReply, DialInJob } from '../../workers/index.ts';
import { useDialIn, useWorth } from '../../workers/index.ts';
import { MeasureFirst } from './MeasureFirst.tsx';
import { SIMULATED } from './simulated.ts';

const SimulatedPanel = lazy(async () => ({ default: (await import('./SimulatedPanel.tsx')).SimulatedPanel }));

type Props = {
  readonly session: Session;
  readonly formula: Formula;
  readonly iron: Iron;
  readonly tawny: number;
  readonly crisp: number | null;
  readonly reply: AdviceReply | null;
  /** A simulated iron of the same measures is put on the bench. */
  readonly onTry: () => void;
  readonly onClose: () => void;
};

/** This iron's newest loads with something said of them, and the batters they were made from. */
const useJob = ({
  session,
  formula,
  iron,
  tawny,
  crisp,
}: Pick<Props, 'session' | 'formula' | 'iron' | 'tawny' | 'crisp'>): DialInJob | null => {
  const found = useIronLoads([iron.id]);
  if (found === undefined) return null;
  const { target } = session.workspace;
  const batter_C = bowlTemperature(session, formula) ?? session.workspace.batter_C;
  const wish = { formula, iron, tawny, crisp, conditions: { target: { tawny, crisp: target.crisp }, batter_C } };
  const { past: _, ...job } = historyQuestion(session, wish, found.loads.get(iron.id) ?? [], found.formulas);
  return job;
};

/** The next load, as every station has it. */
const nextOf = ({ suggestion }: IronHistory, reply: AdviceReply | null): Action & { readonly chance: number | null } =>
  reply === null
    ? suggestion
    : {
        portion_g: reply.answer.portion_g,
        setting_C: reply.answer.setting.temperature_C,
        open_s: reply.answer.cookTime_s.best,
        chance: reply.answer.basis === null ? suggestion.chance : reply.answer.basis.chance,
      };

const UNKNOWNS = [
  ['cavity', 'room between the plates', (v: number) => `×${v.toFixed(2)}`, 0.5],
  ['offset_K', 'plates over the dial', (v: number, unit: Kit['temperatureUnit']) => temperatureOver(v, unit), 45],
  ['browning', 'browns', (v: number) => `×${v.toFixed(2)}`, 1],
  ['contact', 'contact', (v: number) => `×${v.toFixed(2)}`, 0.7],
  ['side_K', 'upper plate over lower', (v: number, unit: Kit['temperatureUnit']) => temperatureOver(v, unit), 16],
] as const;

/** What came out of this iron says how it differs from its measures, and what to do with the next load. */
export const LearnedSheet = (props: Props) => {
  const { session, formula, iron, tawny, crisp, reply, onTry, onClose } = props;
  const job = useJob(props);
  const found = useDialIn(job);
  const worth = useWorth(found.isSuccess && !found.isPlaceholderData ? job : null);
  return (
    <Sheet title={`What ${iron.name} has shown`} open onClose={onClose} wide>
      {found.data === undefined && <p className="text-lg text-quiet">Weighing its loads …</p>}
      {found.data?.ok === false && <p className="text-lg">{describeSentence(found.data.failure)}.</p>}
      {found.data?.ok === true && (
        <IronHistoryResult
          found={found.data.value}
          session={session}
          formula={formula}
          iron={iron}
          tawny={tawny}
          crisp={crisp}
          reply={reply}
          worth={worth.data?.ok === true ? worth.data.value : null}
        />
      )}
      {found.data?.ok === true && iron.kind === SIMULATED && reply !== null && (
        <Suspense>
          <SimulatedPanel session={session} formula={formula} iron={iron} reply={reply} suggestion={nextOf(found.data.value, reply)} />
        </Suspense>
      )}
      {iron.kind !== SIMULATED && (
        <p className="mt-4 text-[15px]">
          No batter to spare?{' '}
          <button type="button" className="min-h-11 font-semibold text-act underline underline-offset-2" onClick={onTry}>
            Find it out on a simulated iron like this
          </button>
        </p>
      )}
    </Sheet>
  );
};

const CHANGE_WORDS: Readonly<Record<Change, (size: number, unit: Kit['temperatureUnit']) => string>> = {
  nothing: () => 'nothing that matters: today is as the iron used to be',
  hotter: (k, unit) => `plates some ${temperatureApart(k, unit)} hotter: the dial moved, or stronger mains`,
  cooler: (k, unit) => `plates some ${temperatureApart(-k, unit)} cooler: weaker mains, a short preheat, or the dial moved`,
  'more-room': (f) => `it takes ${percent(f - 1)} more: a worn gasket or hinge, or a batter with less lift or thicker than usual`,
  'less-room': (f) => `it takes ${percent(1 - f)} less: a batter with more lift, or a lid that closes tighter`,
  'browns-more': (f) => `it browns ×${f.toFixed(1)}: more sugar or milk, or batter that stood long`,
  'browns-less': (f) => `it browns ×${f.toFixed(1)}: less sugar, more acid, or a film on the plates`,
  'one-side': (k, unit) =>
    `${k > 0 ? 'the upper' : 'the lower'} side some ${temperatureApart(Math.abs(k), unit)} hotter than it used to be`,
  'colder-batter': () => 'the batter colder than it was said to be, straight from the refrigerator',
};
/** Less likely ones aren't worth reading. */
const LEAST_CHANCE = 0.06;

const WhatChanged = ({
  changed,
  unit,
}: {
  readonly changed: NonNullable<IronHistory['changed']>;
  readonly unit: Kit['temperatureUnit'];
}) => (
  <section aria-label="What changed?" className="mt-5">
    <h3>What changed?</h3>
    <p className="text-[15px] text-quiet">
      {changed.loads === 1 ? 'The newest load' : `The newest ${changed.loads} loads`} against those before; what explains the difference
      best:
    </p>
    <ol className="mt-1">
      {changed.explanations
        .filter(({ chance }, i) => i === 0 || chance >= LEAST_CHANCE)
        .map(({ change, chance, size }) => (
          <li
            key={change}
            data-change={change}
            data-chance={chance.toFixed(3)}
            className="grid grid-cols-[64px_minmax(0,1fr)] gap-3 border-b border-line py-1.5"
          >
            <b className="figure text-xl">{percent(chance)}</b>
            <span>{CHANGE_WORDS[change](size, unit)}</span>
          </li>
        ))}
    </ol>
  </section>
);

const IronHistoryResult = ({
  found,
  session,
  formula,
  iron,
  tawny,
  crisp,
  reply,
  worth,
}: { readonly found: IronHistory; readonly worth: InformationValue | null } & Pick<
  Props,
  'session' | 'formula' | 'iron' | 'tawny' | 'crisp' | 'reply'
>) => {
  const { band, believed, prior, used, findings } = found;
  // The advice itself: there is no other suggestion beside it.
  const next = nextOf(found, reply);
  const dial = dialMark(iron, next.setting_C);
  return (
    <>
      <section aria-label="Next load">
        <p className="text-quiet">
          {used === 0
            ? iron.measured?.teaspoon === undefined
              ? 'No load of it is logged yet: this is the best first guess.'
              : 'No load of it is logged yet: this is the best first guess, with what the teaspoon showed.'
            : `From ${used} ${used === 1 ? 'load' : 'loads'}, the next one for step ${tawny}${iron.dryThrough || crisp === null ? '' : ` and crisp ${crisp}`}:`}
        </p>
        <dl className="mt-2 grid grid-cols-4 gap-4 max-sm:grid-cols-2">
          <Metric big figure="next portion" name="portion" value={`${grams(next.portion_g)} g`} exact={next.portion_g} />
          <Metric
            big
            figure="next setting"
            name="setting"
            value={dial === null ? temperature(next.setting_C, session.kit.temperatureUnit) : dialMarkText(dial)}
            exact={next.setting_C}
          />
          <Metric big figure="next open after" name="open after" value={clock(next.open_s)} exact={next.open_s} />
          <Metric
            big
            figure="next comes out right"
            name="comes out right"
            value={next.chance === null ? '–' : percent(next.chance)}
            exact={next.chance ?? 0}
          />
        </dl>
        <p className="mt-1 text-[15px] text-quiet">
          Right means: both sides within one step, filled within −6 and +10 %, set through. Within 0.6 of a step:{' '}
          {percent(found.suggestion.close)}. Eight such loads in ten come out between step{' '}
          <span data-figure="next band" data-exact={band.p90 - band.p10}>
            {band.p10.toFixed(1)} and {band.p90.toFixed(1)}
          </span>
          .
        </p>
        {worth !== null && (
          <MeasureFirst worth={worth} iron={iron} formulaId={formula.id} setting_C={next.setting_C} unit={session.kit.temperatureUnit} />
        )}
      </section>
      <section aria-label="What is believed" className="mt-5">
        <h3>How it differs from its measures</h3>
        <ul className="mt-1">
          {UNKNOWNS.map(([key, name, say, reach]) => {
            const centre = key === 'offset_K' || key === 'side_K' ? 0 : 1;
            const place = (v: number): number => Math.min(100, Math.max(0, 50 + (50 * (v - centre)) / reach));
            const { mean, sd } = believed[key];
            const before = prior[key].sd;
            return (
              <li
                key={key}
                className="grid grid-cols-[180px_minmax(0,1fr)_170px] items-center gap-4 border-b border-line py-1.5 max-sm:grid-cols-1"
              >
                <span>{name}</span>
                <span aria-hidden className="relative block h-4 rounded-full bg-track">
                  <span
                    className="absolute inset-y-0 rounded-full bg-band/50"
                    style={{ left: `${place(centre - before)}%`, width: `${place(centre + before) - place(centre - before)}%` }}
                  />
                  <span
                    className="absolute inset-y-0.5 rounded-full bg-act"
                    style={{ left: `${place(mean - sd)}%`, width: `${Math.max(1, place(mean + sd) - place(mean - sd))}%` }}
                  />
                  <span className="absolute -inset-y-0.5 left-1/2 w-0.5 bg-ink/60" />
                </span>
                <span data-figure={key} data-exact={mean}>
                  <b>{say(mean, session.kit.temperatureUnit)}</b>{' '}
                  <span className="text-[15px] text-quiet">
                    ± {key === 'offset_K' || key === 'side_K' ? temperatureApart(sd, session.kit.temperatureUnit) : sd.toFixed(2)}
                  </span>
                </span>
              </li>
            );
          })}
        </ul>
        <p className="mt-1 text-sm text-quiet">
          Pale: what is usual of an iron nobody has cooked on. Dark: what is believed now. Plates and browning are hard to tell apart by
          colour alone.
        </p>
      </section>
      {found.changed !== null && <WhatChanged changed={found.changed} unit={session.kit.temperatureUnit} />}
      {findings.length > 0 && (
        <ul className="mt-3 flex flex-col gap-1">
          {findings.map((finding) => (
            <li key={finding.loadId} data-code={finding.code} className="border-l-3 border-ink bg-sheet px-2 py-1 text-[15px]">
              {describeSentence(finding)}.
            </li>
          ))}
        </ul>
      )}
    </>
  );
};
