import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { clockText, plural } from '@/core/words';
import { pageData } from '@/server/lock/request-identity';
import { today } from '@/server/shell/today';
import { CLASSES_A_PAGE, listClasses, type ClassInfo } from '@/store/classes';
import { listTakenAway } from '@/store/taken-away';
import { buttonClass } from '@/ui/form/button';
import { listDay } from '@/ui/words/dates';
import { Empty, Page, PageHead } from '@/ui/page/page';
import { Table } from '@/ui/page/table';
import { TakenAwayList } from './taken-away';

export const metadata: Metadata = { title: 'Classes' };

type Props = { searchParams: Promise<{ from?: string }> };

export default async function ClassesPage({ searchParams }: Props) {
  const from = Math.max(0, Math.floor(Number((await searchParams).from ?? 0)) || 0);
  const db = await pageData();
  const [classes, taken] = await Promise.all([listClasses(db, from), listTakenAway(db)]);
  return (
    <Page>
      <PageHead title="Classes" line="Planned and taught, newest first.">
        <Link href="/practice" className={buttonClass()}>
          Practice
        </Link>
        <Link href="/classes/new" className={buttonClass('main')}>
          Make a class
        </Link>
      </PageHead>
      {classes.length === 0 && from === 0 ? (
        <Empty>
          <p>No class yet. Make one: a name, a day, when it starts and how long the slot is.</p>
        </Empty>
      ) : (
        <div className="overflow-x-auto">
          <Table columns={['Class', 'Day', 'Week', 'People', 'State', 'Planned, took']}>
            {classes.map((c) => (
              <ClassRow key={c.id} info={c} />
            ))}
          </Table>
        </div>
      )}
      <p className="mt-4 flex gap-6">
        {from > 0 && (
          <Link
            className="underline underline-offset-4"
            href={`/classes?from=${Math.max(0, from - CLASSES_A_PAGE)}`}
          >
            Newer classes
          </Link>
        )}
        {classes.length === CLASSES_A_PAGE && (
          <Link className="underline underline-offset-4" href={`/classes?from=${from + CLASSES_A_PAGE}`}>
            Older classes
          </Link>
        )}
      </p>
      <TakenAwayList taken={taken} />
    </Page>
  );
}

const timesText = ({ plannedMs, actualMs }: NonNullable<ClassInfo['times']>): string =>
  `${clockText(plannedMs)}, ${clockText(actualMs)}`;

function ClassRow({ info }: { info: ClassInfo }) {
  const done = info.status === 'taught' || info.status === 'written up';
  return (
    <tr className="border-b">
      <th scope="row" className="pr-4">
        <Link
          href={`/classes/${info.id}${done ? '/wrap-up' : ''}`}
          className="inline-flex min-h-11 items-center underline underline-offset-4"
        >
          {info.name}
        </Link>
      </th>
      <td className="tabular pr-4">
        {listDay(info.day, today())}, {info.startsAt}
      </td>
      <td className="tabular pr-4">{info.week}</td>
      <td className="pr-4">{plural(info.expected, 'person', 'people')}</td>
      <td className="pr-4">{info.status}</td>
      <td className="tabular">{info.times && timesText(info.times)}</td>
    </tr>
  );
}
