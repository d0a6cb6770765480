import { useState } from 'react';
import type { Failure, Result } from '../../core/basis/index.ts';
import { fahrenheitToCelsius } from '../../core/basis/index.ts';
import type { InformationValue } from '../../core/advise/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { filledWith, probedAt } from '../../core/plate/index.ts';
import { describeSentence } from '../../words/index.ts';
import { NumberEntry, temperature } from '../look/index.ts';
import { SIMULATED } from './simulated.ts';
import { commands, useDo } from '../store/index.ts';

type Props = {
  readonly worth: InformationValue;
  readonly iron: Iron;
  readonly setting_C: number;
  readonly unit: Kit['temperatureUnit'];
};

/** Gains under that aren't worth saying. */
const LITTLE = 0.04;

/** What it would bring to know more of this iron before batter is spent, and the entries to say it. */
export const MeasureFirst = ({ worth, iron, setting_C, unit }: Props) => {
  const carryOut = useDo();
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const keep = (found: Result<Iron> | null): void => {
    if (found === null) return;
    setTrouble(found.ok ? null : found.failure);
    if (!found.ok) return;
    const { geometry, control, measured } = found.value;
    void carryOut(commands.reviseIron(iron, (now) => ({ ...now, geometry, control, ...(measured === undefined ? {} : { measured }) })));
  };
  // What isn't there can't be filled.
  const isThere = iron.kind !== SIMULATED;
  const asksWater = isThere && iron.measured?.cavity == null;
  const asksProbe = isThere && iron.measured?.plates !== true && iron.control.type !== 'thermostat' && iron.control.type !== 'hob';
  const water = asksWater ? worth.water : null;
  const probe = asksProbe ? worth.probe : null;
  const gain = worth.trial - worth.now;
  if (water === null && probe === null && gain < LITTLE)
    return (
      <p className="mt-3 text-[15px] text-quiet">It is known well enough: neither one more trial nor a measurement would tell much.</p>
    );
  return (
    <section aria-label="What more would bring" className="mt-4 border-t border-line pt-2">
      <h3>What more would bring</h3>
      <dl className="mt-1 grid grid-cols-3 gap-4 max-sm:grid-cols-1">
        <Way name="trial" chance={worth.trial} now={worth.now}>
          the next, after one more load like this
        </Way>
        {water !== null && (
          <Way name="water" chance={water} now={worth.now}>
            this one, once it was filled with water, cold and unplugged
            <Said
              label="It holds, g of water"
              min={5}
              max={6000}
              onSay={(grams) => keep(filledWith(iron, { of: 'water', grams, density_gPerML: null }))}
            />
          </Way>
        )}
        {probe !== null && (
          <Way name="probe" chance={probe} now={worth.now}>
            this one, once a probe was held to its plates at {temperature(setting_C, unit)}
            <Said
              label={`It reads, °${unit}`}
              min={40}
              max={700}
              onSay={(read) => keep(probedAt(iron, setting_C, unit === 'F' ? fahrenheitToCelsius(read) : read))}
            />
          </Way>
        )}
      </dl>
      {trouble !== null && (
        <p role="alert" className="mt-1 border-l-3 border-ink bg-white px-2 py-1">
          {describeSentence(trouble)}.
        </p>
      )}
    </section>
  );
};

type SaidProps = { readonly label: string; readonly min: number; readonly max: number; readonly onSay: (value: number) => void };

/** A number that counts once it is confirmed: it changes the iron. */
const Said = ({ label, min, max, onSay }: SaidProps) => {
  const [value, setValue] = useState<number | null>(null);
  return (
    <span className="mt-1 flex items-end gap-2 text-ink">
      <NumberEntry narrow mayBeEmpty label={label} value={null} min={min} max={max} onChange={setValue} onEnter={onSay} />
      <button type="button" className="button-plain min-h-11" disabled={value === null} onClick={() => value !== null && onSay(value)}>
        Keep
      </button>
    </span>
  );
};

const Way = ({
  name,
  chance,
  now,
  children,
}: {
  readonly name: string;
  readonly chance: number;
  readonly now: number;
  readonly children: React.ReactNode;
}) => (
  <div className="flex flex-col">
    <dd className="figure text-2xl" data-figure={`worth ${name}`} data-exact={chance}>
      +{Math.max(0, Math.round(100 * (chance - now)))} points
    </dd>
    <dt className="text-[15px] text-quiet">{children}</dt>
  </div>
);
