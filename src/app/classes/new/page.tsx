import type { Metadata } from 'next';
import { today } from '@/server/shell/today';
import { pageData } from '@/server/lock/request-identity';
import { listClasses } from '@/store/classes';
import { listPeople } from '@/store/people';
import { Page, PageHead } from '@/ui/page/page';
import { NewClassForm } from './new-class-form';

export const metadata: Metadata = { title: 'Make a class' };

export default async function NewClassPage() {
  const db = await pageData();
  // Who comes to a second series is for its instructor to say.
  const isFirst = (await listClasses(db)).length === 0;
  const people = isFirst ? (await listPeople(db, 'current', 'none')).map((p) => p.id) : [];
  return (
    <Page>
      <PageHead title="Make a class" line="The first of a series; each next one starts from the last." />
      <NewClassForm today={today()} people={people} />
    </Page>
  );
}
