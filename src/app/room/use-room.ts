'use client';

import { useEffect, useMemo, useState } from 'react';
import { ROOM_CHANNEL, steadyBeginning, viewFrom, type RoomMessage, type RoomView } from '@/core/teach';
import { useCountSettings } from '@/ui/hooks/use-count-settings';
import { useRoomFeed } from '@/ui/hooks/use-room-feed';

const ASK_EVERY_MS = 2_000;
/** Not heard of for so long, the other window is away. */
const AWAY_AFTER_MS = 7_000;

/** What is not heard of any more: the teaching window of this browser, or Oskil itself. */
export type Lost = 'window' | 'Oskil' | null;
export type RoomScreen = { readonly view: RoomView | null; readonly lost: Lost };

/** The class as the instructor's screen tells it in this browser; else, for a helper's class, as the server has it. */
export function useRoom(helpersClass: string | null): RoomScreen {
  const { view: told, away } = useToldView();
  const followed = useRoomFeed(told ? null : helpersClass);
  const [{ mirror, style }] = useCountSettings();
  return useMemo(() => {
    if (told || !followed) return { view: told, lost: away ? 'window' : null };
    const { feed, startedAtMs, lost } = followed;
    return { view: { ...feed, startedAtMs, mirror, style }, lost: lost ? 'Oskil' : null };
  }, [told, away, followed, mirror, style]);
}

/** What the instructor's screen last told, and whether it answers still. */
function useToldView(): { readonly view: RoomView | null; readonly away: boolean } {
  const [view, setView] = useState<RoomView | null>(null);
  const [away, setAway] = useState(false);
  useEffect(() => {
    const channel = new BroadcastChannel(ROOM_CHANNEL);
    let heardAt: number | null = null;
    const ask = () => {
      setAway(heardAt !== null && performance.now() - heardAt > AWAY_AFTER_MS);
      channel.postMessage({ kind: 'ask' } satisfies RoomMessage);
    };
    channel.onmessage = ({ data }) => {
      const told = viewFrom(data);
      if (!told) return;
      heardAt = performance.now();
      setAway(false);
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
  return useMemo(() => ({ view, away }), [view, away]);
}
