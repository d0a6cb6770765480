import { ClipboardPaste } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Formula } from '../../core/formula/index.ts';
import { STARTERS } from '../../core/formula/index.ts';
import { formulaFrom, formulaOfStarter, PasteSheet } from '../recipe/ingredients/index.ts';
import { useGuard } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';

/** The cook's own, pasted, or a usual one of its family to begin with. */
export const FirstBatter = ({ session }: { readonly session: Session }) => {
  const { formulas, formula, readSettings, workspace } = session;
  const carryOut = useDo();
  const guard = useGuard();
  const [pasting, setPasting] = useState(false);
  const start = (made: Formula): void => void carryOut(commands.addFormula(made, workspace));
  return (
    <>
      <button type="button" className="button-act min-h-14 w-full text-lg" onClick={() => setPasting(true)}>
        <ClipboardPaste aria-hidden className="size-5" /> Paste your own
      </button>
      <p className="mt-3 text-quiet">or start from a common one</p>
      <ul className="mt-2 grid grid-cols-2 gap-2">
        {STARTERS.map((starter) => {
          const has = formulas.some(({ name, provenance }) => name === starter.name && provenance !== 'written here');
          return (
            <li key={starter.id}>
              <button
                type="button"
                aria-pressed={has}
                className={`min-h-14 w-full rounded-lg border-2 px-3 py-1 text-left leading-tight font-semibold ${has ? 'border-act bg-act-soft' : 'border-line bg-sheet hover:border-act'}`}
                onClick={guard(() => {
                  if (!has) start(formulaOfStarter(starter));
                })}
              >
                {starter.name}
              </button>
            </li>
          );
        })}
      </ul>
      {formula !== null && (
        <p className="mt-3 border-l-3 border-act bg-act-soft px-3 py-1">
          “{formula.name}” is ready.{' '}
          <Link to="/recipe" className="font-semibold text-act underline underline-offset-2">
            See how it was read
          </Link>
        </p>
      )}
      {pasting && (
        <PasteSheet
          readSettings={readSettings}
          onClose={() => setPasting(false)}
          onDone={(pasted) => {
            setPasting(false);
            start(formulaFrom(pasted));
          }}
        />
      )}
    </>
  );
};
