import clsx from 'clsx';
import { CRISP } from './questions.ts';

type Props = {
  readonly given: number;
  readonly expected: number | null;
  readonly disabled: boolean;
  readonly onSay: (index: number) => void;
};

/** From snaps down to soft, as they are heard; what was expected is marked. */
export const Crisp = ({ given, expected, disabled, onSay }: Props) => (
  <div role="group" aria-label={CRISP.ask} className="flex min-w-0 flex-1 flex-col justify-center gap-1.5 max-md:gap-0.5">
    <span className="text-lg font-semibold max-md:sr-only">{CRISP.ask}</span>
    {[...CRISP.answers.entries()].reverse().map(([i, answer]) => (
      <button
        key={answer.label}
        type="button"
        disabled={disabled}
        aria-label={answer.label}
        aria-pressed={given === i}
        className={clsx(
          'flex min-h-11 items-center justify-between rounded-lg border-2 leading-tight px-3 text-left text-[17px] font-semibold max-md:px-2 max-md:text-base',
          given === i ? 'border-ink bg-ink text-page' : 'border-line',
        )}
        onClick={() => onSay(i)}
      >
        {answer.label}
        {expected === i + 1 && (
          <span aria-hidden className="text-act">
            ◀
          </span>
        )}
      </button>
    ))}
  </div>
);
