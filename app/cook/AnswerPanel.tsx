import { readNumber } from '../../core/basis/index.ts';
import clsx from 'clsx';
import { useState } from 'react';
import { isImplausibleOpening } from '../../core/line/index.ts';
import { cookedFor_s } from '../../core/log/index.ts';
import type { Observation, Prediction } from '../../core/log/index.ts';
import { clock, fromUnit, inkOn, inUnit, nearestWord, PlateFace, tawnyCss } from '../ui/index.ts';
import { useKit } from '../store/index.ts';
import type { Question } from './questions.ts';
import { asExpected, faceQuestion, FILL, givenTo, wordQuestions } from './questions.ts';
import type { LinePlace } from './linePlace.ts';

type Props = {
  readonly place: LinePlace;
  readonly disabled: boolean;
  readonly onSay: (observations: readonly Observation[]) => void;
  /** The lid wasn't opened then: the touch is taken back. */
  readonly onNotOpened: () => void;
  readonly onDone: () => void;
};

const FACES = [faceQuestion('upper'), faceQuestion('lower')] as const;

/** What came out, all on one screen, a touch each: both faces against the bands, the piece itself, and some words. Whatever isn't said isn't asked again. */
export const AnswerPanel = ({ place, disabled, onSay, onNotOpened, onDone }: Props) => {
  const { iron, progress, prediction } = place;
  const { moulds } = iron.geometry;
  const [mould, setMould] = useState<number | null>(null);
  const first = mould ?? 0;
  const all = progress?.observations ?? [];
  const mine = all.filter((o) => o.mould === first);
  const meant = mould === null ? Array.from({ length: moulds }, (_, i) => i) : [mould];
  const cooked_s = progress === null ? null : cookedFor_s(progress);
  const say = (question: Question, index: number): void => {
    const answer = question.answers[index];
    // The same touch again says nothing new.
    if (answer === undefined || givenTo(question, all, first) === index) return;
    onSay(meant.map(answer.say));
  };
  return (
    <section aria-label={`How was ${iron.name}?`} className="flex min-w-0 flex-1 flex-col gap-2 overflow-y-auto px-3 py-2 text-white">
      <header className="flex flex-wrap items-center gap-3">
        <div className="min-w-40 flex-1">
          <h2 className="text-2xl">How was {iron.name}?</h2>
          {prediction !== null && cooked_s !== null && (
            <Meant prediction={prediction} cooked_s={cooked_s} disabled={disabled} onNotOpened={onNotOpened} />
          )}
        </div>
        {prediction !== null && (
          <button
            type="button"
            disabled={disabled}
            aria-label={`As expected: full, ${nearestWord(prediction.tawnyStep)}, not stuck`}
            className={`${PRESS} flex flex-col justify-center bg-act px-4 leading-tight`}
            onClick={() => onSay(meant.flatMap((which) => asExpected(prediction, which)))}
          >
            As expected
            <span className="text-[15px] font-normal">full, {nearestWord(prediction.tawnyStep)}, not stuck</span>
          </button>
        )}
        <button type="button" className={`${PRESS} px-6`} onClick={onDone}>
          Done
        </button>
      </header>
      {moulds > 1 && (
        <div role="radiogroup" aria-label="Which mould" className="flex gap-3">
          {[null, ...Array.from({ length: moulds }, (_, i) => i)].map((which) => (
            <button
              key={String(which)}
              type="button"
              role="radio"
              aria-checked={mould === which}
              className={clsx(
                'min-h-16 flex-1 rounded-md border-2 font-semibold',
                mould === which ? 'border-white bg-white text-ink' : 'border-white/40',
              )}
              onClick={() => setMould(which)}
            >
              {which === null ? `all ${moulds}` : which + 1}
            </button>
          ))}
        </div>
      )}
      {FACES.map((face) => (
        <Bands key={face.id} face={face} given={givenTo(face, all, first)} disabled={disabled} onSay={(i) => say(face, i)} />
      ))}
      <div className="flex flex-wrap gap-x-5 gap-y-3">
        <Piece place={place} observations={mine} given={givenTo(FILL, all, first)} disabled={disabled} onSay={(i) => say(FILL, i)} />
        <div className="flex min-w-[min(100%,330px)] flex-1 flex-col justify-end gap-2">
          {wordQuestions(mine).map((question) => (
            <Words
              key={question.id}
              question={question}
              given={givenTo(question, all, first)}
              disabled={disabled}
              onSay={(i) => say(question, i)}
            />
          ))}
        </div>
      </div>
      <Extras key={first} mould={first} observations={mine} disabled={disabled} onSay={onSay} />
    </section>
  );
};

const PRESS = 'min-h-16 rounded-lg border-2 border-white/60 font-display text-lg font-bold active:scale-[0.98] disabled:opacity-60';
const CHOSEN = 'border-white bg-white text-ink';

/** How long it was in, against what was meant; what can hardly be is doubted. */
const Meant = ({
  prediction,
  cooked_s,
  disabled,
  onNotOpened,
}: {
  readonly prediction: Prediction;
  readonly cooked_s: number;
  readonly disabled: boolean;
  readonly onNotOpened: () => void;
}) => (
  <p>
    in for <b className="figure text-xl">{clock(cooked_s)}</b>, meant {clock(prediction.cookTime_s.best)}
    {isImplausibleOpening(cooked_s, prediction.cookTime_s.best) && (
      <>
        {' '}
        · really?{' '}
        <button type="button" disabled={disabled} className="min-h-16 font-semibold underline underline-offset-4" onClick={onNotOpened}>
          No, it is still closed
        </button>
      </>
    )}
  </p>
);

/** The piece is held beside its bands. */
const Bands = ({ face, given, disabled, onSay }: Asked & { readonly face: Question }) => (
  <div role="group" aria-label={face.ask} className={ROW}>
    <span className="text-lg font-semibold">{face.ask}</span>
    <div className="grid grid-cols-8 gap-2 max-xl:grid-cols-4">
      {face.answers.map((answer, i) => (
        <button
          key={answer.label}
          type="button"
          disabled={disabled}
          aria-label={answer.label}
          aria-pressed={given === i}
          className={clsx(
            'flex min-h-16 flex-col items-center justify-center rounded-md font-display leading-none font-bold',
            given === i && 'outline-4 outline-white',
          )}
          style={{ background: tawnyCss(i + 1), color: inkOn(i + 1) }}
          onClick={() => onSay(i)}
        >
          <span className="text-2xl">{i + 1}</span>
          <span className="text-[13px] font-semibold">{nearestWord(i + 1).slice(2)}</span>
        </button>
      ))}
    </div>
  </div>
);

/** What is asked stands at its answers' left. */
const ROW = 'grid grid-cols-[72px_minmax(0,1fr)] items-center gap-x-2';

type Asked = { readonly given: number; readonly disabled: boolean; readonly onSay: (index: number) => void };

/** The piece as it lies there, the hinge at the back: the corner that is missing is touched, or the side where it leaked, or its middle. */
const Piece = ({
  place,
  observations,
  given,
  disabled,
  onSay,
}: Asked & { readonly place: LinePlace; readonly observations: readonly Observation[] }) => {
  const { lattice } = place.iron.geometry;
  const step = (side: 'upper' | 'lower'): number | undefined => {
    const found = observations.find((o) => o.kind === 'tawny' && o.side === side);
    return found?.kind === 'tawny' ? found.value : undefined;
  };
  const colour = tawnyCss(step('upper') ?? step('lower') ?? place.prediction?.tawnyStep ?? 4);
  return (
    <fieldset disabled={disabled}>
      <legend className="mb-1 max-w-60 text-[15px] leading-tight">
        <b className="text-[17px]">{FILL.ask}</b> Touch the corner that is missing, or where it leaked
      </legend>
      <div className="relative grid size-60 grid-cols-3 grid-rows-3 gap-2">
        <div className="absolute inset-3 opacity-90">
          <PlateFace lattice={lattice} wall={() => colour} floor={() => colour} />
        </div>
        {FILL.answers.map((answer, i) => (
          <button
            key={answer.label}
            type="button"
            aria-label={answer.label}
            aria-pressed={given === i}
            className={clsx(
              'relative rounded-md border-2 text-[15px] leading-tight font-bold text-ink',
              given === i ? 'border-white bg-white' : 'border-dashed border-white/40 hover:bg-white/30',
            )}
            onClick={() => onSay(i)}
          >
            {i === 4 ? <span className="rounded bg-white/80 px-2 py-1">full</span> : given === i ? i % 2 === 0 ? 'missing' : 'leaked' : ''}
          </button>
        ))}
      </div>
    </fieldset>
  );
};

const Words = ({ question, given, disabled, onSay }: Asked & { readonly question: Question }) => (
  <div role="group" aria-label={question.ask} className={ROW}>
    <span className="text-[17px] leading-tight font-semibold">{question.ask}</span>
    <div className="flex flex-wrap gap-2">
      {question.answers.map((answer, i) => (
        <button
          key={answer.label}
          type="button"
          disabled={disabled}
          aria-pressed={given === i}
          className={clsx(PRESS, 'min-w-fit flex-1 px-1.5 text-[15px] whitespace-nowrap', given === i && CHOSEN)}
          onClick={() => onSay(i)}
        >
          {answer.label}
        </button>
      ))}
    </div>
  </div>
);

/** What a scale or a pencil would add. */
const Extras = ({
  mould,
  observations,
  disabled,
  onSay,
}: {
  readonly mould: number;
  readonly observations: readonly Observation[];
  readonly disabled: boolean;
  readonly onSay: Props['onSay'];
}) => {
  const { temperatureUnit: unit } = useKit();
  const plate_C = observations.find((o) => o.kind === 'plate_C')?.value;
  const [note, setNote] = useState(observations.find((o) => o.kind === 'note')?.value ?? '');
  return (
    <fieldset disabled={disabled} className="flex flex-wrap items-start gap-x-4 gap-y-2">
      <Measure
        label="Piece weighs, g"
        limits="Grams from 1 to 2,000"
        most={2000}
        value={observations.find((o) => o.kind === 'mass_g')?.value ?? null}
        onSay={(value) => onSay([{ kind: 'mass_g', mould, value }])}
      />
      <Measure
        label={`Plate at the pour, °${unit}`}
        limits={unit === 'F' ? 'Degrees from 1 to 750' : 'Degrees from 1 to 400'}
        most={unit === 'F' ? 750 : 400}
        value={plate_C === undefined ? null : Math.round(inUnit(plate_C, unit))}
        onSay={(value) => onSay([{ kind: 'plate_C', mould, value: Math.max(0, fromUnit(value, unit)) }])}
      />
      <label className="flex min-w-40 flex-1 flex-col gap-1 text-[15px]">
        Note
        <input
          className="entry h-12 text-ink"
          maxLength={500}
          value={note}
          onChange={(event) => setNote(event.target.value)}
          onBlur={() => note.trim() !== '' && onSay([{ kind: 'note', mould, value: note.trim() }])}
        />
      </label>
    </fieldset>
  );
};

/** A number from an instrument, said once it makes sense. */
const Measure = ({
  label,
  limits,
  most,
  value,
  onSay,
}: {
  readonly label: string;
  readonly limits: string;
  readonly most: number;
  readonly value: number | null;
  readonly onSay: (value: number) => void;
}) => {
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
      <label className="flex flex-col gap-1 text-[15px]">
        {label}
        <input
          className="entry h-12 w-28 text-xl text-ink"
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
