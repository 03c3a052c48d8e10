import { findClass } from '@/store/classes';
import { StepsOver } from '../../steps/steps-over';
import type { Metadata } from 'next';
import { Link } from '@/ui/page/link';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { settingsNow } from '@/server/shell/settings';
import { CLASS_SHEETS, classSheetFrom, classSheetGiven, makeClassSheet } from '@/server/sheets/class-sheet';
import { buttonClass } from '@/ui/form/button';
import { Page, PageHead } from '@/ui/page/page';
import { PaperButtons } from '@/ui/paper/paper-buttons';
import { PartLinks } from '@/ui/page/part-links';
import { printedPages } from '@/server/sheets/printed-pages';
import { SheetView } from '@/ui/paper/sheet-view';

export const metadata: Metadata = { title: 'Paper' };

type Props = { params: Promise<{ id: string }>; searchParams: Promise<{ sheet?: string }> };

export default async function PaperPage({ params, searchParams }: Props) {
  const { id } = await params;
  const which = classSheetFrom((await searchParams).sheet);
  const db = await pageData();
  const given = await classSheetGiven(db, id, which);
  const sheet = given && makeClassSheet(given);
  if (!sheet) notFound();
  const info = await findClass(db, id);
  const { paper } = await settingsNow(db);
  return (
    <>
      {info && <StepsOver db={db} info={info} here="print" />}
      <Page>
        <div className="no-print">
          <PageHead title="Paper">
            <PaperButtons print="Print this sheet" file={`/files/out/${which}/${id}`} paper={paper} />
            <Link href={`/classes/${id}`} className={buttonClass()}>
              Back to the plan
            </Link>
          </PageHead>
        </div>
        <PartLinks
          label="Sheets"
          parts={CLASS_SHEETS}
          chosen={which}
          hrefOf={(other) => `/classes/${id}/paper?sheet=${other}`}
        />
        <SheetView
          sheet={sheet}
          printed={await printedPages(sheet, paper)}
          label={CLASS_SHEETS.find((s) => s.id === which)!.name}
        />
      </Page>
    </>
  );
}
