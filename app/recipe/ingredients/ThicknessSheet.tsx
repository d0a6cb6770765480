import { useState } from 'react';
import type { Formula, ParsedFormula, Thickness } from '../../../core/formula/index.ts';
import {
  linesFromText,
  loosenessOfSpread,
  SPREAD_RANGE_CM,
  THICKNESS,
  thicknessCorrection,
  thicknessWord,
} from '../../../core/formula/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { grams, MeasureEntry, Sheet } from '../../ui/index.ts';
import { useLengths } from '../../session/index.ts';
import type { Revise } from './revise.ts';
import { withLines } from './revise.ts';
import { newId } from '../../store/index.ts';

const WORDS = Object.keys(THICKNESS) as Thickness[];
const HINTS: Readonly<Record<Thickness, string>> = {
  dollop: 'stands on the spoon',
  ribbon: 'falls in a ribbon that stays',
  pourable: 'pours and levels',
  runny: 'runs off the spoon',
};

type Props = {
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  /** The bowl that it is reckoned for, by its name; null: as the formula is written. */
  readonly ofBowl: string | null;
  readonly predicted: Thickness;
  readonly onRevise: Revise;
  /** The bowl that stands mixed: it gets the grams and remembers why; null where none does. */
  readonly onStir: ((additions: readonly { readonly ingredientId: string; readonly grams: number }[]) => void) | null;
  readonly onClose: () => void;
};

/** Too thick, too thin: say what the spoon shows, get the grams to stir in. */
export const ThicknessSheet = ({ reading, ofBowl, predicted, onRevise, onStir, onClose }: Props) => {
  const lengths = useLengths();
  const [seen, setSeen] = useState<Thickness | number>(predicted);
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
    onRevise((now) => withLines(now, linesFromText(text, newId).lines));
    onClose();
  };
  return (
    <Sheet
      title="Too thick? Too thin?"
      open
      onClose={onClose}
      wide
      foot={
        <>
          {' '}
          <button type="button" className="button-act" disabled={!correction.ok} onClick={take}>
            Change the recipe
          </button>
          {onStir !== null && (
            <button
              type="button"
              className="button-plain"
              disabled={!correction.ok}
              onClick={() => {
                if (correction.ok) onStir(correction.value);
                onClose();
              }}
            >
              Only into the bowl that stands here
            </button>
          )}
        </>
      }
    >
      <Spoon label="The spoon shows" value={typeof seen === 'number' ? thicknessWord(seen) : seen} onChange={setSeen} />
      <div className="mt-2">
        <MeasureEntry
          label="or a level tablespoon on a cold plate spread, after 30 s"
          of="spread"
          unit={lengths}
          value={null}
          min={SPREAD_RANGE_CM.min}
          max={SPREAD_RANGE_CM.max}
          mayBeEmpty
          onChange={(cm) => cm !== null && setSeen(loosenessOfSpread(cm))}
        />
      </div>
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
          . For {ofBowl === null ? 'the whole bowl as written' : `“${ofBowl}” as it was weighed`}, {grams(reading.totalMass_g)} g.
        </p>
      ) : (
        <p className="mt-4 text-lg">{describeSentence(correction.failure)}.</p>
      )}
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
