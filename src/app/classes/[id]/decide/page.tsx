import { StepsOver } from '../../steps/steps-over';
import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { decisionsOf } from '@/server/progress/proposals';
import { idFrom } from '@/server/shell/ids';
import { findClass } from '@/store/classes';
import { buttonClass } from '@/ui/form/button';
import { longDay } from '@/ui/words/dates';
import { Empty, Limits, Page, PageHead } from '@/ui/page/page';
import { DecideDesk } from './decide-desk';
import { GroupRungs } from './group-rungs';
import { NotShown } from './not-shown';
import { Word } from '@/ui/page/word';
import { WorkedOut } from '@/ui/page/worked-out';

export const metadata: Metadata = { title: 'Who moves on' };

export default async function DecidePage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const info = id.ok ? await findClass(db, id.value) : null;
  if (!info) notFound();
  const decisions = await decisionsOf(db, info.id);
  return (
    <>
      <StepsOver db={db} info={info} here="decide" />
      <Page wide>
        <PageHead
          title={`Who moves on: ${info.name}, week ${info.week}`}
          line={`${longDay(info.day)}. Proposals with their reasons; nothing moves by itself.`}
        />
        {decisions ? (
          <>
            <DecideDesk classId={info.id} people={decisions.people} proposals={decisions.proposals} />
            <GroupRungs group={decisions.group} />
            <NotShown notShown={decisions.notShown} />
            <p className="mt-6 text-sm text-soft">
              What is meant by a <Word of="rung">rung</Word>. Effort and pain are of ten, as people say them
              (Borg 1998; Thomeé 1997). <WorkedOut id="effort" />
            </p>
          </>
        ) : (
          <Empty>
            <p className="mb-4">Proposals come once the class is taught and written up.</p>
            <Link className={buttonClass('main')} href={`/classes/${info.id}/wrap-up`}>
              Go to the wrap-up
            </Link>
          </Empty>
        )}
        <Limits />
      </Page>
    </>
  );
}
