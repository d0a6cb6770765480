import { useState } from 'react';
import { useRefrigerator } from '../../devices/index.ts';
import { clock, dayAndTime, fromUnit, inUnit, NumberEntry, temperature } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import type { useLot } from './useLot.ts';

type ReadingsProps = {
  readonly session: Session;
  readonly mass_kg: number;
  readonly start_C: number;
  readonly lot: ReturnType<typeof useLot>['lot'];
  readonly note: ReturnType<typeof useLot>['note'];
};

/** What the probe and the marks on the bowl say; by hand, or from the simulated refrigerator. */
export const Readings = ({ session, mass_kg, start_C, lot, note }: ReadingsProps) => {
  const [on, setOn] = useState(false);
  const [isFast, setFast] = useState(false);
  const fridge = useRefrigerator(on);
  const unit = session.kit.temperatureUnit;
  const last = fridge.readings.at(-1);
  const isCold = lot?.events.some((event) => event.kind === 'moved' && event.data.place === 'refrigerator') ?? false;
  const beaten = lot?.events.some((event) => event.kind === 'beaten-down') ?? false;
  const count = lot?.events.filter((event) => event.kind === 'read').length ?? 0;
  const read = (what: 'temperature_C' | 'rise', value: number, since_s: number | null = null): void =>
    void note({ kind: 'read', data: { what, value, since_s } });
  return (
    <section aria-label="Readings">
      <h2 className="text-lg">
        This bowl{' '}
        <span className="font-sans text-[15px] font-normal text-quiet">
          {lot === null
            ? 'not mixed yet'
            : `mixed ${dayAndTime(lot.madeAt, session.kit.zone)}, ${count} ${count === 1 ? 'reading' : 'readings'}`}
        </span>
      </h2>
      <div className="mt-1 flex flex-wrap items-end gap-3">
        <button
          type="button"
          className="button-act"
          disabled={isCold}
          onClick={() => {
            void note({ kind: 'moved', data: { place: 'kitchen' } }, { kind: 'moved', data: { place: 'refrigerator' } });
            void fridge.tell({ do: 'put', mass_kg, start_C, yeast: true });
          }}
        >
          {isCold ? 'It is in the cold' : 'Mixed; into the cold'}
        </button>
        <button
          type="button"
          className="button-plain"
          disabled={!isCold || beaten}
          onClick={() => void note({ kind: 'beaten-down', data: {} })}
        >
          {beaten ? 'Beaten down' : 'Beat it down'}
        </button>
        <NumberEntry
          key={unit}
          narrow
          label={`probe says, °${unit}`}
          value={null}
          min={inUnit(-5, unit)}
          max={inUnit(120, unit)}
          mayBeEmpty
          placeholder="Enter"
          onChange={() => undefined}
          onEnter={(v) => read('temperature_C', fromUnit(v, unit))}
        />
        <NumberEntry
          narrow
          label="stands at ×"
          value={null}
          min={0.5}
          max={6}
          mayBeEmpty
          placeholder="Enter"
          onChange={() => undefined}
          onEnter={(v) => read('rise', v)}
        />
      </div>
      <label className="mt-2 flex min-h-11 items-center gap-2 text-[15px]">
        <input type="checkbox" className="size-5 accent-act" checked={on} onChange={(event) => setOn(event.target.checked)} /> a
        refrigerator probe is connected
      </label>
      {on && fridge.status === 'absent' && <p className="text-[15px] text-quiet">No probe answers; type what you read.</p>}
      {on && fridge.status === 'live' && last !== undefined && (
        <div className="border-l-3 border-band pl-3 text-[15px]">
          <p>
            Simulated refrigerator: air <b>{temperature(last.air_C, unit)}</b>
            {last.probe_C !== null && (
              <>
                , {last.since_s === null ? '' : `after ${clock(last.since_s)} `}batter{' '}
                <b data-figure="probe_C" data-exact={last.probe_C}>
                  {temperature(last.probe_C, unit)}
                </b>
                , stands at <b>×{last.rise?.toFixed(2)}</b>
              </>
            )}
          </p>
          <div className="mt-1 flex flex-wrap gap-2">
            <button
              type="button"
              className="button-plain"
              disabled={last.probe_C === null}
              onClick={() => {
                if (last.probe_C === null || last.rise === null) return;
                const since_s = last.since_s;
                void note(
                  { kind: 'read', data: { what: 'temperature_C', value: last.probe_C, since_s } },
                  { kind: 'read', data: { what: 'rise', value: last.rise, since_s } },
                );
              }}
            >
              Take the reading
            </button>
            <button
              type="button"
              className="button-plain"
              aria-pressed={isFast}
              onClick={() => {
                setFast(!isFast);
                void fridge.tell({ do: 'speed', factor: isFast ? 1 : 600 });
              }}
            >
              {isFast ? 'Real time' : 'A night in a minute'}
            </button>
            <button type="button" className="button-plain" onClick={() => void fridge.tell({ do: 'door' })}>
              Open the door
            </button>
            <button type="button" className="button-plain" onClick={() => void fridge.tell({ do: 'probe', isIn: false })}>
              Probe falls out
            </button>
            <button type="button" className="button-plain" onClick={() => void fridge.tell({ do: 'probe', isIn: true })}>
              Probe back in
            </button>
          </div>
        </div>
      )}
    </section>
  );
};
