import type { Run, RunPlan } from '../../../core/run/index.ts';
import { MOST_HANDS } from '../../../core/run/index.ts';
import type { Session } from '../../session/index.ts';
import { InlineSelect } from '../../ui/index.ts';
import type { ChangeRun } from '../change.ts';
import { changeDish } from '../change.ts';
import { BatterThereIs } from '../sentence/DishAmounts.tsx';
import { DishWish } from '../sentence/DishIrons.tsx';
import { OtherDishes } from './OtherDishes.tsx';
import { WhenTheyCome } from './WhenTheyCome.tsx';
import { WhereTo } from './WhereTo.tsx';
import { WhoIsThere } from './WhoIsThere.tsx';
import { WithDish } from './WithDish.tsx';

type Props = { readonly session: Session; readonly run: Run; readonly plan: RunPlan | null; readonly onChange: ChangeRun };

const Line = ({ name, children }: { readonly name: string; readonly children: React.ReactNode }) => (
  <section aria-label={name} className="border-t border-line py-3">
    <h3 className="mb-1 text-base text-quiet">{name}</h3>
    <div className="flex flex-wrap items-end gap-x-5 gap-y-2 text-lg">{children}</div>
  </section>
);

/** Everything else that a morning can have; the plan beside it follows each choice. */
export const MoreChoices = ({ session, run, plan, onChange }: Props) => {
  const [dish, ...others] = run.dishes;
  if (dish === undefined) return null;
  const onDish = changeDish(onChange, dish.id);
  return (
    <div className="flex flex-col">
      <Line name="Cooks">
        <InlineSelect
          label="Cooks"
          value={run.hands ?? 1}
          choices={Array.from({ length: MOST_HANDS }, (_, i) => ({ value: i + 1, label: i === 0 ? '1 cook' : `${i + 1} cooks` }))}
          onChange={(hands) => onChange({ hands })}
        />
        <WhoIsThere run={run} onChange={onChange} />
      </Line>
      {run.mode === 'as-they-come' && (
        <Line name="Guests">
          <WhenTheyCome run={run} onChange={onChange} />
        </Line>
      )}
      <Line name="Pieces">
        <WhereTo session={session} dish={dish} onChange={onDish} />
        <DishWish session={session} dish={dish} />
      </Line>
      <Line name="Batter">
        <BatterThereIs dish={dish} label="Batter already made, g" look="narrow" onChange={onDish} />
      </Line>
      <Line name="With it">
        <WithDish session={session} run={run} dish={dish} plan={plan} onChange={onDish} />
      </Line>
      <Line name="Other dishes">
        <OtherDishes session={session} run={run} plan={plan} others={others} onChange={onChange} />
      </Line>
    </div>
  );
};
