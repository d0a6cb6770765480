import type { Dish, Run, RunPlan } from '../../../core/run/index.ts';
import type { Session } from '../../session/index.ts';
import { Besides } from './Besides.tsx';
import type { ChangeDish } from '../change.ts';
import { FromKept } from './FromKept.tsx';
import { Variants } from './Variants.tsx';

type Props = {
  readonly session: Session;
  readonly run: Run;
  readonly dish: Dish;
  readonly plan: RunPlan | null;
  readonly onChange: ChangeDish;
};

/** What goes with a dish, what some have in theirs, and what is left of it from earlier. */
export const WithDish = ({ session, run, dish, plan, onChange }: Props) => (
  <>
    <Besides run={run} dish={dish} onChange={onChange} />
    <Variants run={run} dish={dish} plan={plan} onChange={onChange} />
    <FromKept session={session} run={run} dish={dish} onChange={onChange} />
  </>
);
