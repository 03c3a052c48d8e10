'use client';

import { useEffect, useState } from 'react';
import { ROOM_CHANNEL, viewFrom, type RoomMessage, type RoomView } from '@/core/teach/room';

const ASK_EVERY_MS = 2_000;

/** The class as the instructor's screen last told it; asked for until there is one. */
export function useRoom(): RoomView | null {
  const [view, setView] = useState<RoomView | null>(null);
  useEffect(() => {
    const channel = new BroadcastChannel(ROOM_CHANNEL);
    let heard = false;
    const ask = () => heard || channel.postMessage({ kind: 'ask' } satisfies RoomMessage);
    channel.onmessage = ({ data }) => {
      const told = viewFrom(data);
      if (!told) return;
      heard = true;
      setView(told);
    };
    ask();
    const timer = setInterval(ask, ASK_EVERY_MS);
    return () => {
      clearInterval(timer);
      channel.close();
    };
  }, []);
  return view;
}
