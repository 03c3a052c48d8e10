import type { ApexOptions } from 'apexcharts';

/** The tokens of globals.css as the charts need them, which draw with no stylesheet. */
export const INK = {
  text: '#1f2a26',
  published: '#942b1f',
  lines: ['#1f2a26', '#17646c', '#67467a', '#4c5a24'],
  valid: '#d8cfbd',
} as const;

const LETTERING = { fontSize: '14px' };

/** An axis with what it measures, and its numbers as large as is easily read. */
export const axisOf = (title: string) => ({
  title: { text: title, style: LETTERING },
  labels: { style: LETTERING },
});

/** A chart that stands still, in the lettering of the page; a table says the same in numbers. */
export const PLAIN: ApexOptions = {
  chart: {
    toolbar: { show: false },
    zoom: { enabled: false },
    animations: { enabled: false },
    fontFamily: 'inherit',
    foreColor: INK.text,
  },
  grid: { borderColor: INK.valid },
  tooltip: { enabled: false },
};
