import type { Metadata } from 'next';
import { pageData } from '@/server/lock/request-identity';
import { buttonClass } from '@/ui/form/button';
import { Link } from '@/ui/page/link';
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
        line="A whole class with people who are made up, or drills of two minutes. Nobody in them is real."
      />
      <section aria-label="A made-up group" className="mb-8 max-w-3xl border-b pb-6">
        <h2 className="text-xl">A made-up group</h2>
        <p className="text-soft">
          Teach a ready class, or one of your own from its rehearsal, to people who follow, slip and answer.
          Afterwards you see what you met and what you missed.
        </p>
        <div className="mt-3 flex flex-wrap gap-3">
          <Link href="/practice/group" className={buttonClass('main')}>
            Choose a class
          </Link>
          <Link href="/practice/past" className={buttonClass()}>
            Practice classes so far
          </Link>
        </div>
      </section>
      <h2 className="mb-1 text-xl">Drills</h2>
      <p className="mb-2 text-soft">One question after the other; nothing of them is kept.</p>
      <DrillDesk />
      <Limits />
    </Page>
  );
}
