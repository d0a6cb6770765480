import { useMemo, useState } from 'react';
import type { Cause, Evidence, Symptom } from '../../core/diagnose/index.ts';
import { CAUSE_IDS, diagnose, evidenceOf, SYMPTOMS, symptomsIn } from '../../core/diagnose/index.ts';
import { batterOf } from '../../core/cook/index.ts';
import { wallNow } from '../clock/index.ts';
import { percent } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { readingOf } from '../session/index.ts';
import { commands, useDo, useQueried } from '../store/index.ts';
import { CAUSE_WORDS, SYMPTOM_WORDS, TEST_WORDS } from './causeWords.ts';
import type { Entry } from '../../core/book/index.ts';

type Props = { readonly session: Session; readonly entry: Entry; readonly entries: readonly Entry[] };

/** Less likely ones aren't worth reading. */
const LEAST_CHANCE = 0.08;
const MOST_SHOWN = 5;
/** The numbers speak from here on. */
const SPEAKS = 0.4;

const isCause = (value: string): value is Cause => (CAUSE_IDS as readonly string[]).includes(value);

/** What was found behind earlier mishaps of this kitchen. */
const foundBefore = (entries: readonly Entry[]): ReadonlyMap<Cause, number> => {
  const found = new Map<Cause, number>();
  for (const { progress } of entries)
    for (const o of progress.observations) if (o.kind === 'cause' && isCause(o.value)) found.set(o.value, (found.get(o.value) ?? 0) + 1);
  return found;
};

/** A morning is over when nothing was started for so long. */
const MORNING_MS = 4 * 3_600_000;

/** The loads that were cooked about then, and the one before it on its iron. */
const sameMorning = ({ load, progress }: Entry, entries: readonly Entry[]) => {
  const morning = entries.filter((other) => Math.abs(other.load.startedAt - load.startedAt) < MORNING_MS);
  const earlier = morning.filter(
    ({ load: other, progress: { openedAt } }) =>
      other.ironId === load.ironId && other.id !== load.id && openedAt !== null && openedAt <= (progress.pouredAt ?? 0),
  );
  const before = earlier.reduce<Entry | undefined>(
    (last, one) => ((one.progress.openedAt ?? 0) > (last?.progress.openedAt ?? 0) ? one : last),
    undefined,
  );
  return { morning, before: before?.progress };
};

/** Touch what went wrong: what is behind it, by the words and by this load's own numbers, and what to change. */
export const WhatWentWrong = ({ session, entry, entries }: Props) => {
  const carryOut = useDo();
  const [piled, setPiled] = useState<boolean | null>(null);
  const { load, progress, prediction, iron, lot } = entry;
  const inLog = useMemo(() => symptomsIn(progress, prediction), [progress, prediction]);
  // What its log says stands there already; it can be taken back.
  const [touched, setTouched] = useState<ReadonlyMap<Symptom, boolean>>(new Map());
  const told = useMemo(() => SYMPTOMS.filter((symptom) => touched.get(symptom) ?? inLog.includes(symptom)), [touched, inLog]);
  const formula = useQueried(
    (queries) => (lot === null ? Promise.resolve(null) : queries.revision('formulas', lot.formulaId, lot.formulaRev)),
    `revision ${lot?.formulaId ?? ''} ${lot?.formulaRev ?? ''}`,
  );
  const reading = formula == null ? null : readingOf(session, formula);
  const evidence = useMemo((): Evidence => {
    const batter =
      reading === null ? null : batterOf(reading, { batter_C: session.workspace.batter_C, altitude_m: session.kit.altitude_m });
    return {
      ...evidenceOf({
        load,
        progress,
        prediction,
        iron,
        lot,
        reading,
        batter: batter?.ok === true ? batter.value : null,
        ...sameMorning(entry, entries),
      }),
      piled,
    };
  }, [entry, entries, load, progress, prediction, iron, lot, reading, piled, session.workspace.batter_C, session.kit.altitude_m]);
  const found = useMemo(() => diagnose(told, evidence, foundBefore(entries)), [told, evidence, entries]);
  const said = progress.observations.find((o) => o.kind === 'cause')?.value ?? null;
  const toggle = (symptom: Symptom): void => setTouched((now) => new Map(now).set(symptom, !told.includes(symptom)));
  const shown = found.ranked.filter(({ chance }, i) => i < MOST_SHOWN && (i === 0 || chance >= LEAST_CHANCE));
  return (
    <section aria-label="What went wrong?" className="mt-5">
      <h3 className="text-lg">What went wrong?</h3>
      <div role="group" aria-label="What was seen" className="mt-1 flex flex-wrap gap-1.5">
        {SYMPTOMS.map((symptom) => (
          <button
            key={symptom}
            type="button"
            aria-pressed={told.includes(symptom)}
            className="min-h-11 rounded-full border-2 border-line bg-sheet px-3 text-[15px] aria-pressed:border-act aria-pressed:bg-act-soft aria-pressed:font-semibold"
            onClick={() => toggle(symptom)}
          >
            {SYMPTOM_WORDS[symptom]}
          </button>
        ))}
      </div>
      {inLog.some((symptom) => told.includes(symptom)) && (
        <p className="mt-1 text-sm text-quiet">
          {inLog
            .filter((symptom) => told.includes(symptom))
            .map((symptom) => SYMPTOM_WORDS[symptom])
            .join(', ')}
          : by its log; touch to take it back.
        </p>
      )}
      {told.includes('soggy-soon') && (
        <label className="mt-2 flex min-h-11 items-center gap-2 text-[15px]">
          <input type="checkbox" className="size-5 accent-act" checked={piled === true} onChange={(e) => setPiled(e.target.checked)} />
          it lay in a pile, or on a closed plate
        </label>
      )}
      {shown.length > 0 && (
        <ol className="mt-3">
          {shown.map(({ cause, chance, numbersSay }) => {
            const [was, change] = CAUSE_WORDS[cause];
            return (
              <li
                key={cause}
                data-cause={cause}
                data-chance={chance.toFixed(3)}
                className="grid grid-cols-[64px_minmax(0,1fr)_auto] items-start gap-3 border-b border-line py-2 max-sm:grid-cols-[56px_minmax(0,1fr)]"
              >
                <b className="figure text-xl">{percent(chance)}</b>
                <span>
                  <b>{was}</b>
                  {numbersSay > SPEAKS && <span className="text-quiet"> · this load’s numbers say so</span>}
                  {numbersSay < -SPEAKS && <span className="text-quiet"> · this load’s numbers speak against it</span>}
                  <br />
                  {change}
                </span>
                <button
                  type="button"
                  aria-pressed={said === cause}
                  className="button-plain min-h-11 text-[15px] max-sm:col-start-2"
                  onClick={() =>
                    void carryOut(
                      commands.noteLoad(load.id, { kind: 'logged', data: { kind: 'cause', mould: 0, value: cause } }, wallNow()),
                    )
                  }
                >
                  {said === cause ? 'It was this' : 'It was this?'}
                </button>
              </li>
            );
          })}
        </ol>
      )}
      {found.test !== null && (
        <p className="mt-2 text-[15px]" data-figure="tells apart" data-exact={found.test.gain_bits}>
          To tell them apart: {TEST_WORDS[found.test.test]}.
        </p>
      )}
      {told.length > 0 && (
        <p className="mt-2 text-sm text-quiet">
          A chance, not a verdict: from how often each is behind such a mishap (common practice), how it shows, and what this load’s clock,
          scale and recipe say. What you touch as true is remembered and counts the next time.
        </p>
      )}
    </section>
  );
};
