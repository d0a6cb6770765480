import type { EChartsCoreOption } from 'echarts/core';
import type { ChartKey, ChartTable } from '../../ui/index.ts';
import { COLOURS } from '../../ui/index.ts';

export type Line = {
  readonly name: string;
  readonly colour: string;
  readonly dash: 'solid' | 'dashed' | 'dotted';
  readonly points: readonly (readonly [x: number, y: number])[];
  /** On the right-hand axis. */
  readonly right?: boolean;
};
export type Mark = { readonly x: number; readonly label: string; readonly strong?: boolean };
export type Axis = { readonly min: number; readonly max: number; readonly say: (value: number) => string; readonly name?: string };

/** Names of marks stand in so many rows, so that neighbours don't cover each other. */
const ROWS = 3;

/** Lines over one axis, with upright marks where people stop; their key, and the same as a table. `name`: what runs along the axis. */
export const curves = (
  name: string,
  x: Axis,
  left: Axis,
  lines: readonly Line[],
  marks: readonly Mark[] = [],
  right?: Axis,
): { readonly options: EChartsCoreOption; readonly keys: readonly ChartKey[]; readonly table: ChartTable } => ({
  options: optionsOf(x, left, lines, marks, right),
  keys: lines,
  table: {
    head: [name, ...lines.map((line) => line.name)],
    rows: Array.from({ length: TABLE_ROWS + 1 }, (_, i) => x.min + ((x.max - x.min) * i) / TABLE_ROWS).map((at) => [
      x.say(Math.round(10 * at) / 10),
      ...lines.map((line) => {
        const value = valueAt(line, at);
        return value === null ? '' : (line.right === true && right !== undefined ? right : left).say(value);
      }),
    ]),
  },
});

const TABLE_ROWS = 8;

/** Between the points on either side; null outside them. */
const valueAt = ({ points }: Line, x: number): number | null => {
  const after = points.findIndex(([at]) => at >= x);
  const [to, from] = [points[after], points[after - 1]];
  if (to === undefined) return null;
  if (from === undefined || to[0] === from[0]) return to[0] - x > 1e-9 ? null : to[1];
  return from[1] + ((to[1] - from[1]) * (x - from[0])) / (to[0] - from[0]);
};

const optionsOf = (x: Axis, left: Axis, lines: readonly Line[], marks: readonly Mark[], right: Axis | undefined): EChartsCoreOption => ({
  animation: false,
  aria: { enabled: true },
  grid: {
    left: 52,
    right: right === undefined ? 18 : 52,
    top: marks.length === 0 ? 12 : 18 + 16 * Math.min(ROWS + 1, marks.length),
    bottom: 34,
  },
  xAxis: {
    type: 'value',
    min: x.min,
    max: x.max,
    axisLabel: { formatter: x.say, fontSize: 13 },
    splitLine: { show: false },
  },
  yAxis: [left, ...(right === undefined ? [] : [right])].map((axis, i) => ({
    type: 'value',
    min: axis.min,
    max: axis.max,
    position: i === 0 ? 'left' : 'right',
    axisLabel: { formatter: axis.say, fontSize: 13 },
    splitLine: { show: i === 0, lineStyle: { color: '#e1e5e2' } },
  })),
  series: [
    ...lines.map((line) => ({
      type: 'line',
      name: line.name,
      yAxisIndex: line.right === true ? 1 : 0,
      showSymbol: false,
      symbol: 'none',
      lineStyle: { width: 2.5, color: line.colour, type: line.dash },
      itemStyle: { color: line.colour },
      data: line.points.map((point) => [...point]),
    })),
    ...marks.map((mark, i) => ({
      type: 'line',
      name: `mark ${i}`,
      showSymbol: false,
      symbol: 'none',
      lineStyle: {
        width: mark.strong === true ? 2.5 : 1,
        color: mark.strong === true ? COLOURS.act : '#7d8a88',
        type: mark.strong === true ? 'solid' : 'dashed',
      },
      endLabel: {
        show: true,
        formatter: mark.label,
        color: COLOURS.ink,
        fontSize: 12.5,
        fontWeight: mark.strong === true ? 'bold' : 'normal',
        position: 'top',
        align: (mark.x - x.min) / (x.max - x.min) < 0.12 ? 'left' : 'center',
        // The strong one above the others, in the room there is.
        offset: [0, -16 * (mark.strong === true ? Math.min(ROWS, marks.length - 1) : i % ROWS)],
      },
      data: [
        [mark.x, left.min],
        [mark.x, left.max],
      ],
      tooltip: { show: false },
    })),
  ],
});

/** A function over an axis as points. */
export const sampled = (f: (x: number) => number, from: number, to: number, n = 60): (readonly [number, number])[] =>
  Array.from({ length: n + 1 }, (_, i) => {
    const x = from + ((to - from) * i) / n;
    return [x, f(x)] as const;
  });
