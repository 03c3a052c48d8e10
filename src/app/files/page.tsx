import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { today } from '@/server/shell/today';
import { listClasses } from '@/store/classes';
import { listOwn } from '@/store/own-movements';
import { listPeople } from '@/store/people';
import { listTerms } from '@/store/terms';
import { Page, PageHead } from '@/ui/page/page';
import { BringIn } from './bring-in';
import { TakeOut } from './take-out';

export const metadata: Metadata = { title: 'Files' };

export default async function FilesPage({ searchParams }: { searchParams: Promise<{ dropped?: string }> }) {
  const db = await pageData();
  const { dropped } = await searchParams;
  const own = (await listOwn(db)).filter((o) => !o.archived);
  return (
    <Page>
      <PageHead
        title="Files"
        line="In open formats, to take elsewhere or to bring in. A file may be dropped on any page."
      />
      <BringIn
        key={dropped ?? ''}
        people={await listPeople(db, 'current', 'newest')}

        today={today()}
      />
      <TakeOut
        classes={await listClasses(db)}
        terms={await listTerms(db)}
        movements={own.map(({ movement }) => ({ id: movement.id, name: movement.name }))}
      />
    </Page>
  );
}
