import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { loadClassroom } from '@/server/classes/classroom';
import { idFrom } from '@/server/shell/ids';
import { replyOf } from '@/server/classes/plans';
import { listBlocks } from '@/store/blocks';
import { listClasses } from '@/store/classes';
import { listPeople } from '@/store/people';
import { sharingOf } from '@/server/instructors/instructors';
import { PlanDesk } from './plan-desk';

type Props = {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
};

export default async function ClassPage({ params, searchParams }: Props) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const room = id.ok ? await loadClassroom(db, id.value) : null;
  if (!room) notFound();
  const { stored, ...rest } = room;
  const { begin } = await searchParams;
  const others = (await listClasses(db)).filter((c) => c.id !== room.info.id);
  return (
    <PlanDesk
      room={rest}
      sharing={await sharingOf(db, 'class', room.info.id)}
      initial={replyOf(stored.history, stored.version)}
      everyone={await listPeople(db, 'current', 'newest')}
      blocks={await listBlocks(db)}
      others={others.map(({ id: classId, name, week, day }) => ({ id: classId, name, week, day }))}
      begin={typeof begin === 'string' ? begin : null}
    />
  );
}
