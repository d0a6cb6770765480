import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { Link } from 'react-router';
import type { Iron } from '../../core/plate/index.ts';
import type { Session } from '../session/index.ts';
import { LINK_LOOK, LinkButton } from '../ui/index.ts';
import { Conditions } from './Conditions.tsx';

export type IronSheetName = 'learned' | 'heat' | 'after';

type Props = {
  readonly session: Session;
  readonly iron: Iron;
  readonly bowl_C: number | null;
  readonly onSheet: (sheet: IronSheetName) => void;
};

/** What a load starts from, its heat over a morning, practice, and where the iron itself is described. */
export const MoreOfIron = ({ session, iron, bowl_C, onSheet }: Props) => (
  <Popover className="relative">
    <PopoverButton className={LINK_LOOK}>More</PopoverButton>
    <PopoverPanel
      anchor={{ to: 'bottom end', gap: 6, padding: 8 }}
      className="z-40 flex w-88 flex-col gap-3 rounded-xl border border-line bg-sheet p-4 shadow-xl"
    >
      {({ close }) => (
        <>
          <h2 className="text-lg">This load</h2>
          <Conditions
            bench={session.workspace}
            iron={iron}
            unit={session.kit.temperatureUnit}
            bowl_C={bowl_C}
            onChange={session.setWorkspace}
          />
          <div className="flex flex-col items-start border-t border-line pt-2">
            <LinkButton
              onClick={() => {
                close();
                onSheet('heat');
              }}
            >
              Heat over a morning
            </LinkButton>
            <Link to="/iron/practice" className={LINK_LOOK}>
              Practise on a simulated iron
            </Link>
            <Link to="/kitchen?section=irons" className={LINK_LOOK}>
              Describe or measure irons
            </Link>
          </div>
        </>
      )}
    </PopoverPanel>
  </Popover>
);
