import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { pageData } from '@/server/lock/request-identity';
import { loadClassToBegin } from '@/server/classes/classroom';
import { idFrom } from '@/server/shell/ids';
import { settingsNow } from '@/server/shell/settings';
import { snapshotOf } from '@/server/teaching/teaching';
import { loadOwnRungs } from '@/store/progress';
import { StepsOver } from '../../steps/steps-over';
import { RehearseDesk } from './rehearse-desk';

export const metadata: Metadata = { title: 'Rehearse' };

export default async function RehearsePage({ params }: { params: Promise<{ id: string }> }) {
  const id = idFrom((await params).id, 'class');
  const db = await pageData();
  const room = id.ok ? await loadClassToBegin(db, id.value) : null;
  if (!room) notFound();
  return (
    <RehearseDesk
      info={room.info}
      snapshot={snapshotOf(room)}
      ownRungs={await loadOwnRungs(db, room.info.seriesId)}
      steps={<StepsOver db={db} info={room.info} here={null} />}
      venueSafety={(await settingsNow(db)).venueSafety}
    />
  );
}
