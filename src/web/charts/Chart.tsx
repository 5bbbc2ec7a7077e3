import { BarChart, CustomChart, LineChart, ScatterChart } from 'echarts/charts';
import {
  AriaComponent,
  GridComponent,
  MarkAreaComponent,
  MarkLineComponent,
  MarkPointComponent,
} from 'echarts/components';
import { init, use as register, type EChartsCoreOption, type EChartsType } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

register([
  BarChart,
  CustomChart,
  LineChart,
  ScatterChart,
  GridComponent,
  AriaComponent,
  MarkAreaComponent,
  MarkLineComponent,
  MarkPointComponent,
  SVGRenderer,
]);

/** Draws a chart option and keeps it in the size of its place. */
export function Chart({
  option,
  height,
  label,
}: {
  readonly option: object;
  readonly height: number;
  readonly label: string;
}) {
  const place = useRef<HTMLDivElement>(null);
  const chart = useRef<EChartsType | null>(null);
  useEffect(() => {
    if (!place.current) return;
    const drawn = init(place.current, undefined, { renderer: 'svg' });
    chart.current = drawn;
    const observer = new ResizeObserver(() => drawn.resize());
    observer.observe(place.current);
    return () => {
      observer.disconnect();
      drawn.dispose();
    };
  }, []);
  useEffect(() => {
    // Its own description would take the place of ours.
    const aria = { enabled: true, decal: { show: false }, label: { description: label } };
    chart.current?.setOption({ ...option, aria } as EChartsCoreOption, { notMerge: true });
  }, [option, label]);
  return <div ref={place} style={{ height }} role="img" aria-label={label} />;
}
