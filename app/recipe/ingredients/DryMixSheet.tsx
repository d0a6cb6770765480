import { Printer } from 'lucide-react';
import { useState } from 'react';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { dryMix, mixAsIngredient } from '../../../core/formula/index.ts';
import { DAY_MS, ML_PER_US_CUP } from '../../../core/basis/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import { day, grams, NumberEntry, Sheet } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { wallNow } from '../../clock/index.ts';
import { commands, useDo } from '../../store/index.ts';

type Props = { readonly formula: Formula; readonly reading: ParsedFormula; readonly session: Session; readonly onClose: () => void };

/** A keeping dry mix by the kilo, and what is added on the day; with a label to print. */
export const DryMixSheet = ({ formula, reading, session, onClose }: Props) => {
  const [mix_g, setMix] = useState(1000);
  const [per_g, setPer] = useState(150);
  const [madeAt] = useState(wallNow);
  const mix = dryMix(reading, mix_g, per_g);
  const own = session.readSettings.own ?? [];
  const carryOut = useDo();
  const mixName = `${formula.name} mix`.slice(0, 80);
  const asIngredient = mix === null ? null : mixAsIngredient(mix, reading, { id: `mix-${formula.id}`.slice(0, 64), name: mixName });
  const isThere = own.some(({ id }) => id === asIngredient?.id);
  const cup_g = asIngredient?.gramsPerUsCup ?? null;
  const name = (id: string): string => (own.find((i) => i.id === id)?.name ?? ingredientById(id)?.name ?? id).toLowerCase();
  return (
    <Sheet title="Dry mix" open onClose={onClose} wide>
      <div className="flex flex-wrap gap-5">
        <NumberEntry label="mix to make, g" value={mix_g} min={50} max={100_000} onChange={(value) => value !== null && setMix(value)} />
        <NumberEntry label="packet, g of mix" value={per_g} min={10} max={10_000} onChange={(value) => value !== null && setPer(value)} />
      </div>
      {mix === null ? (
        <p className="mt-4 text-lg">Nothing in it keeps dry, or there is no flour.</p>
      ) : (
        <>
          <div className="mt-4 grid grid-cols-2 gap-8 max-sm:grid-cols-1">
            <section>
              <h3>In the tin</h3>
              <ul>
                {mix.dry.map((part) => (
                  <li key={part.line} className="flex items-baseline justify-between border-b border-line py-1">
                    <span>{name(part.ingredientId)}</span>
                    <b className="figure text-xl">{grams(part.grams)} g</b>
                  </li>
                ))}
              </ul>
            </section>
            <section>
              <h3>On the day, per {grams(mix.per_g)} g of mix</h3>
              <ul>
                {mix.wet.map((part) => (
                  <li key={part.line} className="flex items-baseline justify-between border-b border-line py-1">
                    <span>
                      {name(part.ingredientId)}
                      {part.ingredientId === 'egg' && <span className="text-quiet"> ({(part.grams / 50).toFixed(1)} large)</span>}
                    </span>
                    <b className="figure text-xl">{grams(part.grams)} g</b>
                  </li>
                ))}
              </ul>
            </section>
          </div>
          <section aria-label="Label" className="print-only-this mt-5 max-w-md border-2 border-ink bg-sheet p-4">
            <p className="font-display text-2xl font-bold">{formula.name}, dry mix</p>
            <p>
              made {day(madeAt, session.kit.zone)} · use by <b>{day(madeAt + mix.keeps_days * DAY_MS, session.kit.zone)}</b>
            </p>
            <p className="mt-1">
              Per {grams(mix.per_g)} g of mix add {mix.wet.map((part) => `${grams(part.grams)} g ${name(part.ingredientId)}`).join(', ')}.
            </p>
            <p className="mt-1">
              Contains {(asIngredient?.allergens ?? []).length > 0 ? asIngredient?.allergens.join(', ') : 'none of the listed allergens'}.
              Raw flour: cook before eating.
            </p>
          </section>
          <p className="mt-2 text-[15px] text-quiet">
            {mix.keeps_days} days in a closed tin, cool and dry: {name(mix.limitedBy)} is the first to go (common practice). Fats and dairy
            stay out.
          </p>
          {asIngredient !== null && (
            <p className="mt-2 text-[15px]">
              {cup_g !== null && (
                <>
                  A US cup of it weighs about <b>{grams(cup_g)} g</b>, loosely filled (by what its parts fill): {grams(mix.mix_g)} g want a
                  tin of {((1.1 * mix.mix_g * ML_PER_US_CUP) / cup_g / 1000).toFixed(1)} L.{' '}
                </>
              )}
              {isThere ? <>It is an ingredient: write “2 cups {mixName.toLowerCase()}” in a batter. </> : null}
              <button
                type="button"
                className="min-h-11 font-semibold text-act underline underline-offset-2"
                onClick={() => void carryOut(commands.saveIngredient(asIngredient))}
              >
                {isThere ? 'Write it down anew' : 'Make it an ingredient of the kitchen'}
              </button>
            </p>
          )}
          <button type="button" className="button-act mt-3" onClick={() => window.print()}>
            <Printer aria-hidden className="size-5" /> Print the label
          </button>
        </>
      )}
    </Sheet>
  );
};
