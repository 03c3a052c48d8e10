'use client';

import { useMemo } from 'react';
import { roomFeed, type RoomView } from '@/core/teach';
import { useCatalogue } from '@/ui/catalogue';
import type { Teaching } from './use-teaching';
import type { CountSettings } from '@/ui/hooks/use-count-settings';

type ClassClock = Pick<RoomView, 'classId' | 'startedAtMs' | 'rate'>;

/** What the room window is told of the class, as this instructor has the count. */
export function useRoomView(
  { classId, startedAtMs, rate }: ClassClock,
  { rows, state }: Teaching,
  { mirror, style }: CountSettings,
): RoomView {
  const catalogue = useCatalogue();
  return useMemo(
    () => ({ ...roomFeed({ classId, rate }, rows, state, catalogue), startedAtMs, mirror, style }),
    [classId, startedAtMs, rate, rows, state, mirror, style, catalogue],
  );
}
