import { wallNow } from '../../clock/index.ts';
import { dayAndTime, useGuard } from '../../ui/index.ts';
import { commands, useDo } from '../../store/index.ts';
import type { LinePlace } from '../line/linePlace.ts';

type Props = { readonly places: readonly LinePlace[]; readonly zone: string; readonly disabled: boolean };

/** Bowls that the next loads would be poured from and that are over a published limit: once each, over all irons. */
export const BowlsOver = ({ places, zone, disabled }: Props) => {
  const carryOut = useDo();
  const guard = useGuard();
  const overs = new Map(
    places.flatMap(({ over, formula }) => (over === null ? [] : [[over.lotId, { ...over, name: formula.name }] as const])),
  );
  const throwAway = guard((lotId: string) => void carryOut(commands.endLot(lotId, 'discarded', wallNow())));
  return [...overs.values()].map(({ lotId, limit, name }) => (
    <div key={lotId} role="alert" data-over={lotId} className="flex flex-wrap items-center gap-x-4 gap-y-2 bg-sheet px-5 py-2 text-ink">
      <p className="min-w-0 flex-1 basis-80">
        <b className="text-hazard">Pour nothing from this bowl of {name}:</b> it was good until {dayAndTime(limit.until, zone)} (
        {limit.source}).
      </p>
      <button type="button" disabled={disabled} className="button-plain min-h-16" onClick={() => throwAway(lotId)}>
        Thrown away: begin another
      </button>
    </div>
  ));
};
