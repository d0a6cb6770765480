import { useKit } from '../store/index.ts';
import clsx from 'clsx';
import { useState } from 'react';
import type { Observation } from '../../core/log/index.ts';
import { fromUnit, inkOn, inUnit, readNumber, tawnyCss } from '../look/index.ts';
import type { Question } from './questions.ts';
import { answered, questionsFor } from './questions.ts';

type Props = {
  readonly moulds: number;
  readonly observations: readonly Observation[];
  readonly disabled: boolean;
  /** The answer before has just been given: what lies under the finger by now is another question. */
  readonly isSettling: boolean;
  readonly onSay: (observations: readonly Observation[]) => void;
};

/** What came out, one big question at a time; any answer can be touched again. */
export const LogPanel = ({ moulds, observations, disabled, isSettling, onSay }: Props) => {
  const [mould, setMould] = useState<number | null>(null);
  const [chosen, setChosen] = useState<string | null>(null);
  const first = mould ?? 0;
  const mine = observations.filter((o) => o.mould === first);
  const questions = questionsFor(mine);
  const open = questions.find((q) => q.id === chosen) ?? questions.find((q) => answered(q, observations, first) === null);
  const log = (question: Question, index: number): void => {
    const answer = question.answers[index];
    if (answer === undefined) return;
    onSay((mould === null ? Array.from({ length: moulds }, (_, i) => i) : [mould]).map(answer.say));
    setChosen(null);
  };
  return (
    <div className="flex flex-col gap-3">
      {moulds > 1 && (
        <div role="radiogroup" aria-label="Which mould" className="flex gap-2">
          {[null, ...Array.from({ length: moulds }, (_, i) => i)].map((which) => (
            <button
              key={String(which)}
              type="button"
              role="radio"
              aria-checked={mould === which}
              className={clsx(
                'min-h-12 flex-1 rounded-md border-2 font-semibold',
                mould === which ? 'border-white bg-white text-ink' : 'border-white/40',
              )}
              onClick={() => setMould(which)}
            >
              {which === null ? `all ${moulds}` : which + 1}
            </button>
          ))}
        </div>
      )}
      <div className="flex flex-wrap gap-1.5">
        {questions.map((question) => {
          const said = answered(question, observations, first);
          return said === null ? null : (
            <button
              key={question.id}
              type="button"
              className="min-h-11 rounded-full border border-white/50 px-3 text-[15px]"
              aria-label={`${question.ask} ${said}. Change`}
              onClick={() => setChosen(question.id)}
            >
              {CHIP_WORDS[question.id] ?? ''} <b>{said}</b>
            </button>
          );
        })}
      </div>
      {open === undefined ? (
        <Extras key={first} mould={first} observations={mine} disabled={disabled} onSay={onSay} />
      ) : (
        <fieldset disabled={disabled || isSettling}>
          <legend className="mb-2 font-display text-2xl font-bold">{open.ask}</legend>
          <div
            className={clsx(
              'grid gap-3',
              open.answers.length === 8 ? 'grid-cols-4' : open.answers.length > 3 ? 'grid-cols-2' : 'grid-cols-1',
            )}
          >
            {open.answers.map((answer, i) => (
              <button
                key={answer.label}
                type="button"
                aria-label={answer.swatch === undefined ? answer.label : `step ${answer.label}`}
                className="min-h-16 rounded-md bg-white px-2 font-display text-xl font-bold text-ink active:scale-[0.98]"
                style={answer.swatch === undefined ? undefined : { background: tawnyCss(answer.swatch), color: inkOn(answer.swatch) }}
                onClick={() => log(open, i)}
              >
                {answer.label}
              </button>
            ))}
          </div>
        </fieldset>
      )}
    </div>
  );
};

const CHIP_WORDS: Readonly<Record<string, string>> = {
  fill: '',
  edges: 'edges',
  missing_share: 'missing',
  leaked_g: 'leaked',
  'tawny/upper': 'above',
  'tawny/lower': 'below',
  crisp: 'crisp',
  crumb: 'crumb',
  stuck: 'stuck',
};

/** When every question is answered: what a scale or a pencil would add. */
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
    <fieldset disabled={disabled} className="flex flex-col gap-3">
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
      <label className="flex flex-col gap-1">
        Note
        <input
          className="entry h-14 text-ink"
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
    <>
      <label className="flex items-center justify-between gap-3">
        {label}
        <input
          className="entry h-14 w-32 text-right text-xl text-ink"
          inputMode="decimal"
          value={text}
          onChange={(event) => setText(event.target.value)}
          onBlur={save}
        />
      </label>
      {problem && <p role="alert">{limits}</p>}
    </>
  );
};
