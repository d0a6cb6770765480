import { Check } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Entry, LastLoads } from '../../core/book/index.ts';
import { AS_EXPECTED_STEPS, colourMiss, lastLoads, pourTowardsOn } from '../../core/book/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import { settingOf } from '../../core/log/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob } from '../session/index.ts';
import { clock, dialMarkText, Disclosure, LINK_LOOK, LinkButton, Piece, pieceOf, temperature, weekday, USUAL_STEP } from '../ui/index.ts';
import { useLoadPhotos } from '../store/index.ts';
import type { AdviceReply } from '../workers/index.ts';
import { useAdvices } from '../workers/index.ts';
import { meaningOf, pouringOf } from './meaning.ts';

type Props = {
  readonly session: Session;
  readonly entries: readonly Entry[];
  readonly most: number;
  /** All loads of one iron. */
  readonly onAll: (ironId: string) => void;
};

/** With what an iron cooks in the run that is on, or what is on the bench. */
const formulaOn = ({ run, formulas, formula }: Session, ironId: string): Formula | null => {
  const dish = run?.dishes.find(({ ironIds }) => ironIds.includes(ironId));
  return formulas.find(({ id }) => id === (dish ?? run?.dishes[0])?.formulaId) ?? formula;
};

/** So many irons are shown at first, those that were used last. */
const FIRST = 3;

/** What the last loads of each iron mean, and how each of them came out. */
export const LastLoadsByIron = ({ session, entries, most, onAll }: Props) => {
  const [isAll, setAll] = useState(false);
  const known = lastLoads(entries, most).flatMap((last) => {
    const iron = session.irons.find(({ id }) => id === last.ironId);
    return iron === undefined ? [] : [{ last, iron }];
  });
  const shown = isAll ? known : known.slice(0, FIRST);
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
            onAll={onAll}
          />
        );
      })}
      {known.length > shown.length && (
        <LinkButton className="mt-2 self-start" onClick={() => setAll(true)}>
          {`Show all ${known.length} irons`}
        </LinkButton>
      )}
    </section>
  );
};

type OneProps = {
  readonly session: Session;
  readonly last: LastLoads;
  readonly iron: Iron;
  readonly reply: AdviceReply | null;
  readonly isRenewed: boolean;
  /** All loads of one iron. */
  readonly onAll: (ironId: string) => void;
};

const OneIron = ({ session, last, iron, reply, isRenewed, onAll }: OneProps) => {
  const formula = formulaOn(session, iron.id);
  const { temperatureUnit: unit } = session.kit;
  const photos = useLoadPhotos(last.entries.map(({ load }) => load.id));
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
            aria-label={`Open ${iron.name}`}
            className={LINK_LOOK}
            onClick={() => session.setWorkspace({ ironId: iron.id, ...(formula === null ? {} : { formulaId: formula.id }) })}
          >
            Open
          </Link>
          <Disclosure title="Why?">
            <p className="max-w-prose">
              {!isRenewed || reply === null ? 'Your loads are being worked in …' : meaningOf(iron, reply, unit)}
              {pouringOf(pourTowardsOn(session.ironLoads.loads.get(iron.id) ?? []))}
            </p>
          </Disclosure>
        </div>
      </div>
      <button
        type="button"
        aria-label={`See the loads on ${iron.name}: ${last.entries.map((entry) => missWords(colourMiss(entry))).join(', ')}`}
        className="flex w-[38rem] gap-2 rounded-xl p-1 hover:bg-act-soft max-xl:w-[30rem] max-md:w-full max-md:overflow-x-auto"
        onClick={() => onAll(iron.id)}
      >
        {last.entries.map((entry) => (
          <LoadPiece key={entry.load.id} entry={entry} iron={iron} zone={session.kit.zone} photo={photos?.get(entry.load.id)?.jpeg} />
        ))}
      </button>
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

/** What the next load changes: its setting, or else its time; with what the last one had. */
const nextWords = ({ answer }: AdviceReply, newest: Entry | undefined, iron: Iron, unit: 'C' | 'F'): string => {
  const before = newest?.prediction ?? null;
  if (newest === undefined || before === null) return `Next: open after ${clock(answer.cookTime_s.best)}`;
  const setting = settingWords(answer.setting, iron, unit);
  const was = settingWords(settingOf(before, newest.progress), iron, unit);
  if (setting !== null && setting !== was) return `Next: ${setting}, was ${was ?? ''}`;
  const [time, wasTime] = [clock(answer.cookTime_s.best), clock(before.cookTime_s.best)];
  return time === wasTime ? 'Change nothing' : `Next: open after ${time}, was ${wasTime}`;
};

const settingWords = (set: { readonly dial: number | null; readonly temperature_C: number }, iron: Iron, unit: 'C' | 'F'): string | null =>
  iron.control.type === 'fixed' ? null : set.dial === null ? temperature(set.temperature_C, unit) : `dial ${dialMarkText(set.dial)}`;

type PieceProps = { readonly entry: Entry; readonly iron: Iron; readonly zone: string; readonly photo: string | undefined };

/** One load: expected on the left, what came out on the right, and the difference in words. */
const LoadPiece = ({ entry, iron, zone, photo }: PieceProps) => {
  const miss = colourMiss(entry);
  const expected = entry.prediction?.tawnyStep ?? USUAL_STEP;
  const fault = entry.fill === 'leaked' ? 'leaked' : entry.fill === 'missing' ? 'corner missing' : null;
  return (
    <span data-load-piece={entry.load.id} className="flex min-w-20 flex-1 flex-col items-center gap-1 py-1">
      <Piece
        {...pieceOf(iron, expected)}
        {...(miss === null ? {} : { actual: Math.min(8, Math.max(1, expected + miss)) })}
        {...(photo === undefined ? {} : { photo })}
        size={82}
      />
      <span className="flex min-h-6 items-center text-center text-[15px] leading-tight font-bold">
        {fault ?? (miss !== null && Math.abs(miss) <= AS_EXPECTED_STEPS ? <Check aria-hidden className="size-5" /> : missWords(miss))}
      </span>
      <span className="text-[15px] text-quiet">{weekday(entry.load.startedAt, zone)}</span>
    </span>
  );
};

const A_BIT_STEPS = 1.25;

const missWords = (miss: number | null): string => {
  if (miss === null) return 'not rated';
  if (Math.abs(miss) <= AS_EXPECTED_STEPS) return 'as expected';
  return `${Math.abs(miss) <= A_BIT_STEPS ? 'a bit ' : ''}${miss > 0 ? 'darker' : 'paler'}`;
};
