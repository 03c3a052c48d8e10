import type { Metadata } from 'next';
import { whoAsks } from '@/server/lock/whose';
import { RoomScreen } from './room-screen';

export const metadata: Metadata = { title: 'Room screen' };

export default async function RoomPage() {
  const asker = await whoAsks();
  return <RoomScreen helpersClass={'classId' in asker ? asker.classId : null} />;
}
