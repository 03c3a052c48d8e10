'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef } from 'react';
import type { Person } from '@/core/people';
import type { ClassAnswer } from '@/core/teach';

/** Somebody who was asked at the door after the class began is in it from then on: the page is loaded again, once for each. */
export function useWhoJoined(people: readonly Person[], answers: readonly ClassAnswer[]): void {
  const router = useRouter();
  const fetched = useRef(new Set<string>());
  useEffect(() => {
    const joined = answers
      .map((a) => a.personId)
      .filter((id) => !fetched.current.has(id) && people.every((p) => p.id !== id));
    if (joined.length === 0) return;
    joined.forEach((id) => fetched.current.add(id));
    router.refresh();
  }, [people, answers, router]);
}
