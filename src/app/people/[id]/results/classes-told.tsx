import { sessionLoad } from '@/core/measure';
import { Link } from '@/ui/page/link';
import { painPair, type ClassLine } from '@/core/people';
import { plural } from '@/core/words';
import { dayWithYear, shortDay } from '@/ui/words/dates';
import { Table } from '@/ui/page/table';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = {
  classes: readonly ClassLine[];
  home: { readonly cards: number; readonly days: number };
  /** Every class there ever was, not only those of late. */
  all: boolean;
  /** The page that shows all. */
  allHref: string;
};

/** About half a year. */
const OF_LATE = 26;

/** What was said in each class: pain before and after in both hands, effort; and what was done at home. */
export function ClassesTold({ classes, home, all, allHref }: Props) {
  if (classes.length === 0) return null;
  const shown = [...classes].reverse().slice(0, all ? undefined : OF_LATE);
  const came = classes.filter((c) => c.present).length;
  return (
    <section aria-label="Classes" className="mb-8">
      <h2 className="text-xl">Classes</h2>
      <p>
        Came to {came} of {classes.length}.
        {home.cards > 0 &&
          ` At home: ${plural(home.days, 'day')} told of, from ${plural(home.cards, 'card')}.`}
      </p>
      <Table
        className="tabular mt-1"
        columns={[
          'Day',
          'Pain before, left and right',
          'Pain after, left and right',
          { number: 'Effort, of ten' },
          { number: 'Load' },
        ]}
      >
        {shown.map((c) => (
          <tr key={c.day} className="border-b">
            <th scope="row" className="py-1.5 pr-6 font-normal">
              {all ? dayWithYear(c.day) : shortDay(c.day)}
            </th>
            <td className="pr-6">{c.present ? painPair(c.painBefore) : 'away'}</td>
            <td className="pr-6">{c.present ? painPair(c.painAfter) : ''}</td>
            <td className="pr-6 text-right">{c.present ? (c.effort ?? 'not said') : ''}</td>
            <td className="text-right">{c.present ? sessionLoad(c.effort, c.minutes ?? 0) : ''}</td>
          </tr>
        ))}
      </Table>
      <p className="mt-1 text-sm text-soft">
        Pain and effort are of ten (Borg 1998). Load is effort times the minutes of the class (Foster et al.
        2001); it compares one person’s classes. <WorkedOut id="effort" />
      </p>
      {shown.length < classes.length && (
        <p className="mt-2">
          <Link className="underline underline-offset-4" href={allHref}>
            Show all {classes.length} classes
          </Link>
        </p>
      )}
    </section>
  );
}
