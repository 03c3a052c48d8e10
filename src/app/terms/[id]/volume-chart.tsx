import type { WeekLine } from '@/server/terms/term-view';
import { PairBars } from '@/ui/hand/pair-bars';
import type { VolumeLine } from './volume-lines';

/** One line of the table as a picture: planned beside done, week by week. */
export function VolumeChart({ weeks, line }: { weeks: readonly WeekLine[]; line: VolumeLine }) {
  const rounded = (n: number) => Number(n.toFixed(line.digits));
  return (
    <div role="img" aria-label={`${line.name}, planned and done by week, as in the table above`}>
      <PairBars
        height={280}
        series={[
          { name: 'planned', data: weeks.map((w) => rounded(line.of(w.planned))) },
          { name: 'done', data: weeks.map((w) => (w.done ? rounded(line.of(w.done)) : null)) },
        ]}
        categories={weeks.map((w) => `week ${w.week}`)}
        unit={line.unit}
      />
    </div>
  );
}
