import { ArrowLeft, ArrowRight, Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { Act, ActKind, Formula } from '../../../core/formula/index.ts';
import { ACT_KINDS, actsOf } from '../../../core/formula/index.ts';
import { describeStored } from '../../../words/index.ts';
import { InlineSelect, NumberEntry } from '../../ui/index.ts';
import { actsOfStep, carriedWords, withAddedAct, withChangedAct, withMovedAct, withoutAct, withTimeEnd } from './acts.ts';
import type { Revise } from './revise.ts';
import { revised } from './revise.ts';

type Props = {
  readonly formula: Formula;
  /** What all its steps ask for. */
  readonly acts: readonly Act[];
  readonly step: number;
  readonly onRevise: Revise;
};

const KINDS = ACT_KINDS.map((kind) => ({ value: kind, label: describeStored(`act-${kind}`) }));

/** What one step asks for, as every door follows it: an act a button; touched, it can be put right. */
export const StepActs = ({ formula, acts: all, step, onRevise }: Props) => {
  const [openAt, setOpenAt] = useState<number | null>(null);
  const acts = actsOfStep(all, step);
  const change = (next: (acts: readonly Act[]) => Act[]): void => onRevise((now) => revised(now, { acts: next(actsOf(now)) }));
  const open = acts.find(({ at }) => at === openAt);
  return (
    <div role="group" aria-label={`What step ${step + 1} asks for`} className="pl-1">
      <div className="flex flex-wrap gap-x-1">
        {acts.map(({ act, at }) => (
          <button
            key={`${at}/${act.kind}`}
            type="button"
            aria-expanded={openAt === at}
            className="min-h-11 rounded-lg px-2 text-left text-[15px] hover:bg-act-soft aria-expanded:bg-act-soft"
            onClick={() => setOpenAt(openAt === at ? null : at)}
          >
            <span className="font-semibold text-act">{describeStored(`act-${act.kind}`)}</span> {carriedWords(act)}
          </button>
        ))}
        <button
          type="button"
          aria-label={`Another act in step ${step + 1}`}
          className="grid min-h-11 min-w-11 place-items-center rounded-lg text-quiet hover:bg-act-soft hover:text-ink"
          onClick={() => {
            const words = formula.steps[step] ?? '';
            setOpenAt(all.findLastIndex((act) => act.step <= step) + 1);
            change((now) => withAddedAct(now, step, words));
          }}
        >
          <Plus aria-hidden className="size-4" />
        </button>
      </div>
      {open !== undefined && (
        <OneAct
          act={open.act}
          at={open.at}
          onChange={change}
          onMove={(by) => {
            change((now) => withMovedAct(now, open.at, by));
            if (acts.some(({ at }) => at === open.at + by)) setOpenAt(open.at + by);
          }}
          onRemove={() => {
            change((now) => withoutAct(now, open.at));
            setOpenAt(null);
          }}
        />
      )}
    </div>
  );
};

type OneProps = {
  readonly act: Act;
  readonly at: number;
  readonly onChange: (next: (acts: readonly Act[]) => Act[]) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onRemove: () => void;
};

const ICON = 'grid size-11 place-items-center rounded-lg hover:bg-act-soft';
/** Nothing takes longer. */
const MOST_S = 400 * 86_400;

/** One act: what it is, how long, earlier or later, or away. */
const OneAct = ({ act, at, onChange, onMove, onRemove }: OneProps) => {
  const [from, to] = act.time_s ?? [null, null];
  // On what it is by then: the other end may have been changed a moment ago.
  const time = (end: 0 | 1, value: number | null): void => onChange((now) => withTimeEnd(now, at, end, value));
  return (
    <div role="group" aria-label="This act" className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2 rounded-xl bg-act-soft p-3">
      <InlineSelect<ActKind>
        label="It is"
        value={act.kind}
        choices={KINDS}
        onChange={(kind) => onChange((now) => withChangedAct(now, at, { kind }))}
      />
      <NumberEntry narrow asTime mayBeEmpty label="from" value={from} min={1} max={MOST_S} onChange={(value) => time(0, value)} />
      <NumberEntry narrow asTime mayBeEmpty label="to" value={to} min={1} max={MOST_S} onChange={(value) => time(1, value)} />
      <span className="flex">
        <button type="button" aria-label="Earlier" className={ICON} onClick={() => onMove(-1)}>
          <ArrowLeft aria-hidden className="size-5" />
        </button>
        <button type="button" aria-label="Later" className={ICON} onClick={() => onMove(1)}>
          <ArrowRight aria-hidden className="size-5" />
        </button>
        <button type="button" aria-label="Not asked for" className={ICON} onClick={onRemove}>
          <X aria-hidden className="size-5" />
        </button>
      </span>
    </div>
  );
};
