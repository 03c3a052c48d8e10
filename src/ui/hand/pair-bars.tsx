'use client';

import dynamic from 'next/dynamic';

const Chart = dynamic(() => import('react-apexcharts'), { ssr: false });

type Series = { readonly name: string; readonly data: readonly (number | null)[] };

type Props = {
  /** What was planned, and what came of it. */
  series: readonly [Series, Series];
  categories: readonly string[];
  unit: string;
  height: number;
  horizontal?: boolean;
  valueText?: (value: number) => string;
};

const LETTERING = { fontSize: '15px' };

/** Pairs of bars, pale for what was planned and dark for what was done. Whoever uses it gives a table too. */
export function PairBars({ series, categories, unit, height, horizontal = false, valueText }: Props) {
  const named = { labels: { style: LETTERING, maxWidth: 280 } };
  const counted = { labels: { style: LETTERING }, title: { text: unit, style: LETTERING } };
  return (
    <Chart
      type="bar"
      height={height}
      series={series.map(({ name, data }) => ({ name, data: [...data] }))}
      options={{
        chart: {
          toolbar: { show: false },
          animations: { enabled: false },
          fontFamily: 'inherit',
          foreColor: '#1f2a26',
        },
        colors: ['#d8cfbd', '#1f2a26'],
        plotOptions: { bar: { horizontal, barHeight: '80%', columnWidth: '60%' } },
        dataLabels: { enabled: false },
        stroke: { show: true, width: 1, colors: ['#1f2a26'] },
        xaxis: { categories: [...categories], ...(horizontal ? counted : { labels: { style: LETTERING } }) },
        yaxis: horizontal ? named : counted,
        legend: { position: 'top', fontSize: '16px' },
        ...(valueText ? { tooltip: { y: { formatter: valueText } } } : {}),
      }}
    />
  );
}
