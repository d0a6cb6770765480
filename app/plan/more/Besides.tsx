import { Plus, X } from 'lucide-react';
import type { BesideKind, Dish, Run } from '../../../core/run/index.ts';
import { besideAt, BESIDE_KINDS, BESIDES } from '../../../core/run/index.ts';
import { BESIDE_WORDS, InlineSelect, NumberEntry, timeOfDay } from '../../ui/index.ts';
import type { ChangeDish } from '../change.ts';

const DAY_MIN = 1440;

type Props = { readonly run: Run; readonly dish: Dish; readonly onChange: ChangeDish };

/** Butter out early, ice cream last: what goes with it, each so long before it is served. */
export const Besides = ({ run, dish, onChange }: Props) => {
  const besides = dish.besides ?? [];
  const free = BESIDE_KINDS.filter((kind) => !besides.some((one) => one.kind === kind));
  const [first] = free;
  return (
    <div className={`no-print flex flex-wrap items-center gap-x-6 gap-y-2 ${besides.length > 0 ? 'w-full' : ''}`}>
      {besides.map(({ kind, before_s }) => {
        const change = (changes: Partial<(typeof besides)[number]>): void =>
          onChange((now) => ({ besides: (now.besides ?? []).map((one) => (one.kind === kind ? { ...one, ...changes } : one)) }));
        return (
          <fieldset key={kind} className="flex flex-wrap items-end gap-x-2 [&>span]:pb-1" aria-label={BESIDE_WORDS[kind]}>
            <span className="text-lg">
              <InlineSelect
                label="What goes with it"
                value={kind}
                choices={[kind, ...free].map((value): { value: BesideKind; label: string } => ({ value, label: BESIDE_WORDS[value] }))}
                onChange={(value) => change({ kind: value, before_s: BESIDES[value].before_s, done: false })}
              />{' '}
              at <b>{timeOfDay(besideAt({ kind, before_s }, run.serveAt), run.zone)}</b>
            </span>
            <NumberEntry
              key={kind}
              narrow
              label="minutes before"
              value={Math.round(before_s / 60)}
              min={0}
              max={DAY_MIN}
              onChange={(minutes) => minutes !== null && change({ before_s: 60 * minutes })}
            />
            <button
              type="button"
              aria-label={`Without: ${BESIDE_WORDS[kind]}`}
              className="inline-flex size-11 items-center justify-center"
              onClick={() => onChange((now) => ({ besides: (now.besides ?? []).filter((one) => one.kind !== kind) }))}
            >
              <X aria-hidden className="size-5" />
            </button>
          </fieldset>
        );
      })}
      {first !== undefined && (
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-2 font-semibold text-act underline underline-offset-2"
          onClick={() => onChange((now) => ({ besides: [...(now.besides ?? []), { kind: first, before_s: BESIDES[first].before_s }] }))}
        >
          <Plus aria-hidden className="size-5" /> {besides.length === 0 ? 'Add a side task' : 'Add another side task'}
        </button>
      )}
    </div>
  );
};
