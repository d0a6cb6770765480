import { useKit } from '../../store/index.ts';
import { useEffect, useState } from 'react';
import type { AnswerChange, ChangedFigure, ChangedInput } from '../../../core/advise/index.ts';
import { canonicalJson } from '../../../core/basis/index.ts';
import { describeStored } from '../../../words/index.ts';
import { clock, dialMarkText, grams, temperature } from '../../ui/index.ts';
import type { AdviceJob, MovesJob } from '../../workers/index.ts';
import { useMoves } from '../../workers/index.ts';

/** So long nothing moves any more: that is what is compared. */
const AT_REST_MS = 450;

/** The question that rests, and the one that rested before it; another iron or batter begins anew. */
const useRested = (job: AdviceJob): MovesJob | null => {
  const [rested, setRested] = useState<{ readonly before: AdviceJob | null; readonly after: AdviceJob }>({ before: null, after: job });
  const key = canonicalJson(job);
  useEffect(() => {
    const timer = setTimeout(() => {
      setRested((known) => {
        if (canonicalJson(known.after) === key) return known;
        const isSame = known.after.iron.id === job.iron.id && known.after.formula.id === job.formula.id;
        return { before: isSame ? known.after : null, after: job };
      });
    }, AT_REST_MS);
    return () => clearTimeout(timer);
    // The key says all of the job.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key]);
  return rested.before === null ? null : { before: rested.before, after: rested.after };
};

const MOVERS: Readonly<Record<ChangedInput, (move: AnswerChange, unit: 'C' | 'F') => string>> = {
  tawny: (m) => `Step ${at(m.from)} → ${at(m.to)}`,
  crisp: (m) => `Crisp ${at(m.from)} → ${at(m.to)}`,
  lightness: (m) => (m.to === null ? 'Lightness as it comes' : 'Lightness'),
  setting_C: (m) => (m.to === null ? 'Setting found again' : 'Own setting'),
  portion_g: (m) => (m.to === null ? 'Portion as advised' : 'Own portion'),
  overfill: () => 'Fill by taste',
  batter_C: (m, unit) => `Batter ${m.from === null ? '' : temperature(m.from, unit)} → ${m.to === null ? '' : temperature(m.to, unit)}`,
  load: (m) => `Load ${m.from ?? ''} → ${m.to ?? ''}`,
  preheat_s: () => 'Preheat',
  delay_s: () => 'Time to the lid',
  turn_s: () => 'The turn',
  onPlate: () => 'What is scattered in',
  airFraction: () => 'Its air',
  altitude_m: () => 'Altitude',
  room_C: () => 'Room',
  reading: () => 'The batter',
  iron: () => 'The iron',
};

const at = (value: number | null): string => (value === null ? '' : value.toFixed(1));

const figureWords = ({ quantity, from, to, dial }: ChangedFigure, unit: 'C' | 'F'): string => {
  if (quantity === 'time') return `open after ${clock(from)} → ${clock(to)}`;
  if (quantity === 'portion') return `pour ${grams(from)} → ${grams(to)} g a load`;
  return dial === null
    ? `set ${temperature(from, unit)} → ${temperature(to, unit)}`
    : dialMarkText(dial[0]) === dialMarkText(dial[1])
      ? `dial ${dial[0].toFixed(1)} → ${dial[1].toFixed(1)}`
      : `dial ${dialMarkText(dial[0])} → ${dialMarkText(dial[1])}`;
};

/** What the last change of the wish or the conditions moved, and why; a line that is always there, so that nothing jumps. */
export const Moved = ({ job }: { readonly job: AdviceJob }) => {
  const { temperatureUnit: unit } = useKit();
  const asked = useRested(job);
  const moves = useMoves(asked).data;
  const shown = moves?.ok === true ? moves.value : [];
  return (
    <p role="status" aria-label="What it moved" className="min-h-6 text-[15px] text-quiet">
      {shown.length === 0 && 'Change a wish to see what moves, and why.'}
      {shown.map((move) => (
        <span key={move.mover} data-mover={move.mover} className="mr-3">
          <b className="text-ink">{MOVERS[move.mover](move, unit)}:</b>{' '}
          {move.figures.length === 0
            ? 'moves nothing here'
            : move.figures.map((figure, i) => (
                <span key={figure.quantity} data-moved={figure.quantity} data-because={figure.because}>
                  {i > 0 && '; '}
                  {figureWords(figure, unit)}, {describeStored(figure.because)}
                </span>
              ))}
          .
        </span>
      ))}
    </p>
  );
};
