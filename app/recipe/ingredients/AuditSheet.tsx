import { Check } from 'lucide-react';
import type { Formula, ParsedFormula, ReadLine, Repair, FormulaIssue } from '../../../core/formula/index.ts';
import { isHeading, linesFromText } from '../../../core/formula/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import { describeCode, describeSentence } from '../../../words/index.ts';
import { Findings, grams, Sheet } from '../../ui/index.ts';
import type { Revise } from './revise.ts';
import { withLine, withLines } from './revise.ts';
import { newId } from '../../store/index.ts';

type Props = {
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly found: readonly FormulaIssue[];
  readonly onRevise: Revise;
  readonly onClose: () => void;
};

/** The weight at which a suspicion fills its bar. */
const FULL = 10;

const repairWords = (repair: Repair): string =>
  repair.kind === 'set-grams'
    ? `make it ${grams(repair.grams)} g`
    : `add ${grams(repair.grams)} g ${ingredientById(repair.ingredientId)?.name.toLowerCase() ?? repair.ingredientId}`;

/** `formula`: the newest; `seen`: the one that the repair counts its lines in. */
const repaired = (formula: Formula, seen: Formula, repair: Repair): Formula => {
  if (repair.kind === 'set-grams') {
    const line = seen.lines[repair.line];
    return line === undefined ? formula : withLine(formula, line.id, { edited_g: repair.grams });
  }
  const name = ingredientById(repair.ingredientId)?.name.toLowerCase() ?? repair.ingredientId;
  const { lines } = linesFromText(`${grams(repair.grams).replace(/,/g, '')} g ${name}`, newId);
  return withLines(
    formula,
    lines.map((line) => ({ ...line, chosenIngredientId: repair.ingredientId })),
  );
};

const unreadLines = ({ lines }: ParsedFormula): readonly ReadLine[] =>
  lines.filter((line) => line.status === 'unresolved' && !isHeading(line));

/** Lines that weren't understood come first: nothing else is sure before they are. */
const Unread = ({ lines }: { readonly lines: readonly ReadLine[] }) =>
  lines.length > 0 && (
    <section aria-label="Not read" className="mb-3 border-l-3 border-hazard bg-sheet px-3 py-2">
      <p className="text-lg font-semibold">{lines.length === 1 ? 'One line isn’t read' : `${lines.length} lines aren’t read`}</p>
      <ul>
        {lines.map((line, i) => (
          <li key={`${line.text}/${i}`}>
            “{line.text.slice(0, 80)}”: {line.how.map(describeCode).join('; ')}
          </li>
        ))}
      </ul>
      <p className="text-quiet">Settle each in the list of ingredients; until then no portion and no plan rest on it.</p>
    </section>
  );

/** What looks wrong, the strongest first, each with its evidence and a repair by one touch. Nothing is refused. */
export const AuditSheet = ({ formula, reading, found, onRevise, onClose }: Props) => (
  <Sheet title="Before you trust it" open onClose={onClose} wide>
    <Unread lines={unreadLines(reading)} />
    {found.length === 0 ? (
      reading.findings.length === 0 && unreadLines(reading).length === 0 ? (
        <p className="flex items-center gap-2 text-lg">
          <Check aria-hidden className="size-6 text-act" />{' '}
          {reading.flour_g > 0
            ? 'Nothing looks wrong: amounts, acid, gas and claims fit each other.'
            : 'Nothing to judge yet: no flour has a weight.'}
        </p>
      ) : (
        <Findings findings={reading.findings} />
      )
    ) : (
      <ol className="flex flex-col">
        {found.map((suspicion, i) => (
          <li
            key={`${suspicion.code}/${suspicion.line ?? 'bowl'}/${i}`}
            className="grid grid-cols-[64px_minmax(0,1fr)] gap-4 border-b border-line py-3"
            data-code={suspicion.code}
          >
            <span aria-hidden className="mt-1.5 h-3 self-start overflow-hidden rounded-full bg-track">
              <span className="block h-full bg-ink" style={{ width: `${Math.min(100, (100 * suspicion.weight) / FULL)}%` }} />
            </span>
            <div>
              <p className="text-lg">{describeSentence(suspicion)}.</p>
              <div className="mt-1 flex flex-wrap gap-2">
                {suspicion.repairs.map((repair) => (
                  <button
                    key={repairWords(repair)}
                    type="button"
                    className="button-plain"
                    onClick={() => onRevise((now) => repaired(now, formula, repair))}
                  >
                    {repairWords(repair)}
                  </button>
                ))}
              </div>
            </div>
          </li>
        ))}
      </ol>
    )}
    <p className="mt-3 text-[15px] text-quiet">
      Each amount is judged beside its neighbours by the wide bands of common practice; the bar is how strongly it speaks. It warns, it
      never refuses.
    </p>
  </Sheet>
);
