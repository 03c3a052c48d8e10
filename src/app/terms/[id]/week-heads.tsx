import { Link } from '@/ui/page/link';
import type { ClassInfo } from '@/store/classes';
import type { WeekLine } from '@/server/terms/term-view';
import { shortDay } from '@/ui/words/dates';

export type ColumnHead = ClassInfo & { readonly lighter: boolean };

type Props = { columns: readonly ColumnHead[]; weeks: readonly WeekLine[] };

/** Each class of the term: its week and phase, its day, the effort asked and whether it was taught. */
export function WeekHeads({ columns, weeks }: Props) {
  return (
    <thead className="sticky top-0 z-20 bg-paper">
      <tr className="border-b-2 border-edge align-top">
        <th scope="col" className="sticky left-0 z-10 min-w-60 bg-paper px-3 py-2">
          Movement
        </th>
        {columns.map((c) => {
          const week = weeks[c.week - 1];
          const isTaught = c.status !== 'planned';
          return (
            <th key={c.id} scope="col" className="w-29 min-w-29 px-2 py-2 font-normal">
              <Link
                href={`/classes/${c.id}${isTaught ? '/wrap-up' : ''}`}
                className="inline-flex min-h-11 items-center font-bold underline underline-offset-4"
              >
                Week {c.week}
              </Link>
              <span className="block text-sm">{shortDay(c.day)}</span>
              <span className="block text-sm">
                {week?.phase}
                {c.lighter && ', lighter'}
              </span>
              <span className="block text-sm text-soft">
                {isTaught
                  ? 'taught'
                  : week && `effort to ${week.effortMost}, with precautions ${week.effortMostPrecaution}`}
              </span>
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
