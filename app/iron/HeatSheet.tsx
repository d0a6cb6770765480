import { lazy, Suspense, useMemo, useState } from 'react';
import type { Course, Feasibility } from '../../core/advise/index.ts';
import { COURSE_STEP_S } from '../../core/advise/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { describeSentence } from '../../words/index.ts';
import { clock, Metric, nearestWord, NumberEntry, Sheet, tawnyCss, temperature, temperatureApart } from '../ui/index.ts';
import type { AdviceJob } from '../workers/index.ts';
import { useHeat } from '../workers/index.ts';
import { COLOURS } from '../ui/index.ts';

const Chart = lazy(() => import('../ui/picture/Chart.tsx'));

type Props = { readonly iron: Iron; readonly job: AdviceJob; readonly kit: Kit; readonly onClose: () => void };

/** Is it really hot, what does a load take, when may the next go in; and what a short preheat or weaker mains do. */
export const HeatSheet = ({ iron, job, kit, onClose }: Props) => {
  const [preheat_min, setPreheat] = useState(10);
  const [loads, setLoads] = useState(5);
  const [pause_s, setPause] = useState(60);
  const [mains, setMains] = useState(100);
  const [limit_min, setLimit] = useState(3);
  const heat = useHeat({
    job,
    course: { preheat_s: Math.round(60 * preheat_min), loads, pause_s, mains: mains / 100 },
    within_s: Math.round(60 * limit_min),
  });
  return (
    <Sheet title={`The heat of ${iron.name}`} open onClose={onClose} wide="very">
      <div className="flex flex-wrap gap-4">
        <NumberEntry
          narrow
          label="Preheated, min"
          value={preheat_min}
          min={0}
          max={60}
          onChange={(value) => value !== null && setPreheat(value)}
        />
        <NumberEntry narrow whole label="Loads" value={loads} min={1} max={12} onChange={(value) => value !== null && setLoads(value)} />
        <NumberEntry
          narrow
          label="Open to closed, s"
          value={pause_s}
          min={0}
          max={900}
          onChange={(value) => value !== null && setPause(value)}
        />
        <NumberEntry
          narrow
          label="Mains, % of volts"
          value={mains}
          min={60}
          max={115}
          onChange={(value) => value !== null && setMains(value)}
        />
        <NumberEntry
          narrow
          label="Wanted within, min"
          value={limit_min}
          min={0.2}
          max={20}
          onChange={(value) => value !== null && setLimit(value)}
        />
      </div>
      {heat.data?.ok === false && (
        <p role="alert" className="mt-3">
          {describeSentence(heat.data.failure)}.
        </p>
      )}
      {heat.data?.ok === true && (
        <div data-busy={heat.isFetching}>
          <HeatResult
            course={heat.data.value.course}
            within={heat.data.value.within}
            kit={kit}
            tawny={job.target.tawny}
            limit_min={limit_min}
            preheat_s={60 * preheat_min}
          />
        </div>
      )}
      <p className="mt-3 text-sm text-quiet">
        A light goes out when its sensor is warm, which may be before the plates are. Never leave a hot iron alone; the maker’s manual comes
        first.
      </p>
    </Sheet>
  );
};

const HeatResult = ({
  course,
  within,
  kit,
  tawny,
  limit_min,
  preheat_s,
}: {
  readonly course: Course;
  readonly within: Feasibility;
  readonly kit: Kit;
  readonly tawny: number;
  readonly limit_min: number;
  readonly preheat_s: number;
}) => {
  const unit = kit.temperatureUnit;
  const options = useMemo(
    () => ({
      animation: false,
      grid: { left: 48, right: 16, top: 12, bottom: 28 },
      xAxis: {
        type: 'value',
        name: '',
        min: 0,
        max: Math.ceil((course.plate_C.length * COURSE_STEP_S) / 60),
        axisLabel: { formatter: '{value} min' },
      },
      yAxis: {
        type: 'value',
        min: 0,
        axisLabel: { formatter: (value: number) => temperature(value, unit) },
        splitLine: { lineStyle: { color: COLOURS.track } },
      },
      series: [
        {
          type: 'line',
          showSymbol: false,
          lineStyle: { color: COLOURS.act, width: 2.5 },
          data: course.plate_C.map((T, i) => [(i * COURSE_STEP_S) / 60, Math.round(T * 10) / 10]),
          markArea: {
            silent: true,
            data: course.loads.map((load) => [
              { xAxis: load.closedAt_s / 60, itemStyle: { color: tawnyCss(load.tawny), opacity: 0.55 } },
              { xAxis: load.openedAt_s / 60 },
            ]),
          },
        },
      ],
    }),
    [course, unit],
  );
  const first = course.loads[0];
  const took = first === undefined ? 0 : first.from_C - first.lowest_C;
  return (
    <>
      <dl className="mt-4 grid grid-cols-4 gap-4 max-sm:grid-cols-2">
        <Metric
          big
          name="really hot after"
          figure="hot after"
          value={clock(course.hotAfter_s)}
          exact={course.hotAfter_s}
          note={`reaches ${temperature(course.reaches_C, unit)}`}
        />
        <Metric
          big
          name="a load takes"
          figure="load takes"
          value={temperatureApart(took, unit)}
          exact={took}
          note={first === undefined ? '' : `${temperature(first.from_C, unit)} at the first pour`}
        />
        <Metric
          big
          name="next may go in after"
          figure="ready after"
          value={first?.readyAfter_s == null ? 'over 5:00' : clock(first.readyAfter_s)}
          exact={first?.readyAfter_s ?? 300}
          note="from opening"
        />
        <Metric
          big
          name={`in ${limit_min} min it brings`}
          figure="within"
          value={within.isFeasible ? 'the wish' : `step ${within.tawny.toFixed(1)}`}
          exact={within.tawny}
          note={within.soonest_s === null ? 'never the wished step' : `soonest ${clock(within.soonest_s)}, at its hottest`}
        />
      </dl>
      {!within.isFeasible && (
        <p data-code="not-within" className="mt-3 border-l-3 border-ink bg-sheet px-3 py-2 text-[17px]">
          This iron can’t bring the load to step {tawny} in {limit_min} min, even at its hottest and fully heated
          {within.isSet ? '' : '; it wouldn’t be set either'}. The nearest: step {within.tawny.toFixed(1)} in that time
          {within.soonest_s === null ? '' : `, or step ${tawny} in ${clock(within.soonest_s)}`}
          {within.power_W === null ? '; no more watts would do it' : `; some ${within.power_W} W would just do it`}.
        </p>
      )}
      {course.hotAfter_s > preheat_s + 20 && (
        <p className="mt-3 border-l-3 border-ink bg-sheet px-3 py-2 text-[17px]">
          Not hot yet at the first pour: it would need {clock(course.hotAfter_s)}.
        </p>
      )}
      <Suspense fallback={<div style={{ height: 210 }} />}>
        <Chart options={options} label={`Plate temperature over ${course.loads.length} loads`} height={210} />
      </Suspense>
      <ol className="mt-2 flex flex-wrap gap-2" aria-label="Loads in a row">
        {course.loads.map((load, i) => (
          <li key={i} data-tawny={load.tawny.toFixed(2)} className="flex items-center gap-2 bg-sheet px-2 py-1 text-[15px]">
            <i aria-hidden className="inline-block size-6 rounded-sm" style={{ background: tawnyCss(load.tawny) }} />
            <span>
              <b>{i + 1}</b> from {temperature(load.from_C, unit)}: {load.isSet ? nearestWord(load.tawny) : 'not set'}
            </span>
          </li>
        ))}
      </ol>
    </>
  );
};
