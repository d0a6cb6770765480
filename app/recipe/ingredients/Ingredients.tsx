import { ClipboardPaste, Plus } from 'lucide-react';
import { useState } from 'react';
import type { Formula } from '../../../core/formula/index.ts';
import { ingredientOf, linesFromText, STARTERS, swapsFor } from '../../../core/formula/index.ts';
import { freeName } from '../../../core/run/index.ts';
import { AddEntry, Findings, Removed } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { useSession } from '../../session/index.ts';
import { commands, newId, notices, useDo } from '../../store/index.ts';
import { BalanceSwaps } from './BalanceSwaps.tsx';
import { CardPage, cardOf } from '../card/index.ts';
import { Composition } from './Composition.tsx';
import { Gauges } from './Gauges.tsx';
import { LedgerHead } from './LedgerHead.tsx';
import { LedgerLine } from './LedgerLine.tsx';
import { NutritionLine } from './NutritionLine.tsx';
import { OnTheIron } from './OnTheIron.tsx';
import type { Pasted } from './PasteSheet.tsx';
import { PasteSheet } from './PasteSheet.tsx';
import { formulaFrom, formulaOfStarter } from './pasted.ts';
import type { Revise } from './revise.ts';
import { emptyFormula, revised, withLines } from './revise.ts';
import { saveAs } from './saveAs.ts';
import { StepsPanel } from './StepsPanel.tsx';
import { SwapSheet } from './SwapSheet.tsx';
import { Tool, Tools } from './Tools.tsx';
import { titleOf, NameLine } from './NameLine.tsx';
import { useLedger } from './useLedger.ts';

/** Revisions that this page has made: what another tab makes in between is told. */
const ownRevisions = new Set<string>();
const isOwn = (id: string, rev: number): boolean => ownRevisions.has(`${id}/${rev}`);

export const Ingredients = () => {
  const session = useSession();
  const carryOut = useDo();
  const [pasting, setPasting] = useState(false);
  const [removed, setRemoved] = useState<Formula | null>(null);
  if (session === undefined) return null;
  const { formula } = session;
  const revise: Revise = (change) => {
    if (formula === null) return;
    void carryOut(commands.reviseFormula(formula, change)).then((made) => {
      // A touch of our own that came before isn't another tab's.
      if (made?.isOnTop === true && !isOwn(made.row.id, made.row.rev - 1))
        notices.tell({ code: 'changed-elsewhere', fields: { name: made.row.name } });
      if (made !== undefined) ownRevisions.add(`${made.row.id}/${made.row.rev}`);
    });
  };
  const start = async (made: Formula): Promise<void> => {
    await carryOut(commands.addFormula(made, session.workspace));
  };
  const take = (pasted: Pasted): void => {
    const { lines, name, steps, yieldHint, lift } = pasted;
    setPasting(false);
    const contents = { lines: [...lines], steps: [...steps], yieldHint, lift };
    if (formula !== null && formula.lines.length === 0) revise((now) => revised(now, { ...contents, name: titleOf(name) ?? now.name }));
    else void start(formulaFrom(pasted));
  };
  return (
    <>
      {removed !== null && (
        <Removed
          name={removed.name}
          note="its loads stay in the book"
          onBack={() => {
            void carryOut(commands.bringBackToKit([removed.id]));
            session.setWorkspace({ formulaId: removed.id });
            setRemoved(null);
          }}
        />
      )}
      {formula === null ? (
        <section className="max-w-xl p-8">
          <h1 className="text-3xl">Write down a batter</h1>
          <p className="mt-3 text-lg">
            Paste an ingredient list as people write it. Out come grams, baker’s percentages and what it will do on your iron; a line that
            isn’t understood stays and asks.
          </p>
          <div className="mt-5 flex gap-3">
            <button type="button" className="button-act" onClick={() => setPasting(true)}>
              <ClipboardPaste aria-hidden className="size-5" /> Paste a batter
            </button>
            <button type="button" className="button-plain" onClick={() => void start(emptyFormula(newId(), 'New batter'))}>
              <Plus aria-hidden className="size-5" /> Write one
            </button>
          </div>
          <p className="mt-6 text-lg">Or start from a usual one and change it:</p>
          <ul className="mt-2 flex flex-wrap gap-2">
            {STARTERS.map((starter) => (
              <li key={starter.id}>
                <button type="button" className="button-plain" onClick={() => void start(formulaOfStarter(starter))}>
                  {starter.name}
                </button>
              </li>
            ))}
          </ul>
        </section>
      ) : (
        <Ledger
          session={session}
          formula={formula}
          onRevise={revise}
          onPaste={() => setPasting(true)}
          onNew={() => void start(emptyFormula(newId(), 'New batter'))}
          onCopy={() =>
            void start({ ...formula, id: newId(), rev: 1, parentRev: null, name: freeName(formula.name, session.everyFormula) })
          }
          onRemove={() => {
            setRemoved(formula);
            void carryOut(commands.removeFromKit([formula.id]));
          }}
        />
      )}
      {pasting && <PasteSheet readSettings={session.readSettings} onDone={take} onClose={() => setPasting(false)} />}
    </>
  );
};

type LedgerProps = {
  readonly session: Session;
  readonly formula: Formula;
  readonly onRevise: Revise;
  readonly onPaste: () => void;
  readonly onNew: () => void;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
};

const Ledger = ({ session, formula, onRevise, onPaste, onNew, onCopy, onRemove }: LedgerProps) => {
  const { kit, iron } = session;
  const ledger = useLedger(session, formula, onRevise);
  const { reading, answer, batter, isHalfRead, issues, claims, most_g, undo, swap, setSwapping, sheet, setSheet } = ledger;
  return (
    <>
      <div className="flex flex-col gap-3 px-8 py-3 print:hidden max-sm:px-5">
        <LedgerHead session={session} formula={formula} ledger={ledger} onRevise={onRevise} />
        <div className="grid grid-cols-[minmax(0,1fr)_212px_264px] gap-7 max-lg:grid-cols-1">
          <div>
            <NameLine key={formula.name} formula={formula} onRevise={onRevise} />
            <ol aria-label="Ingredients">
              {formula.lines.map((line, i) => {
                const read = reading.lines[i];
                if (read === undefined) return null;
                const id = ingredientOf(read)?.id;
                const percent =
                  id === undefined || read.grams === null || reading.flour_g <= 0 ? null : (100 * read.grams) / reading.flour_g;
                return (
                  <LedgerLine
                    key={line.id}
                    formula={formula}
                    line={line}
                    read={read}
                    percent={percent}
                    most_g={most_g}
                    own={session.readSettings.own ?? []}
                    scales={session.kit.scales}
                    onRevise={onRevise}
                    onSwap={
                      id === undefined || read.grams === null || swapsFor(id, read.grams, session.readSettings.own).length === 0
                        ? null
                        : () => setSwapping(i)
                    }
                  />
                );
              })}
            </ol>
            <BalanceSwaps formula={formula} session={session} onRevise={onRevise} />
            <AddEntry
              label="Another line"
              placeholder="another line, such as 2½ dl milk"
              onAdd={(text) => onRevise((now) => withLines(now, linesFromText(text, newId).lines))}
            />
            <Tools
              reading={reading}
              suspicions={issues.length}
              isBatter={batter !== null}
              canUndo={undo !== null}
              onPaste={onPaste}
              onNew={onNew}
              onUndo={() => undo?.()}
              onOpen={setSheet}
              onCopy={onCopy}
              onRemove={onRemove}
              onSave={(kind) => saveAs(kind, formula, reading, cardOf(reading, answer, iron, session), answer)}
            />
            <StepsPanel
              formula={formula}
              claims={claims}
              session={session}
              full_g={answer === null || answer.basis !== null ? null : answer.portion_g}
              onRevise={onRevise}
            />
            <p className="mt-3 text-sm text-quiet">
              Raw egg and raw flour: don’t taste the batter, wash hands and bowls (FDA consumer advice).
            </p>
          </div>
          {reading.composition === null || isHalfRead ? (
            <p className="text-quiet">
              {isHalfRead
                ? 'Its make-up, thickness and nutrition appear once every line is settled.'
                : 'Its make-up appears here once a line has a weight.'}
            </p>
          ) : (
            <Composition composition={reading.composition} />
          )}
          <div className="flex flex-col gap-4">
            {!isHalfRead && <Gauges reading={reading} iron={iron} kit={kit} />}
            <OnTheIron session={session} formula={formula} />
            {!isHalfRead && <Findings findings={reading.findings} />}
          </div>
        </div>
        {!isHalfRead && (
          <NutritionLine
            reading={reading}
            pieceBatter_g={answer === null || iron === null ? null : answer.portion_g / iron.geometry.piecesPerLoad}
            ironName={iron?.name ?? null}
          />
        )}
        {swap !== null && (
          <SwapSheet
            formula={formula}
            line={swap.line}
            ingredientId={swap.id}
            mass_g={swap.mass_g}
            session={session}
            onRevise={onRevise}
            onClose={() => setSwapping(null)}
          />
        )}
        {sheet !== null && (
          <Tool
            name={sheet}
            session={session}
            formula={formula}
            reading={reading}
            iron={iron}
            answer={answer}
            batter={batter}
            found={issues}
            onRevise={onRevise}
            onClose={() => setSheet(null)}
          />
        )}
      </div>
      <div className="hidden print:block">
        <CardPage formula={formula} reading={reading} card={cardOf(reading, answer, iron, session)} session={session} />
      </div>
    </>
  );
};
