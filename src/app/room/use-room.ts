'use client';

import { useEffect, useMemo, useState } from 'react';
import { ROOM_CHANNEL, steadyBeginning, viewFrom, type RoomMessage, type RoomView } from '@/core/teach';
import { useCountSettings } from '@/ui/hooks/use-count-settings';
import { useRoomFeed } from '@/ui/hooks/use-room-feed';

const ASK_EVERY_MS = 2_000;

export type RoomScreen = { readonly view: RoomView | null; readonly lost: boolean };

/** The class as the instructor's screen tells it in this browser; else, for a helper's class, as the server has it. */
export function useRoom(helpersClass: string | null): RoomScreen {
  const told = useToldView();
  const followed = useRoomFeed(told ? null : helpersClass);
  const [{ mirror, style }] = useCountSettings();
  return useMemo(() => {
    if (told || !followed) return { view: told, lost: false };
    const { feed, startedAtMs, lost } = followed;
    return { view: { ...feed, startedAtMs, mirror, style }, lost };
  }, [told, followed, mirror, style]);
}

/** What the instructor's screen last told; asked for until there is something. */
function useToldView(): RoomView | null {
  const [view, setView] = useState<RoomView | null>(null);
  useEffect(() => {
    const channel = new BroadcastChannel(ROOM_CHANNEL);
    let heard = false;
    const ask = () => heard || channel.postMessage({ kind: 'ask' } satisfies RoomMessage);
    channel.onmessage = ({ data }) => {
      const told = viewFrom(data);
      if (!told) return;
      heard = true;
      setView((before) => ({
        ...told,
        startedAtMs: steadyBeginning(
          before?.classId === told.classId ? before.startedAtMs : null,
          told.startedAtMs,
        ),
      }));
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
