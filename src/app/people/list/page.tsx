import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { today } from '@/server/shell/today';
import { upcomingClasses } from '@/store/classes';
import { listPeople } from '@/store/people';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { PeopleBox } from './people-box';

export const metadata: Metadata = { title: 'A list of people' };

export default async function ListPage() {
  const db = await pageData();
  const people = await listPeople(db, 'current', 'none');
  const classes = (await upcomingClasses(db, today())).filter((c) => c.status === 'planned');
  return (
    <Page>
      <PageHead
        title="A list of people"
        line="As it stands on paper: one person a line, then what you know. Nobody is added until you say so."
      />
      <PeopleBox
        people={people}
        thisYear={Number(today().slice(0, 4))}
        classes={classes.map(({ id, name, week, day }) => ({ id, name, week, day }))}
      />
      <Limits />
    </Page>
  );
}
