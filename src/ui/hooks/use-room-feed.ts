'use client';

import { useEffect, useState } from 'react';
import { steadyBeginning, type RoomAnswer, type RoomFeed } from '@/core/teach';
import { requestJson } from '../request-json';

const ASK_EVERY_MS = 1_000;

/** A class as the server has it, by this machine's clock; `lost` while the server does not answer. */
export type Followed = {
  readonly feed: RoomFeed;
  readonly startedAtMs: number;
  readonly lost: boolean;
};

/** Follows a class that is taught on another machine; null until it begins, and without a class. */
export function useRoomFeed(classId: string | null): Followed | null {
  const [followed, setFollowed] = useState<Followed | null>(null);
  useEffect(() => {
    if (classId === null) return;
    let seen = '';
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const ask = async () => {
      const told = await requestJson<RoomAnswer>(
        'GET',
        `/api/classes/${classId}/room?seen=${encodeURIComponent(seen)}`,
      );
      if (over) return;
      if (told.ok) {
        seen = told.value.seen;
        setFollowed((before) => after(before, told.value));
      } else if (told.code === 'not-found') {
        seen = '';
        setFollowed(null);
      } else setFollowed((before) => before && { ...before, lost: true });
      timer = setTimeout(() => void ask(), ASK_EVERY_MS);
    };
    void ask();
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [classId]);
  return followed;
}

function after(before: Followed | null, { feed, classMs }: RoomAnswer): Followed | null {
  const now = feed ?? before?.feed;
  if (!now) return null;
  const startedAtMs = steadyBeginning(before?.startedAtMs ?? null, Date.now() - classMs / now.rate);
  const isSame = before !== null && !feed && startedAtMs === before.startedAtMs && !before.lost;
  return isSame ? before : { feed: now, startedAtMs, lost: false };
}
