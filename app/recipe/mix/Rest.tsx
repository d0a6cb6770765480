import { HOUR_MS } from '../../../core/basis/index.ts';
import { lazy, Suspense, useState } from 'react';
import { batterOf } from '../../../core/cook/index.ts';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { spread_cm, thicknessWord } from '../../../core/formula/index.ts';
import { BATTER_H, keepLimits } from '../../../core/keep/index.ts';
import type { Stay } from '../../../core/lift/index.ts';
import {
  bestRest_h,
  ferment,
  gasLeft,
  loosenessAfter,
  netOfRest,
  POWDER_KINDS,
  powderKindOf,
  powderToAdd_g,
} from '../../../core/lift/index.ts';
import { atmosphericPressure_Pa } from '../../../core/matter/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { Findings, grams, InlineSelect, lengthUnitOf, measured, Metric, percent, temperature } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { judgedBatter } from '../../session/index.ts';
import { curves, sampled } from './curves.ts';
import { FRIDGE_SWING } from './fermentPath.ts';
import { refusalOf } from './refusal.ts';
import { SafetyClock } from './SafetyClock.tsx';
import { hours, POWDER_WORDS } from './words.ts';
import { COLOURS } from '../../ui/index.ts';

const Chart = lazy(() => import('../../ui/picture/Chart.tsx'));

type Props = { readonly session: Session; readonly formula: Formula; readonly reading: ParsedFormula };

const DASHES = ['solid', 'dashed', 'dotted'] as const;
const LONGEST_H = { powder: 24, egg: BATTER_H } as const;

/** At once, or overnight? Gas that is lost against the body that is won, and how it flows when it comes out. */
export const Rest = ({ session, formula, reading }: Props) => {
  const { kit, iron, workspace } = session;
  const [place, setPlace] = useState<'refrigerator' | 'kitchen'>('refrigerator');
  const [rest_h, setRest] = useState(reading.lift === 'rested' ? 12 : 1);
  const batter = batterOf(reading, { batter_C: workspace.batter_C, altitude_m: kit.altitude_m });
  if (!batter.ok) return <p className="text-lg">{describeSentence(batter.failure)}.</p>;
  const [keeps] = keepLimits({ ...judgedBatter(session, formula), place: 'refrigerator', from: 0 });
  const t_C = place === 'refrigerator' ? kit.refrigerator_C : kit.room_C;
  const kind = powderKindOf(reading);
  const { looseness } = batter.value;
  const wanted = iron === null ? 2.5 : Math.sqrt(iron.looseness.min * iron.looseness.max);
  const isEggBatter = reading.lift === 'rested' || (reading.composition !== null && reading.composition.sucrose > 0.12);
  const family = isEggBatter ? 'egg' : 'powder';
  const longest_h = LONGEST_H[family];
  const net = netOfRest(kind, rest_h, t_C, looseness, wanted, family);
  const best_h = bestRest_h(longest_h, (h) => netOfRest(kind, h, t_C, looseness, wanted, family).net);
  const after = loosenessAfter(looseness, rest_h, t_C);
  const add_g = kind === null ? 0 : powderToAdd_g(reading.leavening.gas_mmol, net.gas);
  const stays: readonly Stay[] = [
    {
      at_s: 0,
      place:
        place === 'refrigerator'
          ? { kind: 'refrigerator', air_C: kit.refrigerator_C, ...FRIDGE_SWING }
          : { kind: 'kitchen', air_C: kit.room_C },
    },
  ];
  const path = ferment({
    yeast_g: 0,
    batter_g: reading.totalMass_g,
    density_gPerML: batter.value.density_gPerML,
    food_g: 1,
    sugarPerWater: 0,
    saltPerWater: 0,
    start_C: workspace.batter_C,
    vessel: 'bowl',
    stays,
    duration_s: rest_h * 3600,
    pressure_Pa: atmosphericPressure_Pa(kit.altitude_m),
    tauFactor: 1,
    rateFactor: 1,
  });
  const refused = refusalOf(reading, path.T_C, stays, kit.codeOfPractice);
  const drawing = curves(
    'hours',
    { min: 0, max: longest_h, say: (h) => `${h} h` },
    { min: 0, max: 1.4, say: (y) => percent(y) },
    [
      ...POWDER_KINDS.map((k, i) => ({
        name: POWDER_WORDS[k],
        colour: k === kind ? COLOURS.ink : '#8a9699',
        dash: DASHES[i] ?? 'solid',
        points: sampled((h) => gasLeft(k, h, t_C), 0, longest_h),
      })),
      {
        name: 'the whole, against at once',
        colour: COLOURS.act,
        dash: 'solid' as const,
        points: sampled((h) => netOfRest(kind, h, t_C, looseness, wanted, family).net, 0, longest_h),
      },
    ],
    [...(best_h > 0 ? [{ x: best_h, label: 'best' }] : []), { x: Math.min(longest_h, rest_h), label: 'yours', strong: true }],
  );
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_360px] gap-8 max-lg:grid-cols-1">
      <section aria-label="Rest">
        <figure>
          <figcaption className="text-[15px] text-quiet">
            Gas left by kind of powder, and what the whole is worth against pouring at once
          </figcaption>
          <Suspense fallback={<p className="text-quiet">Drawing …</p>}>
            <Chart {...drawing} label="Gas left and the net of a rest over hours" height={330} />
          </Suspense>
        </figure>
        <label className="mt-2 block text-lg">
          It stands {hours(rest_h)} in{' '}
          <InlineSelect
            label="Where it stands"
            value={place}
            choices={[
              { value: 'refrigerator', label: `the refrigerator, ${temperature(kit.refrigerator_C, kit.temperatureUnit)}` },
              { value: 'kitchen', label: `the kitchen, ${temperature(kit.room_C, kit.temperatureUnit)}` },
            ]}
            onChange={setPlace}
          />
        </label>
        <input
          type="range"
          aria-label="Hours it stands"
          className="block w-full accent-act"
          min={0}
          max={longest_h}
          step={0.25}
          value={rest_h}
          onChange={(event) => setRest(Number(event.target.value))}
        />
        <dl className="mt-3 grid grid-cols-4 gap-4 max-sm:grid-cols-2">
          <Metric name="gas left" value={kind === null ? 'no powder' : percent(net.gas)} />
          <Metric
            name="thickness then"
            value={thicknessWord(after)}
            note={`spreads ${measured(spread_cm(after), 'spread', lengthUnitOf(kit))}, from ${measured(spread_cm(looseness), 'spread', lengthUnitOf(kit))}`}
          />
          <Metric
            name="against at once"
            value={`${net.net >= 1 ? '+' : '−'}${Math.abs(Math.round(100 * (net.net - 1)))} %`}
            note={net.net > 1.02 ? 'better' : net.net < 0.98 ? 'worse' : 'as good'}
          />
          <Metric name="to stir in before" value={add_g < 0.3 ? 'nothing' : `${grams(add_g)} g powder`} />
        </dl>
        <p className="mt-3 text-[15px] text-quiet">
          <span data-figure="best_h" data-exact={best_h}>
            {best_h === 0 ? 'Here it is best at once.' : `Here it is best after ${hours(best_h)}.`}
          </span>{' '}
          {isEggBatter
            ? 'Practice gives egg-waffle and wafer batters an hour at least and a night when it can.'
            : `The night costs gas and wins body.`}{' '}
          {keeps !== undefined && (
            <span data-figure="keeps_h" data-exact={keeps.until / HOUR_MS}>
              In this refrigerator it keeps for {hours(keeps.until / HOUR_MS)} at most ({keeps.source}).{' '}
            </span>
          )}
          Model only, calibrated to common practice.
        </p>
        {refused !== null && <Findings findings={[refused]} />}
      </section>
      <SafetyClock
        T_C={path.T_C}
        mass_kg={reading.totalMass_g / 1000}
        start_C={workspace.batter_C}
        vessel="bowl"
        refrigerator_C={kit.refrigerator_C}
        room_C={kit.room_C}
        chosen={kit.codeOfPractice}
        temperatureUnit={kit.temperatureUnit}
      />
    </div>
  );
};
