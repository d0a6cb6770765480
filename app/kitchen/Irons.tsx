import { Plus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { meanThickness_m, plateMachine } from '../../core/plate/index.ts';
import { freeName } from '../../core/run/index.ts';
import type { Session } from '../session/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { lengthUnitOf, measured, Removed, temperature, useGuard } from '../ui/index.ts';
import { DescribeSheet } from './DescribeSheet.tsx';
import { IronForm } from './IronForm.tsx';
import { IronPlan } from './IronPlan.tsx';

/** The longest name of an iron, less the number of a copy. */
const MOST_COPIED = 72;
const PRESS = 'min-h-11 font-semibold text-act underline underline-offset-2';

/** The irons of this kitchen: described, measured, copied, removed and brought back. */
export const Irons = ({ session }: { readonly session: Session }) => {
  const carryOut = useDo();
  const { kit, irons } = session;
  const [describing, setDescribing] = useState(false);
  const [edited, setEdited] = useState<Iron | null>(null);
  /** As it was before it was measured anew. */
  const [before, setBefore] = useState<Iron | null>(null);
  const [removed, setRemoved] = useState<Iron | null>(null);
  return (
    <section aria-label="Irons">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-[26px]">Irons</h2>
        <button type="button" className="button-plain" onClick={() => setDescribing(true)}>
          <Plus aria-hidden className="size-5" /> Describe an iron
        </button>
      </div>
      {removed !== null && (
        <Removed
          name={removed.name}
          note="its loads stay in the log"
          onBack={() => {
            void carryOut(commands.bringBackToKit([removed.id]));
            setRemoved(null);
          }}
        />
      )}
      {before !== null && <Remeasured session={session} before={before} onDone={() => setBefore(null)} />}
      {irons.length === 0 && (
        <p className="mt-2 text-lg">
          No iron yet.{' '}
          <Link to="/setup" className="font-semibold text-act underline underline-offset-2">
            Choose the ones you have
          </Link>
        </p>
      )}
      <ul className="mt-2 grid grid-cols-2 gap-3 max-lg:grid-cols-1">
        {irons.map((iron) => (
          <OneIron
            key={iron.id}
            session={session}
            iron={iron}
            onMeasure={() => setEdited(iron)}
            onRemove={() => {
              setRemoved(iron);
              void carryOut(commands.removeFromKit([iron.id]));
            }}
          />
        ))}
      </ul>
      <PutAside session={session} />
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
    </section>
  );
};

type OneProps = { readonly session: Session; readonly iron: Iron; readonly onMeasure: () => void; readonly onRemove: () => void };

const OneIron = ({ session, iron, onMeasure, onRemove }: OneProps) => {
  const { kit } = session;
  const carryOut = useDo();
  /** Another of the same measures: its loads will be its own. */
  const copy = useGuard()(
    () =>
      void carryOut(
        commands.addIron(
          { ...iron, id: newId(), rev: 1, name: freeName(iron.name.slice(0, MOST_COPIED), session.everyIron) },
          session.workspace,
        ),
      ),
  );
  return (
    <li className="flex items-center gap-4 rounded-xl bg-sheet p-3">
      <IronPlan iron={iron} />
      <div className="min-w-0">
        <h3 className="text-xl">{iron.name}</h3>
        <p className="text-[15px] text-quiet">
          {iron.geometry.moulds > 1 ? `${iron.geometry.moulds} moulds, ` : ''}
          {iron.turned ? 'turned, ' : ''}
          {iron.coating}
        </p>
        <p>
          <b>{iron.geometry.cavity_mL}</b> mL · {measured(1000 * meanThickness_m(plateMachine(iron)), 'length', lengthUnitOf(kit))} ·{' '}
          <b>{iron.plates.power_W}</b> W
        </p>
        <p>{controlWords(iron, kit)}</p>
        <p className="flex flex-wrap gap-x-3">
          <button type="button" aria-label={`Measure ${iron.name}`} className={PRESS} onClick={onMeasure}>
            Measure
          </button>
          <button type="button" aria-label={`Copy ${iron.name}`} className={PRESS} onClick={copy}>
            Copy
          </button>
          <button type="button" aria-label={`Remove ${iron.name}`} className={PRESS} onClick={onRemove}>
            Remove
          </button>
        </p>
      </div>
    </li>
  );
};

type RemeasuredProps = { readonly session: Session; readonly before: Iron; readonly onDone: () => void };

/** An iron that was measured anew begins a history of its own; that can be taken back. */
const Remeasured = ({ session, before, onDone }: RemeasuredProps) => {
  const carryOut = useDo();
  const after = session.irons.find(({ id }) => id === before.id);
  return (
    <p role="status" className="no-print mt-2 flex flex-wrap items-center gap-3 border-l-3 border-act bg-sheet px-3 py-1">
      {before.name} is saved as revision {after?.rev ?? before.rev}. Earlier loads belong to the revision before.
      <button
        type="button"
        className={PRESS}
        onClick={() => {
          if (after !== undefined) void carryOut(commands.reviseIron(after, () => before));
          onDone();
        }}
      >
        Back to what it was
      </button>
    </p>
  );
};

/** Irons and recipes that were removed, to be brought back. */
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
