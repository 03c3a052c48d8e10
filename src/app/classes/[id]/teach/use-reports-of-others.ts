'use client';

import { useCallback } from 'react';
import type { Result } from '@/core/result';
import type { Reports } from '@/core/teach';
import { useAskedAgain } from '@/ui/hooks/use-asked-again';

const ASK_EVERY_MS = 2_000;

/** Hears what helpers mark and what is said at the door while the class goes on; without a class nothing. */
export function useReportsOfOthers(classId: string | null, hear: (told: Reports) => void): void {
  const take = useCallback(
    (told: Result<{ seen: string; reports?: Reports }>) => {
      if (told.ok && told.value.reports) hear(told.value.reports);
    },
    [hear],
  );
  useAskedAgain(classId && `/api/classes/${classId}/reports`, ASK_EVERY_MS, take);
}
