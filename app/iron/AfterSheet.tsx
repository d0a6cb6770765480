import { lazy, Suspense, useMemo } from 'react';
import type { Destination, PlaceCourse } from '../../core/advise/index.ts';
import type { Target } from '../../core/cook/index.ts';
import { describeSentence } from '../../words/index.ts';
import type { Kit, Reheats } from '../../core/kit/index.ts';
import { USUAL_REHEATS } from '../../core/kit/index.ts';
import { PUBLISHED } from '../../core/safety/index.ts';
import { percent, reheatClock, REHEATER_WORDS, Sheet, tawnyCss, temperature } from '../ui/index.ts';
import { useDegrees } from '../session/index.ts';
import { useKit } from '../store/index.ts';
import type { AdviceJob } from '../workers/index.ts';
import { useAfter } from '../workers/index.ts';
import { COLOURS } from '../ui/index.ts';

const Chart = lazy(() => import('../ui/picture/Chart.tsx'));

type Unit = Kit['temperatureUnit'];

const PLACES: Readonly<
  Partial<
    Record<
      PlaceCourse['place'],
      { readonly name: (unit: Unit) => string; readonly colour: string; readonly dash: 'solid' | 'dashed' | 'dotted' }
    >
  >
> = {
  rack: { name: () => 'on a rack', colour: COLOURS.act, dash: 'solid' },
  dish: { name: () => 'on a dish', colour: '#5d6770', dash: 'dashed' },
  stack: { name: () => 'in a pile', colour: COLOURS.hazard, dash: 'dotted' },
  oven: { name: (unit) => `in an oven at ${temperature(93, unit)}`, colour: COLOURS.ink, dash: 'solid' },
};

const DESTINATIONS: Readonly<
  Record<Destination, { readonly name: string; readonly how: (unit: Unit, minutes: number, reheats: Reheats) => string }>
> = {
  now: { name: 'Eat now', how: () => 'off the iron, two minutes on a rack' },
  hold: { name: 'Hold', how: (unit, minutes) => `a rack in the oven at ${temperature(93, unit)}, ${minutes} minutes` },
  freeze: {
    name: 'Freeze',
    how: (unit, minutes, { by, oven_C }) =>
      `cooled, frozen; later ${reheatClock(60 * minutes)} in the ${by === 'oven' ? `oven at ${temperature(oven_C, unit)}` : REHEATER_WORDS[by]}`,
  },
  tin: { name: 'Tin', how: (_, minutes) => `cooled on a rack for ${minutes} minutes, then shut in` },
};

/** What becomes of the pieces by where they lie, and what to aim for by where they go. */
export const AfterSheet = ({
  job,
  onAim,
  onClose,
}: {
  readonly job: AdviceJob;
  readonly onAim: (target: Target) => void;
  readonly onClose: () => void;
}) => {
  const unit = useDegrees();
  const { reheats = USUAL_REHEATS } = useKit();
  const after = useAfter({ job, reheats }).data;
  // The other schools of holding are the run's.
  const courses = useMemo(
    () =>
      after?.ok === true
        ? after.value.courses.flatMap((course) => {
            const look = PLACES[course.place];
            return look === undefined ? [] : [{ ...course, look }];
          })
        : null,
    [after],
  );
  const options = useMemo(
    () =>
      courses === null
        ? null
        : {
            animation: false,
            grid: { left: 34, right: 16, top: 12, bottom: 28 },
            xAxis: { type: 'value', min: 0, max: 30, axisLabel: { formatter: '{value} min' } },
            yAxis: { type: 'value', min: 1, max: 5, interval: 1, splitLine: { lineStyle: { color: COLOURS.track } } },
            series: courses.map(({ look, course }) => ({
              type: 'line',
              name: look.name(unit),
              showSymbol: false,
              lineStyle: { color: look.colour, type: look.dash, width: 2.5 },
              itemStyle: { color: look.colour },
              data: course.crisp.map((value, minute) => [minute, Math.round(value * 100) / 100]),
            })),
          },
    [courses, unit],
  );
  return (
    <Sheet title="After the iron" open onClose={onClose} wide="very">
      {after?.ok === false && <p role="alert">{describeSentence(after.failure)}.</p>}
      {after === undefined && <p className="text-lg text-quiet">Following the pieces …</p>}
      {after?.ok === true && courses !== null && options !== null && (
        <div className="grid grid-cols-2 gap-8 max-lg:grid-cols-1">
          <section aria-label="Crispness by where they lie">
            <h3>Crispness, by where they lie</h3>
            <Suspense fallback={<div style={{ height: 240 }} />}>
              <Chart
                options={options}
                keys={courses.map(({ look }) => ({ ...look, name: look.name(unit) }))}
                label="Crispness over thirty minutes on a rack, on a dish, in a pile and in an oven"
                height={240}
              />
            </Suspense>
            <ul className="mt-2">
              {courses.map(({ place, look, course, lost_min }) => (
                <li
                  key={place}
                  data-place={place}
                  data-lost={lost_min ?? ''}
                  className="grid grid-cols-[170px_1fr] border-b border-line py-1"
                >
                  <b>{look.name(unit)}</b>
                  <span>
                    {(course.crisp[0] ?? 1) < 2 && lost_min === null && Math.max(...course.crisp) < 2
                      ? 'never crisp'
                      : lost_min === null
                        ? 'crisp for half an hour and more'
                        : `no longer crisp after ${lost_min} min`}
                    , {percent(1 - (course.mass.at(-1) ?? 1))} lighter
                  </span>
                </li>
              ))}
            </ul>
          </section>
          <section aria-label="Where do they go?">
            <h3>Where do they go?</h3>
            <p className="text-[15px] text-quiet">What is finished later is taken out of the iron so that it ends as you wished.</p>
            <ul className="mt-2 flex flex-col gap-2">
              {after.value.aims.map(({ destination, aim, adds, crispAtEnd, dries, minutes }) => (
                <li key={destination} data-destination={destination} className="flex items-center gap-4 bg-sheet p-3">
                  <i aria-hidden className="inline-block size-12 shrink-0 rounded-md" style={{ background: tawnyCss(aim.tawny) }} />
                  <div className="min-w-0 flex-1">
                    <b className="font-display text-lg">{DESTINATIONS[destination].name}</b>{' '}
                    <span className="text-[15px] text-quiet">{DESTINATIONS[destination].how(unit, minutes, reheats)}</span>
                    <p className="text-[15px]">
                      Aim at step <b>{aim.tawny.toFixed(1)}</b>
                      {aim.crisp !== null && (
                        <>
                          , crisp <b>{aim.crisp.toFixed(1)}</b>
                        </>
                      )}
                      {destination !== 'now' &&
                        ` · browns ${adds < 0.05 ? 'no further' : `+${adds.toFixed(1)}`}, dries ${percent(dries)}, crisp ${crispAtEnd.toFixed(1)} at the end`}
                    </p>
                  </div>
                  <button type="button" className="button-plain shrink-0" onClick={() => onAim(aim)}>
                    Aim<span className="sr-only"> for {DESTINATIONS[destination].name.toLowerCase()}</span>
                  </button>
                </li>
              ))}
            </ul>
            <p className="mt-2 text-sm text-quiet">
              Held food: {temperature(PUBLISHED.hotHoldingUs.least_C, unit)} or above ({PUBLISHED.hotHoldingUs.source}),{' '}
              {temperature(PUBLISHED.hotHoldingEngland.least_C, unit)} in England, or by the clock of your code. Never a stack, never a flat
              dish while it steams.
            </p>
          </section>
        </div>
      )}
    </Sheet>
  );
};
