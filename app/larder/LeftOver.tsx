import type { KeepItem } from '../../core/keep/index.ts';
import { isPutAway, leftOver, outLoads } from '../../core/run/index.ts';
import { useNow } from '../clock/index.ts';
import { useGuard } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { useRunPlan } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import { newItem } from './newItem.ts';

const TICK_MS = 30_000;

/** What a run made beyond what was wanted: one question, once. Whatever is said stands under the run's name, so it isn't asked again. */
export const LeftOver = ({ session, items }: { readonly session: Session; readonly items: readonly KeepItem[] }) => {
  const planned = useRunPlan(session);
  const now = useNow(TICK_MS);
  const carryOut = useDo();
  const guard = useGuard();
  if (planned?.plan == null || planned.request === null) return null;
  const { run, irons, plan, request, dishes } = planned;
  const left = leftOver(now, plan, request, outLoads(run, irons, session)).flatMap(({ dishId, pieces }) => {
    const id = `left-over-${run.id}${dishId === run.dishes[0]?.id ? '' : `-${dishId}`}`.slice(0, 64);
    const mine = dishes.find(({ dish }) => dish.id === dishId);
    return mine === undefined || items.some((item) => item.id === id) ? [] : [{ id, formula: mine.formula, dish: mine.dish, over: pieces }];
  })[0];
  if (left === undefined) return null;
  const { id, formula, dish, over } = left;
  const isForTin = dish.goesTo === 'tin';
  const say = (place: KeepItem['place'], usedAt: number | null): void =>
    void carryOut(
      commands.addKeepItem(
        newItem(session, formula, {
          id,
          form: isForTin ? 'wafers' : 'pieces',
          place,
          from: now,
          amount: over === 1 ? '1 piece' : `${over} pieces`,
          usedAt,
        }),
      ),
    );
  return (
    <section aria-label="Left over" className="flex flex-wrap items-center gap-3 border-l-4 border-act bg-sheet p-3">
      <p className="text-lg">
        <b className="figure text-2xl">{over}</b> {over === 1 ? 'piece' : 'pieces'} of{' '}
        {dishes.length === 1 ? `“${run.name}”` : formula.name} {over === 1 ? 'is' : 'are'}{' '}
        {isPutAway(dish) ? 'to be put away' : 'left over'}.
      </p>
      {isForTin && (
        <button type="button" className="button-act" onClick={guard(() => say('tin', null))}>
          Into the tin
        </button>
      )}
      <button type="button" className={isForTin ? 'button-plain' : 'button-act'} onClick={guard(() => say('freezer', null))}>
        Into the freezer
      </button>
      <button type="button" className="button-plain" onClick={guard(() => say('refrigerator', null))}>
        Into the refrigerator
      </button>
      <button type="button" className="button-plain" onClick={guard(() => say('refrigerator', now))}>
        Eaten
      </button>
    </section>
  );
};
