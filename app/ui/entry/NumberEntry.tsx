import { useId } from 'react';
import type { ReadNumber } from '../../../core/basis/index.ts';
import { readNumber, readTime } from '../../../core/basis/index.ts';
import { typedNumber, typedTime } from './typed.ts';
import { SENTENCE_FIELD } from './inline.ts';
import { useEntry } from './useEntry.ts';

type EntryProps = {
  readonly label: string;
  readonly value: number | null;
  readonly min: number;
  readonly max: number;
  readonly whole?: boolean;
  readonly mayBeEmpty?: boolean;
  readonly big?: boolean;
  readonly narrow?: boolean;
  /** A large bold figure within a sentence; its label is read to a screen reader only. */
  readonly inSentence?: boolean;
  readonly placeholder?: string;
  /** Values in seconds, typed as "2:50" or in minutes. */
  readonly asTime?: boolean;
  /** Words that stand for a value, as they are on a dial. */
  readonly wordsFor?: readonly { readonly word: string; readonly mark: number }[];
  readonly onChange: (value: number | null) => void;
  /** What is done with a value that makes sense, by Enter or the button that appears; never by leaving the entry. */
  readonly onEnter?: (value: number) => void;
  readonly enterLabel?: string;
};

const numberInWords = (value: number): string => value.toLocaleString('en-GB', { maximumFractionDigits: 3 }).replace('-', '−');

/** A number that is taken over when the entry is left or sent, if it makes sense; until then what was typed stays, with the reason, and nothing is saved. */
export const NumberEntry = ({
  label,
  value,
  min,
  max,
  whole = false,
  mayBeEmpty = false,
  big = false,
  narrow = false,
  inSentence = false,
  placeholder,
  asTime = false,
  wordsFor = [],
  onChange,
  onEnter,
  enterLabel = 'Enter',
}: EntryProps) => {
  const typed = asTime ? typedTime : typedNumber;
  const inWords = asTime ? typedTime : numberInWords;
  const readEntry = (text: string): ReadNumber => {
    const meant = wordsFor.find(({ word }) => word.toLowerCase() === text.trim().toLowerCase());
    if (meant !== undefined) return { kind: 'number', value: meant.mark };
    return asTime ? readTime(text, fits) : readNumber(text, fits);
  };
  const id = useId();
  const fits = (number: number): boolean => number >= min && number <= max && (!whole || Number.isInteger(number));
  const entry = useEntry({
    value,
    typed,
    read: readEntry,
    fits: (read) => (read.kind === 'empty' ? mayBeEmpty : read.kind === 'number' && fits(read.value)),
    onChange,
    onEnter,
  });
  const { read, hasProblem } = entry;
  return (
    <span className={inSentence ? 'relative inline-block' : 'flex flex-col gap-1 text-[15px]'}>
      <label htmlFor={id} className={inSentence ? 'sr-only' : ''}>
        {label}
      </label>
      <input
        id={id}
        {...(inSentence ? { style: { width: `${Math.max(2, entry.text.length + 0.6)}ch` } } : {})}
        className={
          inSentence
            ? SENTENCE_FIELD
            : big
              ? 'entry figure h-14 w-32 text-3xl placeholder:font-sans placeholder:text-base placeholder:font-normal'
              : narrow
                ? 'entry w-28'
                : 'entry'
        }
        inputMode="decimal"
        {...(placeholder === undefined ? {} : { placeholder })}
        aria-invalid={hasProblem}
        aria-describedby={hasProblem ? `${id}-problem` : undefined}
        {...entry.field}
      />
      {onEnter !== undefined && entry.isReady && (
        <button type="button" className="button-plain self-start" onClick={entry.send}>
          {enterLabel}
        </button>
      )}
      {entry.isOvertaken && (
        <span role="status">Changed elsewhere to {value === null ? 'nothing' : inWords(value)}: Escape takes it over</span>
      )}
      {hasProblem && (
        <span
          id={`${id}-problem`}
          role="alert"
          className={inSentence ? 'absolute top-full left-0 z-20 w-max max-w-72 rounded bg-sheet p-1 text-base text-hazard' : 'text-hazard'}
        >
          {read.kind === 'ambiguous' ? (
            <Which values={read.values.filter(fits)} inWords={inWords} onTake={(taken) => entry.take(typed(taken))} />
          ) : (
            `${asTime ? 'A time' : whole ? 'A whole number' : 'A number'} from ${inWords(min)} to ${inWords(max)}${wordsFor.length === 0 ? '' : `, or ${wordsFor.map(({ word }) => word).join(', ')}`}`
          )}
        </span>
      )}
    </span>
  );
};

/** Both readings of what was typed, to be taken by a touch. */
const Which = ({
  values,
  inWords,
  onTake,
}: {
  readonly values: readonly number[];
  readonly inWords: (value: number) => string;
  readonly onTake: (value: number) => void;
}) => (
  <>
    Which is it?
    {values.map((value) => (
      <button
        key={value}
        type="button"
        className="ml-2 min-h-11 px-1 font-semibold text-act underline underline-offset-2"
        onClick={() => onTake(value)}
      >
        {inWords(value)}
      </button>
    ))}
  </>
);
