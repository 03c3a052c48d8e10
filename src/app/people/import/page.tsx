import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { listPeople } from '@/store/people';
import { Page, PageHead } from '@/ui/page/page';
import { ImportPeople } from './import-people';

export const metadata: Metadata = { title: 'Bring people in' };

export default async function ImportPage() {
  const people = await listPeople(await pageData());
  return (
    <Page>
      <PageHead
        title="Bring people in"
        line="From a CSV file with a first line that names its columns. Nothing is kept until you accept it."
      />
      <ImportPeople people={people} />
    </Page>
  );
}
