import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { ChevronDown, ClipboardPaste, Columns3, Plus, Scale, SearchCheck, Spline, Undo2 } from 'lucide-react';
import type { AdviceAnswer } from '../../../core/advise/index.ts';
import type { Formula, ParsedFormula, FormulaIssue } from '../../../core/formula/index.ts';
import { altitudeCorrections, nutritionOf, thicknessWord } from '../../../core/formula/index.ts';
import { headerOf, inBowl } from '../../../core/lot/index.ts';
import type { BatterProperties, Iron } from '../../../core/plate/index.ts';
import type { Session } from '../../session/index.ts';
import { readingOf } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { wallNow } from '../../clock/index.ts';
import { AltitudeSheet } from './AltitudeSheet.tsx';
import { AuditSheet } from './AuditSheet.tsx';
import { CompareSheet } from './CompareSheet.tsx';
import { CostSheet } from './CostSheet.tsx';
import { DryMixSheet } from './DryMixSheet.tsx';
import { LabelSheet } from './LabelSheet.tsx';
import type { SaveKind } from './saveAs.ts';
import { ScaleSheet } from './ScaleSheet.tsx';
import { ThicknessSheet } from './ThicknessSheet.tsx';
import type { Revise } from './revise.ts';

export type ToolName = 'scale' | 'thickness' | 'audit' | 'compare' | 'altitude' | 'dry-mix' | 'label' | 'cost';

type ToolsProps = {
  readonly reading: ParsedFormula;
  readonly suspicions: number;
  readonly isBatter: boolean;
  readonly canUndo: boolean;
  readonly onPaste: () => void;
  readonly onNew: () => void;
  readonly onUndo: () => void;
  readonly onOpen: (tool: ToolName) => void;
  readonly onSave: (kind: SaveKind) => void;
  readonly onCopy: () => void;
  readonly onRemove: () => void;
};

const MORE: readonly (readonly [ToolName, string])[] = [
  ['altitude', 'Correct for the altitude'],
  ['label', 'Label, allergens, as served'],
  ['cost', 'Cost'],
  ['dry-mix', 'Dry mix by the kilo'],
];
const SAVES: readonly (readonly [SaveKind, string])[] = [
  ['print', 'Print the card'],
  ['recipe', 'Save as Recipe (JSON-LD)'],
  ['markdown', 'Save as Markdown'],
  ['csv', 'Save as CSV'],
];

/** What can be done with a formula as a whole. */
export const Tools = ({ reading, suspicions, isBatter, canUndo, onPaste, onNew, onUndo, onOpen, onSave, onCopy, onRemove }: ToolsProps) => {
  const isEmpty = reading.totalMass_g <= 0;
  const item = 'flex min-h-11 w-full items-center rounded px-3 text-left data-focus:bg-act-soft';
  return (
    <div className="mt-3 flex flex-wrap gap-2">
      <button type="button" className="button-act" onClick={onPaste}>
        <ClipboardPaste aria-hidden className="size-5" /> Paste a batter
      </button>
      <button type="button" className="button-plain" onClick={onNew}>
        <Plus aria-hidden className="size-5" /> New
      </button>
      <button type="button" className="button-plain" disabled={isEmpty} onClick={() => onOpen('audit')}>
        <SearchCheck aria-hidden className="size-5" /> Check it
        {suspicions > 0 && <b className="rounded-full bg-ink px-2 text-sm text-white">{suspicions}</b>}
      </button>
      <button type="button" className="button-plain" disabled={isEmpty} onClick={() => onOpen('scale')}>
        <Scale aria-hidden className="size-5" /> Scale
      </button>
      <button type="button" className="button-plain" disabled={!isBatter} onClick={() => onOpen('thickness')}>
        <Spline aria-hidden className="size-5" /> Too thick?
      </button>
      <button type="button" className="button-plain" disabled={isEmpty} onClick={() => onOpen('compare')}>
        <Columns3 aria-hidden className="size-5" /> Compare
      </button>
      <Menu>
        <MenuButton className="button-plain">
          More <ChevronDown aria-hidden className="size-5" />
        </MenuButton>
        <MenuItems anchor="bottom start" className="z-40 mt-1 w-64 rounded-lg border border-line bg-white p-1 shadow-lg [--anchor-gap:4px]">
          {MORE.map(([tool, words]) => (
            <MenuItem key={tool}>
              <button type="button" className={item} onClick={() => onOpen(tool)}>
                {words}
              </button>
            </MenuItem>
          ))}
          {SAVES.map(([kind, words], i) => (
            <MenuItem key={kind}>
              <button
                type="button"
                className={`${item} ${i === 0 ? 'mt-1 rounded-none border-t border-line' : ''}`}
                onClick={() => onSave(kind)}
              >
                {words}
              </button>
            </MenuItem>
          ))}
          <MenuItem>
            <button type="button" className={`${item} mt-1 rounded-none border-t border-line`} onClick={onCopy}>
              Copy this formula
            </button>
          </MenuItem>
          <MenuItem>
            <button type="button" className={item} onClick={onRemove}>
              Remove this formula
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <button type="button" className="button-plain" disabled={!canUndo} onClick={onUndo}>
        <Undo2 aria-hidden className="size-5" /> Undo
      </button>
    </div>
  );
};

type ToolProps = {
  readonly name: ToolName;
  readonly session: Session;
  readonly formula: Formula;
  readonly reading: ParsedFormula;
  readonly iron: Iron | null;
  readonly answer: AdviceAnswer | null;
  readonly batter: BatterProperties | null;
  readonly found: readonly FormulaIssue[];
  readonly onRevise: Revise;
  readonly onClose: () => void;
};

/** The sheet of one tool over the ledger. */
export const Tool = ({ name, session, formula, reading, iron, answer, batter, found, onRevise, onClose }: ToolProps) => {
  const carryOut = useDo();
  const { kit } = session;
  const shared = { formula, reading, onRevise, onClose };
  const perPiece_g = answer === null || iron === null ? null : answer.portion_g / iron.geometry.piecesPerLoad;
  const { lot, formula: asItStands } = inBowl(session.lots, formula, wallNow());
  switch (name) {
    case 'audit':
      return <AuditSheet {...shared} found={found} />;
    case 'compare':
      return <CompareSheet session={session} formula={formula} onClose={onClose} />;
    case 'altitude':
      return <AltitudeSheet {...shared} corrections={altitudeCorrections(reading, kit.altitude_m)} altitude_m={kit.altitude_m} />;
    case 'dry-mix':
      return <DryMixSheet formula={formula} reading={reading} session={session} onClose={onClose} />;
    case 'cost':
      return (
        <CostSheet
          reading={reading}
          kit={kit}
          pieces={answer?.pieces ?? null}
          onSave={(change) => void carryOut(commands.changeKit(change))}
          onClose={onClose}
        />
      );
    case 'label': {
      const piece = nutritionOf(reading, perPiece_g ?? 100);
      return piece === null ? null : (
        <LabelSheet
          reading={reading}
          piece={piece}
          pieceName={perPiece_g === null ? '100 g of batter' : `a piece on ${iron?.name ?? ''}`}
          pieces={answer?.pieces ?? null}
          onClose={onClose}
        />
      );
    }
    case 'scale':
      return (
        <ScaleSheet
          {...shared}
          iron={iron}
          portion_g={answer?.portion_g ?? null}
          density_gPerML={batter?.density_gPerML ?? null}
          kit={kit}
        />
      );
    case 'thickness':
      return batter === null ? null : (
        <ThicknessSheet
          {...shared}
          // What is stirred in is reckoned for what really stands in the bowl.
          reading={lot === null ? reading : readingOf(session, asItStands)}
          ofBowl={lot === null ? null : lot.name}
          predicted={thicknessWord(batter.looseness)}
          onStir={
            lot === null
              ? null
              : (additions) => {
                  const events = additions.map(({ ingredientId, grams }) => ({
                    kind: 'added' as const,
                    data: { ingredientId, grams, because: 'thickness' },
                  }));
                  void carryOut(commands.noteLot(headerOf(lot), events, wallNow()));
                }
          }
        />
      );
  }
};
