import { useId, useState } from 'react';
import type { ReadNumber } from './readNumber.ts';
import { readNumber, readTime, typedNumber, typedTime } from './readNumber.ts';

type EntryProps = {
  readonly label: string;
  readonly value: number | null;
  readonly min: number;
  readonly max: number;
  readonly whole?: boolean;
  readonly mayBeEmpty?: boolean;
  readonly big?: boolean;
  readonly narrow?: boolean;
  readonly placeholder?: string;
  /** Values in seconds, typed as "2:50" or in minutes. */
  readonly asTime?: boolean;
  /** Words that stand for a value, as they are on a dial. */
  readonly wordsFor?: readonly { readonly word: string; readonly mark: number }[];
  readonly onChange: (value: number | null) => void;
  /** A value that makes sense, confirmed by Enter. */
  readonly onEnter?: (value: number) => void;
};

const numberInWords = (value: number): string => value.toLocaleString('en-GB', { maximumFractionDigits: 3 }).replace('-', '−');

/** A number that is taken over once it makes sense; until then what was typed stays, with the reason, and nothing is saved. */
export const NumberEntry = ({
  label,
  value,
  min,
  max,
  whole = false,
  mayBeEmpty = false,
  big = false,
  narrow = false,
  placeholder,
  asTime = false,
  wordsFor = [],
  onChange,
  onEnter,
}: EntryProps) => {
  const typed = asTime ? typedTime : typedNumber;
  const inWords = asTime ? typedTime : numberInWords;
  const readEntry = (text: string): ReadNumber => {
    const meant = wordsFor.find(({ word }) => word.toLowerCase() === text.trim().toLowerCase());
    if (meant !== undefined) return { kind: 'number', value: meant.mark };
    return asTime ? readTime(text, fits) : readNumber(text, fits);
  };
  const id = useId();
  const [text, setText] = useState(typed(value));
  const fits = (number: number): boolean => number >= min && number <= max && (!whole || Number.isInteger(number));
  const read = readEntry(text);
  const isOff = read.kind === 'empty' ? !mayBeEmpty : read.kind !== 'number' || !fits(read.value);
  const [isTouched, setTouched] = useState(false);
  const hasProblem = isTouched && isOff;
  const change = (entered: string): void => {
    setText(entered);
    setTouched(true);
    const next = readEntry(entered);
    if (next.kind === 'empty' && mayBeEmpty) onChange(null);
    if (next.kind === 'number' && fits(next.value)) onChange(next.value);
  };
  return (
    <span className="flex flex-col gap-1 text-[15px]">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        className={
          big
            ? 'entry figure h-14 w-32 text-3xl placeholder:font-sans placeholder:text-base placeholder:font-normal'
            : narrow
              ? 'entry w-28'
              : 'entry'
        }
        inputMode="decimal"
        {...(placeholder === undefined ? {} : { placeholder })}
        value={text}
        aria-invalid={hasProblem}
        aria-describedby={hasProblem ? `${id}-problem` : undefined}
        onChange={(event) => change(event.target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && read.kind === 'number' && fits(read.value)) onEnter?.(read.value);
        }}
      />
      {hasProblem && (
        <span id={`${id}-problem`} role="alert" className="text-hazard">
          {read.kind === 'ambiguous' ? (
            <Which values={read.values.filter(fits)} inWords={inWords} onTake={(taken) => change(typed(taken))} />
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
