'use client';

import { useCallback, useEffect, useRef } from 'react';
import { ROOM_CHANNEL, type RoomMessage, type RoomView } from '@/core/teach';

/** Tells the room window each change, and whenever it asks; without a view nothing. */
export function useRoomChannel(view: RoomView | null, now: () => number): void {
  const latest = useRef(view);
  const channel = useRef<BroadcastChannel | null>(null);
  const tell = useCallback(() => {
    if (!latest.current) return;
    const { rate } = latest.current;
    // By the wall clock as it is at this moment, whatever it was when the class began.
    const startedAtMs = Date.now() - now() / rate;
    const message: RoomMessage = { kind: 'view', view: { ...latest.current, startedAtMs } };
    channel.current?.postMessage(message);
  }, [now]);
  useEffect(() => {
    const open = new BroadcastChannel(ROOM_CHANNEL);
    channel.current = open;
    open.onmessage = ({ data }: MessageEvent<RoomMessage>) => data.kind === 'ask' && tell();
    tell();
    return () => open.close();
  }, [tell]);
  useEffect(() => {
    latest.current = view;
    tell();
  }, [view, tell]);
}
