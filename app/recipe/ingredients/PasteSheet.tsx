import { useState } from 'react';
import type { Failure } from '../../../core/basis/index.ts';
import type { Formula, FormulaLine, ReadSettings } from '../../../core/formula/index.ts';
import { MOST_LINES } from '../../../core/formula/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { Sheet, useDraft } from '../../ui/index.ts';
import { notices } from '../../store/index.ts';
import { askOnce } from '../../workers/index.ts';

export type Pasted = {
  readonly lines: readonly FormulaLine[];
  readonly name: string | null;
  readonly steps: readonly string[];
  readonly yieldHint: string | null;
  readonly lift: Formula['lift'];
  /** The whole Recipe where that was pasted. */
  readonly recipe: Formula | null;
};

type Props = { readonly readSettings: ReadSettings; readonly onDone: (pasted: Pasted) => void; readonly onClose: () => void };

/** Long texts are shown only in part, so that the browser's own text box doesn't choke on them. */
const MOST_SHOWN = 20_000;

/** Paste or type an ingredient list; it is read in a worker with a time limit, and what was pasted stays until it is taken. */
export const PasteSheet = ({ readSettings, onDone, onClose }: Props) => {
  const [text, setText] = useDraft('paste');
  const [busy, setBusy] = useState(false);
  const [failure, setFailure] = useState<Failure | null>(null);
  const read = async (): Promise<void> => {
    setBusy(true);
    setFailure(null);
    const result = await askOnce('paste', { text, readSettings });
    setBusy(false);
    if (!result.ok) return setFailure(result.failure);
    const { lines, cut, name, steps, yieldHint, lift, recipe, others } = result.value;
    if (cut > 0) return setFailure({ code: 'paste-too-long', fields: { most: MOST_LINES, cut } });
    if (lines.length === 0) return setFailure({ code: 'bowl-empty', fields: {} });
    if (others > 0) notices.tell({ code: 'recipes-left', fields: { taken: recipe?.name ?? '', count: others } });
    setText('');
    onDone({ lines, name, steps, yieldHint, lift, recipe });
  };
  const takeAnyway = async (): Promise<void> => {
    const result = await askOnce('paste', { text, readSettings });
    if (!result.ok) return;
    setText('');
    onDone(result.value);
  };
  return (
    <Sheet title="Paste a recipe" open onClose={onClose} wide>
      <p className="text-[15px] text-quiet">
        One ingredient a line, with the steps if you have them. A whole web page or a schema.org Recipe works too.
      </p>
      <textarea
        aria-label="Ingredient list"
        className="entry mt-2 h-64 w-full py-2 font-sans"
        placeholder={'1 3/4 cups flour\n2 tsp baking powder\n3 large eggs, separated\n2½ dl milk\n113 g butter, melted'}
        value={
          text.length > MOST_SHOWN
            ? `${text.slice(0, MOST_SHOWN)}\n… and ${(text.length - MOST_SHOWN).toLocaleString('en-GB')} more characters`
            : text
        }
        readOnly={text.length > MOST_SHOWN}
        onChange={(event) => setText(event.target.value)}
        onPaste={(event) => {
          const pasted = event.clipboardData.getData('text/plain');
          if (pasted.length <= MOST_SHOWN) return;
          event.preventDefault();
          setText(pasted);
        }}
      />
      {failure !== null && (
        <p role="alert" className="mt-2 border-l-3 border-ink bg-sheet p-2">
          {describeSentence(failure)}.
        </p>
      )}
      <div className="mt-3 flex gap-3">
        <button type="button" className="button-act" disabled={busy || text.trim() === ''} onClick={() => void read()}>
          {busy ? 'Reading …' : 'Read it'}
        </button>
        {failure?.code === 'paste-too-long' && (
          <button type="button" className="button-plain" onClick={() => void takeAnyway()}>
            Take the first {MOST_LINES}
          </button>
        )}
        {text !== '' && (
          <button type="button" className="button-plain" onClick={() => setText('')}>
            Clear
          </button>
        )}
      </div>
    </Sheet>
  );
};
