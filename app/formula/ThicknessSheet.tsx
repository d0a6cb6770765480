import { useState } from 'react';
import type { Formula, FormulaReading, Thickness } from '../../core/formula/index.ts';
import { linesFromText, THICKNESS, thicknessCorrection } from '../../core/formula/index.ts';
import { ingredientById } from '../../core/matter/index.ts';
import { sayAloud } from '../../words/index.ts';
import { grams, Sheet } from '../look/index.ts';
import { withLines } from './revise.ts';

const WORDS = Object.keys(THICKNESS) as Thickness[];
const HINTS: Readonly<Record<Thickness, string>> = {
  dollop: 'stands on the spoon',
  ribbon: 'falls in a ribbon that stays',
  pourable: 'pours and levels',
  runny: 'runs off the spoon',
};

type Props = {
  readonly formula: Formula;
  readonly reading: FormulaReading;
  readonly predicted: Thickness;
  readonly onRevise: (next: Formula) => void;
  readonly onClose: () => void;
};

/** Too thick, too thin: say what the spoon shows, get the grams to stir in. */
export const ThicknessSheet = ({ formula, reading, predicted, onRevise, onClose }: Props) => {
  const [seen, setSeen] = useState<Thickness>(predicted);
  const [wanted, setWanted] = useState<Thickness>('pourable');
  const correction = thicknessCorrection(reading, seen, wanted);
  const additions = correction.ok
    ? correction.value.map(({ ingredientId, grams: mass }) => ({
        name: ingredientById(ingredientId)?.name.toLowerCase() ?? ingredientId,
        mass,
      }))
    : [];
  const take = (): void => {
    const text = additions.map(({ name, mass }) => `${Number(mass.toFixed(mass < 10 ? 1 : 0))} g ${name}`).join('\n');
    onRevise(withLines(formula, linesFromText(text, () => crypto.randomUUID()).lines));
    onClose();
  };
  return (
    <Sheet title="Too thick? Too thin?" open onClose={onClose} wide>
      <Spoon label="The spoon shows" value={seen} onChange={setSeen} />
      <Spoon label="It should be" value={wanted} onChange={setWanted} />
      {correction.ok ? (
        <p className="mt-4 text-lg">
          Stir in{' '}
          {additions.map(({ name, mass }, i) => (
            <span key={name}>
              {i > 0 && ', '}
              <b className="figure text-3xl">{grams(mass)}</b> g {name}
            </span>
          ))}
          . For the whole bowl as written, {grams(reading.totalMass_g)} g.
        </p>
      ) : (
        <p className="mt-4 text-lg">{sayAloud(correction.failure)}.</p>
      )}
      <button type="button" className="button-act mt-4" disabled={!correction.ok} onClick={take}>
        Write it down
      </button>
    </Sheet>
  );
};

const Spoon = ({
  label,
  value,
  onChange,
}: {
  readonly label: string;
  readonly value: Thickness;
  readonly onChange: (value: Thickness) => void;
}) => (
  <fieldset className="mt-2">
    <legend className="text-[15px] text-quiet">{label}</legend>
    <div className="mt-1 grid grid-cols-4 gap-2 max-sm:grid-cols-2">
      {WORDS.map((word) => (
        <label
          key={word}
          className={`flex min-h-16 flex-col justify-center rounded-md border-2 px-3 ${value === word ? 'border-act bg-act-soft' : 'border-line'}`}
        >
          <span className="flex items-center gap-2 font-display text-lg font-bold">
            <input type="radio" name={label} checked={value === word} onChange={() => onChange(word)} className="size-5 accent-act" />
            {word}
          </span>
          <span className="text-[15px] text-quiet">{HINTS[word]}</span>
        </label>
      ))}
    </div>
  </fieldset>
);
