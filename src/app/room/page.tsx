import type { Metadata } from 'next';
import { pageData, requesterKind } from '@/server/lock/request-identity';
import { listOwn } from '@/store/own-movements';
import { WithPutAway } from '@/ui/own-movements';
import { RoomScreen } from './room-screen';

export const metadata: Metadata = { title: 'Room screen' };

export default async function RoomPage() {
  const asker = await requesterKind();
  const own = await listOwn(await pageData());
  return (
    <WithPutAway own={own.filter((o) => o.archived)}>
      <RoomScreen helpersClass={'classId' in asker ? asker.classId : null} />
    </WithPutAway>
  );
}
