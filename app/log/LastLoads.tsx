import { Check } from 'lucide-react';
import { Link } from 'react-router';
import type { Entry, LastLoads } from '../../core/book/index.ts';
import { AS_EXPECTED_STEPS, colourMiss, lastLoads, pourTowardsOn } from '../../core/book/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { settingOf } from '../../core/log/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob } from '../session/index.ts';
import { clock, dialMarkText, grams, Piece, temperature } from '../ui/index.ts';
import type { AdviceReply } from '../workers/index.ts';
import { useAdvices } from '../workers/index.ts';
import { meaningOf, pouringOf } from './meaning.ts';

type Props = {
  readonly session: Session;
  readonly entries: readonly Entry[];
  readonly most: number;
  readonly onOpen: (entry: Entry) => void;
  readonly onAll: () => void;
};

/** With what an iron cooks in the run that is on, or what is on the bench. */
const formulaOn = ({ run, formulas, formula }: Session, ironId: string): Formula | null => {
  const dish = run?.dishes.find(({ ironIds }) => ironIds.includes(ironId));
  return formulas.find(({ id }) => id === (dish ?? run?.dishes[0])?.formulaId) ?? formula;
};

/** What the last loads of each iron mean, and how each of them came out. */
export const LastLoadsByIron = ({ session, entries, most, onOpen, onAll }: Props) => {
  const shown = lastLoads(entries, most).flatMap((last) => {
    const iron = session.irons.find(({ id }) => id === last.ironId);
    return iron === undefined ? [] : [{ last, iron }];
  });
  const answers = useAdvices(
    shown.map(({ iron }) => {
      const formula = formulaOn(session, iron.id);
      return formula === null ? null : adviceJob(session, formula, iron, { ...session.workspace, load: 1, preheat_s: null });
    }),
  );
  return (
    <section aria-label="What it means" className="flex flex-col">
      <p aria-hidden className="flex justify-end border-b border-line pr-2 text-lg max-md:hidden">
        <span className="flex w-[38rem] justify-start gap-3 pb-2 max-xl:w-[30rem]">
          <span className="w-[5.2rem] text-right text-quiet">expected</span>
          <span className="border-l-2 border-ink pl-2 font-semibold">actual</span>
        </span>
      </p>
      {shown.map(({ last, iron }, i) => {
        const data = answers[i]?.data;
        return (
          <OneIron
            key={iron.id}
            session={session}
            last={last}
            iron={iron}
            reply={data?.ok === true ? data.value : null}
            isRenewed={answers[i]?.isPlaceholderData !== true}
            onOpen={onOpen}
            onAll={onAll}
          />
        );
      })}
    </section>
  );
};

type OneProps = {
  readonly session: Session;
  readonly last: LastLoads;
  readonly iron: Iron;
  readonly reply: AdviceReply | null;
  readonly isRenewed: boolean;
  readonly onOpen: (entry: Entry) => void;
  readonly onAll: () => void;
};

const OneIron = ({ session, last, iron, reply, isRenewed, onOpen, onAll }: OneProps) => {
  const formula = formulaOn(session, iron.id);
  const { temperatureUnit: unit } = session.kit;
  return (
    <div className="flex items-center gap-6 border-b border-line py-4 max-md:flex-col max-md:items-start" data-means={iron.id}>
      <div className="min-w-0 flex-1">
        <h2 className="text-[26px]">
          {iron.name}: {verdictWords(last)}
        </h2>
        <p className="mt-1 text-[17px] text-quiet">
          {reply === null ? 'Working out the next load …' : nextWords(reply, last.entries[0], iron, unit)}
        </p>
        <div className="mt-1 flex flex-wrap items-center gap-x-6">
          <Link
            to="/iron"
            className="inline-flex min-h-11 items-center text-[17px] font-semibold text-act underline decoration-band decoration-2 underline-offset-4"
            onClick={() => session.setWorkspace({ ironId: iron.id, ...(formula === null ? {} : { formulaId: formula.id }) })}
          >
            Open {iron.name}
          </Link>
          <details className="group">
            <summary className="inline-flex min-h-11 items-center text-[17px] font-semibold text-act underline decoration-band decoration-2 underline-offset-4">
              Why?
            </summary>
            <p className="max-w-prose">
              {!isRenewed || reply === null ? 'Your loads are being worked in …' : meaningOf(iron, reply, unit)}
              {pouringOf(pourTowardsOn(session.ironLoads.loads.get(iron.id) ?? []))}
            </p>
          </details>
          <button
            type="button"
            className="min-h-11 text-[17px] font-semibold text-act underline decoration-band decoration-2 underline-offset-4"
            onClick={onAll}
            aria-label={`See all loads on ${iron.name}`}
          >
            See all
          </button>
        </div>
      </div>
      <ol aria-label={`Last loads on ${iron.name}`} className="flex w-[38rem] gap-2 max-xl:w-[30rem] max-md:w-full max-md:overflow-x-auto">
        {last.entries.map((entry) => (
          <li key={entry.load.id} className="flex-1">
            <LoadPiece entry={entry} iron={iron} zone={session.kit.zone} onOpen={onOpen} />
          </li>
        ))}
      </ol>
    </div>
  );
};

/** "a bit dark in 4 of 5". */
const verdictWords = ({ verdict, count, rated, isFar, entries }: LastLoads): string => {
  if (verdict === 'not-rated') return `${entries.length === 1 ? '1 load' : `${entries.length} loads`}, not rated`;
  const words = { dark: isFar ? 'too dark' : 'a bit dark', pale: isFar ? 'too pale' : 'a bit pale', expected: 'as expected', mixed: 'off' }[
    verdict
  ];
  return `${words} in ${count} of ${rated}`;
};

/** What the next load is set to, with what the last one had where that is another. */
const nextWords = ({ answer }: AdviceReply, newest: Entry | undefined, iron: Iron, unit: 'C' | 'F'): string => {
  const before = newest?.prediction ?? null;
  const was = newest === undefined || before === null ? null : settingOf(before, newest.progress);
  const setting = settingWords(answer.setting, iron, unit);
  const old = was === null ? null : settingWords(was, iron, unit);
  const parts = [
    setting === null ? null : old === null || old === setting ? setting : `${setting}, was ${old}`,
    `${grams(answer.portion_g)} g`,
    before === null || clock(before.cookTime_s.best) === clock(answer.cookTime_s.best)
      ? clock(answer.cookTime_s.best)
      : `${clock(answer.cookTime_s.best)}, was ${clock(before.cookTime_s.best)}`,
  ];
  return `Next: ${parts.filter((part) => part !== null).join(' · ')}`;
};

const settingWords = (set: { readonly dial: number | null; readonly temperature_C: number }, iron: Iron, unit: 'C' | 'F'): string | null =>
  iron.control.type === 'fixed' ? null : set.dial === null ? temperature(set.temperature_C, unit) : `dial ${dialMarkText(set.dial)}`;

const WEEKDAY = (at: number, zone: string): string => new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: zone }).format(at);
const USUAL_STEP = 4;

type PieceProps = { readonly entry: Entry; readonly iron: Iron; readonly zone: string; readonly onOpen: (entry: Entry) => void };

/** One load: expected on the left, what came out on the right, and the difference in words. */
const LoadPiece = ({ entry, iron, zone, onOpen }: PieceProps) => {
  const miss = colourMiss(entry);
  const expected = entry.prediction?.tawnyStep ?? USUAL_STEP;
  const words = missWords(miss);
  const faults = [entry.fill === 'leaked' ? 'leaked' : null, entry.fill === 'missing' ? 'corner missing' : null].filter(
    (one) => one !== null,
  );
  const day = WEEKDAY(entry.load.startedAt, zone);
  return (
    <button
      type="button"
      data-load-piece={entry.load.id}
      className="flex w-full min-w-20 flex-col items-center gap-1 rounded-lg py-1 hover:bg-act-soft"
      aria-label={`${day}: ${[words, ...faults].join(', ')}. Open this load`}
      onClick={() => onOpen(entry)}
    >
      <Piece
        lattice={iron.geometry.lattice}
        hollow={iron.kind === 'ball pan'}
        step={expected}
        {...(miss === null ? {} : { actual: Math.min(8, Math.max(1, expected + miss)) })}
        count={iron.geometry.moulds}
        size={82}
      />
      <span className="flex min-h-6 items-center text-center text-[15px] leading-tight font-bold">
        {miss !== null && Math.abs(miss) <= AS_EXPECTED_STEPS ? <Check aria-hidden className="size-5" /> : words}
      </span>
      <span className="text-[15px] text-quiet">{[day, ...faults].join(', ')}</span>
    </button>
  );
};

const missWords = (miss: number | null): string => {
  if (miss === null) return 'not rated';
  if (Math.abs(miss) <= AS_EXPECTED_STEPS) return 'as expected';
  const steps = Math.round(2 * Math.abs(miss)) / 2;
  return `${steps === 0.5 ? '½' : steps % 1 === 0.5 ? `${Math.floor(steps)}½` : steps} ${steps > 1 ? 'steps' : 'step'} ${miss > 0 ? 'darker' : 'paler'}`;
};
