import { Plus, X } from 'lucide-react';
import type { ToppingId } from '../../../core/plate/index.ts';
import { TOPPING_IDS } from '../../../core/plate/index.ts';
import type { Dish, Run, RunPlan } from '../../../core/run/index.ts';
import { MOST_VARIANTS } from '../../../core/run/index.ts';
import { InlineSelect, NumberEntry, timeOfDay, TOPPING_WORDS } from '../../ui/index.ts';
import type { ChangeDish } from '../change.ts';

/** Pieces scattered with nuts and such weigh so much more, usually, g (*common practice*: a small spoonful). */
const USUAL_G = 10;

type Props = { readonly run: Run; readonly dish: Dish; readonly plan: RunPlan | null; readonly onChange: ChangeDish };

/** Some of the guests have something in theirs: what, how many, how much; and from when on which irons hold it. */
export const Variants = ({ run, dish, plan, onChange }: Props) => {
  const variants = dish.variants ?? [];
  const free = TOPPING_IDS.filter((id) => !variants.some(({ toppingId }) => toppingId === id));
  const change = (toppingId: ToppingId, changes: Partial<(typeof variants)[number]>): void =>
    onChange((now) => ({
      variants: (now.variants ?? []).map((variant) => (variant.toppingId === toppingId ? { ...variant, ...changes } : variant)),
    }));
  const first = free[0];
  return (
    <div className={`no-print flex flex-wrap items-center gap-x-5 gap-y-2 ${variants.length > 0 ? 'w-full' : ''}`}>
      {variants.map(({ toppingId, people, perPiece_g }) => (
        <fieldset key={toppingId} className="flex flex-wrap items-center gap-x-2" aria-label={`With ${TOPPING_WORDS[toppingId]}`}>
          <NumberEntry
            narrow
            label="for"
            value={people}
            min={1}
            max={2000}
            whole
            onChange={(value) => value !== null && change(toppingId, { people: value })}
          />
          <span className="text-lg">
            with{' '}
            <InlineSelect
              label="With"
              value={toppingId}
              choices={[toppingId, ...free].map((id): { value: ToppingId; label: string } => ({ value: id, label: TOPPING_WORDS[id] }))}
              onChange={(value) => change(toppingId, { toppingId: value })}
            />
          </span>
          <NumberEntry
            narrow
            label="g a piece"
            value={perPiece_g}
            min={0.5}
            max={200}
            onChange={(value) => value !== null && change(toppingId, { perPiece_g: value })}
          />
          <button
            type="button"
            aria-label={`Nobody with ${TOPPING_WORDS[toppingId]}`}
            className="inline-flex size-11 items-center justify-center"
            onClick={() => onChange((now) => ({ variants: (now.variants ?? []).filter((one) => one.toppingId !== toppingId) }))}
          >
            <X aria-hidden className="size-5" />
          </button>
        </fieldset>
      ))}
      {first !== undefined && variants.length < MOST_VARIANTS && (
        <button
          type="button"
          className="inline-flex min-h-11 items-center gap-1.5 font-semibold text-act underline underline-offset-2"
          onClick={() =>
            onChange((now) => ({
              variants: [
                ...(now.variants ?? []).filter((one) => one.toppingId !== first),
                { toppingId: first, people: 1, perPiece_g: USUAL_G },
              ],
            }))
          }
        >
          <Plus aria-hidden className="size-5" /> Fillings and toppings
        </button>
      )}
      {plan !== null && variants.length > 0 && (
        <p className="w-full text-[15px]" data-figure="variants">
          Plain first, then {orderWords(plan, dish.id, run.zone)}. Wipe the plates before you pour plain again.
        </p>
      )}
    </div>
  );
};

/** "chocolate chips from 07:02, nuts from 07:10". */
const orderWords = (plan: RunPlan, dishId: string, zone: string): string => {
  const seen = new Map<ToppingId, number>();
  for (const { dishId: of, variant, pourAt } of plan.loads) {
    const id = of === dishId ? variant?.onPlate?.toppingId : undefined;
    if (id !== undefined && !seen.has(id)) seen.set(id, pourAt);
  }
  return [...seen].map(([id, at]) => `${TOPPING_WORDS[id]} from ${timeOfDay(at, zone)}`).join(', ');
};
