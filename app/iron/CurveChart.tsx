import { LineChart } from 'echarts/charts';
import { AriaComponent, GridComponent, MarkAreaComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import type { EChartsCoreOption } from 'echarts/core';

echarts.use([LineChart, GridComponent, MarkAreaComponent, AriaComponent, CanvasRenderer]);

/** The curves; drawn again only when the answer changes, never while scrubbing. */
const CurveChart = ({ options, label }: { readonly options: EChartsCoreOption; readonly label: string }) => {
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
  return <div ref={box} role="img" aria-label={label} className="h-[178px] w-full" />;
};

export default CurveChart;
