import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { meanThickness_m, plateMachine } from '../../core/plate/index.ts';
import { freeName } from '../../core/run/index.ts';
import { lengthUnitOf, measured, NumberEntry, Removed, temperature, useGuard } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { useSession } from '../session/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { BowlsAndScales } from './BowlsAndScales.tsx';
import { DataPanel } from './DataPanel.tsx';
import { DescribeSheet } from './DescribeSheet.tsx';
import { IronForm } from './IronForm.tsx';
import { IronPlan } from './IronPlan.tsx';
import { KitchenForm } from './KitchenForm.tsx';
import { OwnIngredients } from './OwnIngredients.tsx';

export const KitchenDoor = () => {
  const session = useSession();
  const carryOut = useDo();
  const [edited, setEdited] = useState<Iron | null>(null);
  const [describing, setDescribing] = useState(false);
  /** As it was before it was measured anew. */
  const [before, setBefore] = useState<Iron | null>(null);
  const [removed, setRemoved] = useState<Iron | null>(null);
  const guard = useGuard();
  if (session === undefined) return null;
  const { kit, irons } = session;
  const after = irons.find(({ id }) => id === before?.id);
  const remove = (iron: Iron): void => {
    setRemoved(iron);
    void carryOut(commands.removeFromKit([iron.id]));
  };
  /** Another of the same measures: its loads will be its own. */
  const copy = (iron: Iron): void =>
    void carryOut(
      commands.addIron(
        { ...iron, id: newId(), rev: 1, name: freeName(iron.name.slice(0, MOST_COPIED), session.everyIron) },
        session.workspace,
      ),
    );
  const save = (change: (kit: Kit) => Kit): void => void carryOut(commands.changeKit(change));
  return (
    <div className="flex flex-col gap-7 px-5 py-3">
      <section aria-label="Irons">
        <div className="flex items-baseline justify-between">
          <h1 className="text-2xl">Kit</h1>
          <button type="button" className="button-plain" onClick={() => setDescribing(true)}>
            <Plus aria-hidden className="size-5" /> Describe an iron
          </button>
        </div>
        {removed !== null && (
          <Removed
            name={removed.name}
            note="its loads stay in the book"
            onBack={() => {
              void carryOut(commands.bringBackToKit([removed.id]));
              setRemoved(null);
            }}
          />
        )}
        {before !== null && (
          <p role="status" className="no-print mt-2 flex flex-wrap items-center gap-3 border-l-3 border-act bg-sheet px-3 py-1">
            {before.name} is kept as revision {after?.rev ?? before.rev}; the loads before it belong to the one before.
            <button
              type="button"
              className={PRESS}
              onClick={() => {
                if (after !== undefined) void carryOut(commands.reviseIron(after, () => before));
                setBefore(null);
              }}
            >
              Back to what it was
            </button>
          </p>
        )}
        {irons.length === 0 && (
          <p className="mt-2 text-lg">
            No iron is in the kit yet.{' '}
            <Link to="/begin" className="font-semibold text-act underline underline-offset-2">
              Choose the ones you have
            </Link>
            .
          </p>
        )}
        <ul className="mt-2 grid grid-cols-3 gap-3 max-lg:grid-cols-2 max-md:grid-cols-1">
          {irons.map((iron) => (
            <li key={iron.id} className="flex items-center gap-4 bg-sheet p-3">
              <IronPlan iron={iron} />
              <div className="min-w-0">
                <h2 className="text-xl">{iron.name}</h2>
                <p className="text-[15px] text-quiet">
                  {iron.geometry.moulds > 1 ? `${iron.geometry.moulds} moulds, ` : ''}
                  {iron.turned ? 'turned, ' : ''}
                  {iron.coating}
                </p>
                <p>
                  <b>{iron.geometry.cavity_mL}</b> mL · {measured(1000 * meanThickness_m(plateMachine(iron)), 'length', lengthUnitOf(kit))}{' '}
                  · <b>{iron.plates.power_W}</b> W
                </p>
                <p>{controlWords(iron, kit)}</p>
                <p className="flex flex-wrap gap-x-3">
                  <button type="button" className={PRESS} onClick={() => setEdited(iron)}>
                    Measure {iron.name}
                  </button>
                  <button type="button" aria-label={`Copy ${iron.name}`} className={PRESS} onClick={guard(() => copy(iron))}>
                    Copy
                  </button>
                  <button type="button" aria-label={`Remove ${iron.name}`} className={PRESS} onClick={() => remove(iron)}>
                    Remove
                  </button>
                </p>
              </div>
            </li>
          ))}
        </ul>
      </section>
      <section aria-label="Kitchen">
        <h2 className="mb-2 text-xl">The place</h2>
        <KitchenForm kit={kit} onSave={(changes) => carryOut(commands.changeKit((now) => ({ ...now, ...changes })))} />
      </section>
      <Measures kit={kit} onSave={save} of="scoops" title="Scoops" one="scoop" />
      <Measures
        kit={kit}
        onSave={save}
        of="spoons"
        title="Cups and spoons"
        one="cup or spoon"
        note="For those who measure without a scale: only these are asked for."
      />
      <BowlsAndScales kit={kit} onSave={save} />
      <PutAside session={session} />
      <OwnIngredients />
      <Circuits kit={kit} onSave={save} />
      <DataPanel />
      {describing && (
        <DescribeSheet
          kit={kit}
          onClose={() => setDescribing(false)}
          onSave={(iron) => {
            setDescribing(false);
            return carryOut(commands.addIron(iron, session.workspace));
          }}
        />
      )}
      {edited !== null && (
        <IronForm
          iron={edited}
          kit={kit}
          onClose={() => setEdited(null)}
          onSave={async (next) => {
            await carryOut(commands.reviseIron(edited, next));
            setBefore(edited);
          }}
        />
      )}
    </div>
  );
};

/** The longest name of an iron, less the number of a copy. */
const MOST_COPIED = 72;
const PRESS = 'min-h-11 font-semibold text-act underline underline-offset-2';

/** Irons and formulas that were removed, to be brought back. */
const PutAside = ({ session }: { readonly session: Session }) => {
  const carryOut = useDo();
  const { kit, everyIron, everyFormula } = session;
  const aside = [...everyIron, ...everyFormula].filter(({ id }) => kit.removedIds.includes(id));
  if (aside.length === 0) return null;
  return (
    <details>
      <summary className="min-h-11 font-semibold">Removed: {aside.map(({ name }) => name).join(', ')}</summary>
      <ul className="flex flex-wrap gap-3">
        {aside.map(({ id, name }) => (
          <li key={id}>
            <button type="button" className="button-plain" onClick={() => void carryOut(commands.bringBackToKit([id]))}>
              Bring back {name}
            </button>
          </li>
        ))}
      </ul>
    </details>
  );
};

const controlWords = ({ control }: Iron, kit: Kit): string => {
  const degrees = (value: number): string => temperature(value, kit.temperatureUnit);
  if (control.type === 'dial') return `dial ${control.min}–${control.max}: ${degrees(control.atMin_C)} to ${degrees(control.atMax_C)}`;
  if (control.type === 'hob')
    return `over a hob, turned every ${control.turnEvery_s} s; used at ${degrees(control.min_C)} to ${degrees(control.max_C)}`;
  if (control.type === 'thermostat') return `thermostat ${degrees(control.min_C)} to ${degrees(control.max_C)}`;
  return `nothing to set; light out at ${degrees(control.cutOut_C)}`;
};

type PartProps = { readonly kit: Kit; readonly onSave: (change: (kit: Kit) => Kit) => void };

type MeasuresProps = PartProps & {
  readonly of: 'scoops' | 'spoons';
  readonly title: string;
  readonly one: string;
  readonly note?: string;
};

/** Scoops, or cups and spoons, side by side as they hold. */
const Measures = ({ kit, onSave, of, title, one, note }: MeasuresProps) => {
  const [name, setName] = useState('');
  const [volume, setVolume] = useState<number | null>(null);
  const measures = kit[of];
  const add = (): void => {
    if (name.trim() === '' || volume === null) return;
    onSave((now) => ({ ...now, [of]: [...now[of], { id: newId(), name: name.trim(), volume_mL: volume }] }));
    setName('');
  };
  return (
    <section aria-label={title}>
      <h2 className="text-xl">{title}</h2>
      {note !== undefined && <p className="text-[15px] text-quiet">{note}</p>}
      <ul className="mt-2 flex flex-wrap items-end gap-5">
        {measures.map((measure) => (
          <li key={measure.id} className="flex flex-col items-center text-[15px]">
            <svg aria-hidden width={70} height={54} viewBox="0 0 70 54">
              <path
                d={`M${35 - bowl(measure.volume_mL)} ${52 - bowl(measure.volume_mL)}a${bowl(measure.volume_mL)} ${bowl(measure.volume_mL)} 0 0 0 ${2 * bowl(measure.volume_mL)} 0z`}
                fill="#8ea49c"
                stroke="var(--color-ink)"
              />
            </svg>
            {measure.name}
            <b>{measure.volume_mL} mL</b>
            <button
              type="button"
              aria-label={`Remove ${measure.name}`}
              className="grid size-11 place-items-center text-quiet hover:text-ink"
              onClick={() => onSave((now) => ({ ...now, [of]: now[of].filter((m) => m.id !== measure.id) }))}
            >
              <Trash2 aria-hidden className="size-4" />
            </button>
          </li>
        ))}
        <li className="flex flex-wrap items-end gap-2">
          <label className="flex flex-col gap-1 text-[15px]">
            New {one}
            <input className="entry" maxLength={60} value={name} onChange={(event) => setName(event.target.value)} />
          </label>
          <NumberEntry label="holds, mL" value={volume} min={0.5} max={2000} mayBeEmpty onChange={setVolume} />
          <button
            type="button"
            className="button-plain"
            disabled={name.trim() === '' || volume === null || measures.length >= 20}
            onClick={add}
          >
            <Plus aria-hidden className="size-5" /> Add
          </button>
        </li>
      </ul>
    </section>
  );
};

/** Radius of a half ball of this volume, in pixels. */
const bowl = (volume_mL: number): number => Math.min(34, 4.2 * Math.cbrt((3 * volume_mL) / (2 * Math.PI)));

const Circuits = ({ kit, onSave }: PartProps) => {
  const add = (): void =>
    onSave((now) => ({
      ...now,
      circuits: [...now.circuits, { id: newId(), name: `Circuit ${now.circuits.length + 1}`, current_A: 16, voltage_V: 230 }],
    }));
  const change = (id: string, changes: Partial<Kit['circuits'][number]>): void =>
    onSave((now) => ({ ...now, circuits: now.circuits.map((circuit) => (circuit.id === id ? { ...circuit, ...changes } : circuit)) }));
  return (
    <section aria-label="Circuits">
      <h2 className="text-xl">Circuits</h2>
      <p className="text-[15px] text-quiet">Irons on one circuit are added up against it. Wiring is a licensed electrician’s work.</p>
      <ul className="mt-2 flex flex-col gap-2">
        {kit.circuits.map((circuit) => (
          <li key={circuit.id} className="flex flex-wrap items-end gap-4">
            <b className="w-40 self-center">{circuit.name}</b>
            <NumberEntry
              label="Ampere"
              value={circuit.current_A}
              min={1}
              max={125}
              onChange={(value) => value !== null && change(circuit.id, { current_A: value })}
            />
            <NumberEntry
              label="Volt"
              value={circuit.voltage_V}
              min={90}
              max={480}
              onChange={(value) => value !== null && change(circuit.id, { voltage_V: value })}
            />
          </li>
        ))}
      </ul>
      <button type="button" className="button-plain mt-2" disabled={kit.circuits.length >= 20} onClick={add}>
        <Plus aria-hidden className="size-5" /> Add a circuit
      </button>
    </section>
  );
};
