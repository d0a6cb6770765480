import { useState } from 'react';
import type { Formula } from '../../core/formula/index.ts';
import { pouredAsWhole_g, settingOf } from '../../core/log/index.ts';
import { clock, grams, NumberEntry, TemperatureEntry } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob } from '../session/index.ts';
import { useQueried } from '../store/index.ts';
import { useAdvice } from '../workers/index.ts';
import type { Entry } from '../../core/book/index.ts';

type Props = { readonly session: Session; readonly entry: Entry };

/** What may be otherwise. */
type Tried = { readonly portion_g: number; readonly setting_C: number; readonly cookTime_s: number; readonly batter_C: number };

const LIMITS = {
  portion_g: { min: 2, max: 3000 },
  setting_C: { min_C: 60, max_C: 320 },
  time_s: { min: 10, max: 3600 },
  batter_C: { min_C: 0, max_C: 50 },
};

/** A load that is over, run again by the model: as it was, and as it would have been with another portion, setting, time or bowl. */
export const WhatIf = ({ session, entry }: Props) => {
  const { prediction, progress, iron, cooked_s, lot } = entry;
  const formula = useQueried(
    (queries) => (lot === null ? Promise.resolve(null) : queries.revision('formulas', lot.formulaId, lot.formulaRev)),
    `revision ${lot?.formulaId ?? ''} ${lot?.formulaRev ?? ''}`,
  );
  if (formula == null || iron === null || prediction === null || cooked_s === null || cooked_s < LIMITS.time_s.min) return null;
  const was: Tried = {
    portion_g: Math.round(pouredAsWhole_g(prediction, progress, iron.geometry.moulds)),
    setting_C: Math.round(settingOf(prediction, progress).temperature_C),
    cookTime_s: Math.round(cooked_s),
    batter_C: lot?.temperature_C ?? session.workspace.batter_C,
  };
  return <Both session={session} entry={entry} formula={formula} was={was} />;
};

/** The question as it stood then: nothing of today's bowl in it. */
const jobOf = (session: Session, { iron, prediction, load }: Entry, formula: Formula, tried: Tried) =>
  iron === null || prediction === null
    ? null
    : adviceJob({ ...session, lots: [] }, formula, iron, {
        ...tried,
        target: prediction.target,
        load: load.n,
        preheat_s: null,
      });

const Both = ({ session, entry, formula, was }: Props & { readonly formula: Formula; readonly was: Tried }) => {
  const [changes, setChanges] = useState<Partial<Tried>>({});
  const tried = { ...was, ...changes };
  const then = useAdvice(jobOf(session, entry, formula, was)).data;
  const otherwise = useAdvice(jobOf(session, entry, formula, tried)).data;
  const { prediction } = entry;
  if (then?.ok !== true || prediction === null) return null;
  const { answer } = then.value;
  const isChanged = Object.keys(changes).length > 0;
  const other = isChanged && otherwise?.ok === true ? otherwise.value.answer : null;
  const set = (change: Partial<Tried>): void => setChanges((before) => ({ ...before, ...change }));
  return (
    <section aria-label="What if" className="mt-5">
      <h3 className="text-lg">What if</h3>
      <p className="mt-1 border-l-3 border-act bg-act-soft px-3 py-1" data-figure="as done" data-exact={answer.tawnyStep}>
        By what is known of this iron now, poured {grams(answer.portion_g)} g and opened after {clock(was.cookTime_s)} as it was: step{' '}
        {answer.tawnyStep.toFixed(1)} and crisp {answer.crisp.toFixed(1)}; as suggested, after {clock(prediction.cookTime_s.best)}: step{' '}
        {prediction.tawnyStep.toFixed(1)} and crisp {prediction.crisp.toFixed(1)}.
        {answer.coreSet_s !== null && was.cookTime_s < answer.coreSet_s && ' Its core hadn’t set by then.'}
      </p>
      <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
        <NumberEntry
          narrow
          label="poured, g"
          value={tried.portion_g}
          {...LIMITS.portion_g}
          onChange={(portion_g) => portion_g !== null && set({ portion_g })}
        />
        <TemperatureEntry
          label="set to"
          value_C={tried.setting_C}
          {...LIMITS.setting_C}
          unit={session.kit.temperatureUnit}
          onChange={(setting_C) => set({ setting_C })}
        />
        <NumberEntry
          narrow
          label="opened after, s"
          value={tried.cookTime_s}
          {...LIMITS.time_s}
          whole
          onChange={(cookTime_s) => cookTime_s !== null && set({ cookTime_s })}
        />
        <TemperatureEntry
          label="batter at"
          value_C={tried.batter_C}
          {...LIMITS.batter_C}
          unit={session.kit.temperatureUnit}
          onChange={(batter_C) => set({ batter_C })}
        />
      </div>
      {isChanged && otherwise?.ok === false && (
        <p role="alert" className="mt-2">
          That can’t be cooked on this iron.
        </p>
      )}
      {other !== null && (
        <p className="mt-2 text-lg" role="status" data-figure="as tried" data-exact={other.tawnyStep}>
          Then: step <b>{other.tawnyStep.toFixed(1)}</b> instead of {answer.tawnyStep.toFixed(1)}, crisp <b>{other.crisp.toFixed(1)}</b>{' '}
          instead of {answer.crisp.toFixed(1)}.
          {other.coreSet_s !== null && tried.cookTime_s < other.coreSet_s && ' Its core wouldn’t have set.'}
        </p>
      )}
    </section>
  );
};
