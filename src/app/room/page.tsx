import type { Metadata } from 'next';
import { RoomScreen } from './room-screen';

export const metadata: Metadata = { title: 'Room screen' };

export default function RoomPage() {
  return <RoomScreen />;
}
