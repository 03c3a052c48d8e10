import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { settingsNow } from '@/server/shell/settings';
import { hostSheet } from '@/server/sheets/summaries';
import { buttonClass } from '@/ui/form/button';
import { Limits, Page, PageHead } from '@/ui/page/page';
import { PaperButtons } from '@/ui/paper/paper-buttons';
import { printedPages } from '@/server/sheets/printed-pages';
import { SheetView } from '@/ui/paper/sheet-view';

export const metadata: Metadata = { title: 'How the group did' };

export default async function SummaryPage({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  const db = await pageData();
  const sheet = await hostSheet(db, id);
  if (!sheet) notFound();
  const { paper } = await settingsNow(db);
  return (
    <Page>
      <div className="no-print">
        <PageHead title="Summary for the host">
          <PaperButtons print="Print" file={`/files/out/host/${id}`} paper={paper} />
          <Link href={`/terms/${id}`} className={buttonClass()}>
            Back to the term
          </Link>
        </PageHead>
      </div>
      <SheetView sheet={sheet} printed={await printedPages(sheet, paper)} label="For the host" />
      <div className="no-print">
        <Limits />
      </div>
    </Page>
  );
}
