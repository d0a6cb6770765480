import type { EChartsCoreOption } from 'echarts/core';
import type { AdviceAnswer, Picture } from '../../../core/advise/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import { celsiusToFahrenheit } from '../../../core/basis/index.ts';
import { COLOURS } from '../../ui/index.ts';

/** Everything on the same seconds: temperatures above; steam, loss, colour and density below, each on its own full scale. */
export type Curve = {
  readonly name: string;
  readonly unit: string;
  readonly colour: string;
  readonly dash: 'solid' | 'dashed' | 'dotted';
  readonly pane: 0 | 1;
  readonly full: number;
  readonly values: ArrayLike<number>;
};

export const curvesOf = (picture: Picture, unit: Kit['temperatureUnit']): Curve[] => {
  const warm = (values: Float64Array): Float64Array => (unit === 'F' ? values.map(celsiusToFahrenheit) : values);
  const degrees = unit === 'F' ? '°F' : '°C';
  return [
    { name: 'plate', unit: degrees, colour: '#6d5f57', dash: 'dashed', pane: 0, full: 1, values: warm(picture.plate_C) },
    { name: 'face', unit: degrees, colour: COLOURS.act, dash: 'dotted', pane: 0, full: 1, values: warm(picture.face_C) },
    { name: 'core', unit: degrees, colour: COLOURS.ink, dash: 'solid', pane: 0, full: 1, values: warm(picture.core_C) },
    {
      name: 'steam',
      unit: 'g/s',
      colour: '#3f6c82',
      dash: 'solid',
      pane: 1,
      full: Math.max(0.01, ...picture.steam_gPerS),
      values: picture.steam_gPerS,
    },
    { name: 'lost', unit: '% of 40', colour: COLOURS.ink, dash: 'dashed', pane: 1, full: 0.4, values: picture.loss },
    { name: 'tawny', unit: 'step of 8', colour: '#8f5f2c', dash: 'solid', pane: 1, full: 8, values: picture.tawny },
    { name: 'density', unit: 'of 1.2 g/mL', colour: '#5d6770', dash: 'dotted', pane: 1, full: 1.2, values: picture.density_gPerML },
  ];
};

const PANES = [
  { top: 6, height: 84 },
  { top: 98, height: 74 },
] as const;
const LABEL_GAP = 15;

/** Where each curve ends, px from the top, moved apart so that the names can be read. */
export const labelPlaces = (curves: readonly Curve[], seconds: number): { curve: Curve; top: number }[] => {
  const warmest = Math.max(
    ...curves.filter((curve) => curve.pane === 0).flatMap((curve) => [...Array.from(curve.values).slice(0, seconds + 1)]),
  );
  const ceiling = niceCeiling(warmest);
  const wished = curves.map((curve) => {
    const { top, height } = PANES[curve.pane];
    const share = (curve.values[seconds] ?? 0) / (curve.pane === 0 ? ceiling : curve.full);
    return { curve, top: top + height * (1 - Math.min(1, share)) };
  });
  wished.sort((a, b) => a.top - b.top);
  const bottom = PANES[1].top + PANES[1].height;
  for (let pass = 0; pass < 8; pass++)
    wished.forEach((label, i) => {
      const next = wished[i + 1];
      if (next !== undefined && next.top - label.top < LABEL_GAP) {
        const middle = (label.top + next.top) / 2;
        label.top = Math.max(0, middle - LABEL_GAP / 2);
        next.top = Math.min(bottom, label.top + LABEL_GAP);
      }
    });
  return wished;
};

/** Seconds between two labels: round, and at most about eight of them. */
export const tickStep = (seconds: number): number => [5, 10, 15, 30, 60, 120].find((step) => seconds / step <= 8) ?? 300;

const niceCeiling = (value: number): number => Math.ceil(value / 50) * 50;

export const curveOptions = (curves: readonly Curve[], answer: AdviceAnswer, seconds: number): EChartsCoreOption => {
  const step = seconds > 400 ? 2 : 1;
  const { from, to } = answer.cookTime_s;
  const axis = (gridIndex: number) => ({
    type: 'value' as const,
    gridIndex,
    min: 0,
    max: seconds,
    interval: tickStep(seconds),
    axisLabel: { show: false },
    axisTick: { show: false },
    axisLine: { lineStyle: { color: COLOURS.line } },
    splitLine: { lineStyle: { color: '#e3e7e4' } },
  });
  // As far in as the band's and the scrubber's ends.
  const common = { left: 10, right: 74 };
  return {
    animation: false,
    aria: { enabled: true },
    grid: [
      { ...common, ...PANES[0] },
      { ...common, ...PANES[1] },
    ],
    xAxis: [axis(0), axis(1)],
    yAxis: [
      {
        type: 'value',
        gridIndex: 0,
        min: 0,
        max: ({ max }: { max: number }) => niceCeiling(max),
        axisLabel: { inside: true, fontSize: 12, color: COLOURS.quiet, showMinLabel: false, verticalAlign: 'top' },
        splitNumber: 3,
        splitLine: { lineStyle: { color: '#e3e7e4' } },
        z: 3,
      },
      { type: 'value', gridIndex: 1, min: 0, max: 1, axisLabel: { show: false }, splitLine: { show: false } },
    ],
    series: curves.map((curve, i) => ({
      type: 'line',
      name: curve.name,
      xAxisIndex: curve.pane,
      yAxisIndex: curve.pane,
      showSymbol: false,
      silent: true,
      lineStyle: { color: curve.colour, width: 2, type: curve.dash },
      itemStyle: { color: curve.colour },
      data: Array.from({ length: Math.floor(seconds / step) + 1 }, (_, n) => [
        n * step,
        Number(((curve.values[n * step] ?? 0) / curve.full).toFixed(3)),
      ]),
      ...(i === 0 || i === 3
        ? {
            markArea: {
              silent: true,
              itemStyle: { color: 'rgba(20, 83, 90, 0.1)' },
              data: [[{ xAxis: from }, { xAxis: Math.max(from + 1, to) }]],
            },
          }
        : {}),
    })),
  };
};
