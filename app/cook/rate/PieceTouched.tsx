import clsx from 'clsx';
import { Plus } from 'lucide-react';
import { Piece, pieceOf } from '../../ui/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import { FILL, howMuch } from './questions.ts';
import type { Rating } from './useRating.ts';

type Props = { readonly place: LinePlace; readonly rating: Rating; readonly disabled: boolean };

/** The piece as it lies there, the hinge at the back: the corner that is missing is touched, or the side where it leaked, or its middle: full. */
export const PieceTouched = ({ place, rating, disabled }: Props) => {
  const given = rating.givenTo(FILL);
  const step = (side: 'upper' | 'lower'): number | undefined => {
    const found = rating.mine.find((o) => o.kind === 'tawny' && o.side === side);
    return found?.kind === 'tawny' ? found.value : undefined;
  };
  const shade = step('upper') ?? step('lower') ?? place.prediction?.tawnyStep ?? 4;
  const question = howMuch(rating.mine);
  return (
    <div role="group" aria-label={FILL.ask} className="flex min-h-0 min-w-0 flex-1 flex-col gap-1">
      <div className="grid min-h-0 flex-1 place-items-center [container-type:size]">
        <div className="relative" style={{ width: 'min(100cqw, 100cqh)', height: 'min(100cqw, 100cqh)' }}>
          <div className="absolute inset-[6%] grid place-items-center [&>svg]:size-full">
            <Piece {...pieceOf(place.iron, shade)} count={1} size={300} />
          </div>
          <Bite corner={given} />
          <div className="absolute inset-0 grid grid-cols-3 grid-rows-3">
            {FILL.answers.map((answer, i) => (
              <Spot
                key={answer.label}
                label={answer.label}
                at={i}
                isGiven={given === i}
                disabled={disabled}
                onSay={() => rating.say(FILL, i)}
              />
            ))}
          </div>
        </div>
      </div>
      {question !== null && (
        <div role="group" aria-label={question.ask} className="grid grid-cols-4 gap-1 max-md:grid-cols-2">
          {question.answers.map((answer, i) => (
            <button
              key={answer.label}
              type="button"
              disabled={disabled}
              aria-pressed={rating.givenTo(question) === i}
              className={clsx(
                'min-h-11 rounded-lg border-2 px-1 text-[15px] leading-tight font-semibold',
                rating.givenTo(question) === i ? 'border-ink bg-ink text-page' : 'border-line',
              )}
              onClick={() => rating.say(question, i)}
            >
              {answer.label}
            </button>
          ))}
        </div>
      )}
    </div>
  );
};

/** By its place among the answers, which corner is bitten off: mirrored from the one at the front left. */
const FLIPS: Readonly<Record<number, readonly [number, number]>> = { 0: [1, -1], 2: [-1, -1], 6: [1, 1], 8: [-1, 1] };

/** What is missing of the piece, where it is missing. */
const Bite = ({ corner }: { readonly corner: number }) => {
  const flip = FLIPS[corner];
  if (flip === undefined) return null;
  return (
    <svg viewBox="0 0 100 100" aria-hidden className="absolute inset-[5%]" style={{ transform: `scale(${flip.join()})` }}>
      <path d="M-2 56L7 60L13 68L24 74L29 85L40 90L42 102H-2Z" fill="var(--color-sheet)" />
      <path d="M0 57L7 60L13 68L24 74L29 85L40 90L41 100" fill="none" stroke="#f2e3c9" strokeWidth={2.5} />
    </svg>
  );
};

const MIDDLE = 4;
/** Corners may be missing, over the sides it may leak, the middle says full. */
const Spot = ({
  label,
  at,
  isGiven,
  disabled,
  onSay,
}: {
  readonly label: string;
  readonly at: number;
  readonly isGiven: boolean;
  readonly disabled: boolean;
  readonly onSay: () => void;
}) => {
  const isCorner = at % 2 === 0 && at !== MIDDLE;
  return (
    <button
      type="button"
      disabled={disabled}
      aria-label={label}
      aria-pressed={isGiven}
      className="grid min-h-11 place-items-center text-base font-bold"
      onClick={onSay}
    >
      {isGiven ? (
        <span className="rounded-full bg-ink px-3 py-1.5 text-page">{at === MIDDLE ? 'full' : isCorner ? 'missing' : 'leaked'}</span>
      ) : at === MIDDLE ? (
        <span className="rounded-full bg-page/70 px-3 py-1.5 text-ink">full</span>
      ) : (
        <span
          className={clsx(
            'grid size-11 place-items-center rounded-full border-2 border-dashed',
            isCorner ? 'border-ink bg-page/30' : 'border-ink/60',
          )}
        >
          {isCorner && <Plus aria-hidden className="size-5" />}
        </span>
      )}
    </button>
  );
};
