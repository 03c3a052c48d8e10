import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { settingsNow } from '@/server/shell/settings';
import { clockRate, today } from '@/server/shell/today';
import { upcomingClasses } from '@/store/classes';
import { listPeople } from '@/store/people';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { Meant } from '@/ui/page/word';
import { Bench } from './bench';

export const metadata: Metadata = { title: 'Loading bench' };

export default async function LoadingPage() {
  const db = await pageData();
  const { floorLoading } = await settingsNow(db);
  const people = await listPeople(db, 'current', 'newest');
  const classes = (await upcomingClasses(db, today())).filter((c) => c.status === 'planned');
  return (
    <Page wide>
      <PageHead title="Loading bench" line="How much weight a lean puts through each wrist." />
      <Bench
        floor={floorLoading === 'on'}
        people={people}
        today={today()}
        rate={clockRate()}
        classes={classes.map(({ id, name, week }) => ({ id, name: `${name}, week ${week}` }))}
      />
      <Meant of={['loading']} />
      <Limits />
    </Page>
  );
}
