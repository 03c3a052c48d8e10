'use client';

import { useEffect, useRef } from 'react';
import { ROOM_CHANNEL, type RoomMessage, type RoomView } from '@/core/teach/room';

/** Tells the room window each change, and whenever it asks. */
export function useRoomChannel(view: RoomView): void {
  const latest = useRef(view);
  const channel = useRef<BroadcastChannel | null>(null);
  useEffect(() => {
    const open = new BroadcastChannel(ROOM_CHANNEL);
    channel.current = open;
    const tell = () => open.postMessage({ kind: 'view', view: latest.current } satisfies RoomMessage);
    open.onmessage = ({ data }: MessageEvent<RoomMessage>) => data.kind === 'ask' && tell();
    tell();
    return () => open.close();
  }, []);
  useEffect(() => {
    latest.current = view;
    channel.current?.postMessage({ kind: 'view', view } satisfies RoomMessage);
  }, [view]);
}
