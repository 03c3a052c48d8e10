import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { loadClassroom } from '@/server/classes/classroom';
import { idFrom } from '@/server/shell/ids';
import { replyOf } from '@/server/classes/plans';
import { listBlocks } from '@/store/blocks';
import { classProgress } from '@/store/class-progress';
import { listClasses } from '@/store/classes';
import { namesOfPeople } from '@/store/people';
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
  const [all, progress, sharing, everyone, blocks] = await Promise.all([
    listClasses(db),
    classProgress(db, room.info),
    sharingOf(db, 'class', room.info.id),
    namesOfPeople(db),
    listBlocks(db),
  ]);
  const others = all.filter((c) => c.id !== room.info.id);
  return (
    <PlanDesk
      room={rest}
      progress={progress}
      openPeople={(await searchParams).open === 'people'}
      sharing={sharing}
      initial={replyOf(stored.history, stored.version)}
      everyone={everyone}
      blocks={blocks}
      others={others.map(({ id: classId, name, week, day }) => ({ id: classId, name, week, day }))}
      begin={typeof begin === 'string' ? begin : null}
    />
  );
}
