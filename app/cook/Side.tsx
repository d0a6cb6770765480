import type { ReactNode } from 'react';
import { useMemo } from 'react';
import { circuitFindings } from '../../core/kit/index.ts';
import type { Lot } from '../../core/log/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import { airIn, leftIn } from '../../core/lot/index.ts';
import { stillToPour_g } from '../../core/run/index.ts';
import { useNow } from '../clock/index.ts';
import { Findings, grams, percent, temperature } from '../ui/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { dishName } from '../session/index.ts';
import { useQueried } from '../store/index.ts';
import { BesidesDue } from './BesidesDue.tsx';
import { Counts } from './Counts.tsx';
import { Heard } from './Heard.tsx';
import type { LinePlace } from './linePlace.ts';

/** The bowls that are poured from, with what is left in them; a pour that was taken back doesn't count. */
const useBowls = (places: readonly LinePlace[], poured: readonly ToldLoad[] | undefined) => {
  const ids = [...new Set(places.flatMap(({ load }) => (load === null ? [] : [load.lotId])))].sort();
  const lots = useQueried((queries) => queries.lots(ids), `bowls ${ids.join(' ')}`);
  return useMemo(
    () => (poured === undefined ? undefined : lots?.map((lot) => ({ lot, id: lot.id, name: lot.name, ...leftIn(lot, poured) }))),
    [lots, poured],
  );
};

type SideProps = {
  readonly session: Session;
  readonly planned: PlannedRun | null;
  readonly places: readonly LinePlace[];
  /** Every load of the bowls that are poured from; undefined until the store has answered. */
  readonly poured: readonly ToldLoad[] | undefined;
  readonly children: ReactNode;
};

/** Under the irons: who is served, what is left in the bowls, what goes with it, the cautions. */
export const Side = ({ session, planned, places, poured, children }: SideProps) => {
  const bowls = useBowls(places, poured) ?? [];
  const findings = circuitFindings(
    places.map(({ iron }) => iron),
    session.kit.circuits,
  );
  return (
    <aside
      aria-label="The bowl and the cautions"
      className="flex shrink-0 items-center gap-x-6 gap-y-1 bg-bench-deep px-5 py-1.5 max-md:flex-wrap"
    >
      <div className="flex min-w-0 flex-1 flex-col gap-1 max-md:min-w-full">
        <div className="flex flex-wrap items-end gap-x-6 gap-y-1">
          <Counts session={session} planned={planned} places={places} />
          {bowls.map(({ lot, id, name, left_g, loads }) => (
            <p key={id} className="shrink-0">
              <span className="block text-[13px] text-white/80">
                {name}, {loads} {loads === 1 ? 'load' : 'loads'} poured
              </span>
              <b className="figure text-3xl" data-figure="left_g" data-exact={left_g}>
                {grams(left_g)}
              </b>{' '}
              g left
              <AirLeft lot={lot} />
            </p>
          ))}
          {(planned?.dishes ?? []).map(({ dish, formula }) => {
            const mine = bowls.filter(({ lot }) => lot.formulaId === formula.id);
            return (
              mine.length > 0 && (
                <StillToPour
                  key={dish.id}
                  planned={planned}
                  places={places}
                  dishId={dish.id}
                  left_g={mine.reduce((sum, { left_g }) => sum + left_g, 0)}
                />
              )
            );
          })}
        </div>
        {planned !== null && <BesidesDue planned={planned} />}
        <div className="flex gap-x-4 gap-y-1 max-lg:flex-col">
          <div className="min-w-0 flex-[3] empty:hidden [&_li]:py-0.5 [&_li]:text-[13px] [&_li]:leading-tight [&_li]:text-ink">
            <Findings findings={findings} />
          </div>
          <p className="min-w-0 flex-[2] text-[13px] leading-tight text-white/80">
            Plates and steam burn: hot metal at {temperature(65, session.kit.temperatureUnit)} in one second (ISO 13732-1). Open away from
            you. No metal forks on coated plates.
          </p>
        </div>
      </div>
      {children}
      <Heard kit={session.kit} />
    </aside>
  );
};

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

/** What the plan still pours, and whether the bowl will do. */
const StillToPour = ({
  planned,
  places,
  dishId,
  left_g,
}: {
  readonly planned: PlannedRun | null;
  readonly places: readonly LinePlace[];
  readonly dishId: string;
  readonly left_g: number;
}) => {
  if (planned?.plan == null) return null;
  const poured = new Map(places.map(({ iron, n, progress }) => [iron.id, progress === null || progress.phase === 'opened' ? n - 1 : n]));
  const wanted_g = stillToPour_g(planned.plan, poured, dishId);
  const of = dishName(planned, dishId);
  if (wanted_g === 0) return null;
  const short_g = wanted_g - left_g;
  return (
    <p className="shrink-0">
      <span className="block text-[13px] text-white/80">
        still to pour {grams(wanted_g)} g{of === null ? '' : ` of ${of}`}
      </span>
      <b data-figure="short_g" data-exact={Math.max(0, short_g)}>
        {short_g > SHORT_FROM_G ? `${grams(short_g)} g short` : 'enough batter'}
      </b>
    </p>
  );
};

/** Less than a spoonful isn't told, g. */
const SHORT_FROM_G = 15;
