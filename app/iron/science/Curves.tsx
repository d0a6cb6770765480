import { Suspense, lazy, memo, useMemo, useState } from 'react';
import type { AdviceAnswer, Picture } from '../../../core/advise/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import { clock, Sheet, tawnyCss } from '../../ui/index.ts';
import { curveOptions, curvesOf, labelPlaces, tickStep } from './curveOptions.ts';
import type { Curve } from './curveOptions.ts';

const CurveChart = lazy(() => import('../../ui/picture/Chart.tsx'));
/** Right margin kept for the curves' names; the band and the scrubber end there too. */
const NAMES_PX = 64;

type Props = {
  readonly picture: Picture;
  readonly answer: AdviceAnswer;
  readonly kit: Kit;
  readonly second: number;
  readonly onSecond: (second: number) => void;
};

/** Curves, tawny band and scrubber on one axis of time. */
export const Curves = memo(function Curves({ picture, answer, kit, second, onSecond }: Props) {
  const [tableOpen, setTableOpen] = useState(false);
  const curves = useMemo(() => curvesOf(picture, kit.temperatureUnit), [picture, kit.temperatureUnit]);
  const options = useMemo(() => curveOptions(curves, answer, picture.seconds), [curves, answer, picture.seconds]);
  const share = second / picture.seconds;
  const step = tickStep(picture.seconds);
  return (
    <section aria-label="The cook over time" className="relative">
      <Suspense fallback={<div className="h-[178px]" />}>
        <CurveChart
          options={options}
          label={`Temperatures, steam, loss, colour and density over ${clock(picture.seconds)}; a table is behind the button`}
        />
      </Suspense>
      {labelPlaces(curves, picture.seconds).map(({ curve, top }) => (
        <span
          key={curve.name}
          aria-hidden
          className="absolute right-0 w-[60px] -translate-y-1/2 text-[13px] leading-none"
          style={{ top, color: curve.colour }}
        >
          {curve.name}
        </span>
      ))}
      <TawnyBand picture={picture} answer={answer} />
      <div className="relative -mt-[27px]" style={{ width: `calc(100% - ${NAMES_PX}px)` }}>
        <input
          type="range"
          className="scrub relative z-10"
          aria-label="Time in the iron"
          aria-valuetext={clock(second)}
          min={0}
          max={picture.seconds}
          step={1}
          value={second}
          onChange={(event) => onSecond(Number(event.target.value))}
        />
      </div>
      <div
        aria-hidden
        className="pointer-events-none absolute top-0 h-[206px] w-0.5 bg-act"
        style={{ left: `calc((100% - ${NAMES_PX}px - 20px) * ${share} + 9px)` }}
      />
      <div className="relative h-5 text-sm text-quiet" style={{ width: `calc(100% - ${NAMES_PX}px)` }} aria-hidden>
        {Array.from({ length: Math.floor(picture.seconds / step) + 1 }, (_, i) => i * step).map((at) => (
          <span
            key={at}
            className="absolute -translate-x-1/2 first:translate-x-0"
            style={{ left: at === 0 ? 0 : `calc((100% - 20px) * ${at / picture.seconds} + 10px)` }}
          >
            {clock(at)}
          </span>
        ))}
      </div>
      <button
        type="button"
        className="absolute right-0 bottom-5 w-16 pl-2 text-left text-sm font-semibold text-act underline underline-offset-2"
        onClick={() => setTableOpen(true)}
      >
        as table
      </button>
      <Sheet title="The cook, every quarter minute" open={tableOpen} onClose={() => setTableOpen(false)} wide>
        <CurveTable curves={curves} seconds={picture.seconds} />
      </Sheet>
    </section>
  );
});

const BAND_STOPS = 40;

const TawnyBand = ({ picture, answer }: { readonly picture: Picture; readonly answer: AdviceAnswer }) => {
  const stops = Array.from({ length: BAND_STOPS + 1 }, (_, i) => {
    const second = Math.round((i / BAND_STOPS) * picture.seconds);
    return `${tawnyCss(picture.tawny[second] ?? 1, picture.rawLightness)} ${((100 * i) / BAND_STOPS).toFixed(1)}%`;
  });
  const at = (second: number): string => `${(100 * Math.min(1, second / picture.seconds)).toFixed(2)}%`;
  const { p10, p90 } = answer.cookTimeBand_s;
  const { from, to } = answer.cookTime_s;
  return (
    <div className="relative h-[26px]" style={{ width: `calc(100% - ${NAMES_PX}px)` }}>
      <div
        className="absolute inset-x-[10px] inset-y-0 overflow-hidden rounded-sm"
        style={{ background: `linear-gradient(to right, ${stops.join(', ')})` }}
      >
        <div className="absolute inset-y-0 border-x-2 border-ink/80" style={{ left: at(from), width: `calc(${at(to)} - ${at(from)})` }} />
        <div className="absolute bottom-0 h-1 bg-ink/50" style={{ left: at(p10), width: `calc(${at(p90)} - ${at(p10)})` }} />
      </div>
    </div>
  );
};

const CurveTable = ({ curves, seconds }: { readonly curves: readonly Curve[]; readonly seconds: number }) => (
  // What scrolls must be reachable by keyboard (axe: scrollable-region-focusable).
  // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex
  <div role="region" aria-label="The curves in figures" tabIndex={0} className="max-h-[60vh] overflow-auto">
    <table className="w-full text-right text-[15px]">
      <thead className="sticky top-0 bg-sheet">
        <tr>
          <th scope="col" className="py-1 text-left">
            time
          </th>
          {curves.map((curve) => (
            <th key={curve.name} scope="col" className="px-1">
              {curve.name}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {Array.from({ length: Math.floor(seconds / 15) + 1 }, (_, i) => i * 15).map((second) => (
          <tr key={second} className="border-t border-line">
            <th scope="row" className="text-left font-normal">
              {clock(second)}
            </th>
            {curves.map((curve) => (
              <td key={curve.name} className="px-1">
                {cell(curve, curve.values[second] ?? 0)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </div>
);

const cell = (curve: Curve, value: number): string => {
  if (curve.pane === 0) return `${Math.round(value)} ${curve.unit}`;
  if (curve.name === 'lost') return `${(100 * value).toFixed(0)} %`;
  if (curve.name === 'tawny') return value.toFixed(1);
  return value.toFixed(2);
};
