'use client';

import { useCallback, useState } from 'react';
import type { Result } from '@/core/result';
import { steadyBeginning, type RoomAnswer, type RoomFeed } from '@/core/teach';
import { useAskedAgain } from './use-asked-again';

const ASK_EVERY_MS = 1_000;

/** A class as the server has it, by this machine's clock; `lost` while the server does not answer. */
export type Followed = {
  readonly feed: RoomFeed;
  readonly startedAtMs: number;
  readonly lost: boolean;
  /** The same for as long as nothing happens. */
  readonly seen: string;
};

/** Follows a class that is taught on another machine; null until it begins, and without a class. */
export function useRoomFeed(classId: string | null): Followed | null {
  const [followed, setFollowed] = useState<Followed | null>(null);
  const hear = useCallback((told: Result<RoomAnswer>) => {
    if (told.ok) setFollowed((before) => after(before, told.value));
    else if (told.code === 'not-found') setFollowed(null);
    else setFollowed((before) => before && { ...before, lost: true });
  }, []);
  useAskedAgain(classId && `/api/classes/${classId}/room`, ASK_EVERY_MS, hear);
  return followed;
}

function after(before: Followed | null, { feed, classMs, seen }: RoomAnswer): Followed | null {
  const now = feed ?? before?.feed;
  if (!now) return null;
  const startedAtMs = steadyBeginning(before?.startedAtMs ?? null, Date.now() - classMs / now.rate);
  const isSame = before !== null && !feed && startedAtMs === before.startedAtMs && !before.lost;
  return isSame ? before : { feed: now, startedAtMs, lost: false, seen };
}
