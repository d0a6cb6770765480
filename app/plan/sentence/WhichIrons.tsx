import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { ChevronDown } from 'lucide-react';
import type { Iron } from '../../../core/plate/index.ts';
import type { Dish } from '../../../core/run/index.ts';
import type { Session } from '../../session/index.ts';
import { Piece, pieceOf, USUAL_STEP } from '../../ui/index.ts';
import { DishIrons } from './DishIrons.tsx';

type IronsProps = {
  readonly session: Session;
  readonly dish: Dish;
  readonly onIrons: (change: (ironIds: readonly string[]) => string[]) => void;
};

/** More than so many irons are counted, not named. */
const MOST_NAMED = 3;

const IronName = ({ iron }: { readonly iron: Iron }) => (
  <span className="inline-flex items-center gap-2">
    <Piece {...pieceOf(iron, USUAL_STEP)} size={28} />
    {iron.name}
  </span>
);

/** The irons of the dish, drawn and named; touched, they can be chosen. */
export const WhichIrons = ({ session, dish, onIrons }: IronsProps) => {
  const chosen = session.irons.filter(({ id }) => dish.ironIds.includes(id));
  return (
    <Popover className="relative">
      <PopoverButton
        aria-label={`Irons: ${chosen.map(({ name }) => name).join(', ') || 'none'}`}
        className="inline-flex min-h-11 flex-wrap items-center gap-x-5 border-b-3 border-band px-0.5 text-left font-bold hover:border-act"
      >
        {chosen.slice(0, MOST_NAMED).map((iron) => (
          <IronName key={iron.id} iron={iron} />
        ))}
        {chosen.length > MOST_NAMED && `and ${chosen.length - MOST_NAMED} more`}
        {chosen.length === 0 && 'no iron yet'}
        <ChevronDown aria-hidden className="-ml-3 size-5 text-act" />
      </PopoverButton>
      <PopoverPanel
        anchor={{ to: 'bottom start', gap: 6, padding: 8 }}
        className="z-40 max-w-[min(36rem,92vw)] rounded-xl border border-line bg-sheet p-4 shadow-xl"
      >
        <DishIrons session={session} dish={dish} onIrons={onIrons} />
      </PopoverPanel>
    </Popover>
  );
};
