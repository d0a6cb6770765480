import { useState } from 'react';
import type { Formula, FormulaLine, KeptName, Swap } from '../../../core/formula/index.ts';
import { linesFromText, readFormula, scaledWords, swapsFor } from '../../../core/formula/index.ts';
import { batterOf } from '../../../core/cook/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import { describeCode } from '../../../words/index.ts';
import { grams, Sheet } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import type { Revise } from './revise.ts';
import { revised } from './revise.ts';
import { newId } from '../../store/index.ts';

type Props = {
  readonly formula: Formula;
  readonly line: FormulaLine;
  readonly ingredientId: string;
  readonly mass_g: number;
  readonly session: Session;
  readonly onRevise: Revise;
  readonly onClose: () => void;
};

const CHANGE_WORDS: Readonly<Record<KeptName, (by: number) => string>> = {
  water_g: (by) => `${grams(Math.abs(by))} g ${by > 0 ? 'more' : 'less'} water`,
  fat_g: (by) => `${grams(Math.abs(by))} g ${by > 0 ? 'more' : 'less'} fat`,
  sugar_g: (by) => `${grams(Math.abs(by))} g ${by > 0 ? 'more' : 'less'} sugar`,
  starch_g: (by) => `${grams(Math.abs(by))} g ${by > 0 ? 'more' : 'less'} starch`,
  protein_g: (by) => `${grams(Math.abs(by))} g ${by > 0 ? 'more' : 'less'} protein`,
  salt_g: (by) => `${grams(Math.abs(by))} g ${by > 0 ? 'more' : 'less'} salt`,
  acid_meq: (by) => (by > 0 ? 'a little sourer' : 'a little milder'),
  gas_mmol: (by) => (by > 0 ? 'more lift' : 'less lift'),
};
/** Changes under these can't be told on the plate. */
const LEAST: Readonly<Record<KeptName, number>> = {
  water_g: 3,
  fat_g: 2,
  sugar_g: 2,
  starch_g: 4,
  protein_g: 3,
  salt_g: 0.4,
  acid_meq: 3,
  gas_mmol: 2,
};

const nameIn =
  (own: Session['readSettings']['own'] = []) =>
  (id: string): string =>
    (own.find((one) => one.id === id) ?? ingredientById(id))?.name.toLowerCase() ?? id;
const amountText = (swap: Pick<Swap, 'parts'>, nameOf: (id: string) => string): string =>
  swap.parts.map(({ ingredientId, grams: mass }) => `${Number(mass.toFixed(mass < 10 ? 1 : 0))} g ${nameOf(ingredientId)}`).join('\n');

/** The line's place is taken by what stands in; the words that are written stay readable by anybody. */
const swapped = (formula: Formula, line: FormulaLine, swap: Pick<Swap, 'parts'>, nameOf: (id: string) => string, left_g = 0): Formula => {
  const { lines } = linesFromText(amountText(swap, nameOf), newId);
  // A swap of a swap goes back to what was there first.
  const kept = line.swap ?? {
    id: newId(),
    was: { id: line.id, text: line.text, edited_g: line.edited_g, chosenIngredientId: line.chosenIngredientId },
  };
  const withIds = lines.map((added, i) => ({ ...added, chosenIngredientId: swap.parts[i]?.ingredientId ?? null, swap: kept }));
  // Half of it may stay; put back, both halves make way for the whole.
  const half = left_g > 0 ? [{ ...line, text: scaledWords(line.text, 0.5), edited_g: Number(left_g.toFixed(1)), swap: kept }] : [];
  return revised(formula, { lines: formula.lines.flatMap((other) => (other.id === line.id ? [...half, ...withIds] : [other])) });
};

/** A flour that would be more of the whole than it bears: said, not refused. */
const tooMuchOf = (after: Formula, readSettings: Session['readSettings']): string[] => {
  const { lines, flour_g } = readFormula(after, readSettings);
  const flours = new Map(lines.flatMap(({ ingredient }) => (ingredient === null ? [] : [[ingredient.id, ingredient] as const])));
  return [...flours.values()].flatMap(({ id, name, can: { mostOfFlour: most = 1 } }) => {
    const mass = lines.reduce((sum, line) => (line.ingredient?.id === id ? sum + (line.grams ?? 0) : sum), 0);
    return flour_g > 0 && most < 1 && mass > most * flour_g * 1.02
      ? [`${name} over ${Math.round(100 * most)} % of the flour: a crumbly or tough crumb`]
      : [];
  });
};

/** What the swap does to the batter as a whole: thickness and browning. */
const effectOf = (formula: Formula, after: Formula, { kit, readSettings }: Pick<Session, 'kit' | 'readSettings'>): string[] => {
  const [was, is] = [formula, after].map((f) => batterOf(readFormula(f, readSettings), { batter_C: 20, altitude_m: kit.altitude_m }));
  if (was?.ok !== true || is?.ok !== true) return [];
  const thick = is.value.looseness / was.value.looseness - 1;
  const brown = is.value.browningFactor / was.value.browningFactor - 1;
  return [
    ...(Math.abs(thick) > 0.03 ? [thick > 0 ? 'thinner' : 'thicker'] : []),
    ...(Math.abs(brown) > 0.04 ? [brown > 0 ? 'browns sooner' : 'browns later'] : []),
  ];
};

/** Ways to do without one thing, the nearest first, with what can't be kept. */
export const SwapSheet = ({ formula, line, ingredientId, mass_g, session, onRevise, onClose }: Props) => {
  const nameOf = nameIn(session.readSettings.own);
  const [share, setShare] = useState<1 | 0.5>(1);
  const swaps = swapsFor(ingredientId, share * mass_g, session.readSettings.own);
  const left_g = (1 - share) * mass_g;
  const take = (way: Pick<Swap, 'parts'>): void => {
    onRevise((now) => swapped(now, line, way, nameOf, left_g));
    onClose();
  };
  const effectsOf = (way: Pick<Swap, 'parts' | 'change'>): string => {
    const after = swapped(formula, line, way, nameOf, left_g);
    const changes = (Object.keys(LEAST) as KeptName[]).flatMap((name) =>
      Math.abs(way.change[name]) >= LEAST[name] ? [CHANGE_WORDS[name](way.change[name])] : [],
    );
    return (
      [...changes, ...effectOf(formula, after, session), ...tooMuchOf(after, session.readSettings)].join(' · ') ||
      'as before, as far as it can be told'
    );
  };
  return (
    <Sheet title={`Instead of ${grams(mass_g)} g ${nameOf(ingredientId)}`} open onClose={onClose} wide>
      <div role="group" aria-label="How much of it" className="mb-2 flex gap-2">
        {([1, 0.5] as const).map((part) => (
          <button
            key={part}
            type="button"
            aria-pressed={share === part}
            className={share === part ? 'button-act' : 'button-plain'}
            onClick={() => setShare(part)}
          >
            {part === 1 ? 'all of it' : `half of it, ${grams(mass_g / 2)} g`}
          </button>
        ))}
      </div>
      {swaps.length === 0 && <p>Nothing usual stands in for it.</p>}
      <ul>
        {swaps.map(({ rule, ...swap }) => (
          <li key={swap.parts.map((part) => part.ingredientId).join()} className="border-b border-line py-2">
            <Way {...{ swap, nameOf }} effects={effectsOf(swap)} onTake={() => take(swap)} />
            {rule !== null && (
              <div className="mt-1 border-l-3 border-line pl-3" data-rule={rule.code}>
                <p className="text-[15px]">As cooks do it: {describeCode({ code: rule.code, fields: {} })}</p>
                <Way swap={rule} nameOf={nameOf} effects={effectsOf(rule)} onTake={() => take(rule)} isRule />
              </div>
            )}
          </li>
        ))}
      </ul>
      <p className="mt-3 text-[15px] text-quiet">
        Solved so that water, fat, sugar, starch, protein, salt, acid and gas stay as near as these things allow. Check the allergens below:
        they may change.
      </p>
    </Sheet>
  );
};

/** What stands in, and what that leaves otherwise. */
const Way = ({
  swap,
  nameOf,
  effects,
  onTake,
  isRule = false,
}: {
  readonly swap: Pick<Swap, 'parts'>;
  readonly nameOf: (id: string) => string;
  readonly effects: string;
  readonly onTake: () => void;
  readonly isRule?: boolean;
}) => (
  <div className="flex items-center gap-4">
    <div className="min-w-0 flex-1">
      <p className={isRule ? '' : 'text-lg'}>
        {swap.parts.map((part, i) => (
          <span key={part.ingredientId}>
            {i > 0 && ' + '}
            <b className={`figure ${isRule ? '' : 'text-xl'}`}>{grams(part.grams)}</b> g {nameOf(part.ingredientId)}
          </span>
        ))}
      </p>
      <p className="text-[15px] text-quiet">{effects}</p>
    </div>
    <button
      type="button"
      className="button-plain"
      aria-label={`Take ${swap.parts.map((part) => nameOf(part.ingredientId)).join(' and ')}${isRule ? ' as cooks do it' : ''}`}
      onClick={onTake}
    >
      Take it
    </button>
  </div>
);
