import type { ReactNode } from 'react';
import { circuitFindings } from '../../../core/kit/index.ts';
import type { Lot } from '../../../core/log/index.ts';
import { airIn } from '../../../core/lot/index.ts';
import { useNow } from '../../clock/index.ts';
import { Findings, grams, percent, Sheet } from '../../ui/index.ts';
import { dishName } from '../../session/index.ts';
import type { Replan } from '../change/Replan.tsx';
import { ReplanLinks } from '../change/Replan.tsx';
import { cautionText } from '../panel/Caution.tsx';
import type { Cook } from '../useCook.ts';
import { useBowls, wantedOf_g } from './bowls.ts';
import { Counts } from './Counts.tsx';

/** Opened from here it takes this sheet's place. */
const closing = (replan: Replan, onClose: () => void): Replan =>
  replan === null
    ? null
    : {
        ...replan,
        open: () => {
          onClose();
          replan.open();
        },
      };

type Props = { readonly cook: Cook; readonly replan: Replan; readonly onClose: () => void };

/** All of how it stands: who is served, what is left in every bowl, the cautions, and what to do when something changes. */
export const StandingSheet = ({ cook, replan, onClose }: Props) => {
  const { session, planned, places, poured, kit } = cook;
  const bowls = useBowls(places, poured);
  const findings = circuitFindings(
    places.map(({ iron }) => iron),
    kit.circuits,
  );
  return (
    <Sheet title="How it stands" open onClose={onClose}>
      <div className="flex flex-col gap-6 text-lg">
        <Counts session={session} planned={planned} places={places} />
        {bowls.map(({ lot, left_g, loads }) => (
          <Line key={lot.id} label={`${lot.name}, ${loads} ${loads === 1 ? 'load' : 'loads'} poured`}>
            <b className="figure text-3xl">{grams(left_g)}</b> g left
            <AirLeft lot={lot} />
          </Line>
        ))}
        {(planned?.dishes ?? []).map(({ dish }) => {
          const wanted_g = planned === null ? 0 : wantedOf_g(planned, places, dish.id);
          const of = planned === null ? null : dishName(planned, dish.id);
          return (
            wanted_g > 0 && (
              <Line key={dish.id} label={`still to pour${of === null ? '' : ` of ${of}`}`}>
                <b className="figure text-3xl">{grams(wanted_g)}</b> g
              </Line>
            )
          );
        })}
        <div className="flex gap-6 md:hidden">
          <ReplanLinks replan={closing(replan, onClose)} />
        </div>
        <Findings findings={findings} />
        <p className="text-base text-quiet">{cautionText(kit.temperatureUnit)}</p>
      </div>
    </Sheet>
  );
};

const Line = ({ label, children }: { readonly label: string; readonly children: ReactNode }) => (
  <p>
    <span className="block text-base text-quiet">{label}</span>
    {children}
  </p>
);

const AIR_TICK_MS = 60_000;

/** Of a bowl of which a cup was weighed: how much of its foam or gas is left. */
const AirLeft = ({ lot }: { readonly lot: Lot }) => {
  const now = useNow(AIR_TICK_MS);
  const air = airIn(lot, now);
  const cup = lot.events.findLast((event) => event.kind === 'cup-weighed');
  if (air === null || cup === undefined) return null;
  return (
    <span className="block" data-figure="air_left" data-exact={air}>
      air {percent(air)}, was {percent(cup.data.airFraction)}
    </span>
  );
};
