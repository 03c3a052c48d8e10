import type { Metadata } from 'next';
import { helpersClass } from '@/server/lock/whose';
import { RoomScreen } from './room-screen';

export const metadata: Metadata = { title: 'Room screen' };

export default async function RoomPage() {
  return <RoomScreen helpersClass={await helpersClass()} />;
}
