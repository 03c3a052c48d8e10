'use client';

import dynamic from 'next/dynamic';
import { soFar, type PracticeResult } from '@/core/practice';
import { INK } from '../../models/chart-colours';

const Chart = dynamic(() => import('react-apexcharts'), { ssr: false });

const LETTERING = { fontSize: '14px' };
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
          chart: {
            toolbar: { show: false },
            zoom: { enabled: false },
            animations: { enabled: false },
            fontFamily: 'inherit',
            foreColor: INK.text,
          },
          colors: [...INK.lines],
          stroke: { width: 3, curve: 'straight', dashArray: levels.map((_, i) => i * 4) },
          markers: { size: 5 },
          grid: { borderColor: INK.valid },
          xaxis: {
            type: 'numeric',
            min: 1,
            max: Math.max(...levels.map((l) => l.n)),
            tickAmount: Math.min(10, Math.max(...levels.map((l) => l.n)) - 1),
            title: { text: 'practice', style: LETTERING },
            labels: { style: LETTERING, formatter: (value) => String(Math.round(Number(value))) },
          },
          yaxis: {
            min: 0,
            max: 100,
            tickAmount: 4,
            title: { text: 'slips met, percent', style: LETTERING },
            labels: { style: LETTERING },
          },
          legend: { position: 'top', fontSize: '15px', showForSingleSeries: true },
          tooltip: { enabled: false },
        }}
      />
    </div>
  );
}
