'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import type { Call } from '@/server/teaching/follow-ups';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';

/** Somebody to ask, and what they answer; worse means less next time. */
export function CallRow({ due }: { due: Call }) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const answer = async (worse: boolean) => {
    const { classId, personId, slot } = due;
    const result = await requestJson('POST', `/api/classes/${classId}/calls`, { personId, slot, worse });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(worse ? 'Kept. More pain afterwards means less next time.' : 'Kept');
    router.refresh();
  };
  return (
    <li className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b py-1">
      <span className="min-w-0 flex-1 basis-96">{due.words}</span>
      <Button onClick={() => answer(false)}>No worse than before</Button>
      <Button onClick={() => answer(true)}>Worse</Button>
      <Trouble message={trouble} />
    </li>
  );
}
