'use client';

import dynamic from 'next/dynamic';
import { soFar, type PracticeResult } from '@/core/practice';
import { axisOf, INK, PLAIN } from '@/ui/chart';

const Chart = dynamic(() => import('react-apexcharts'), { ssr: false });

const AT = axisOf('practice');
/** A line needs so many points to say anything. */
const ENOUGH = 3;

/** The share of slips that was met, practice by practice, a line for each level. The same numbers stand in the table below. */
export function ProgressChart({ results }: { results: readonly PracticeResult[] }) {
  const levels = soFar(results).filter((l) => l.n >= ENOUGH);
  if (levels.length === 0) return null;
  return (
    <div className="mt-4 rounded-2xl bg-paper p-3" aria-hidden="true">
      <Chart
        type="line"
        height={260}
        series={levels.map(({ level, met }) => ({
          name: level.name,
          data: met.map((share, i) => ({ x: i + 1, y: share === null ? null : Math.round(share * 100) })),
        }))}
        options={{
          ...PLAIN,
          colors: [...INK.lines],
          stroke: { width: 3, curve: 'straight', dashArray: levels.map((_, i) => i * 4) },
          markers: { size: 5 },
          xaxis: {
            type: 'numeric',
            min: 1,
            max: Math.max(...levels.map((l) => l.n)),
            tickAmount: Math.min(10, Math.max(...levels.map((l) => l.n)) - 1),
            title: AT.title,
            labels: { ...AT.labels, formatter: (value) => String(Math.round(Number(value))) },
          },
          yaxis: {
            min: 0,
            max: 100,
            tickAmount: 4,
            ...axisOf('slips met, percent'),
          },
          legend: { position: 'top', fontSize: '15px', showForSingleSeries: true },
        }}
      />
    </div>
  );
}
