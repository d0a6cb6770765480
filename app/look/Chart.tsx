import { BarChart, LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, LegendComponent, MarkAreaComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { EChartsCoreOption } from 'echarts/core';

echarts.use([LineChart, BarChart, GridComponent, LegendComponent, MarkAreaComponent, AriaComponent, CanvasRenderer]);

/** Curves and bars; drawn again only when the options change, never while scrubbing. */
const Chart = ({
  options,
  label,
  height = 178,
}: {
  readonly options: EChartsCoreOption;
  readonly label: string;
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
  return <div ref={box} role="img" aria-label={label} className="w-full" style={{ height }} />;
};

export default Chart;
