import { notFound } from 'next/navigation';
import { clockRate } from '@/server/today';
import { pageData } from '@/server/lock/whose';
import { checkOfClass } from '@/server/check-of';
import { loadClassroom } from '@/server/classroom';
import { settingsNow } from '@/server/settings';
import { idFrom } from '@/server/ids';
import { loadOwnRungs } from '@/store/progress';
import { loadMarks, loadTaught } from '@/store/teaching';
import { BeforeStart } from './before-start';
import { TeachRoom } from './teach-room';

export default async function TeachPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const room = id.ok ? await loadClassroom(db, id.value) : null;
  if (!room) notFound();
  const taught = await loadTaught(db, room.info.id);
  if (!taught) return <BeforeStart info={room.info} {...outstanding(room)} />;
  return (
    <TeachRoom
      info={room.info}
      taught={taught}
      firstMarks={await loadMarks(db, room.info.id)}
      rate={clockRate()}
      ownRungs={await loadOwnRungs(db, room.info.seriesId)}
      venueSafety={(await settingsNow(db)).venueSafety}
    />
  );
}

function outstanding(room: NonNullable<Awaited<ReturnType<typeof loadClassroom>>>) {
  const { timing, findings } = checkOfClass(room);
  return {
    rows: timing.rows.length,
    totalMs: timing.totalMs,
    asked: room.people.filter((p) => room.checkIns[p.id]).length,
    musts: findings.filter((f) => f.severity === 'must').map((f) => f.text),
  };
}
