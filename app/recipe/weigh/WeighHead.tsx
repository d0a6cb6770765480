import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Check, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { isDone } from '../../../core/weigh/index.ts';
import { Sheet } from '../../ui/index.ts';
import { StepPath } from './StepPath.tsx';
import type { useBench } from './useBench.ts';
import type { Bowl } from './useWeighing.ts';
import { BOWL_WORDS } from './words.ts';

type Props = { readonly bowl: Bowl; readonly bench: ReturnType<typeof useBench>; readonly onGiveUp: () => void };

const ITEM = 'flex min-h-14 w-full items-center rounded-lg px-5 text-left text-lg data-focus:bg-act-soft';

/** The bowls of this batter in their order, how far it is, and the way out. */
export const WeighHead = ({ bowl, bench, onGiveUp }: Props) => {
  const [isPath, setPath] = useState(false);
  const { state, weighing, formula } = bowl;
  const { progress } = bench;
  return (
    <header className="flex min-h-16 shrink-0 items-center gap-6 border-b border-line px-6 max-md:gap-3 max-md:px-3">
      <Menu>
        <MenuButton className="flex min-h-11 items-center gap-2 text-lg font-semibold text-act">
          <X aria-hidden className="size-6" /> Stop
        </MenuButton>
        <MenuItems anchor={{ to: 'bottom start', gap: 4 }} className="z-30 rounded-xl border border-line bg-sheet p-2 shadow-xl">
          <MenuItem>
            <Link to="/recipe" className={ITEM}>
              Go on later
            </Link>
          </MenuItem>
          <MenuItem>
            <button type="button" className={ITEM} onClick={onGiveUp}>
              Give this bowl up
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <h1 className="sr-only">Weigh {formula.name}</h1>
      <Bowls bowl={bowl} />
      <p className="text-[15px] text-quiet max-lg:sr-only">
        × {Number(state.factor.toFixed(3))} · {formula.name}
        {weighing.who === '' ? '' : ` · ${weighing.who}`}
      </p>
      <button type="button" aria-label="All steps" className="min-h-11 shrink-0 text-lg whitespace-nowrap" onClick={() => setPath(true)}>
        <b className="figure text-2xl">{Math.min(progress.all, progress.done + 1)}</b> of {progress.all}
      </button>
      {isPath && (
        <Sheet title={formula.name} open onClose={() => setPath(false)}>
          <StepPath bowl={bowl} own={bench.own} />
          {weighing.by === 'scale' && <ScaleChoice bench={bench} />}
        </Sheet>
      )}
    </header>
  );
};

const ScaleChoice = ({ bench: { isDemo, wantsScale, setWantsScale } }: Pick<Props, 'bench'>) => (
  <label className="mt-4 flex min-h-11 items-center gap-2 text-lg">
    <input type="checkbox" className="size-6 accent-act" checked={wantsScale} onChange={(event) => setWantsScale(event.target.checked)} />
    {isDemo ? 'a scale is connected' : 'try it with the simulated scale'}
  </label>
);

/** What is filled by now is ticked, what is filled next is marked. */
const Bowls = ({ bowl: { plan, state, step } }: Pick<Props, 'bowl'>) => (
  <ol aria-label="Bowls" className="mx-auto flex min-w-0 gap-7 max-lg:gap-4">
    {plan.bowls.map((role) => {
      const isNow = step?.bowl === role;
      const isFull = plan.steps.filter((one) => one.bowl === role).every((one) => isDone(state, one));
      return (
        <li
          key={role}
          aria-current={isNow ? 'step' : undefined}
          className={`flex min-h-16 items-center gap-2 border-b-4 text-lg whitespace-nowrap first-letter:uppercase ${isNow ? 'border-act font-bold' : 'border-transparent text-quiet max-md:hidden'}`}
        >
          {BOWL_WORDS[role]}
          {isFull && <Check aria-label="done" className="size-5 text-act" />}
        </li>
      );
    })}
  </ol>
);
