'use client';

import dynamic from 'next/dynamic';
import type { ModelCheck } from '@/core/models';
import { axisOf, INK, PLAIN } from '@/ui/chart';

const Chart = dynamic(() => import('react-apexcharts'), { ssr: false });

/** A model as lines and what it is held against as points. The same numbers stand in a table below. */
export function CheckChart({ check }: { check: ModelCheck }) {
  const { series, x, y, valid } = check;
  const places = series.flatMap((s) => s.points.map(([at]) => at));
  const range = { min: Math.min(...places), max: Math.max(...places) };
  return (
    <Chart
      type="line"
      height={300}
      series={series.map((s) => ({
        name: s.name,
        data: s.points.map(([at, value]) => ({ x: at, y: value })),
      }))}
      options={{
        ...PLAIN,
        colors: series.map((s, i) => (s.as === 'points' ? INK.published : INK.lines[i % INK.lines.length])),
        stroke: { width: series.map((s) => (s.as === 'points' ? 0 : 3)), curve: 'straight' },
        markers: { size: series.map((s) => (s.as === 'points' ? 6 : 0)) },
        annotations: {
          xaxis: [{ x: valid[0], x2: valid[1], fillColor: INK.valid, opacity: 0.25, borderColor: INK.valid }],
        },
        xaxis: {
          ...axisOf(x),
          type: 'numeric',
          ...range,
          tickAmount: ticksOf(check),
          labels: {
            ...axisOf(x).labels,
            formatter: (value) => String(Math.round(Number(value) * 100) / 100),
          },
        },
        yaxis: { ...axisOf(y), decimalsInFloat: 0 },
        legend: { position: 'top', fontSize: '15px', showForSingleSeries: false },
      }}
    />
  );
}

/** A tick at every place of the longest line, or at every other where there are many. */
function ticksOf({ series }: ModelCheck): number {
  const steps = Math.max(...series.map((s) => s.points.length)) - 1;
  return steps > 13 ? steps / 2 : steps;
}
