import { useState } from 'react';
import type { Failure, Result } from '../../../core/basis/index.ts';
import { fahrenheitToCelsius, success } from '../../../core/basis/index.ts';
import type { InformationValue } from '../../../core/advise/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import type { Iron, Teaspoon } from '../../../core/plate/index.ts';
import { dialMark, filledWith, probedAt, seenAcross, squashedTo, usuallyFilledBy } from '../../../core/plate/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { clock, dialMarkText, fromShown, inkOn, NumberEntry, shownIn, tawnyCss, temperature } from '../../ui/index.ts';
import { useLengths } from '../../session/index.ts';
import { CoinSheet } from './CoinSheet.tsx';
import { SIMULATED } from './simulated.ts';
import { commands, useDo } from '../../store/index.ts';

type Props = {
  readonly worth: InformationValue;
  readonly iron: Iron;
  readonly formulaId: string;
  readonly setting_C: number;
  readonly unit: Kit['temperatureUnit'];
};

/** Gains under that aren't worth saying. */
const LITTLE = 0.04;

/** What it would bring to know more of this iron before batter is spent, and the entries to say it. */
export const MeasureFirst = ({ worth, iron, formulaId, setting_C, unit }: Props) => {
  const lengths = useLengths();
  const carryOut = useDo();
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const [isPhotographed, setIsPhotographed] = useState(false);
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
  const dough = asksWater ? worth.dough : null;
  const picture = asksWater ? worth.picture : null;
  const probe = asksProbe ? worth.probe : null;
  const teaspoon = isThere && iron.measured?.teaspoon === undefined ? worth.teaspoon : null;
  const tried = isThere ? iron.measured?.teaspoon : undefined;
  const gain = worth.trial - worth.now;
  const ofTeaspoon = (told: Teaspoon | undefined): void =>
    keep(success({ ...iron, measured: { cavity: null, plates: false, ...iron.measured, teaspoon: told } }));
  if (water === null && probe === null && teaspoon === null && tried === undefined && gain < LITTLE)
    return (
      <p className="mt-3 text-[15px] text-quiet">It is known well enough: neither one more trial nor a measurement would tell much.</p>
    );
  return (
    <section aria-label="What more would bring" className="mt-4 border-t border-line pt-2">
      <h3>What more would bring</h3>
      <dl className="mt-1 grid grid-cols-[repeat(auto-fit,minmax(220px,1fr))] gap-4">
        <Way name="trial" chance={worth.trial} now={worth.now}>
          the next, after one more load like this
        </Way>
        {worth.half !== null && (
          <Way name="half" chance={worth.half.chance} now={worth.now}>
            the next, after half a portion like this ({Math.round(worth.half.portion_g)} g, poured in the middle): its colour tells as much,
            and it costs half the batter
          </Way>
        )}
        {water !== null && (
          <Way name="water" chance={water} now={worth.now}>
            this one, once it was filled with water, cold and unplugged
            <Said
              label="It holds, g of water"
              min={5}
              max={6000}
              onSay={(grams) => keep(filledWith(iron, { of: 'water', grams, density_gPerML: null }))}
            />
            <Said
              label="Or this batter usually fills it, g"
              min={3}
              max={6000}
              onSay={(grams) => keep(usuallyFilledBy(iron, grams, worth.full_g))}
            />
          </Way>
        )}
        {dough !== null && (
          <Way name="dough" chance={dough} now={worth.now}>
            this one, once a ball of stiff dough was squashed in it, cold and unplugged, and the floor of a pocket measured
            <Said
              label={`The floor is, ${lengths}`}
              min={shownIn(0.5, 'length', lengths)}
              max={shownIn(40, 'length', lengths)}
              onSay={(gap) => keep(squashedTo(iron, fromShown(gap, 'length', lengths)))}
            />
          </Way>
        )}
        {picture !== null && (
          <Way name="picture" chance={picture} now={worth.now}>
            this one, once its plate was measured in a picture with a coin on it
            <button type="button" className="button-plain mt-1 min-h-11 self-start text-ink" onClick={() => setIsPhotographed(true)}>
              Beside a coin
            </button>
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
        {teaspoon !== null && (
          <Way name="teaspoon" chance={teaspoon.chance} now={worth.now}>
            this one, once a teaspoon of the batter was closed in the hot iron at {settingText(iron, teaspoon.setting_C, unit)} and opened
            after <b className="figure text-ink">{clock(teaspoon.open_s)}</b>. Hold both sides against the bands; plates and steam burn.
            <SpoonfulSides onSay={(sides) => ofTeaspoon({ formulaId, setting_C: teaspoon.setting_C, open_s: teaspoon.open_s, ...sides })} />
          </Way>
        )}
      </dl>
      {tried !== undefined && (
        <p className="mt-2 text-[15px]">
          A teaspoon at {settingText(iron, tried.setting_C, unit)} came out at step {tried.lower} below and {tried.upper} above after{' '}
          {clock(tried.open_s)}; the next load counts on it.{' '}
          <button type="button" className="min-h-11 font-semibold text-act underline" onClick={() => ofTeaspoon(undefined)}>
            Forget it
          </button>
        </p>
      )}
      {isPhotographed && (
        <CoinSheet
          isRound={iron.geometry.lattice.outline === 'round'}
          onMeasured={(size_mm) => {
            const found = seenAcross(iron, size_mm);
            keep(found);
            return found.ok ? null : found.failure;
          }}
          onClose={() => setIsPhotographed(false)}
        />
      )}
      {trouble !== null && (
        <p role="alert" className="mt-1 border-l-3 border-ink bg-sheet px-2 py-1">
          {describeSentence(trouble)}.
        </p>
      )}
    </section>
  );
};

const settingText = (iron: Iron, setting_C: number, unit: Kit['temperatureUnit']): string => {
  const dial = dialMark(iron, setting_C);
  return dial === null ? temperature(setting_C, unit) : `mark ${dialMarkText(dial)}`;
};

const STEPS = [1, 2, 3, 4, 5, 6, 7, 8] as const;
type Sides = { readonly lower: number; readonly upper: number };

/** Both sides of a spoonful, each held against the eight bands; said once both are. */
const SpoonfulSides = ({ onSay }: { readonly onSay: (sides: Sides) => void }) => {
  const [sides, setSides] = useState<Partial<Sides>>({});
  const say = (side: keyof Sides, step: number): void => {
    const next = { ...sides, [side]: step };
    setSides(next);
    if (next.lower !== undefined && next.upper !== undefined) onSay({ lower: next.lower, upper: next.upper });
  };
  return (['lower', 'upper'] as const).map((side) => (
    <span
      key={side}
      role="group"
      aria-label={side === 'lower' ? 'Its lower side' : 'Its upper side'}
      className="mt-1 flex flex-col text-ink"
    >
      {side === 'lower' ? 'below' : 'above'}
      <span className="grid grid-cols-8">
        {STEPS.map((step) => (
          <button
            key={step}
            type="button"
            aria-label={`step ${step}`}
            aria-pressed={sides[side] === step}
            className="min-h-11 font-display font-bold aria-pressed:outline-3 aria-pressed:-outline-offset-3 aria-pressed:outline-ink"
            style={{ background: tawnyCss(step), color: inkOn(step) }}
            onClick={() => say(side, step)}
          >
            {step}
          </button>
        ))}
      </span>
    </span>
  ));
};

type SaidProps = { readonly label: string; readonly min: number; readonly max: number; readonly onSay: (value: number) => void };

/** A number that counts once it is confirmed: it changes the iron. */
const Said = ({ label, min, max, onSay }: SaidProps) => (
  <span className="mt-1 flex items-end gap-2 text-ink">
    <NumberEntry
      narrow
      mayBeEmpty
      label={label}
      value={null}
      min={min}
      max={max}
      onChange={() => undefined}
      onEnter={onSay}
      enterLabel="Keep"
    />
  </span>
);

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
