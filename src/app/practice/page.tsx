import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { DrillDesk } from './drill-desk';

export const metadata: Metadata = { title: 'Practice' };

/** Drills of two minutes, with people who are made up. */
export default async function PracticePage() {
  // Whoever may not pass the gate sees no page, this one included.
  await pageData();
  return (
    <Page>
      <PageHead
        title="Practice"
        line="Drills of two minutes, one question after the other. Nobody in them is real, and nothing of them is kept."
      />
      <DrillDesk />
      <Limits />
    </Page>
  );
}
