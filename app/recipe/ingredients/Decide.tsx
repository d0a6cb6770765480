import type { Formula, FormulaLine, ReadLine } from '../../../core/formula/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import { grams } from '../../ui/index.ts';
import { newId } from '../../store/index.ts';
import type { Revise } from './revise.ts';
import { parted, withLine } from './revise.ts';

type Props = { readonly formula: Formula; readonly line: FormulaLine; readonly read: ReadLine; readonly onRevise: Revise };

const link = 'min-h-9 px-1 font-semibold text-act underline underline-offset-2';

/** What a line leaves open, as touches: which end of a range, which of two amounts, which of two meanings. */
export const Decide = ({ line, read, onRevise }: Props) => {
  const setGrams = (value: number): void => onRevise((now) => withLine(now, line.id, { edited_g: Number(value.toFixed(1)) }));
  const choices = read.how.flatMap(({ code, fields }) => {
    if (code === 'amounts-clash')
      return [fields.first_g, fields.second_g].map((g) => ({ label: `${grams(g)} g`, take: () => setGrams(g) }));
    if (code === 'range-undecided' && read.gramsRange !== null) {
      const [low, high] = read.gramsRange;
      return [low, (low + high) / 2, high].map((g) => ({ label: `${grams(g)} g`, take: () => setGrams(g) }));
    }
    if (code === 'word-by-market')
      return [fields.taken, ...fields.other.split(', ')].map((id) => ({
        label: ingredientById(id)?.name ?? id,
        take: () => onRevise((now) => withLine(now, line.id, { chosenIngredientId: id })),
      }));
    // A number that could be several: the line is written as the one that is meant.
    if (code === 'number-unclear')
      return fields.readings
        .split('\n')
        .filter((text) => text !== '')
        .map((text) => ({ label: text.slice(0, 40), take: () => onRevise((now) => withLine(now, line.id, { text, edited_g: null })) }));
    if (code === 'two-things')
      return [{ label: 'Two lines of it', take: () => onRevise((now) => parted(now, line.id, [fields.first, fields.second], newId())) }];
    return [];
  });
  if (choices.length === 0) return null;
  return (
    <span role="group" aria-label={`Decide ${line.text.slice(0, 40)}`} className="flex flex-wrap gap-x-3 pl-1 text-sm">
      {choices.map(({ label, take }) => (
        <button key={label} type="button" className={link} onClick={take}>
          {label}
        </button>
      ))}
    </span>
  );
};
