import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { pageData } from '@/server/lock/request-identity';
import { listPeople } from '@/store/people';
import { buttonClass } from '@/ui/form/button';
import { Empty, Page, PageHead } from '@/ui/page/page';
import { ArchivedPeople } from './archived-people';
import { PeopleTable } from './people-table';

export const metadata: Metadata = { title: 'People' };

export default async function PeoplePage() {
  const db = await pageData();
  const people = await listPeople(db, 'current', 'none');
  const archived = await listPeople(db, 'archived', 'none');
  return (
    <Page>
      <PageHead title="People" line="Only what changes a plan is kept here.">
        <Link href="/people/list" className={buttonClass(people.length === 0 ? 'main' : 'plain')}>
          Write a list
        </Link>
        <Link href="/people/import" className={buttonClass()}>
          Bring in a file
        </Link>
        {people.length > 0 && (
          <a href="/people/export" className={buttonClass()} download="people.csv">
            Take as a file
          </a>
        )}
        <Link href="/people/new" className={buttonClass(people.length === 0 ? 'plain' : 'main')}>
          Add a person
        </Link>
      </PageHead>
      {people.length === 0 ? (
        <Empty>
          <p>
            Nobody yet. Write the list of those who come as it stands on paper, or add them one by one: a
            first name, which hand has what, and what they would like to be able to do. Each row of a class is
            then judged for each of them.
          </p>
        </Empty>
      ) : (
        <PeopleTable people={people} />
      )}
      {archived.length > 0 && <ArchivedPeople people={archived} />}
    </Page>
  );
}
