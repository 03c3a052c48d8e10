import type { Metadata } from 'next';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { notFound } from 'next/navigation';
import { catalogueNow } from '@/server/catalogue/catalogue';
import { pageData } from '@/server/lock/request-identity';
import { idFrom } from '@/server/shell/ids';
import { ownWays } from '@/core/progress';
import { peopleNow, rowsOfSnapshot, type Reports, type Snapshot } from '@/core/teach';
import { fullName, seatingOf } from '@/core/people';
import { findClass } from '@/store/classes';
import { loadOwnRungs } from '@/store/progress';
import { loadReports, loadTaught } from '@/store/teaching';
import { buttonClass } from '@/ui/form/button';
import { Page, PageHead } from '@/ui/page/page';
import { HelperScreen } from './helper-screen';

export const metadata: Metadata = { title: 'Marks' };

const NOTHING: Reports = { marks: [], answers: [] };

/** What a helper sees: who is there, how each does the row under way, and what happened in it; never why. */
export default async function HelperPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const info = id.ok ? await findClass(db, id.value) : null;
  if (!info) notFound();
  const taught = await loadTaught(db, info.id);
  const { catalogue } = await catalogueNow(db);
  const { marks, answers } = taught ? await loadReports(db, info.id) : NOTHING;
  const rows = taught ? rowsOfSnapshot(taught.snapshot, catalogue, taught.state.changes) : [];
  const rowNow = rows[taught?.state.rowIndex ?? 0];
  const ways =
    taught && rowNow
      ? ownWays(
          {
            row: rowNow,
            people: peopleNow(taught.snapshot.people, { marks, answers }),
            rungShifts: taught.state.rungShifts,
            ownRungs: await loadOwnRungs(db, info.seriesId),
          },
          { table: CAUTIONS, catalogue, today: info.day, breathMs: taught.snapshot.plan.breathMs },
        )
      : [];
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
        people={taught ? seatedFirst(taught.snapshot) : []}
        ways={{ rowId: rowNow?.rowId ?? '', of: ways }}
        marks={marks}
      />
    </Page>
  );
}

/** Everybody of the class, those whom a helper sits beside first, with that helper. */
function seatedFirst({ people, helpers }: Snapshot) {
  const seats = seatingOf(people, helpers);
  const withHelper = people.map((p) => ({
    id: p.id,
    name: fullName(p),
    helper: seats.find((seat) => seat.people.some((q) => q.id === p.id))?.helper ?? null,
  }));
  return [...withHelper].sort((a, b) => Number(b.helper !== null) - Number(a.helper !== null));
}
