import { ClipboardPaste, Plus, Scale } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import type { Formula } from '../../../core/formula/index.ts';
import { ingredientOf, linesFromText, STARTERS, swapsFor } from '../../../core/formula/index.ts';
import { freeName } from '../../../core/run/index.ts';
import { AddEntry, Findings, grams, LinkButton, Removed, useFolded } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { useSession } from '../../session/index.ts';
import { commands, newId, notices, useDo } from '../../store/index.ts';
import { BalanceSwaps } from './BalanceSwaps.tsx';
import { CardPage, cardOf } from '../card/index.ts';
import { Composition } from './Composition.tsx';
import { Gauges } from './Gauges.tsx';
import { BowlLayers } from './BowlLayers.tsx';
import { HowItReads } from './HowItReads.tsx';
import { LedgerLine } from './LedgerLine.tsx';
import { NutritionLine } from './NutritionLine.tsx';
import { OnYourIron } from './OnYourIron.tsx';
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
import type { LedgerState } from './useLedger.ts';
import { useLedger } from './useLedger.ts';

/** Revisions that this page has made: what another tab makes in between is told. */
const ownRevisions = new Set<string>();
const isOwn = (id: string, rev: number): boolean => ownRevisions.has(`${id}/${rev}`);

export const Ingredients = () => {
  const session = useSession();
  const carryOut = useDo();
  // A recipe that was dropped on a page waits in the draft.
  const [search, setSearch] = useSearchParams();
  const [isPasting, setPasting] = useState(false);
  const pasting = isPasting || search.has('paste');
  const closePaste = (): void => {
    setPasting(false);
    if (search.has('paste')) setSearch({}, { replace: true });
  };
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
    closePaste();
    const contents = { lines: [...lines], steps: [...steps], yieldHint, lift };
    if (formula !== null && formula.lines.length === 0) revise((now) => revised(now, { ...contents, name: titleOf(name) ?? now.name }));
    else void start(formulaFrom(pasted));
  };
  return (
    <>
      {removed !== null && (
        <Removed
          name={removed.name}
          note="its loads stay in the log"
          onBack={() => {
            void carryOut(commands.bringBackToKit([removed.id]));
            session.setWorkspace({ formulaId: removed.id });
            setRemoved(null);
          }}
        />
      )}
      {formula === null ? (
        <section className="max-w-xl p-8">
          <h1 className="text-3xl">Add a recipe</h1>
          <p className="mt-3 text-lg">
            Paste a recipe as you have it. You get grams, and what it does on your iron. If a line is unclear, we ask.
          </p>
          <div className="mt-5 flex gap-3">
            <button type="button" className="button-act" onClick={() => setPasting(true)}>
              <ClipboardPaste aria-hidden className="size-5" /> Paste a recipe
            </button>
            <button type="button" className="button-plain" onClick={() => void start(emptyFormula(newId(), 'New recipe'))}>
              <Plus aria-hidden className="size-5" /> Write one
            </button>
          </div>
          <p className="mt-6 text-lg">Or start from a common one:</p>
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
          onNew={() => void start(emptyFormula(newId(), 'New recipe'))}
          onCopy={() =>
            void start({ ...formula, id: newId(), rev: 1, parentRev: null, name: freeName(formula.name, session.everyFormula) })
          }
          onRemove={() => {
            setRemoved(formula);
            void carryOut(commands.removeFromKit([formula.id]));
          }}
        />
      )}
      {pasting && <PasteSheet readSettings={session.readSettings} onDone={take} onClose={closePaste} />}
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
  const { iron } = session;
  const ledger = useLedger(session, formula, onRevise);
  const { reading, answer, batter, issues, claims, undo, swap, setSwapping, sheet, setSheet } = ledger;
  const [hasNumbers, setNumbers] = useFolded('numbers');
  return (
    <>
      <h1 className="sr-only">{formula.name}</h1>
      <div className="flex flex-col gap-4 px-8 py-4 max-sm:px-5 print:hidden">
        <div className="grid grid-cols-[9rem_minmax(0,1fr)_minmax(20rem,27rem)] gap-7 max-lg:grid-cols-[minmax(0,1fr)_20rem] max-md:grid-cols-1">
          <div className="self-center max-lg:hidden">
            <BowlLayers lines={reading.lines} />
          </div>
          <Lines session={session} formula={formula} ledger={ledger} hasShares={hasNumbers} onRevise={onRevise} />
          <OnYourIron session={session} formula={formula} claims={claims} />
        </div>
        <div className="flex flex-wrap items-center gap-x-7 gap-y-1">
          <Link to="/recipe/weigh" className="button-act min-h-14 rounded-xl px-6 font-display text-xl">
            <Scale aria-hidden className="size-6" /> Start weighing
          </Link>
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
          <LinkButton aria-expanded={hasNumbers} onClick={() => setNumbers(!hasNumbers)}>
            {hasNumbers ? 'Hide the numbers' : 'Show the numbers'}
          </LinkButton>
        </div>
        {hasNumbers && <Numbers session={session} formula={formula} ledger={ledger} onRevise={onRevise} />}
        <StepsPanel
          formula={formula}
          claims={claims}
          session={session}
          full_g={answer === null || answer.basis !== null ? null : answer.portion_g}
          onRevise={onRevise}
        />
        <p className="text-sm text-quiet">Raw egg and raw flour: don’t taste the batter, wash hands and bowls (FDA consumer advice).</p>
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

type PartProps = { readonly session: Session; readonly formula: Formula; readonly ledger: LedgerState; readonly onRevise: Revise };

/** The lines as written, with grams, and what they come to. */
const Lines = ({ session, formula, ledger, hasShares, onRevise }: PartProps & { readonly hasShares: boolean }) => {
  const { reading, most_g, setSwapping } = ledger;
  return (
    <div>
      <ol aria-label="Ingredients">
        {formula.lines.map((line, i) => {
          const read = reading.lines[i];
          if (read === undefined) return null;
          const id = ingredientOf(read)?.id;
          const percent = id === undefined || read.grams === null || reading.flour_g <= 0 ? null : (100 * read.grams) / reading.flour_g;
          const isSwappable = id !== undefined && read.grams !== null && swapsFor(id, read.grams, session.readSettings.own).length > 0;
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
              hasShares={hasShares}
              onRevise={onRevise}
              onSwap={isSwappable ? () => setSwapping(i) : null}
            />
          );
        })}
      </ol>
      <p className="flex items-baseline justify-between border-t-2 border-ink py-2 pl-6">
        <b className="text-lg">Whole recipe</b>
        <span className="whitespace-nowrap">
          <b className="figure text-[28px]" data-figure="totalMass_g" data-exact={reading.totalMass_g}>
            {grams(reading.totalMass_g)}
          </b>
          {'\u00a0g'}
        </span>
      </p>
      <AddEntry
        label="Another line"
        placeholder="another line, such as 2½ dl milk"
        onAdd={(text) => onRevise((now) => withLines(now, linesFromText(text, newId).lines))}
      />
    </div>
  );
};

/** Name, lift, cost; percentages, make-up, thickness, gas and browning; nutrition; and what was noticed. */
const Numbers = ({ session, formula, ledger, onRevise }: PartProps) => {
  const { kit, iron } = session;
  const { reading, answer, isHalfRead } = ledger;
  return (
    <section aria-label="The numbers" className="flex flex-col gap-4 border-t border-line pt-4">
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
        <NameLine key={formula.name} formula={formula} onRevise={onRevise} />
        <HowItReads session={session} formula={formula} ledger={ledger} onRevise={onRevise} />
      </div>
      <BalanceSwaps formula={formula} session={session} onRevise={onRevise} />
      <div className="grid grid-cols-[212px_264px_minmax(0,1fr)] gap-8 max-lg:grid-cols-2 max-md:grid-cols-1">
        {reading.composition === null || isHalfRead ? (
          <p className="text-quiet">
            {isHalfRead
              ? 'Its make-up, thickness and nutrition appear once every line is settled.'
              : 'Its make-up appears here once a line has a weight.'}
          </p>
        ) : (
          <Composition composition={reading.composition} />
        )}
        {!isHalfRead && <Gauges reading={reading} iron={iron} kit={kit} />}
        {!isHalfRead && <Findings findings={reading.findings} />}
      </div>
      {!isHalfRead && (
        <NutritionLine
          reading={reading}
          pieceBatter_g={answer === null || iron === null ? null : answer.portion_g / iron.geometry.piecesPerLoad}
          ironName={iron?.name ?? null}
        />
      )}
    </section>
  );
};
