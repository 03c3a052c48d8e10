import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { settingsNow } from '@/server/shell/settings';
import { personSheet } from '@/server/sheets/summaries';
import { today } from '@/server/shell/today';
import { buttonClass } from '@/ui/form/button';
import { Page, PageHead } from '@/ui/page/page';
import { PaperButtons } from '@/ui/paper/paper-buttons';
import { printedPages } from '@/server/sheets/printed-pages';
import { SheetView } from '@/ui/paper/sheet-view';

export const metadata: Metadata = { title: 'Summary' };

export default async function PersonSummaryPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const db = await pageData();
  const sheet = await personSheet(db, id, today());
  if (!sheet) notFound();
  const { paper } = await settingsNow(db);
  return (
    <Page>
      <div className="no-print">
        <PageHead title="Summary to hand over">
          <PaperButtons print="Print" file={`/files/out/person/${id}`} paper={paper} />
          <Link href={`/people/${id}/results`} className={buttonClass()}>
            Back to the results
          </Link>
        </PageHead>
      </div>
      <SheetView sheet={sheet} printed={await printedPages(sheet, paper)} label="Summary" />
    </Page>
  );
}
