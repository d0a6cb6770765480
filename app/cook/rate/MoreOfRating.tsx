import clsx from 'clsx';
import { ChevronLeft } from 'lucide-react';
import { useState } from 'react';
import { readNumber } from '../../../core/basis/index.ts';
import { fromUnit, inUnit } from '../../ui/index.ts';
import { useKit } from '../../store/index.ts';
import type { Question } from './questions.ts';
import { wordQuestions } from './questions.ts';
import type { Rating } from './useRating.ts';

type Props = { readonly rating: Rating; readonly disabled: boolean; readonly onBack: () => void };

/** What else can be said of a piece: in a touch each, by a scale or a thermometer, or in words. */
export const MoreOfRating = ({ rating, disabled, onBack }: Props) => (
  <fieldset disabled={disabled} className="flex min-h-0 flex-1 flex-col gap-3">
    <button type="button" className="flex min-h-11 items-center gap-1 self-start text-lg font-semibold text-act" onClick={onBack}>
      <ChevronLeft aria-hidden className="size-6" /> Colour and shape
    </button>
    {wordQuestions(rating.mine).map((question) => (
      <Words key={question.id} question={question} given={rating.givenTo(question)} onSay={(i) => rating.say(question, i)} />
    ))}
    <Measured key={rating.first} rating={rating} />
  </fieldset>
);

const Words = ({
  question,
  given,
  onSay,
}: {
  readonly question: Question;
  readonly given: number;
  readonly onSay: (index: number) => void;
}) => (
  <div role="group" aria-label={question.ask} className="grid grid-cols-[110px_minmax(0,1fr)] items-center gap-x-2 max-md:grid-cols-1">
    <span className="text-lg leading-tight font-semibold">{question.ask}</span>
    <div className="flex flex-wrap gap-2">
      {question.answers.map((answer, i) => (
        <button
          key={answer.label}
          type="button"
          aria-pressed={given === i}
          className={clsx(
            'min-h-14 min-w-fit flex-1 rounded-xl border-2 px-2 text-[17px] font-semibold whitespace-nowrap',
            given === i ? 'border-ink bg-ink text-page' : 'border-line',
          )}
          onClick={() => onSay(i)}
        >
          {answer.label}
        </button>
      ))}
    </div>
  </div>
);

/** What a scale, a thermometer or a pencil would add. */
const Measured = ({ rating: { mine, first: mould, log } }: { readonly rating: Rating }) => {
  const { temperatureUnit: unit } = useKit();
  const plate_C = mine.find((o) => o.kind === 'plate_C')?.value;
  const [note, setNote] = useState(mine.find((o) => o.kind === 'note')?.value ?? '');
  return (
    <div className="flex flex-wrap items-start gap-x-4 gap-y-2">
      <Measure
        label="Piece weighs, g"
        limits="Grams from 1 to 2,000"
        most={2000}
        value={mine.find((o) => o.kind === 'mass_g')?.value ?? null}
        onSay={(value) => log([{ kind: 'mass_g', mould, value }])}
      />
      <Measure
        label={`Plate at the pour, °${unit}`}
        limits={unit === 'F' ? 'Degrees from 1 to 750' : 'Degrees from 1 to 400'}
        most={unit === 'F' ? 750 : 400}
        value={plate_C === undefined ? null : Math.round(inUnit(plate_C, unit))}
        onSay={(value) => log([{ kind: 'plate_C', mould, value: Math.max(0, fromUnit(value, unit)) }])}
      />
      <label className="flex min-w-40 flex-1 flex-col gap-1 text-base">
        Note
        <input
          className="entry h-14 text-lg"
          maxLength={500}
          value={note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => note.trim() !== '' && log([{ kind: 'note', mould, value: note.trim() }])}
        />
      </label>
    </div>
  );
};

type MeasureProps = {
  readonly label: string;
  readonly limits: string;
  readonly most: number;
  readonly value: number | null;
  readonly onSay: (value: number) => void;
};

/** A number from an instrument, said once it makes sense. */
const Measure = ({ label, limits, most, value, onSay }: MeasureProps) => {
  const [text, setText] = useState(value === null ? '' : String(value));
  const [problem, setProblem] = useState(false);
  const save = (): void => {
    const read = readNumber(text, (typed) => typed > 0 && typed <= most);
    if (read.kind === 'empty') return;
    const typed = read.kind === 'number' && read.value > 0 && read.value <= most ? read.value : null;
    setProblem(typed === null);
    if (typed !== null && typed !== value) onSay(typed);
  };
  return (
    <div>
      <label className="flex flex-col gap-1 text-base">
        {label}
        <input
          className="entry h-14 w-32 text-xl"
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={save}
        />
      </label>
      {problem && <p role="alert">{limits}</p>}
    </div>
  );
};
