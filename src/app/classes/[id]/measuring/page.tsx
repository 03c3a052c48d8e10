import { StepsOver } from '../../steps/steps-over';
import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { fullName } from '@/core/people';
import { pageData } from '@/server/lock/request-identity';
import { idFrom } from '@/server/shell/ids';
import { findClass } from '@/store/classes';
import { peopleOfClass } from '@/store/people';
import { loadVisits } from '@/store/visits';
import { buttonClass } from '@/ui/form/button';
import { longDay } from '@/ui/words/dates';
import { Empty, Page, PageHead } from '@/ui/page/page';
import { MeasuringDesk } from './measuring-desk';

export const metadata: Metadata = { title: 'Measuring day' };

export default async function MeasuringPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const info = id.ok ? await findClass(db, id.value) : null;
  if (!info) notFound();
  const people = await peopleOfClass(db, info.id);
  return (
    <>
      <StepsOver db={db} info={info} here={null} />
      <Page wide>
        <PageHead
          title={`Measuring day: ${info.name}`}
          line={`${longDay(info.day)}. Everyone through every station, one at a time at each, in whatever order is shortest.`}
        >
          <Link href={`/classes/${info.id}`} className={buttonClass()}>
            Back to the class
          </Link>
        </PageHead>
        {people.length === 0 ? (
          <Empty>
            <p>Nobody is on the list of this class yet.</p>
          </Empty>
        ) : (
          <MeasuringDesk
            classId={info.id}
            people={people.map((p) => ({ id: p.id, name: fullName(p) }))}
            stored={await loadVisits(db, info.id)}
          />
        )}
      </Page>
    </>
  );
}
