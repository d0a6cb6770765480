import type { Fill, WeighStep } from '../../../core/weigh/index.ts';
import { fillsFor } from '../../../core/weigh/index.ts';
import type { Ingredient } from '../../../core/matter/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { grams } from '../../ui/index.ts';

const MANNERS = { level: 'level with a knife', spooned: 'spooned in and levelled, not dipped', packed: 'packed' } as const;

export const fillWords = (fills: readonly Fill[]): string => fills.map((fill) => `${fill.count} × ${fill.name.toLowerCase()}`).join(' + ');

type Props = {
  readonly step: WeighStep;
  readonly ingredient: Ingredient | null;
  readonly kit: Kit;
  readonly filled: number;
  readonly onFill: () => void;
};

/** The fewest cups and spoons for one thing, with a counter that an interruption doesn't lose. */
export const SpoonFace = ({ step, ingredient, kit, filled, onFill }: Props) => {
  if (step.ingredientId === 'egg' && !step.isSeparated)
    return <p className="figure text-6xl">{Number((step.grams / 50).toFixed(1))} eggs</p>;
  const result = ingredient === null ? null : fillsFor(step.grams, ingredient, kit.spoons);
  if (result === null || !result.ok)
    return (
      <p className="text-xl">
        <span className="figure text-6xl">{grams(step.grams)} g</span>
        <span className="mt-2 block text-base">{result === null ? 'By weight.' : `${describeSentence(result.failure)}.`}</span>
      </p>
    );
  const { fills, band_g, manner, off } = result.value;
  let counted = 0;
  return (
    <div>
      <p className="sr-only">{fillWords(fills)}</p>
      <ul className="flex flex-wrap items-end gap-x-8 gap-y-3">
        {fills.map((fill) => (
          <li key={fill.measureId}>
            <p className="figure text-6xl">
              {fill.count} <span className="text-3xl">{fill.name.toLowerCase()}</span>
            </p>
            <span aria-hidden className="mt-2 flex flex-wrap gap-1.5">
              {Array.from({ length: fill.count }, (_, i) => {
                const isIn = counted++ < filled;
                return <span key={i} className={`size-9 rounded-b-full border-2 border-ink ${isIn ? 'bg-act' : 'bg-sheet'}`} />;
              })}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-3 text-[15px] text-quiet">
        {MANNERS[manner]}; that makes {grams(band_g[0])}–{grams(band_g[1])} g by hand
        {Math.abs(off) > 0.03 && `, ${Math.round(100 * Math.abs(off))} % ${off > 0 ? 'over' : 'short'}`}
      </p>
      <button type="button" className="button-act mt-3 h-16 min-w-52 text-lg" disabled={filled >= counted} onClick={onFill}>
        One in · {filled} of {counted}
      </button>
    </div>
  );
};
