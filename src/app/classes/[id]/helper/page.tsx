import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { pageData } from '@/server/lock/request-identity';
import { idFrom } from '@/server/shell/ids';
import { rowsOfSnapshot } from '@/core/teach';
import { fullName } from '@/core/people';
import { findClass } from '@/store/classes';
import { loadMarks, loadTaught } from '@/store/teaching';
import { buttonClass } from '@/ui/form/button';
import { Page, PageHead } from '@/ui/page/page';
import { HelperScreen } from './helper-screen';

export const metadata: Metadata = { title: 'Marks' };

/** What a helper sees: who is there, and what happened in a row; nothing of anybody's health. */
export default async function HelperPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const info = id.ok ? await findClass(db, id.value) : null;
  if (!info) notFound();
  const taught = await loadTaught(db, info.id);
  const { catalogue } = await catalogueNow(db);
  const rows = taught ? rowsOfSnapshot(taught.snapshot, catalogue, taught.state.changes) : [];
  return (
    <Page>
      <PageHead title={`Marks: ${info.name}`} line="Tap what happened; it is stored at once.">
        <a href="/room" target="_blank" className={buttonClass()}>
          Room screen
        </a>
      </PageHead>
      <HelperScreen
        classId={info.id}
        stage={!taught ? 'before' : taught.ended ? 'over' : 'under way'}
        startedAtMs={taught?.startedAtMs ?? 0}
        rowNow={taught?.state.rowIndex ?? 0}
        rows={rows.map(({ rowId, title }) => ({ rowId, title }))}
        people={(taught?.snapshot.people ?? []).map((p) => ({ id: p.id, name: fullName(p) }))}
        marks={taught ? await loadMarks(db, info.id) : []}
      />
    </Page>
  );
}
