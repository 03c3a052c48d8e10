import type { Metadata } from 'next';
import Link from 'next/link';
import { plural } from '@/core/words';
import { database } from '@/server/database';
import { listClasses, type ClassInfo } from '@/store/classes';
import { buttonClass } from '@/ui/button';
import { shortDay } from '@/ui/dates';
import { Empty, Page, PageHead } from '@/ui/page';

export const metadata: Metadata = { title: 'Classes' };

export default async function ClassesPage() {
  const classes = await listClasses(await database());
  return (
    <Page>
      <PageHead title="Classes" line="Planned and taught, newest first.">
        <Link href="/classes/new" className={buttonClass('main')}>
          Make a class
        </Link>
      </PageHead>
      {classes.length === 0 ? (
        <Empty>
          <p>No class yet. Make one: a name, a day, when it starts and how long the slot is.</p>
        </Empty>
      ) : (
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="border-b-2 border-edge">
              <th className="py-2 pr-4">Class</th>
              <th className="py-2 pr-4">Day</th>
              <th className="py-2 pr-4">Week</th>
              <th className="py-2 pr-4">People</th>
              <th className="py-2">State</th>
            </tr>
          </thead>
          <tbody>
            {classes.map((c) => (
              <ClassRow key={c.id} info={c} />
            ))}
          </tbody>
        </table>
      )}
    </Page>
  );
}

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
        {shortDay(info.day)}, {info.startsAt}
      </td>
      <td className="tabular pr-4">{info.week}</td>
      <td className="pr-4">{plural(info.expected, 'person', 'people')}</td>
      <td>{info.status}</td>
    </tr>
  );
}
