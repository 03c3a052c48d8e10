import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { addDays } from '@/core/days';
import { pageData } from '@/server/lock/request-identity';
import { today } from '@/server/shell/today';
import { lastDoneDays } from '@/store/classes';
import { buttonClass } from '@/ui/form/button';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { Shelf } from './shelf';

export const metadata: Metadata = { title: 'Movements' };

const RESTED_DAYS = 21;

export default async function MovementsPage() {
  const day = today();
  const restedBefore = addDays(day, -RESTED_DAYS);
  const lastDone = await lastDoneDays(await pageData(), restedBefore, day);
  return (
    <Page wide>
      <PageHead title="Movements" line="All movements, by section.">
        <Link href="/movements/new" className={buttonClass('plain')}>
          Make your own
        </Link>
      </PageHead>
      <Shelf today={day} lastDone={lastDone} restedBefore={restedBefore} />
      <Limits />
    </Page>
  );
}
