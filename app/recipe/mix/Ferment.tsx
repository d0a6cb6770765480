import { HOUR_MS } from '../../../core/basis/index.ts';
import { lazy, Suspense } from 'react';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import type { YeastForm } from '../../../core/lift/index.ts';
import { YEAST_HURT_C, yeastAs, yeastedBowl } from '../../../core/lift/index.ts';
import { describeSentence } from '../../../words/index.ts';
import { Metric, Findings, grams, InlineSelect, temperature, timeOfDay } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { curves } from './curves.ts';
import { FermentNight } from './FermentNight.tsx';
import { Liquid } from './Liquid.tsx';
import { Readings } from './Readings.tsx';
import { SafetyClock } from './SafetyClock.tsx';
import { TakeNearest } from './TakeNearest.tsx';
import type { FermentState } from './useFerment.ts';
import { useFerment } from './useFerment.ts';
import { COLOURS } from '../../ui/index.ts';

const Chart = lazy(() => import('../../ui/picture/Chart.tsx'));
const FORMS: readonly YeastForm[] = ['dry-yeast', 'instant-yeast', 'fresh-yeast'];
const FORM_WORDS: Readonly<Record<YeastForm, string>> = {
  'dry-yeast': 'dry yeast',
  'instant-yeast': 'instant yeast',
  'fresh-yeast': 'fresh yeast',
};

type Props = { readonly session: Session; readonly formula: Formula; readonly reading: ParsedFormula };

export const Ferment = ({ session, formula, reading }: Props) => {
  const bowl = yeastedBowl(reading);
  if (bowl === null)
    return (
      <p className="max-w-xl text-lg">
        There is no yeast in this recipe. For a yeasted batter, take about 4 g of dry yeast to 500 g of flour and a night in the cold, or
        twice as much and two hours in the warm.
      </p>
    );
  return <FermentPath session={session} formula={formula} reading={reading} yeast={bowl} />;
};

const rows = (row: Float64Array): (readonly [number, number])[] =>
  Array.from({ length: Math.floor((row.length - 1) / 5) + 1 }, (_, i) => [(5 * i) / 60, row[5 * i] ?? 0] as const);

/** Temperature and volume over the night, with what was read. */
const drawingOf = ({ path, ripe, night, startAt, duration_s, readings }: FermentState, kit: Session['kit']) =>
  curves(
    'clock',
    { min: 0, max: path.minutes / 60, say: (h) => timeOfDay(startAt + h * HOUR_MS, kit.zone) },
    { min: 0, max: 5 * Math.ceil(Math.max(31, night.start_C + 3) / 5), say: (t) => temperature(t, kit.temperatureUnit) },
    [
      { name: 'temperature', colour: COLOURS.ink, dash: 'solid', points: rows(path.T_C) },
      { name: 'volume', colour: COLOURS.act, dash: 'dashed', points: rows(path.rise), right: true },
      ...(readings.some((r) => r.what === 'temperature_C')
        ? [
            {
              name: 'read',
              colour: '#6d5f57',
              dash: 'dotted' as const,
              points: readings.flatMap((r) => (r.what === 'temperature_C' ? [[r.at_s / 3600, r.value] as const] : [])),
            },
          ]
        : []),
    ],
    [
      ...(ripe.from_min === null ? [] : [{ x: ripe.from_min / 60, label: 'ready' }]),
      ...(ripe.until_min === null ? [] : [{ x: ripe.until_min / 60, label: 'over-ripe' }]),
      { x: duration_s / 3600, label: 'cook', strong: true },
    ],
    { min: 1, max: Math.max(1.6, ripe.peak + 0.2), say: (v) => `×${v.toFixed(1)}` },
  );

type PathProps = Props & { readonly yeast: NonNullable<ReturnType<typeof yeastedBowl>> };

/** *Common practice*. */
const NIGHT_H = 12;

const FermentPath = ({ session, formula, reading, yeast }: PathProps) => {
  const { kit } = session;
  const state = useFerment(session, formula, reading, yeast);
  const { bent, path, ripe, atCook, bowlNeed_mL, bowlThatFits, wanted, refused, startAt, lot, note } = state;
  const { night, set, takeWarmPath, form, setForm, takeYeast } = state;
  const at = (minute: number | null): string => (minute === null ? 'not on this path' : timeOfDay(startAt + minute * 60_000, kit.zone));
  return (
    <div className="flex flex-col gap-5">
      <section aria-label="Ferment" className="grid grid-cols-[minmax(0,1fr)_360px] gap-8 max-lg:grid-cols-1">
        <figure>
          <Suspense fallback={<p className="text-quiet">Drawing …</p>}>
            <Chart {...drawingOf(state, kit)} label="Temperature and volume of the batter over the night" height={320} />
          </Suspense>
        </figure>
        <div className="flex flex-col gap-3">
          <dl className="grid grid-cols-2 gap-x-4 gap-y-2">
            <Metric name="ready from" value={at(ripe.from_min)} />
            <Metric name="until" value={ripe.until_min === null ? 'beyond' : at(ripe.until_min)} />
            <Metric name="when cooked" value={`×${(path.rise[atCook] ?? 1).toFixed(2)}`} />
            <Metric name="bowl" value={bowlThatFits === null ? `${Math.ceil(bowlNeed_mL / 100) * 100} mL` : bowlThatFits.name} />
          </dl>
          <p className="text-[15px]">
            {grams(yeast.formYeast_g)} g {FORM_WORDS[yeast.form]} in the recipe.{' '}
            {night.start_C >= YEAST_HURT_C ? (
              'So warm a batter kills yeast: no amount of it is the cure, cool the liquid first.'
            ) : wanted.ok ? (
              <>
                For this clock{' '}
                <b className="figure text-2xl" data-figure="yeast_g" data-exact={wanted.value}>
                  {grams(yeastAs(wanted.value, 'dry-yeast', form))}
                </b>{' '}
                g{' '}
                <InlineSelect
                  label="Yeast as"
                  value={form}
                  choices={FORMS.map((value) => ({ value, label: FORM_WORDS[value] }))}
                  onChange={setForm}
                />{' '}
                <button
                  type="button"
                  className="min-h-9 font-semibold text-act underline underline-offset-2"
                  onClick={() => takeYeast(wanted.value)}
                >
                  write it down
                </button>
              </>
            ) : (
              <>
                {describeSentence(wanted.failure)}. <TakeNearest failure={wanted.failure} onTake={(elapsed_h) => set({ elapsed_h })} />
              </>
            )}
          </p>
          <p className="text-[15px] text-quiet">
            {bent.used === 0
              ? 'Model only: ±40 % in gas.'
              : `Bent to ${bent.used} readings: cools ×${bent.ferment.tauFactor.toFixed(2)} as slowly, yeast ×${bent.ferment.rateFactor.toFixed(2)}.`}{' '}
            Whisk it flat some ten minutes before cooking.
          </p>
          <button type="button" className="button-plain" onClick={takeWarmPath}>
            I have no night: the two-hour warm path
          </button>
          {refused !== null && <Findings findings={[refused]} />}
          {night.start_C >= YEAST_HURT_C && (
            <Findings findings={[{ code: 'yeast-hurt', level: 'warning', fields: { liquid_C: night.start_C } }]} />
          )}
          {night.start_C < YEAST_HURT_C && (night.cookAt - startAt) / 3_600_000 < NIGHT_H && (
            <p className="text-[15px]">
              Practice gives a yeasted batter a night of {NIGHT_H} hours or more, for its flavour; sooner it has risen, and tastes of little
              else than flour.
            </p>
          )}
          <Findings findings={bent.findings} />
        </div>
      </section>
      <FermentNight ferment={state} zone={kit.zone} />
      <div className="grid grid-cols-2 gap-8 max-lg:grid-cols-1">
        <SafetyClock
          T_C={path.T_C.slice(0, atCook + 1)}
          mass_kg={yeast.batter_g / 1000}
          start_C={night.start_C}
          vessel={night.vessel}
          refrigerator_C={night.fridge_C}
          room_C={night.room_C}
          chosen={kit.codeOfPractice}
          temperatureUnit={kit.temperatureUnit}
        />
        <div className="flex flex-col gap-5">
          <Liquid reading={reading} start_C={night.start_C} room_C={night.room_C} session={session} />
          <Readings session={session} mass_kg={yeast.batter_g / 1000} start_C={night.start_C} lot={lot} note={note} />
        </div>
      </div>
    </div>
  );
};
