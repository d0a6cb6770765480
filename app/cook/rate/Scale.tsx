import clsx from 'clsx';
import { inkOn, nearestWord, tawnyCss } from '../../ui/index.ts';
import type { Question } from './questions.ts';

type Props = {
  readonly face: Question;
  /** Which was said, from 0; -1: none yet. */
  readonly given: number;
  /** The step that was expected, from 1; null: nothing was. */
  readonly expected: number | null;
  readonly disabled: boolean;
  readonly below?: boolean;
  readonly onSay: (index: number) => void;
};

/** The piece is held beside its eight bands; the one that was expected is marked. */
export const Scale = ({ face, given, expected, disabled, below = false, onSay }: Props) => (
  <div role="group" aria-label={face.ask} className="grid shrink-0 grid-cols-[62px_minmax(0,1fr)] items-center gap-x-1 max-md:grid-cols-1">
    <span className="text-lg font-semibold max-md:text-sm max-md:leading-tight">{face.ask}</span>
    <div className="grid grid-cols-8 gap-1">
      {face.answers.map((answer, i) => (
        <button
          key={answer.label}
          type="button"
          disabled={disabled}
          aria-label={answer.label}
          aria-pressed={given === i}
          className={clsx(
            'relative flex h-[min(66px,8.5vh)] min-h-11 max-md:h-11 min-w-0 flex-col items-center justify-center rounded-lg font-display leading-none font-bold forced-color-adjust-none',
            given === i && 'outline-4 outline-offset-2 outline-ink',
          )}
          style={{ background: tawnyCss(i + 1), color: inkOn(i + 1) }}
          onClick={() => onSay(i)}
        >
          <span className="text-2xl">{i + 1}</span>
          <span className="w-full truncate text-center text-sm font-semibold tracking-[-0.03em] max-lg:hidden">
            {nearestWord(i + 1).slice(2)}
          </span>
          {expected === i + 1 && (
            <span aria-hidden className={clsx('absolute text-xl leading-none text-act', below ? '-top-4' : '-bottom-4')}>
              {below ? '▼' : '▲'}
            </span>
          )}
        </button>
      ))}
    </div>
  </div>
);
