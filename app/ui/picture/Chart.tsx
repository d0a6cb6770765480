import { BarChart, LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, MarkAreaComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { EChartsCoreOption } from 'echarts/core';
import type { ChartKey, ChartTable } from './chartKey.ts';

echarts.use([LineChart, BarChart, GridComponent, MarkAreaComponent, AriaComponent, CanvasRenderer]);

/** Curves and bars under a key of our own, with the same as a table; drawn again only when the options change, never while scrubbing. */
const Chart = ({
  options,
  label,
  keys = [],
  table,
  height = 178,
}: {
  readonly options: EChartsCoreOption;
  /** What it shows, in a sentence that is heard first. */
  readonly label: string;
  readonly keys?: readonly ChartKey[];
  readonly table?: ChartTable;
  readonly height?: number;
}) => {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<echarts.ECharts | null>(null);
  useEffect(() => {
    const element = box.current;
    if (element === null) return;
    const made = echarts.init(element);
    chart.current = made;
    const watcher = new ResizeObserver(() => made.resize());
    watcher.observe(element);
    return () => {
      watcher.disconnect();
      made.dispose();
      chart.current = null;
    };
  }, []);
  useEffect(() => {
    chart.current?.setOption(options, { notMerge: true });
  }, [options]);
  return (
    <>
      {keys.length > 0 && (
        <ul aria-hidden className="flex flex-wrap gap-x-5 gap-y-1 text-[15px]">
          {keys.map((key) => (
            <li key={key.name} className="flex items-center gap-2">
              <svg width="30" height="12">
                {key.fill === undefined ? (
                  <line x1="0" x2="30" y1="6" y2="6" stroke={key.colour} strokeWidth="3" strokeDasharray={dashArray(key.dash)} />
                ) : (
                  <rect x="6" width="16" height="12" fill={key.fill} stroke={key.colour} strokeWidth="0.5" />
                )}
              </svg>
              {key.name}
            </li>
          ))}
        </ul>
      )}
      <div ref={box} role="img" aria-label={label} className="w-full" style={{ height }} />
      {table !== undefined && (
        <details className="text-[15px]">
          <summary className="inline-flex min-h-8 items-center font-semibold text-act underline underline-offset-2">as table</summary>
          <table className="mt-1">
            <caption className="sr-only">{label}</caption>
            <thead>
              <tr>
                {table.head.map((name) => (
                  <th key={name} scope="col" className="pr-5 text-left font-normal text-quiet">
                    {name}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {table.rows.map((row) => (
                <tr key={row[0]}>
                  {row.map((cell, i) => (
                    <td key={i} className={i === 0 ? 'pr-5' : 'pr-5 font-bold'}>
                      {cell}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </>
  );
};

const dashArray = (dash: ChartKey['dash']): string | undefined =>
  dash === 'dashed' ? '8 5' : dash === 'dotted' ? '2 4' : Array.isArray(dash) ? dash.join(' ') : undefined;

export default Chart;
