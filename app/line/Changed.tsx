import { useState } from 'react';
import type { Run, RunPlan } from '../../core/run/index.ts';
import type { MissingPieces } from '../../core/line/index.ts';
import { afterPowerCut, MOST_HANDS, planRun, restFromNow } from '../../core/run/index.ts';
import { useNow } from '../clock/index.ts';
import { grams, InlineSelect, NumberEntry, Sheet, timeOfDay } from '../look/index.ts';
import type { PlannedRun } from '../session/index.ts';
import { ironsNow } from './ironsNow.ts';
import type { LinePlace } from './linePlace.ts';

type Props = {
  readonly planned: PlannedRun;
  readonly places: readonly LinePlace[];
  /** By dish, pieces that are neither out nor in an iron; null: nothing is planned. */
  readonly missing: MissingPieces | null;
  readonly onTake: (changes: Partial<Run>) => void;
  readonly onClose: () => void;
};

const TICK_MS = 5000;

type Change = {
  readonly dishId: string;
  readonly guests: number;
  readonly late_min: number;
  readonly without: string | null;
  readonly hands: number;
  /** How long the power is off, min (0: it isn't), and on which circuit; null: everywhere. */
  readonly off_min: number;
  readonly circuitId: string | null;
};

/** What happens on a morning, and what it does to the plan; the old one stands beside it until it is taken. */
export const Changed = ({ planned, places, missing, onTake, onClose }: Props) => {
  const { run, request, plan, irons, dishes } = planned;
  const [change, setChange] = useState<Change>({
    dishId: run.dishes[0]?.id ?? '',
    guests: 0,
    late_min: 0,
    without: null,
    hands: run.hands ?? 1,
    off_min: 0,
    circuitId: null,
  });
  if (request === null || plan === null) return null;
  const set = (changes: Partial<Change>): void => setChange((before) => ({ ...before, ...changes }));
  const people = (dishId: string, before: number): number => (dishId === change.dishId ? Math.max(1, before + change.guests) : before);
  const circuits = (request.circuits ?? []).filter(({ id }) => irons.some(({ circuitId }) => circuitId === id));
  const off = irons.filter(({ circuitId }) => change.circuitId === null || circuitId === change.circuitId).map(({ id }) => id);
  const cut = change.off_min === 0 ? { late_s: 0, without: [] } : afterPowerCut(request, off, 60 * change.off_min);
  const isGone = (id: string): boolean => id === change.without || cut.without.includes(id);
  const left = (ironIds: readonly string[]): string[] => ironIds.filter((id) => !isGone(id));
  const changes = {
    serveAt: run.serveAt + 60_000 * change.late_min + 1000 * cut.late_s,
    hands: change.hands,
    dishes: run.dishes.map((dish) => ({ ...dish, people: people(dish.id, dish.people), ironIds: left(dish.ironIds) })),
  } satisfies Partial<Run>;
  const next = planRun({
    ...request,
    serveAt: changes.serveAt,
    hands: change.hands,
    dishes: request.dishes.map((dish) => ({ ...dish, people: people(dish.dishId, dish.people) })),
    irons: request.irons.filter(({ ironId }) => !isGone(ironId)),
  });
  const more = change.guests * (dishes.find(({ dish }) => dish.id === change.dishId)?.dish.piecesPerPerson ?? 1);
  const choice = (isOn: boolean): string =>
    `min-h-16 rounded-lg border-2 px-4 text-lg font-semibold ${isOn ? 'border-act bg-act text-white' : 'border-line bg-white'}`;
  return (
    <Sheet title="What has changed?" open onClose={onClose} wide>
      <div className="flex flex-col gap-4">
        <fieldset className="flex flex-wrap items-end gap-2">
          <legend className="mb-1">Guests</legend>
          {dishes.length > 1 && (
            <span className="w-full text-xl">
              for{' '}
              <InlineSelect
                label="Of which dish"
                value={change.dishId}
                choices={dishes.map(({ dish, formula }) => ({ value: dish.id, label: formula.name }))}
                onChange={(dishId) => set({ dishId })}
              />
            </span>
          )}
          {[-4, 2, 6, 12].map((guests) => (
            <button
              key={guests}
              type="button"
              aria-pressed={change.guests === guests}
              className={choice(change.guests === guests)}
              onClick={() => set({ guests: change.guests === guests ? 0 : guests })}
            >
              {guests > 0 ? `${guests} more` : `${-guests} fewer`}
            </button>
          ))}
          <NumberEntry
            narrow
            label="or more"
            value={null}
            placeholder="0"
            min={-2000}
            max={2000}
            whole
            mayBeEmpty
            onChange={(guests) => set({ guests: guests ?? 0 })}
          />
        </fieldset>
        <fieldset className="flex flex-wrap gap-2">
          <legend className="mb-1">It is later</legend>
          {[5, 10, 20, 40].map((late_min) => (
            <button
              key={late_min}
              type="button"
              aria-pressed={change.late_min === late_min}
              className={choice(change.late_min === late_min)}
              onClick={() => set({ late_min: change.late_min === late_min ? 0 : late_min })}
            >
              {late_min} min
            </button>
          ))}
        </fieldset>
        <fieldset className="flex flex-wrap items-center gap-2">
          <legend className="mb-1">The power is off for</legend>
          {[2, 5, 10, 20].map((off_min) => (
            <button
              key={off_min}
              type="button"
              aria-pressed={change.off_min === off_min}
              aria-label={`Power off for ${off_min} min`}
              className={choice(change.off_min === off_min)}
              onClick={() => set({ off_min: change.off_min === off_min ? 0 : off_min })}
            >
              {off_min} min
            </button>
          ))}
          {circuits.length > 0 && change.off_min > 0 && (
            <span className="text-xl">
              on{' '}
              <InlineSelect
                label="Which circuit"
                value={change.circuitId}
                choices={[{ value: null, label: 'everything' }, ...circuits.map(({ id, name }) => ({ value: id, label: name }))]}
                onChange={(circuitId) => set({ circuitId })}
              />
            </span>
          )}
          {change.off_min > 0 && (
            <p className="w-full text-[15px]" data-power={cut.without.length === 0 ? 'wait' : 'without'}>
              {cut.without.length === 0
                ? `Everything ${Math.round(cut.late_s / 60)} minutes later: off, and hot again.`
                : `On without ${irons
                    .filter(({ id }) => cut.without.includes(id))
                    .map(({ name }) => name)
                    .join(' and ')}: that is over sooner than waiting.`}{' '}
              What is in an iron stays in it, lid closed: it goes on a little from the plates, then waits; look before it is taken out. A
              fuse that goes again is for a licensed electrician; take an iron off that circuit first.
            </p>
          )}
        </fieldset>
        <fieldset className="flex flex-wrap gap-2">
          <legend className="mb-1">An iron is out</legend>
          {irons.map(({ id, name }) => (
            <button
              key={id}
              type="button"
              aria-pressed={change.without === id}
              className={choice(change.without === id)}
              onClick={() => set({ without: change.without === id ? null : id })}
            >
              {name}
            </button>
          ))}
        </fieldset>
        <fieldset className="flex flex-wrap gap-2">
          <legend className="mb-1">Pairs of hands</legend>
          {Array.from({ length: MOST_HANDS }, (_, i) => i + 1).map((hands) => (
            <button
              key={hands}
              type="button"
              aria-pressed={change.hands === hands}
              className={choice(change.hands === hands)}
              onClick={() => set({ hands })}
            >
              {hands}
            </button>
          ))}
        </fieldset>
        <table className="w-full text-left text-lg">
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
            <PlanRow name="Then" plan={next} zone={run.zone} />
          </tbody>
        </table>
        {places.some(({ load }) => load?.runId === run.id) && (
          <FromNow
            planned={planned}
            places={places}
            missing={missing ?? NOTHING_MISSING}
            more={{ dishId: change.dishId, pieces: Math.ceil(more) }}
            hands={change.hands}
            isGone={isGone}
            late_ms={1000 * cut.late_s}
          />
        )}
        <button
          type="button"
          className="button-act min-h-16 text-xl"
          disabled={next.loads.length === 0}
          onClick={() => {
            onTake(changes);
            onClose();
          }}
        >
          {next.loads.length === 0 ? 'No iron is left' : 'Plan it so'}
        </button>
      </div>
    </Sheet>
  );
};

type FromNowProps = Pick<Props, 'planned' | 'places'> & {
  readonly missing: MissingPieces;
  /** Pieces that are wanted besides. */
  readonly more: { readonly dishId: string; readonly pieces: number };
  readonly hands: number;
  readonly isGone: (ironId: string) => boolean;
  readonly late_ms: number;
};

const NOTHING_MISSING: MissingPieces = new Map();

/** With what is out and in the irons, from now on: a plan made anew counts back from the table, as if the morning were still to come. */
const FromNow = ({ planned: { run, request, plan }, places, missing, more, hands, isGone, late_ms }: FromNowProps) => {
  const now = useNow(TICK_MS);
  if (request === null || plan === null) return null;
  const irons = ironsNow(places, plan, now);
  const before = restFromNow(request.irons, missing, irons, run.hands ?? 1, now);
  const wanted = new Map([...missing].map(([dishId, pieces]) => [dishId, pieces + (dishId === more.dishId ? more.pieces : 0)]));
  const then = restFromNow(
    request.irons.filter(({ ironId }) => !isGone(ironId)),
    wanted,
    irons,
    hands,
    now,
  );
  return (
    <p className="text-lg" data-figure="from now" data-exact={then.lastPlateAt + late_ms}>
      With what is out and in the irons, the last plate is at <b>{timeOfDay(then.lastPlateAt + late_ms, run.zone)}</b>; as it stands{' '}
      {timeOfDay(before.lastPlateAt, run.zone)}.{then.missing > 0 && ` ${then.missing} pieces have no iron.`}
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
