import type { ParsedFormula } from '../../../core/formula/index.ts';
import { costOf } from '../../../core/formula/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import { money, NumberEntry, percent, Sheet } from '../../ui/index.ts';

type Props = {
  readonly reading: ParsedFormula;
  readonly kit: Kit;
  readonly pieces: number | null;
  readonly onSave: (change: (kit: Kit) => Kit) => void;
  readonly onClose: () => void;
};

/** What the bowl costs, the dearest line first; prices are kept in the kit. */
export const CostSheet = ({ reading, kit, pieces, onSave, onClose }: Props) => {
  const cost = costOf(reading, kit.pricesPerKg);
  const lines = reading.lines.flatMap((line) =>
    line.ingredient === null || line.grams === null ? [] : [{ line, ingredient: line.ingredient }],
  );
  const most = Math.max(1e-9, ...(cost?.lines.map(({ cost: c }) => c) ?? []));
  const seen = new Set<string>();
  return (
    <Sheet title="Cost" open onClose={onClose} wide>
      {cost !== null && (
        <p className="text-lg">
          <b className="figure text-3xl">{money(cost.total, kit.currency)}</b> a bowl
          {pieces !== null && pieces > 0 && (
            <>
              , <b className="figure text-3xl">{money(cost.total / pieces, kit.currency)}</b> a piece
            </>
          )}
          {cost.priced < 0.995 && <span className="text-quiet"> · {percent(cost.priced)} of the mass has a price</span>}
        </p>
      )}
      <ul className="mt-3">
        {lines.map(({ line, ingredient }, i) => {
          if (seen.has(ingredient.id)) return null;
          seen.add(ingredient.id);
          const own = cost?.lines
            .filter((c) => reading.lines[c.line]?.ingredient?.id === ingredient.id)
            .reduce((sum, c) => sum + c.cost, 0);
          return (
            <li
              key={`${line.text}/${i}`}
              className="grid grid-cols-[minmax(0,1fr)_180px_150px_90px] items-end gap-4 border-b border-line py-1.5 max-sm:grid-cols-2"
            >
              <span className="pb-2">{ingredient.name}</span>
              <NumberEntry
                label={`a kilo of ${ingredient.name.toLowerCase().slice(0, 18)}, ${kit.currency}`}
                value={kit.pricesPerKg[ingredient.id] ?? null}
                min={0}
                max={100_000}
                mayBeEmpty
                onChange={(price) => {
                  onSave((now) => {
                    const { [ingredient.id]: _, ...others } = now.pricesPerKg;
                    return { ...now, pricesPerKg: price === null ? others : { ...others, [ingredient.id]: price } };
                  });
                }}
              />
              <span aria-hidden className="mb-4 h-3 bg-band" style={{ width: `${(100 * (own ?? 0)) / most}%` }} />
              <b className="figure pb-2 text-right text-lg">{own === undefined || own === 0 ? '' : money(own, kit.currency)}</b>
            </li>
          );
        })}
      </ul>
    </Sheet>
  );
};
