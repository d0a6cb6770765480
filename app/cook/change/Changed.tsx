import { useMemo, useState } from 'react';
import type { MissingPieces } from '../../../core/line/index.ts';
import { ironsNow } from '../../../core/line/index.ts';
import type { ChangedMorning, Run, RunPlan } from '../../../core/run/index.ts';
import { useNow } from '../../clock/index.ts';
import { grams, Sheet, timeOfDay } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { useChanged, useRest } from '../../workers/index.ts';
import type { Asked } from './ChangeQuestions.tsx';
import { GuestsChanged, HandsThere, IronIsOut, ItIsLater, PowerIsOff } from './ChangeQuestions.tsx';
import type { LinePlace } from '../line/linePlace.ts';

type Props = {
  readonly planned: PlannedRun;
  readonly places: readonly LinePlace[];
  /** By dish, pieces that are neither out nor in an iron; null: nothing is planned. */
  readonly missing: MissingPieces | null;
  readonly onTake: (changes: Partial<Run>) => void;
  readonly onClose: () => void;
};

const TICK_MS = 5000;

/** What becomes of the morning (null: it isn't known yet), and whether it is of what is asked now: until then what was found last stands. */
const useAskedChange = (
  { run, request, irons }: PlannedRun,
  { circuitId, ...change }: Asked,
): { readonly then: ChangedMorning | null; readonly isBusy: boolean } => {
  const offIronIds = irons.filter((iron) => circuitId === null || iron.circuitId === circuitId).map(({ id }) => id);
  const { data, isPlaceholderData } = useChanged(request === null ? null : { run, request, change: { ...change, offIronIds } });
  return { then: data?.ok === true ? data.value : null, isBusy: data === undefined || isPlaceholderData };
};

/** What happens on a morning, and what it does to the plan; the old one stands beside it until it is taken. */
export const Changed = ({ planned, places, missing, onTake, onClose }: Props) => {
  const { run, plan } = planned;
  const [asked, setAsked] = useState<Asked>({
    dishId: run.dishes[0]?.id ?? '',
    guests: 0,
    late_min: 0,
    without: null,
    hands: run.hands ?? 1,
    off_min: 0,
    circuitId: null,
  });
  const { then, isBusy } = useAskedChange(planned, asked);
  if (plan === null) return null;
  const set = (changes: Partial<Asked>): void => setAsked((before) => ({ ...before, ...changes }));
  const isLeft = then !== null && then.plan.loads.length > 0;
  return (
    <Sheet title="What has changed?" open onClose={onClose} wide>
      <div className="flex flex-col gap-4">
        <GuestsChanged planned={planned} asked={asked} set={set} />
        <ItIsLater asked={asked} set={set} />
        <PowerIsOff planned={planned} asked={asked} set={set} cut={then?.cut ?? null} />
        <IronIsOut planned={planned} asked={asked} set={set} />
        <HandsThere asked={asked} set={set} />
        <table aria-busy={isBusy} className="w-full text-left text-lg aria-busy:opacity-60">
          <thead className="text-[15px] text-quiet">
            <tr>
              {['', 'First pour', 'Last out', 'Loads', 'Pieces', 'Batter'].map((title) => (
                <th key={title} scope="col" className="border-b border-line py-1 font-normal">
                  {title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <PlanRow name="As planned" plan={plan} zone={run.zone} />
            {then !== null && <PlanRow name="Then" plan={then.plan} zone={run.zone} />}
          </tbody>
        </table>
        {then !== null && places.some(({ load }) => load?.runId === run.id) && (
          <FromNow planned={planned} places={places} missing={missing ?? NOTHING_MISSING} asked={asked} then={then} />
        )}
        <button
          type="button"
          className="button-act min-h-16 text-xl"
          // Never by the answer to what was asked before.
          disabled={!isLeft || isBusy}
          onClick={() => {
            if (then !== null) onTake(then.changes);
            onClose();
          }}
        >
          {then !== null && !isLeft && !isBusy ? 'No iron is left' : 'Use this plan'}
        </button>
      </div>
    </Sheet>
  );
};

type FromNowProps = Pick<Props, 'planned' | 'places'> & {
  readonly missing: MissingPieces;
  readonly asked: Asked;
  readonly then: ChangedMorning;
};

const NOTHING_MISSING: MissingPieces = new Map();

/** With what is out and in the irons, from now on: a plan made anew counts back from the table, as if the morning were still to come. */
const FromNow = ({ planned: { run, request, plan, dishes }, places, missing, asked, then }: FromNowProps) => {
  const now = useNow(TICK_MS);
  const irons = request?.irons ?? [];
  const standing = useMemo(() => (plan === null ? [] : ironsNow(places, plan, now)), [places, plan, now]);
  const more = Math.ceil(asked.guests * (dishes.find(({ dish }) => dish.id === asked.dishId)?.dish.piecesPerPerson ?? 1));
  const { data: before } = useRest({ irons, missing: [...missing], standing, hands: run.hands ?? 1, now });
  const { data: after, isPlaceholderData } = useRest({
    irons: irons.filter(({ ironId }) => !then.goneIronIds.includes(ironId)),
    missing: [...missing].map(([dishId, pieces]) => [dishId, pieces + (dishId === asked.dishId ? more : 0)] as const),
    standing,
    hands: asked.hands,
    now,
  });
  if (before?.ok !== true || after?.ok !== true) return null;
  const lastPlateAt = after.value.lastPlateAt + 1000 * then.cut.late_s;
  return (
    <p aria-busy={isPlaceholderData} className="text-lg aria-busy:opacity-60" data-figure="from now" data-exact={lastPlateAt}>
      With what is out and in the irons, the last plate is at <b>{timeOfDay(lastPlateAt, run.zone)}</b>; as it stands{' '}
      {timeOfDay(before.value.lastPlateAt, run.zone)}.{after.value.missing > 0 && ` ${after.value.missing} pieces have no iron.`}
    </p>
  );
};

const PlanRow = ({ name, plan, zone }: { readonly name: string; readonly plan: RunPlan; readonly zone: string }) => (
  <tr className="border-b border-line" data-plan={name}>
    <th scope="row" className="py-1 font-normal">
      {name}
    </th>
    <td>{timeOfDay(plan.firstPourAt, zone)}</td>
    <td>
      <b>{timeOfDay(plan.lastPlateAt, zone)}</b>
    </td>
    <td>{plan.loads.length}</td>
    <td>{plan.pieces}</td>
    <td>{grams(plan.batter_g)} g</td>
  </tr>
);
