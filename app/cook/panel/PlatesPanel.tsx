import { ordersOf } from '../../../core/run/index.ts';
import { useNow } from '../../clock/index.ts';
import { clock, duration, TOPPING_WORDS } from '../../ui/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { dishName } from '../../session/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import { useStanding } from '../line/useStanding.ts';

const TICK_MS = 500;
/** More don't fit a screen seen from a metre. */
const MOST_ORDERS = 4;
const NOTHING_OUT: ReadonlyMap<string, number> = new Map();

type Props = { readonly session: Session; readonly planned: PlannedRun | null; readonly places: readonly LinePlace[] };

/** For whoever plates and carries: what lies there, for whom, and what comes out next. */
export const PlatesPanel = ({ session, planned, places }: Props) => {
  const now = useNow(TICK_MS);
  const standing = useStanding(session, planned, places);
  const coming = places
    .flatMap((place) => {
      const { progress, prediction, iron } = place;
      if (progress?.phase !== 'cooking' || progress.closedAt === null || prediction === null) return [];
      return [{ place, pieces: iron.geometry.piecesPerLoad, at: progress.closedAt + 1000 * prediction.cookTime_s.best }];
    })
    .sort((a, b) => a.at - b.at);
  const orders = planned?.request == null ? [] : ordersOf(planned.request, standing?.outOf ?? NOTHING_OUT);
  // What was wanted and is there has been carried out.
  const open = orders.filter(({ at, pieces, ready }) => ready < pieces || at > now).slice(0, MOST_ORDERS);
  const onRack = standing?.onRack ?? 0;
  const waiting = standing?.waiting ?? 0;
  return (
    <section
      aria-label="To the table"
      className={`flex w-[39.5%] shrink-0 flex-col gap-3 overflow-y-auto p-7 max-md:w-full max-md:shrink max-md:flex-1 max-md:p-4 ${waiting > 0 && onRack > 0 ? 'bg-now text-white' : 'bg-sheet text-ink'}`}
      data-on-rack={onRack}
    >
      <p className="font-display text-[clamp(40px,min(5.2vw,11vh),76px)] leading-none font-bold">{onRack > 0 ? 'Plate' : 'Wait'}</p>
      <p className="figure text-[clamp(64px,min(8.5vw,20vh),120px)] leading-none">{onRack}</p>
      <p className="text-2xl low:text-lg">
        {onRack === 0 ? 'nothing lies there' : onRack === 1 ? 'lies there' : 'lie there'}
        {waiting > 0 && `; ${waiting === 1 ? 'one guest waits' : `${waiting} guests wait`}`}
        {standing?.oldest != null && `; the oldest ${duration(standing.oldest.age_s)}`}
      </p>
      {open.length > 0 && (
        <ol aria-label="Orders" className="mt-2 flex flex-col gap-1 text-2xl low:text-lg">
          {open.map(({ name, at, pieces, ready }, i) => (
            <li key={i} data-ready={ready}>
              <b>{name === '' ? 'guests' : name}</b>: {pieces}
              {ready > 0 && `, ${ready === pieces ? 'all' : ready} there`},{' '}
              {at > now ? `in ${clock((at - now) / 1000)}` : `waits ${clock((now - at) / 1000)}`}
            </li>
          ))}
        </ol>
      )}
      <ul className="mt-2 flex flex-col gap-1 text-xl low:text-lg">
        {coming.map(({ place: { iron, onPlate, dishId }, pieces, at }) => {
          const dish = planned === null ? null : dishName(planned, dishId);
          return (
            <li key={iron.id}>
              {pieces} more from {iron.name} {at > now ? `in ${clock((at - now) / 1000)}` : 'now'}
              {dish === null ? '' : `, ${dish}`}
              {onPlate === null ? '' : `, with ${TOPPING_WORDS[onPlate.toppingId]}: check for allergies`}
            </li>
          );
        })}
      </ul>
    </section>
  );
};
