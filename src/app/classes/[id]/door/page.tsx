import { StepsOver } from '../../steps/steps-over';
import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { loadClassToBegin } from '@/server/classes/classroom';
import { idFrom } from '@/server/shell/ids';
import { loadReports } from '@/store/teaching';
import { buttonClass } from '@/ui/form/button';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { DoorDesk } from './door-desk';

export const metadata: Metadata = { title: 'At the door' };

export default async function DoorPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const room = id.ok ? await loadClassToBegin(db, id.value) : null;
  if (!room) notFound();
  const { info, people, checkIns, stored } = room;
  const answers = info.status === 'planned' ? [] : (await loadReports(db, info.id)).answers;
  const said = Object.fromEntries(answers.map((a) => [a.personId, a.checkIn]));
  const isOver = info.status === 'taught' || info.status === 'written up';
  return (
    <>
      <StepsOver db={db} info={info} here="door" />
      <Page wide>
        <PageHead
          title={`At the door: ${info.name}, week ${info.week}`}
          line={
            info.status === 'planned'
              ? 'A few taps each; the plan follows at once.'
              : 'The class has begun: what is said now counts from the row under way on.'
          }
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
        ) : isOver ? (
          <Empty>This class is over. How the hands are afterwards is asked in the wrap-up.</Empty>
        ) : (
          <DoorDesk info={info} people={people} first={{ ...checkIns, ...said }} plan={stored.history.plan} />
        )}
        <Limits />
      </Page>
    </>
  );
}
