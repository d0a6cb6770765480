import { measured, lengthUnitOf } from '../../ui/index.ts';
import type { Lift, ParsedFormula } from '../../../core/formula/index.ts';
import { spread_cm, thicknessWord, USUAL_GAS_MMOL } from '../../../core/formula/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import { batterOf } from '../../../core/cook/index.ts';
import type { Kit } from '../../../core/kit/index.ts';

type GaugeProps = {
  readonly name: string;
  readonly value: string;
  readonly least: number;
  readonly most: number;
  readonly at: number;
  readonly usual: readonly [number, number];
  /** From the least to the most the words can mean. */
  readonly range?: readonly [number, number];
  readonly words: readonly string[];
  readonly about: string;
};

/** A value against its usual band, with words a spoon can check. */
const Gauge = ({ name, value, least, most, at, usual, range, words, about }: GaugeProps) => {
  const place = (x: number): number => Math.min(100, Math.max(0, (100 * (x - least)) / (most - least)));
  return (
    <div title={about}>
      <p className="flex items-baseline justify-between gap-2">
        <strong className="font-display">{name}</strong>
        <span className="text-[15px]">{value}</span>
      </p>
      <div className="relative mt-1 h-4 rounded-full bg-track" role="img" aria-label={`${name}: ${value}. ${about}`}>
        <span
          className="absolute inset-y-0 rounded-full bg-band"
          style={{ left: `${place(usual[0])}%`, width: `${place(usual[1]) - place(usual[0])}%` }}
        />
        {range !== undefined && (
          <span
            className="absolute inset-y-1.5 bg-ink/60"
            style={{ left: `${place(range[0])}%`, width: `${place(range[1]) - place(range[0])}%` }}
          />
        )}
        <span className="absolute -inset-y-1 w-2 -translate-x-1/2 rounded bg-ink" style={{ left: `${place(at)}%` }} />
      </div>
      <p className="mt-1 flex justify-between text-sm text-quiet" aria-hidden>
        {words.map((word) => (
          <span key={word}>{word}</span>
        ))}
      </p>
    </div>
  );
};

/** What lifts a batter that has little gas of its own; of the others it is flat. */
const LITTLE_GAS: Readonly<Partial<Record<Lift, string>>> = {
  yeasted: 'yeast lifts it',
  folded: 'air lifts it',
  'whole-egg': 'air lifts it',
  ribbon: 'air lifts it',
};

export const Gauges = ({ reading, iron, kit }: { readonly reading: ParsedFormula; readonly iron: Iron | null; readonly kit: Kit }) => {
  const batter = batterOf(reading, { batter_C: 20, altitude_m: kit.altitude_m });
  const gas = reading.leavening.gas_mmolPer100gFlour;
  const { hydration_percent: hydration, flour_g, leavening } = reading;
  const left = flour_g > 0 ? (100 * leavening.leftover_meq) / flour_g : 0;
  return (
    <section aria-label="What it will be like" className="flex flex-col gap-4">
      <h2 className="text-[17px]">What it will be like</h2>
      {batter.ok && (
        <Gauge
          name="Thickness"
          value={`${thicknessWord(batter.value.looseness)}, spreads ${measured(spread_cm(batter.value.looseness), 'spread', lengthUnitOf(kit))}`}
          least={0.4}
          most={4}
          at={batter.value.looseness}
          usual={iron === null ? [1.85, 3.8] : [iron.looseness.min, iron.looseness.max]}
          words={['dollop', 'ribbon', 'pourable', 'runny']}
          about={`What flows (sugar and fat with it) over starch, protein and fibre: ${batter.value.looseness.toFixed(1)}. The band is what ${iron?.name ?? 'most irons'} can spread. Spread: a level tablespoon on a cold plate after 30 s.`}
        />
      )}
      {hydration !== null && (
        <Gauge
          name="Hydration"
          value={`${Math.round(hydration.usual)} %${hydration.high - hydration.low > 2 ? `, ${Math.round(hydration.low)}–${Math.round(hydration.high)} by the cup` : ''}`}
          least={40}
          most={260}
          at={hydration.usual}
          usual={[110, 210]}
          range={[hydration.low, hydration.high]}
          words={['stiff', 'usual', 'thin']}
          about="Water over flour. The dark bar: from a packed to a sifted cup of flour."
        />
      )}
      {gas !== null && (
        <Gauge
          name="Gas"
          value={`${gas.toFixed(1)} mmol per 100 g flour`}
          least={0}
          most={45}
          at={gas}
          usual={[USUAL_GAS_MMOL.low, USUAL_GAS_MMOL.high]}
          words={[LITTLE_GAS[reading.lift] ?? 'flat', 'usual', 'coarse, bitter']}
          about="Carbon dioxide from powder, soda and acid; yeast and whipped air lift without it. Band: common practice."
        />
      )}
      {leavening.soda_meq > 0 && (
        <Gauge
          name="Acid and soda"
          value={Math.abs(left) < 2 ? 'balanced' : left > 0 ? `${left.toFixed(1)} meq soda over` : `${(-left).toFixed(1)} meq acid over`}
          least={-12}
          most={12}
          at={left}
          usual={[-6, 2]}
          words={['sour', 'balanced', 'soapy']}
          about="Soda against all acids, per 100 g of flour."
        />
      )}
      {batter.ok && (
        <Gauge
          name="Browning"
          value={batter.value.rawLightness < 55 ? 'too dark to see' : `×${batter.value.browningFactor.toFixed(1)} of a bread crust`}
          least={2}
          most={9}
          at={batter.value.browningFactor}
          usual={[3, 6]}
          words={['slow', 'usual', 'fast']}
          about="How fast this batter browns on the same plate; sugars and milk most of all. Calibrated to common practice."
        />
      )}
    </section>
  );
};
