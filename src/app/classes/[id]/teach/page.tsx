import { notFound } from 'next/navigation';
import { startTime } from '@/core/teach';
import { clockRate, timeOfDay, today } from '@/server/shell/today';
import { pageData } from '@/server/lock/request-identity';
import { checkOfClass } from '@/server/classes/cached-check';
import { loadPlannedClass, type PlannedClass } from '@/server/classes/classroom';
import { idFrom } from '@/server/shell/ids';
import { loadUnderWay } from '@/server/teaching/teaching';
import { BeforeStart } from './before-start';
import { TeachRoom } from './teach-room';

export default async function TeachPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  if (!id.ok) notFound();
  const db = await pageData();
  const underWay = await loadUnderWay(db, id.value);
  if (underWay) return <TeachRoom {...underWay} rate={clockRate()} />;
  const planned = await loadPlannedClass(db, id.value);
  if (!planned) notFound();
  const start = startTime(planned.info, today(), timeOfDay());
  return <BeforeStart info={planned.info} start={start} {...outstanding(planned)} />;
}

function outstanding(planned: PlannedClass) {
  const { timing, findings } = checkOfClass(planned);
  return {
    rows: timing.rows.length,
    totalMs: timing.totalMs,
    asked: planned.people.filter((p) => planned.checkIns[p.id]).length,
    musts: findings.filter((f) => f.severity === 'must').map((f) => f.text),
  };
}
