import { useState } from 'react';

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
  readonly onChange: (value: number | null) => void;
  /** A value that makes sense, confirmed by Enter. */
  readonly onEnter?: (value: number) => void;
};

/** A number that is taken over once it makes sense; until then what was typed stays, with the reason. */
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
  onChange,
  onEnter,
}: EntryProps) => {
  const [text, setText] = useState(value === null ? '' : String(value));
  const [problem, setProblem] = useState<string | null>(null);
  const change = (typed: string): void => {
    setText(typed);
    const parsed = typed.trim() === '' ? null : Number(typed.replace(',', '.'));
    const isMissing = parsed === null && !mayBeEmpty;
    const isOff = parsed !== null && (!Number.isFinite(parsed) || parsed < min || parsed > max || (whole && !Number.isInteger(parsed)));
    setProblem(
      isMissing || isOff
        ? `${whole ? 'A whole number' : 'A number'} from ${min.toLocaleString('en-GB')} to ${max.toLocaleString('en-GB')}`
        : null,
    );
    if (!isMissing && !isOff) onChange(parsed);
  };
  return (
    <label className="flex flex-col gap-1 text-[15px]">
      {label}
      <input
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
        aria-invalid={problem !== null}
        onChange={(event) => change(event.target.value)}
        onKeyDown={(event) => {
          const typed = Number(text.replace(',', '.'));
          if (event.key !== 'Enter' || problem !== null || text.trim() === '' || !Number.isFinite(typed)) return;
          onEnter?.(typed);
        }}
      />
      {problem !== null && (
        <span role="alert" className="text-hazard">
          {problem}
        </span>
      )}
    </label>
  );
};
