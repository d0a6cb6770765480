import clsx from 'clsx';
import { ArrowLeftRight, CircleHelp, Trash2, TriangleAlert } from 'lucide-react';
import { useState } from 'react';
import type { Formula, FormulaLine, ReadLine } from '../../../core/formula/index.ts';
import { isHeading } from '../../../core/formula/index.ts';
import { describeCode } from '../../../words/index.ts';
import type { Ingredient } from '../../../core/matter/index.ts';
import { betweenReadings } from '../../../core/weigh/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import { grams, gramsFine } from '../../ui/index.ts';
import { gramsTyped } from './amounts.ts';
import { hueOf } from './BowlLayers.tsx';
import { IngredientPicker } from './IngredientPicker.tsx';
import { Decide } from './Decide.tsx';
import type { Revise } from './revise.ts';
import { unswapped, withLine, withoutLine } from './revise.ts';

type Props = {
  readonly formula: Formula;
  readonly line: FormulaLine;
  readonly read: ReadLine;
  readonly percent: number | null;
  /** Largest mass in the bowl, g: the length of a full bar. */
  readonly most_g: number;
  /** The cook's own ingredients, first in every list. */
  readonly own: readonly Ingredient[];
  readonly scales: Kit['scales'];
  /** Percentages and bars, for who wants the numbers. */
  readonly hasShares: boolean;
  readonly onRevise: Revise;
  /** Null where nothing stands in for it. */
  readonly onSwap: (() => void) | null;
};

const MARKS = {
  read: null,
  assumed: { icon: TriangleAlert, label: 'assumed' },
  unresolved: { icon: CircleHelp, label: 'not understood' },
} as const;

/** One line of the ledger: as written, what it weighs, and how that was understood. Everything can be changed in place. */
export const LedgerLine = ({ formula, line, read, percent, most_g, own, scales, hasShares, onRevise, onSwap }: Props) => {
  const [problem, setProblem] = useState<string | null>(null);
  const mark = MARKS[read.status];
  const isParting = isHeading(read);
  const notes = read.how.filter((how) => !['weighed', 'by-density', 'heading'].includes(how.code)).map(describeCode);
  if (read.ingredientId !== null && line.chosenIngredientId !== null)
    notes.unshift(`taken as ${read.ingredient?.name ?? read.ingredientId}`);
  const between = read.grams === null ? null : betweenReadings(read.grams, scales);
  if (between !== null)
    notes.push(
      `${gramsFine(read.grams ?? 0)} g: a scale that reads ${between.resolution_g} g shows ${grams(between.below_g)} or ${grams(between.above_g)}; a level spoon or a finer scale says it`,
    );
  const changeGrams = (typed: string): void => {
    if (typed.trim() === '') {
      setProblem(null);
      if (line.edited_g !== null) onRevise((now) => withLine(now, line.id, { edited_g: null }));
      return;
    }
    const value = gramsTyped(typed);
    if (value === null) return setProblem('grams from 0 to 1000000, and no comma that could be for thousands');
    setProblem(null);
    if (value !== line.edited_g && Math.abs(value - (read.grams ?? -1)) > 0.049)
      onRevise((now) => withLine(now, line.id, { edited_g: value }));
  };
  const amounts = isParting ? (
    <span className={hasShares ? 'col-span-3' : ''} />
  ) : (
    <>
      <GramsEntry
        key={String(read.grams)}
        label={`Grams of ${line.text.slice(0, 40)}`}
        value={read.grams}
        edited={line.edited_g !== null}
        onCommit={changeGrams}
      />
      {hasShares && (
        <>
          <span className="text-right text-[15px] text-quiet">
            {percent === null ? '' : `${percent < 9.95 ? percent.toFixed(1) : Math.round(percent)} %`}
          </span>
          <MassBar read={read} most_g={most_g} />
        </>
      )}
    </>
  );
  const acts = (
    <span className="flex justify-end max-sm:hidden">
      {onSwap !== null && (
        <button
          type="button"
          aria-label={`Swap ${line.text.slice(0, 40)}`}
          title="Swap"
          className="grid size-10 place-items-center rounded text-quiet opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 hover:bg-act-soft hover:text-ink focus-visible:opacity-100"
          onClick={onSwap}
        >
          <ArrowLeftRight aria-hidden className="size-4" />
        </button>
      )}
      <button
        type="button"
        aria-label={`Remove ${line.text.slice(0, 40)}`}
        className="grid size-10 place-items-center rounded text-quiet opacity-0 group-focus-within:opacity-100 group-hover:opacity-100 hover:bg-act-soft hover:text-ink focus-visible:opacity-100 max-sm:hidden"
        onClick={() => onRevise((now) => withoutLine(now, line.id))}
      >
        <Trash2 aria-hidden className="size-4" />
      </button>
    </span>
  );
  return (
    <li
      className={clsx(
        'group grid items-center gap-x-2 border-b border-line py-0.5',
        hasShares
          ? 'grid-cols-[minmax(0,1fr)_6.5rem_3.6rem_5rem_5rem] max-sm:grid-cols-[minmax(0,1fr)_6rem_3rem]'
          : 'grid-cols-[1rem_minmax(0,1fr)_5rem_6.5rem] max-sm:grid-cols-[1rem_minmax(0,1fr)_6rem]',
      )}
      data-status={read.status}
    >
      {!hasShares && (
        <span
          aria-hidden
          className="size-3.5 rounded-full border border-ink/50 forced-color-adjust-none"
          style={{ background: hueOf(read) }}
        />
      )}
      <div
        className="min-w-0"
        title={read.ingredient === null ? undefined : `${read.ingredient.name}: ${read.ingredient.source} (${read.ingredient.status})`}
      >
        <Writing
          key={line.text}
          text={line.text}
          heading={isParting}
          onWrite={(text) =>
            onRevise((now) =>
              text.trim() === ''
                ? withoutLine(now, line.id)
                : withLine(now, line.id, { text: text.slice(0, 2000), edited_g: null, chosenIngredientId: null }),
            )
          }
        />
        {(notes.length > 0 || mark !== null) && !isParting && (
          <p className={clsx('flex items-center gap-1 pl-1 text-sm', mark === null ? 'text-quiet' : 'text-ink')}>
            {mark !== null && <mark.icon aria-label={mark.label} className="size-3.5 shrink-0" />}
            <span>{notes.join('; ')}</span>
          </p>
        )}
        <Decide formula={formula} line={line} read={read} onRevise={onRevise} />
        {line.swap !== undefined && (
          <p className="flex items-center gap-2 pl-1 text-sm text-quiet">
            instead of {line.swap.was.text.slice(0, 40)}
            <button
              type="button"
              aria-label={`Undo the swap of ${line.swap.was.text.slice(0, 40)}`}
              className="min-h-9 font-semibold text-act underline underline-offset-2"
              onClick={() => onRevise((now) => unswapped(now, line.swap?.id ?? ''))}
            >
              put it back
            </button>
          </p>
        )}
        {problem !== null && (
          <p role="alert" className="pl-1 text-sm font-semibold text-hazard">
            {problem}
          </p>
        )}
        {read.status === 'unresolved' && read.ingredientId === null && !isParting && (
          <IngredientPicker
            about={line.text.slice(0, 40)}
            own={own}
            onPick={(ingredient) => onRevise((now) => withLine(now, line.id, { chosenIngredientId: ingredient.id }))}
          />
        )}
      </div>
      {hasShares ? (
        <>
          {amounts}
          {acts}
        </>
      ) : (
        <>
          {acts}
          {amounts}
        </>
      )}
    </li>
  );
};

const Writing = ({
  text,
  heading,
  onWrite,
}: {
  readonly text: string;
  readonly heading: boolean;
  readonly onWrite: (text: string) => void;
}) => {
  const [typed, setTyped] = useState(text);
  return (
    <input
      aria-label="Line as written"
      className={clsx(
        'min-h-9 w-full truncate rounded border-b border-transparent bg-transparent px-1 hover:border-band focus:bg-sheet',
        heading ? 'font-display font-bold' : '',
      )}
      value={typed}
      maxLength={2000}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => typed !== text && onWrite(typed)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur();
        if (event.key === 'Escape') setTyped(text);
      }}
    />
  );
};

const GramsEntry = ({
  label,
  value,
  edited,
  onCommit,
}: {
  readonly label: string;
  readonly value: number | null;
  readonly edited: boolean;
  readonly onCommit: (typed: string) => void;
}) => {
  const shown = value === null ? '' : gramsFine(value).replace(/,/g, '');
  const [typed, setTyped] = useState(shown);
  return (
    <label className="flex items-baseline justify-end gap-1">
      <span className="sr-only">{label}</span>
      <input
        className={clsx(
          'figure min-h-10 w-[4.6rem] rounded border-b-2 bg-transparent px-1 text-right text-[22px] hover:border-act focus:bg-sheet',
          edited ? 'border-act' : 'border-transparent',
          value === null && 'border-dashed border-ink bg-sheet',
        )}
        inputMode="decimal"
        placeholder="?"
        value={typed}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => typed !== shown && onCommit(typed)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
          if (event.key === 'Escape') setTyped(shown);
        }}
      />
      <span className="text-[15px]">g</span>
    </label>
  );
};

/** The mass, and behind it from the least to the most the words can mean. */
const MassBar = ({ read, most_g }: { readonly read: ReadLine; readonly most_g: number }) => {
  const share = (value: number): string => `${Math.min(100, (100 * value) / most_g)}%`;
  const [low, high] = read.gramsRange ?? [0, 0];
  return (
    <span aria-hidden className="relative h-3 max-sm:hidden">
      <span className="absolute inset-y-0 left-0 rounded-r-sm bg-[#8ea49c]" style={{ width: share(read.grams ?? 0) }} />
      {high - low > 0.02 * high && (
        <span
          className="absolute inset-y-1 border-x border-t border-ink/70"
          style={{ left: share(low), width: `calc(${share(high)} - ${share(low)})` }}
        />
      )}
    </span>
  );
};
