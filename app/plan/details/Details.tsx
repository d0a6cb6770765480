import type { Pin, RunPlan } from '../../../core/run/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { LinkButton, useFolded } from '../../ui/index.ts';
import type { ChangeRun } from '../change.ts';
import { IronSheet } from '../paper/IronSheet.tsx';
import { LoadPanel } from '../clock/LoadPanel.tsx';
import { Pantry } from './Pantry.tsx';
import type { ChosenLoad } from '../clock/pinned.ts';
import { pinnedAt, pourOf } from '../clock/pinned.ts';
import { PlanPicture } from './PlanPicture.tsx';
import { PrepLine } from './PrepLine.tsx';

type Props = {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly plan: RunPlan;
  readonly chosen: ChosenLoad | null;
  readonly onChoose: (load: ChosenLoad) => void;
  readonly onTry: (pins: readonly Pin[] | null) => void;
  readonly onChange: ChangeRun;
};

/** Minute by minute, for who wants to see hands, watts and bowls; what to buy; and every iron in a table. */
export const Details = ({ session, planned, plan, chosen, onChoose, onTry, onChange }: Props) => {
  const [isOpen, setOpen] = useFolded('plan-details');
  return (
    <section aria-label="Details of the plan" className="no-print mt-4 border-t border-line pt-2">
      <LinkButton aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
        {isOpen ? 'Hide the details' : 'Show the details'}
      </LinkButton>
      {isOpen && (
        <div className="mt-3 flex flex-col gap-5">
          <PrepLine planned={planned} plan={plan} />
          <PlanPicture
            planned={planned}
            plan={plan}
            chosen={chosen}
            onServe={(at) => onChange((now) => ({ serveAt: at(now.serveAt) }))}
            onChoose={onChoose}
            onTry={onTry}
            onMove={(load, at) => onChange((now) => ({ pins: pinnedAt(now, load, at(pourOf(now, load))) }))}
          />
          <LoadPanel planned={planned} plan={plan} chosen={chosen} onChange={onChange} />
          <Pantry session={session} planned={planned} plan={plan} />
          <IronSheet planned={planned} plan={plan} />
        </div>
      )}
    </section>
  );
};
