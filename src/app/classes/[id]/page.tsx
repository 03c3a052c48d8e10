import { notFound } from 'next/navigation';
import { database } from '@/server/database';
import { loadClassroom } from '@/server/classroom';
import { idFrom } from '@/server/ids';
import { replyOf } from '@/server/plans';
import { listPeople } from '@/store/people';
import { PlanDesk } from './plan-desk';

export default async function ClassPage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await database();
  const room = id.ok ? await loadClassroom(db, id.value) : null;
  if (!room) notFound();
  const { info, people, bag, shown, own, checkIns, attended, last } = room;
  const initial = replyOf(room.stored.history, room.stored.version);
  return (
    <PlanDesk
      room={{ info, people, bag, shown, own, checkIns, attended, last }}
      initial={initial}
      everyone={await listPeople(db)}
    />
  );
}
