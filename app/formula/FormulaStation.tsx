import { ClipboardPaste, Plus } from 'lucide-react';
import { useState } from 'react';
import { batterOf } from '../../core/cook/index.ts';
import type { CupStandardId } from '../../core/basis/index.ts';
import type { Formula, ParsedFormula } from '../../core/formula/index.ts';
import { claimsOf, compareClaims, costOf, ingredientOf, LIFTS, linesFromText, formulaIssues, swapsFor } from '../../core/formula/index.ts';
import { AddEntry, Findings, grams, InlineSelect } from '../look/index.ts';
import type { Choice } from '../look/index.ts';
import type { Session } from '../session/index.ts';
import { adviceJob, readingOf, useSession } from '../session/index.ts';
import { commands, newId, notices, useDo, useQueried } from '../store/index.ts';
import { useAdvice } from '../workers/index.ts';
import { BalanceSwaps } from './BalanceSwaps.tsx';
import { CardPage, cardOf } from './CardPage.tsx';
import { Composition } from './Composition.tsx';
import { money } from './CostSheet.tsx';
import { Gauges } from './Gauges.tsx';
import { LedgerLine } from './LedgerLine.tsx';
import { NutritionLine } from './NutritionLine.tsx';
import { OnTheIron } from './OnTheIron.tsx';
import type { Pasted } from './PasteSheet.tsx';
import { PasteSheet } from './PasteSheet.tsx';
import { ironEvidence, reckonedOf } from './reckoned.ts';
import type { Revise } from './revise.ts';
import { emptyFormula, revised, undone, withLines } from './revise.ts';
import { saveAs } from './saveAs.ts';
import { StepsPanel } from './StepsPanel.tsx';
import { SwapSheet } from './SwapSheet.tsx';
import type { ToolName } from './Tools.tsx';
import { Tool, Tools } from './Tools.tsx';
import { titleOf, NameLine } from './NameLine.tsx';

const CUPS: readonly Choice<CupStandardId>[] = [
  { value: 'us', label: 'US cup, 237 mL' },
  { value: 'label', label: 'US label cup, 240 mL' },
  { value: 'metric', label: 'metric cup, 250 mL' },
  { value: 'imperial', label: 'imperial cup, 284 mL' },
  { value: 'au', label: 'Australian, 250 mL and 20 mL spoon' },
];

/** Revisions that this page has made: what another tab makes in between is told. */
const ownRevisions = new Set<string>();
const isOwn = (id: string, rev: number): boolean => ownRevisions.has(`${id}/${rev}`);

export const FormulaStation = () => {
  const session = useSession();
  const carryOut = useDo();
  const [pasting, setPasting] = useState(false);
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
  const take = ({ lines, name, steps, yieldHint, recipe }: Pasted): void => {
    setPasting(false);
    const contents = { lines: [...lines], steps: [...steps], yieldHint };
    if (formula !== null && formula.lines.length === 0) revise((now) => revised(now, { ...contents, name: titleOf(name) ?? now.name }));
    // A formula that comes back from a file keeps its properties, under an id of its own.
    else if (recipe !== null)
      void start({ ...recipe, name: titleOf(recipe.name) ?? 'Pasted batter', id: newId(), rev: 1, parentRev: null });
    else void start({ ...emptyFormula(newId(), titleOf(name) ?? 'Pasted batter'), ...contents });
  };
  return (
    <>
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
        </section>
      ) : (
        <Ledger
          session={session}
          formula={formula}
          onRevise={revise}
          onPaste={() => setPasting(true)}
          onNew={() => void start(emptyFormula(newId(), 'New batter'))}
        />
      )}
      {pasting && <PasteSheet readSettings={session.readSettings} onDone={take} onClose={() => setPasting(false)} />}
    </>
  );
};

/** The line that is to be swapped, if it still has an ingredient and a weight. */
const swapOf = (formula: Formula, reading: ParsedFormula, index: number | null) => {
  const line = index === null ? undefined : formula.lines[index];
  const read = index === null ? undefined : reading.lines[index];
  return line === undefined || read?.ingredientId == null || read.grams === null
    ? null
    : { line, id: read.ingredientId, mass_g: read.grams };
};

type LedgerProps = {
  readonly session: Session;
  readonly formula: Formula;
  readonly onRevise: Revise;
  readonly onPaste: () => void;
  readonly onNew: () => void;
};

const Ledger = ({ session, formula, onRevise, onPaste, onNew }: LedgerProps) => {
  const { kit, iron, formulas, setWorkspace } = session;
  const carryOut = useDo();
  const reading = readingOf(session, formula);
  const { id, parentRev } = formula;
  const before = useQueried(
    (queries) => (parentRev === null ? Promise.resolve(null) : queries.revision('formulas', id, parentRev)),
    `revision ${id} ${parentRev ?? ''}`,
  );
  const [swapping, setSwapping] = useState<number | null>(null);
  const [sheet, setSheet] = useState<ToolName | null>(null);
  const advice = useAdvice(iron === null || formula.lines.length === 0 ? null : adviceJob(session, formula, iron, session.workspace));
  const answer = advice.data?.ok === true ? advice.data.value.answer : null;
  const swap = swapOf(formula, reading, swapping);
  const batter = batterOf(reading, { batter_C: session.workspace.batter_C, altitude_m: kit.altitude_m });
  const most_g = Math.max(1, ...reading.lines.map((line) => line.grams ?? 0));
  const claims = claimsOf(formula.steps, formula.yieldHint, kit.cupStandard);
  const evidence = ironEvidence(answer, iron, batter.ok ? batter.value.looseness : null);
  const found = formulaIssues(reading, claims, evidence);
  const cost = costOf(reading, kit.pricesPerKg);
  const tool = {
    session,
    formula,
    reading,
    iron,
    answer,
    batter: batter.ok ? batter.value : null,
    found,
    onRevise,
    onClose: () => setSheet(null),
  };
  return (
    <>
      <div className="flex flex-col gap-3 px-5 py-3 print:hidden">
        <div className="flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
          <div className="flex flex-wrap items-baseline gap-x-2 text-2xl">
            <h1 className="sr-only">{formula.name}</h1>
            <InlineSelect
              label="Formula"
              value={formula.id}
              choices={formulas.map(({ id, name, family }) => ({ value: id, label: name, note: family }))}
              onChange={(formulaId) => setWorkspace({ formulaId })}
            />
            <InlineSelect
              label="Lift"
              value={formula.lift}
              choices={[{ value: null, label: `${reading.lift}, as written` }, ...LIFTS.map((lift) => ({ value: lift, label: lift }))]}
              onChange={(lift) => onRevise((now) => revised(now, { lift }))}
            />
          </div>
          <div className="flex flex-wrap items-baseline gap-4 text-[15px]">
            <span>
              <b className="figure text-xl" data-figure="totalMass_g" data-exact={reading.totalMass_g}>
                {grams(reading.totalMass_g)}
              </b>{' '}
              g in the bowl
            </span>
            {cost !== null && (
              <button
                type="button"
                className="min-h-8 font-semibold text-act underline underline-offset-2"
                onClick={() => setSheet('cost')}
              >
                {money(cost.total, kit.currency)}
                {answer !== null && answer.pieces > 0 && `, ${money(cost.total / answer.pieces, kit.currency)} a piece`}
              </button>
            )}
            <InlineSelect
              label="Cup"
              value={kit.cupStandard}
              choices={CUPS}
              onChange={(cupStandard) => void carryOut(commands.changeKit((now) => ({ ...now, cupStandard })))}
            />
          </div>
        </div>
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
              suspicions={found.length}
              isBatter={batter.ok}
              canUndo={before != null}
              onPaste={onPaste}
              onNew={onNew}
              onUndo={() => before != null && onRevise((now) => undone(now, before))}
              onOpen={setSheet}
              onSave={(kind) => saveAs(kind, formula, reading, cardOf(reading, answer, iron, session), answer)}
            />
            <StepsPanel formula={formula} claims={compareClaims(claims, reckonedOf(answer, iron))} session={session} onRevise={onRevise} />
            <p className="mt-3 text-sm text-quiet">
              Raw egg and raw flour: don’t taste the batter, wash hands and bowls (FDA consumer advice).
            </p>
          </div>
          {reading.composition === null ? (
            <p className="text-quiet">Its make-up appears here once a line has a weight.</p>
          ) : (
            <Composition composition={reading.composition} />
          )}
          <div className="flex flex-col gap-4">
            <Gauges reading={reading} iron={iron} kit={kit} />
            <OnTheIron session={session} formula={formula} />
            <Findings findings={reading.findings} />
          </div>
        </div>
        <NutritionLine
          reading={reading}
          pieceBatter_g={answer === null || iron === null ? null : answer.portion_g / iron.geometry.piecesPerLoad}
          ironName={iron?.name ?? null}
        />
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
        {sheet !== null && <Tool name={sheet} {...tool} />}
      </div>
      <CardPage formula={formula} reading={reading} card={cardOf(reading, answer, iron, session)} />
    </>
  );
};
