'use client';

import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';

type Props = { classId: string; propId: string; packed: boolean; children: ReactNode };

/** One thing for the bag, with its tick. */
export function PackLine({ classId, propId, packed, children }: Props) {
  const router = useRouter();
  const [shown, setShown] = useState(packed);
  const [trouble, setTrouble] = useState<string | null>(null);
  const tick = async (on: boolean) => {
    setShown(on);
    const result = await requestJson('PUT', `/api/classes/${classId}/packed`, { propId, packed: on });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) setShown(!on);
    else router.refresh();
  };
  return (
    <li className="border-b">
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="size-6 shrink-0 accent-ink"
          checked={shown}
          onChange={(e) => void tick(e.target.checked)}
        />
        <span className={shown ? 'text-soft line-through' : ''}>{children}</span>
      </label>
      <Trouble message={trouble} />
    </li>
  );
}
