import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import type { AdviceAnswer } from '../../../core/advise/index.ts';
import type { Formula, ParsedFormula, FormulaIssue } from '../../../core/formula/index.ts';
import { altitudeCorrections, nutritionOf, thicknessWord } from '../../../core/formula/index.ts';
import { headerOf, inBowl } from '../../../core/lot/index.ts';
import type { BatterProperties, Iron } from '../../../core/plate/index.ts';
import { LINK_LOOK } from '../../ui/index.ts';
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

/** What can be done with a recipe as a whole: to weigh it, and everything else one touch away. */
export const Tools = ({ reading, suspicions, isBatter, canUndo, onPaste, onNew, onUndo, onOpen, onSave, onCopy, onRemove }: ToolsProps) => {
  const isEmpty = reading.totalMass_g <= 0;
  const item = 'flex min-h-11 w-full items-center rounded px-3 text-left data-focus:bg-act-soft data-disabled:text-quiet';
  const acts: readonly (readonly [string, () => void, boolean])[] = [
    ['Paste a recipe', onPaste, false],
    ['New recipe', onNew, false],
    ['Too thick?', () => onOpen('thickness'), !isBatter],
    ['Compare', () => onOpen('compare'), isEmpty],
    ...MORE.map(([tool, words]) => [words, () => onOpen(tool), false] as const),
    ...SAVES.map(([kind, words]) => [words, () => onSave(kind), false] as const),
    ['Copy this recipe', onCopy, false],
    ['Remove this recipe', onRemove, false],
  ];
  return (
    <div className="flex flex-wrap items-center gap-x-6">
      <button type="button" className={LINK_LOOK} disabled={isEmpty} onClick={() => onOpen('scale')}>
        Scale
      </button>
      <button type="button" className={LINK_LOOK} disabled={isEmpty} onClick={() => onOpen('audit')}>
        Check
        {suspicions > 0 && <b className="ml-1.5 inline-block rounded-full bg-ink px-2 text-sm text-page no-underline">{suspicions}</b>}
      </button>
      {canUndo && (
        <button type="button" className={LINK_LOOK} onClick={onUndo}>
          Undo
        </button>
      )}
      <Menu>
        <MenuButton className={LINK_LOOK}>More</MenuButton>
        <MenuItems
          anchor={{ to: 'top start', gap: 6, padding: 8 }}
          className="z-40 w-72 rounded-xl border border-line bg-sheet p-1 shadow-xl"
        >
          {acts.map(([words, act, isOff]) => (
            <MenuItem key={words} disabled={isOff}>
              <button type="button" className={item} onClick={act}>
                {words}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
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
