import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { loadClassToBegin } from '@/server/classes/classroom';
import { idFrom } from '@/server/shell/ids';
import { buttonClass } from '@/ui/form/button';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { DoorDesk } from './door-desk';

export const metadata: Metadata = { title: 'At the door' };

export default async function DoorPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const room = id.ok ? await loadClassToBegin(await pageData(), id.value) : null;
  if (!room) notFound();
  const { info, people, checkIns, stored } = room;
  return (
    <Page wide>
      <PageHead
        title={`At the door: ${info.name}, week ${info.week}`}
        line="A few taps each; the plan follows at once."
      >
        <Link href={`/classes/${info.id}/teach`} className={buttonClass('main')}>
          On to teaching
        </Link>
        <Link href={`/classes/${info.id}`} className={buttonClass('plain')}>
          Back to the plan
        </Link>
      </PageHead>
      {people.length === 0 ? (
        <Empty>Nobody is expected yet. Choose who comes on the plan.</Empty>
      ) : info.status !== 'planned' ? (
        <Empty>This class has begun. What happens now is marked while teaching.</Empty>
      ) : (
        <DoorDesk info={info} people={people} first={checkIns} plan={stored.history.plan} />
      )}
      <Limits />
    </Page>
  );
}
